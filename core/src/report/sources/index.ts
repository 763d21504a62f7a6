/** The list of every constant with its source. */
export { constantTables } from './constants';
export type { Constant, ConstantTable } from './table';
export type { Comparison } from './comparison';
