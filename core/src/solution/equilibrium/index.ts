/** Mass action in a solution: which species, which solids and gases, at which temperature. */
export { equilibrate } from './equilibrate';
export type { Equilibrium, Saturation } from './equilibrate';
