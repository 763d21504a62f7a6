/** What every wing stands on: errors that say what to do, CSV, dice that can be thrown again. */
export { ChemistryError, inField } from './errors';
export type { ChemistryErrorCode } from './errors';
export { csvOf } from './csv';
export { mostTelling } from './mostTelling';
export { formatNumber, formatQuantity, mostFigures } from './formatNumber';
export type { DecimalSign } from './formatNumber';
