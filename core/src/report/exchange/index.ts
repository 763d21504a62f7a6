/** The files that go out and come in, with their schemas. */
export {
  dayFileSchema,
  fileFormatNames,
  fileFormats,
  fileVersion,
  publishedSchemas,
  procedureFileSchema,
} from './formats';
export type {
  DayFile,
  EntriesFile,
  ExchangeFile,
  FileFormat,
  ProcedureFile,
  UnknownSet,
  UnknownSetFile,
} from './formats';
export {
  backupEndSchema,
  backupFormat,
  backupLineSchema,
  backupRowSchema,
  backupRowsSchema,
  backupTableSchema,
  backupType,
  backupVersion,
  isBackup,
  readBackupHead,
} from './backupFormat';
export type { BackupHead, BackupLine } from './backupFormat';
export { exchangeText, readExchange, readExchangeText } from './readFile';
export { importPlanSchema, importRequestSchema, restorePlanSchema } from './plans';
export type { ImportPlan, RestorePlan } from './plans';
