/** Other reagents that show the same, safer and ranked for a teacher. */
export { alternatives } from './alternatives';
export type { Alternative } from './alternatives';
export { wantedSchema } from './wantedEffect';
export type { Wanted } from './wantedEffect';
