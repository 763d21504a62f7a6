/** Practice: a virtual bench and drills. */
export { drillKinds, drillsOf } from './drills';
export type { Drill, DrillKind } from './drills';
export { answered, learnedSchema, nextQuestion } from './repetition';
export type { Learned } from './repetition';
export { drawResult, imperfections, pathTo, reviewRound } from './virtualBench';
export type { Drawn, Flaw, RoundReview, TestReview } from './virtualBench';
