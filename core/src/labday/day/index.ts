/** A lab day: its plan, its record, and its work in its place. */
export {
  archiveSchema,
  dayCopiesSchema,
  dayProcedureSchema,
  dayTimetableSchema,
  departureKinds,
  entrySchema,
  labDayInputSchema,
  labDaySchema,
  labDaySummarySchema,
  longestNote,
  mostProcedures,
  parts,
  preparationSchema,
  recordSchema,
  weighingSchema,
} from './labDay';
export type {
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
  Weighing,
} from './labDay';
export { isAt, recordsOf, standingEntries } from './currentRecords';
export type { StandingEntry, Where } from './currentRecords';
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
export { classPlanOf, equipmentOf, planKey, wasteSources } from './dayPlan';
export type { Equipment } from './dayPlan';
export { stages, stageStates, stepsRecorded } from './stages';
export type { Stage, StageState } from './stages';
export { keptRunSchema } from './keptRun';
export type { KeptRun } from './keptRun';
export { ownProcedureSchema } from './ownProcedure';
export type { OwnProcedure } from './ownProcedure';
export { stationAsDone, workAsDone } from './asDone';
