/** What stands on the shelf, and what will run short. */
export { mostShelfRows, readShelfFile, writeShelfFile, jarKey } from './shelfFile';
export type { ShelfFile, ShelfFileProblem, ShelfRow } from './shelfFile';
export { shelfItemSchema, stockUnits } from './shelfItem';
export type { ShelfItem, StockMove } from './shelfItem';
export { amountOnShelf, shortages } from './shortages';
export type { Shortage, Taking } from './shortages';
