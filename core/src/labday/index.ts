/** A lab day: its plan, what was recorded, and the judgement of it. */
export { mindOfStep } from './stepMind';
export {
  cellEntrySchema,
  cellLog,
  cellMass,
  cellRunSchema,
  cellRunWithRecordSchema,
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
export { classPlanOf, equipmentOf, planKey, wasteSources } from './dayPlan';
export type { Equipment } from './dayPlan';
export { daySafety } from './daySafety';
export type { DaySafety } from './daySafety';
export { labelSheets, labelsFor } from './labels';
export type { Label, LabelSheet, LabelSheetId } from './labels';
export { ownProcedureSchema } from './ownProcedure';
export type { OwnProcedure } from './ownProcedure';
export { weighingEffects } from './weighingEffects';
export type { WeighingEffect } from './weighingEffects';
export { keptRunSchema } from './keptRun';
export type { KeptRun } from './keptRun';
export {
  departureKinds,
  entrySchema,
  parts,
  errorSchema,
  archiveSchema,
  dayCopiesSchema,
  dayProcedureSchema,
  dayTimetableSchema,
  labDayInputSchema,
  labDaySchema,
  labDaySummarySchema,
  firstSettings,
  longestNote,
  preparationSchema,
  settingsChangeSchema,
  settingsSchema,
  weighingSchema,
} from './labDay';
export type {
  ApiError,
  BenchEntry,
  BenchRecord,
  DayCopy,
  DayProcedure,
  DayTimetable,
  Group,
  LabDay,
  LabDayInput,
  LabDaySummary,
  Part,
  Preparation,
  RecordOf,
  Settings,
  SettingsChange,
  DischargeSchool,
  Weighing,
} from './labDay';
export { isAt, recordsOf, standingEntries } from './currentRecords';
export type { StandingEntry, Where } from './currentRecords';
export {
  commandSchema,
  followSchema,
  instrumentKinds,
  instrumentSchema,
  readingSchema,
} from './instruments';
export type { Follow, InstrumentInfo, InstrumentReading } from './instruments';
export { activityEvidence } from './activityEvidence';
export { analyse } from './analyse';
export type { AnalysisResult, Found } from './analyse';
export { benchProgress, waitingSteps } from './benchProgress';
export type { BenchProgress, StepProgress } from './benchProgress';
export { describeRecord } from './describeRecord';
export { weighedOtherwise } from './weighedOtherwise';
export type { WeighedOtherwise } from './weighedOtherwise';
export { readAlone } from './readAlone';
export { repeatedReadings } from './repeatedReadings';
export { classSpread } from './classSpread';
export type { ClassSpread } from './classSpread';
export { causesOf, judgeDay, judgeStation, judgeWork } from './judgeDay';
export {
  dayShortages,
  daySheet,
  formsOnShelf,
  jarsOf,
  takingFor,
  takingOf,
  workingOf,
} from './daySheet';
export type { DayLine, DayShortage } from './daySheet';
export { judgeCellRun } from './judgeCellRun';
export type { JudgedCellRun } from './judgeCellRun';
export type { StationJudgement } from './judgeDay';
export {
  benchesOf,
  isMixing,
  isRun,
  keepRun,
  refusalOf,
  runOf,
  stationsOf,
  worksAsMade,
  worksOf,
} from './work';
export type { Bench, Station, Work } from './work';
export { concentrationOf, latestWeighing, otherNeeds, solutionsNeeded } from './solutionsNeeded';
export type { NeededAsItIs, NeededSolution } from './solutionsNeeded';
export { stages, stageStates, stepsRecorded } from './stages';
export type { Stage, StageState } from './stages';
export {
  auditLineSchema,
  joinAlphabet,
  joinableSchema,
  joinCodeLength,
  joinSchema,
  groupViewSchema,
  liveEventSchema,
  messageInputSchema,
  newPassphraseSchema,
  oversightSchema,
  passphraseSchema,
  readJoinCode,
  releaseSchema,
  roles,
  answerInputSchema,
  dealtUnknownsSchema,
  sealedUnknownSchema,
  sessionStateSchema,
  shortestPassphrase,
  showJoinCode,
  signInSchema,
  unknownAnswerSchema,
  unknownResultSchema,
} from './access';
export type {
  AnswerInput,
  AssignedUnknown,
  AuditLine,
  GroupStep,
  GroupView,
  Joinable,
  Joining,
  LiveEvent,
  Message,
  MessageInput,
  Oversight,
  Release,
  ReleaseWhen,
  Role,
  SealedUnknown,
  SessionState,
  UnknownAnswer,
  UnknownResult,
} from './access';
export { viewForGroup } from './groupView';
export { tellMeasurement } from './asRead';
export { chartsOf } from './foundCharts';
export type { ChartData, ChartPoint, ChartSeries } from './foundCharts';
export { tellFound } from './foundWords';
export type { FoundWords } from './foundWords';
export { firstLooks, mainObservation } from './firstLooks';
export type { FirstLook } from './firstLooks';
