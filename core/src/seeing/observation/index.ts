/** The vocabulary of the bench: every kind of observation, in words and as a drawing. */
export {
  answerSame,
  definitions,
  describeObservation,
  isObservation,
  isUnchanged,
  meaningOf,
  observationSchema,
  shownBy,
  tellsChange,
} from './observation';
export type { Observation, ObservationKind } from './observation';
export type { Asked, Choice, Effect } from './definition';
export { counterCasesSource } from './counterCases';
export { panels } from './panels';
export { testWords } from './kinds/gasTest';
export { outcomeShows, testOutcomes } from './outcomes';
export { mergeObservations } from './mergeObservations';
export { drawRecord } from './drawRecord';
export { sights, sightsOf } from './sights';
export type { Sight } from './sights';
