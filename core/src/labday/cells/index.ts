/** Electrolyses that are run outside a day, and what their numbers say. */
export {
  cellEntrySchema,
  cellLog,
  cellMass,
  cellRecordSchema,
  cellRunSchema,
  cellRunWithRecordSchema,
  cellSetupSchema,
  standingCellEntries,
} from './cellRun';
export type {
  CellEntry,
  CellRecord,
  CellRun,
  CellRunWithRecord,
  CellSetup,
  StandingCellEntry,
} from './cellRun';
export { judgeCellRun } from './judgeCellRun';
export type { JudgedCellRun } from './judgeCellRun';
