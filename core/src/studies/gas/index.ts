/** Gases: routes, collection, apparatus, proof, amounts. */
export { amountsFor, amountsSource } from './amounts';
export type { Amounts, AmountsRequest, Taken, VesselCheck } from './amounts';
export { assemble } from './apparatus/assemble';
export type { Apparatus, ApparatusChoice } from './apparatus/assemble';
export { drawingSvg, inks, labelSizePx, labelText, tubeInside } from './apparatus/drawing';
export type { Drawing, LabelStyle, PlacedLabel, Shape } from './apparatus/drawing';
export { reagentText } from './attempt';
export type { RouteReagent } from './attempt';
export { gasCircuit, judgeCircuitTest } from './circuit';
export type { CircuitTest, CircuitVerdict } from './circuit';
export { dryingFor, washingFor } from './clean';
export type { Drying, Washing } from './clean';
export { collectionNames, collectionOf, collectionSource, lostToWater } from './collection';
export type { Collecting, Collection, CollectionMethod, LostToWater } from './collection';
export { findGas, gasName } from './findGas';
export { findRoutes } from './findRoutes';
export { gasCautions } from './gasCautions';
export { gasProcedure } from './gasProcedure';
export type { GasPreparation } from './gasProcedure';
export { gasRoutes, gasSchema } from './gasVerb';
export type { GasAnswer, GasRequest } from './gasVerb';
export { gradesSource, rankOf } from './grades';
export { orderOfWork } from './orderOfWork';
export { paceSource } from './pace';
export { proofOf } from './proof';
export { discardFor, fillingPlan, loudestShare, purityAfter, splintAt } from './purge';
export type { Bounds, Filling, FillingPlan } from './purge';
export { inRoom } from './room';
export type { InRoom, Room } from './room';
export type { Grades, Route, Verdict } from './route';
export { routeNotesSource } from './routeNotes';
export { routesTo } from './routes';
export { testReagents, testReagentsSource } from './testReagents';
export {
  gasModel,
  isFlameTest,
  safestFirst,
  trustInGasTests,
  unknownGases,
  unknownGasOutcomes,
  unknownGasTestWords,
} from './unknownGas';
export type { GasOutcomes } from './unknownGas';
export {
  apparatusFor,
  caughtIn,
  firstGas,
  planned,
  purityCourse,
  routeTaken,
  routeTitle,
  typedGasSchema,
} from './typedGas';
export type { GasPlanned, TypedGas } from './typedGas';
export { unsaturation } from './unsaturation';
export type { UnsaturationSeen, UnsaturationVerdict } from './unsaturation';
