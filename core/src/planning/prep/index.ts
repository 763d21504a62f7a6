/** The prep sheet: what to weigh and dilute, and what does not keep. */
export { howItKeeps, keepingSource } from './keeping';
export { cylindersSource, dropsPerMl, measureMl, roundToBalance } from './measuring';
export type { Measured } from './measuring';
export { prepSheet } from './prepSheet';
export type { Making, PrepLine, PrepMeans, SolutionNeed } from './prepSheet';
