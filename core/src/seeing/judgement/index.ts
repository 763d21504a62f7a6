/** What was seen against what was expected: agreement, likely causes, physical or chemical. */
export { compare } from './compare/compare';
export type { Compared } from './compare/compare';
export { compareObservations } from './compare/compareObservations';
export type { Agreement, Comparison } from './compare/compareObservations';
export type { ComparedItem, CounterEvidence, Sign } from '../observation/definition';
export { activitySeries } from './activitySeries';
export type { ActivityComparison, ActivitySeries } from './activitySeries';
export { classifyChange, weighChange } from './change/classifyChange';
export type { ChangeVerdict } from './change/classifyChange';
export { expectedChange } from './change/expectedChange';
export type { ExpectedChange } from './change/expectedChange';
export { faultsSource } from './faults';
export { likelyCauses } from './faults/likelyCauses';
export type { LikelyCause } from './faults/likelyCauses';
export type { Plan } from './faults/fault';
