/** Making up a solution: grams or millilitres, the working, and whether a weighing will do. */
export { prepare, stockOf } from './prepare';
export type { PrepareRequest, Recipe } from './prepare';
export { judgeWeighing } from './weighing';
export type { Challenge, WeighingResult } from './weighing';
