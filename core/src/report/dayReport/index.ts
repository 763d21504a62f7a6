/** The report of a day as a document, and the tables that leave as CSV. */
export {
  allReportParts,
  asText,
  chemical,
  chooseParts,
  joined,
  plain,
  reportParts,
  section,
  versions,
} from './document';
export type {
  Block,
  Choice,
  Column,
  DrawnVessel,
  ReportDocument,
  ReportPart,
  Section,
  Version,
  Words,
} from './document';
export { markdownOf } from './markdown';
export { dayReport } from './dayReport';
export type { ReportRequest, ReportScope } from './dayReport';
export type { ReportedUnknown } from './unknownSection';
export { recordCsv, resultsCsv } from './recordCsv';
export type { WrittenLine } from './recordCsv';
