/** Hazards, near names, what may not meet, first aid and the route of waste. */
export { hazardGrades, hazardMark, hazardRank } from './hazardRank';
export { mixedUpSource, mixedUpThings, nearNames } from './nearNames';
export type { NearName } from './nearNames';
export { firstAidSource, protectionSource } from './protection';
export { deferral, hazardsOf } from './hazards';
export { label, labelSchema } from './label';
export type { HazardLabel } from './label';
export type { Bottle, HazardSheet } from './hazards';
export type { HazardCode, Pictogram } from './statements';
export { clashes, heldIn } from './clashes';
export type { Clash, Held } from './clashes';
export {
  classWords,
  incompatibilityClasses,
  incompatibilitySource,
  keepApartFrom,
} from './incompatibility';
export type { Incompatibility, IncompatibilityClass } from './incompatibility';
export { wasteRoute, wasteSource } from './wasteRoute';
export type { WasteRoute } from './wasteRoute';
export { usualCaution } from './usualCaution';
