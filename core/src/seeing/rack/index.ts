/** What is done to vessels side by side, run in the engine, and what is seen at each step. */
export { rackEventSchema, rackSchema, vesselsOf } from './rackShape';
export { rackRunner, runRack } from './rack';
export type { Rack, RackEvent } from './rackShape';
export type { RackOutcome, RackStep } from './rack';
export { compareRuns } from './compareRuns';
export type { ComparedRuns, RunLine } from './compareRuns';
export { mix } from './mix';
export type { MixRequest, SolidState, ToldStep, VesselState } from './mix';
export { predictMixing, predictSolution } from './predictMixing';
export type { MixingPrediction } from './predictMixing';
export { actionWords, eventWords, portionWords, testLabels } from './eventWords';
