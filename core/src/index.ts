export { ChemistryError, inField } from './errors';
export type { ChemistryErrorCode } from './errors';
export { commands, parseInput } from './commands';
export { csvOf } from './csv';

export { parseFormula } from './formula/parseFormula';
export { formulaRuns } from './formula/formatFormula';
export type { FormulaRun } from './formula/formatFormula';
export { molarMassOf } from './formula/molarMass';
export type { Composition, Species, State } from './formula/species';

export { sourceText } from './substances/source';
export type { Source } from './substances/source';
export { densityAgainstAir, gasDensityGPerL } from './substances/gas';
export { describeFormula } from './substances/describeFormula';
export type { FormulaDescription } from './substances/describeFormula';
export {
  allNames,
  findSubstance,
  shelfSubstances,
  solubleSubstances,
} from './substances/findSubstance';
export { nameIn, nameOnShelf, namesOf } from './substances/naming';
export type { Names } from './substances/naming';
export type {
  Clarity,
  ColourDepth,
  ColourPhrase,
  ColourWord,
  NamingSchool,
  Substance,
  SparinglySoluble,
  Texture,
} from './substances/types';

export { balance } from './equation/balance';
export type { BalancedEquation } from './equation/balance';
export type { DrivingForce, FiveType, ReactionTypes } from './equation/reactionType';

export { equilibrate } from './equilibrium/equilibrate';
export type { Equilibrium, Saturation } from './equilibrium/equilibrate';

export { containerKinds, containers } from './vessel/containers';
export type { ContainerKind } from './vessel/containers';
export {
  colourDepths,
  colourPhrase,
  colourWords,
  phraseHex,
  plainWords,
  readPhrase,
} from './appearance/colourWords';
export type { VesselView } from './appearance/vesselView';

export { concentrationMade, prepare, prepareSchema, stockOf } from './solution/prepare';
export type { PrepareRequest, Recipe } from './solution/prepare';
export { judgeWeighing } from './solution/weighing';
export type { Challenge, WeighingResult } from './solution/weighing';

export { dropNames } from './vessel/pour';
export { anyPortionSchema, portionSchema } from './vessel/portion';
export type { Portion } from './vessel/portion';
export { act, setUp } from './vessel/act';
export type { Step } from './vessel/step';
export { actionSchema, vesselSchema } from './vessel/action';
export type { Action, VesselSetup } from './vessel/action';
export type { AnyPortion } from './vessel/portion';
export { react, reactSchema } from './vessel/react';
export type { ReactRequest, ReactionsFound } from './vessel/react';
export type { Reaction, Reason } from './vessel/reaction';
export type { Vessel } from './vessel/vessel';
export { solubilityM } from './solution/solubility';
export type { Warning } from './vessel/warnings';

export {
  clarities,
  describeObservation,
  observationSchema,
  settlings,
  smells,
  solidAmounts,
  testWords,
  textures,
  vigours,
  warmths,
} from './observation/observation';
export type { Observation, ObservationKind } from './observation/observation';
export { rackEventSchema, rackRunner, rackSchema, runRack, vesselsOf } from './observation/rack';
export type { Rack, RackEvent, RackOutcome, RackStep } from './observation/rack';
export { testOutcomes } from './benchTests/outcomes';
export { sourcesOfTest, testNames } from './benchTests/performTest';
export { compare, compareSchema } from './observation/compare/compare';
export type { Compared } from './observation/compare/compare';
export { compareObservations } from './observation/compare/compareObservations';
export type { Agreement, Comparison } from './observation/compare/compareObservations';
export { sightWords } from './observation/compare/sights';
export type { SightWord } from './observation/compare/sights';
export type { ComparedItem } from './observation/compare/item';
export { activitySeries } from './observation/activitySeries';
export type { ActivityComparison, ActivitySeries } from './observation/activitySeries';
export { classifyChange, classifySchema, evidenceSource } from './observation/classifyChange';
export type { ChangeVerdict, CounterEvidence, Evidence } from './observation/classifyChange';
export { faultsSource } from './observation/faults/index';
export { likelyCauses } from './observation/faults/likelyCauses';
export type { LikelyCause } from './observation/faults/likelyCauses';
export type { Plan } from './observation/faults/fault';
export { mergeObservations } from './observation/mergeObservations';
export { mix, mixSchema } from './observation/mix';
export type { MixRequest, SolidState, ToldStep, VesselState } from './observation/mix';
export { predictMixing, predictSolution } from './observation/predictMixing';
export type { MixingPrediction } from './observation/predictMixing';
export { actionWords, eventWords, portionWords, testLabels } from './observation/eventWords';
export { drawRecord } from './observation/drawRecord';

export { hazardGrades, hazardRank } from './safety/hazardRank';
export { mixedUpSource, mixedUpThings, nearNames } from './safety/nearNames';
export type { NearName } from './safety/nearNames';
export { firstAidFor, firstAidSource, protectionFor, protectionSource } from './safety/protection';
export { deferral, hazardsOf } from './safety/hazards';
export type { HazardSheet } from './safety/hazards';
export type { HazardCode, Pictogram } from './safety/statements';
export { clashes, heldIn } from './safety/clashes';
export type { Clash, Held } from './safety/clashes';
export {
  classWords,
  incompatibilityClasses,
  incompatibilitySource,
  keepApartFrom,
} from './safety/incompatibility';
export type { Incompatibility, IncompatibilityClass } from './safety/incompatibility';
export { wasteRoute, wasteSource } from './safety/wasteRoute';
export type { WasteRoute } from './safety/wasteRoute';

export { concentrationByDrops, compareDrops, dropSource } from './measurement/dropCounts';
export type { DropComparison } from './measurement/dropCounts';
export { heatingSchools, hydrate, hydrateSchema } from './measurement/hydrate';
export type { HydrateRequest, HydrateResult } from './measurement/hydrate';
export { median, spreadOf } from './measurement/readings';
export type { Spread } from './measurement/readings';
export { density, recovery } from './measurement/separation';
export { straightLine } from './measurement/straightLine';
export type { Point, StraightLine } from './measurement/straightLine';
export { filmFreezing, readTemperatureLog, waterHeatSource } from './measurement/temperatureLog';
export type {
  FilmFreezing,
  TemperatureChange,
  TemperatureReading,
} from './measurement/temperatureLog';
export { fromCelsius, temperatureScales, toCelsius } from './measurement/temperatureScale';
export type { TemperatureScale } from './measurement/temperatureScale';
export { inWords, studentSource } from './measurement/uncertainty';
export type { Quantity } from './measurement/uncertainty';

export { brokenRules } from './schedule/brokenRules';
export type { Broken } from './schedule/brokenRules';
export { schedule } from './schedule/schedule';
export { scheduleSchema } from './schedule/timetable';
export type { ScheduleRequest, Task, TimedTask, Timetable } from './schedule/timetable';

export { handsOf, manners, missingKit, scheduleOf, taskOrigins } from './procedure/classPlan';
export type { ClassPlan, Manner, TaskOrigin } from './procedure/classPlan';
export { cutsFor } from './procedure/cuts';
export type { Cut } from './procedure/cuts';
export { alternatives, wantedSchema } from './procedure/alternatives';
export type { Alternative, Wanted } from './procedure/alternatives';
export { departuresFrom } from './procedure/departures';
export type { Departure } from './procedure/departures';
export { kindNames } from './procedure/kinds';
export type { ProcedureKind } from './procedure/kinds';
export { library } from './procedure/library/index';
export {
  analysisNames,
  analysisSchema,
  measureSchema,
  measuresOf,
  quantityNames,
  quantityUnits,
} from './procedure/measures';
export type { Analysis, Measure, QuantityName } from './procedure/measures';
export { moveStep, orderProblems, shortText, unmetBefore } from './procedure/orderGuard';
export type { OrderProblem, Unmet } from './procedure/orderGuard';
export { blankStep, kitKinds, procedureSchema, stepSchema } from './procedure/procedure';
export type { KitKind, Procedure, Step as ProcedureStep } from './procedure/procedure';
export { quantityOf, reagentsOf } from './procedure/reagents';
export type { Reagent } from './procedure/reagents';
export { stepSafety } from './procedure/stepSafety';
export type { StepSafety } from './procedure/stepSafety';
export { meanwhile, peopleRows, timetableRows } from './procedure/timetableRows';
export type { TimetableBar, TimetableLane, TimetableRow } from './procedure/timetableRows';
export { procedureRunner, runProcedure } from './procedure/runProcedure';
export type { ProcedureRun, RunStep } from './procedure/runProcedure';

export { howItKeeps, keepingSource } from './prep/keeping';
export { cylindersSource, dropsPerMl, measureMl, roundToBalance } from './prep/measuring';
export type { Measured } from './prep/measuring';
export { prepSheet } from './prep/prepSheet';
export type { Making, PrepLine, PrepMeans, SolutionNeed } from './prep/prepSheet';
export {
  mostShelfRows,
  readShelfFile,
  shelfColumns,
  writeShelfFile,
  jarKey,
} from './stock/shelfFile';
export type { ShelfFile, ShelfFileProblem, ShelfRow } from './stock/shelfFile';
export { shelfItemSchema, stockMoveSchema, stockUnits } from './stock/shelfItem';
export type { ShelfItem, StockMove } from './stock/shelfItem';
export { amountOnShelf, shortages } from './stock/shortages';
export type { Shortage, Taking } from './stock/shortages';
export { dischargeLimits, unlimitedElements } from './waste/limits';
export { precipitantsSource } from './waste/precipitants';
export { usualLimits, wastePlan } from './waste/wastePlan';
export type { BottlePlan, Limits, WasteSource, WasteVessel } from './waste/wastePlan';
export type { Clearing } from './waste/clearing';

export { classPlanOf, equipmentOf, planKey, wasteSources } from './labday/dayPlan';
export type { Equipment } from './labday/dayPlan';
export { daySafety } from './labday/daySafety';
export type { DaySafety } from './labday/daySafety';
export { labelSheets, labelsFor } from './labday/labels';
export type { Label, LabelSheet, LabelSheetId } from './labday/labels';
export { ownProcedureSchema } from './labday/ownProcedure';
export type { OwnProcedure } from './labday/ownProcedure';
export { weighingEffects } from './labday/weighingEffects';
export type { WeighingEffect } from './labday/weighingEffects';
export { keptRunSchema } from './labday/keptRun';
export type { KeptRun } from './labday/keptRun';
export {
  departureKinds,
  entrySchema,
  parts,
  errorSchema,
  groupSchema,
  dayProcedureSchema,
  dayTimetableSchema,
  labDayInputSchema,
  labDaySchema,
  labDaySummarySchema,
  longestNote,
  preparationSchema,
  recordSchema,
  settingsSchema,
  testSchema,
  weighingSchema,
} from './labday/labDay';
export type {
  ApiError,
  BenchEntry,
  BenchRecord,
  DayProcedure,
  DayTimetable,
  Group,
  LabDay,
  LabDayInput,
  LabDaySummary,
  PlannedTest,
  Part,
  Preparation,
  RecordOf,
  Settings,
  Weighing,
} from './labday/labDay';
export {
  isAt,
  notesOf,
  recordsOf,
  seenObservations,
  standingEntries,
} from './labday/currentRecords';
export type { StandingEntry, Where } from './labday/currentRecords';
export {
  commandSchema,
  followSchema,
  instrumentKinds,
  instrumentSchema,
  lineStates,
  readingSchema,
} from './labday/instruments';
export type { Follow, InstrumentInfo, InstrumentReading } from './labday/instruments';
export { activityEvidence } from './labday/activityEvidence';
export { analyse, measurementsOf } from './labday/analyse';
export type { AnalysisResult, Found } from './labday/analyse';
export { benchProgress, waitingSteps } from './labday/benchProgress';
export type { BenchProgress, StepProgress } from './labday/benchProgress';
export { describeRecord } from './labday/describeRecord';
export { weighedOtherwise } from './labday/weighedOtherwise';
export type { WeighedOtherwise } from './labday/weighedOtherwise';
export { repeatedReadings } from './labday/repeatedReadings';
export { classSpread } from './labday/classSpread';
export type { ClassSpread } from './labday/classSpread';
export { causesOf, judgeDay, judgeStation, judgeWork } from './labday/judgeDay';
export type { StationJudgement } from './labday/judgeDay';
export {
  benchesOf,
  nameOfWork,
  procedureOfTest,
  refusalOf,
  runOf,
  stationsOf,
  testStep,
  testVessel,
  wasteOfWork,
  worksAsMade,
  worksOf,
} from './labday/work';
export type { Bench, Station, Work } from './labday/work';
export {
  concentrationOf,
  latestWeighing,
  otherNeeds,
  procedureAsMade,
  solutionKey,
  solutionsNeeded,
} from './labday/solutionsNeeded';
export type { NeededAsItIs, NeededSolution } from './labday/solutionsNeeded';
export { stages, stageStates } from './labday/stages';
export type { Stage, StageState } from './labday/stages';
