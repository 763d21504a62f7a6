/** The files that go out and come in, with their schemas. */
export {
  backupSchema,
  dayFileSchema,
  fileFormatNames,
  fileFormats,
  fileVersion,
  jsonSchemaOf,
  procedureFileSchema,
} from './formats';
export type {
  Backup,
  DayFile,
  EntriesFile,
  ExchangeFile,
  FileFormat,
  ProcedureFile,
  UnknownSet,
  UnknownSetFile,
} from './formats';
export { exchangeText, readExchange, readExchangeText } from './readFile';
export {
  backupRequestSchema,
  importPlanSchema,
  importRequestSchema,
  restorePlanSchema,
} from './plans';
export type { ImportPlan, RestorePlan } from './plans';
