/** The vocabulary of the bench: every kind of observation, in words and as a drawing. */
export {
  clarities,
  describeObservation,
  isUnchanged,
  observationSchema,
  settlings,
  smells,
  solidAmounts,
  testWords,
  textures,
  vigours,
  warmths,
} from './observation';
export type { Observation, ObservationKind } from './observation';
export { mergeObservations } from './mergeObservations';
export { drawRecord } from './drawRecord';
export { sights, sightsOf } from './sights';
export type { Sight } from './sights';
