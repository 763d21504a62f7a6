export { ChemistryError, inField } from './errors';
export type { ChemistryErrorCode } from './errors';
export { commands, parseInput } from './commands';
export { csvOf } from './csv';

export { parseFormula } from './formula/parseFormula';
export { formulaRuns } from './formula/formatFormula';
export { plainFormula } from './formula/plainFormula';
export type { FormulaRun } from './formula/formatFormula';
export { molarMassOf } from './formula/molarMass';
export type { Composition, Species, State } from './formula/species';

export { sourceText } from './substances/source';
export type { Source } from './substances/source';
export { densityAgainstAir, gasDensityGPerL } from './substances/gas';
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

export { containerInWords, containerKinds, containers } from './vessel/containers';
export type { ContainerKind } from './vessel/containers';
export {
  colourDepths,
  colourPhrase,
  colourPhrases,
  colourWords,
  phraseHex,
  plainWords,
  readPhrase,
} from './appearance/colourWords';
export type { VesselView } from './appearance/vesselView';

export { prepare, stockOf } from './solution/prepare';
export type { PrepareRequest, Recipe } from './solution/prepare';
export { judgeWeighing } from './solution/weighing';
export type { Challenge, WeighingResult } from './solution/weighing';

export { dropNames } from './vessel/pour';
export { anyPortionSchema } from './vessel/portion';
export type { Portion } from './vessel/portion';
export { act, setUp } from './vessel/act';
export type { Step } from './vessel/step';
export { actionSchema, vesselSchema } from './vessel/action';
export type { Action, VesselSetup } from './vessel/action';
export type { AnyPortion } from './vessel/portion';
export { react } from './vessel/react';
export type { ReactRequest, ReactionsFound } from './vessel/react';
export type { Reaction, Reason } from './vessel/reaction';
export type { Vessel } from './vessel/vessel';
export type { Warning } from './vessel/warnings';

export {
  clarities,
  describeObservation,
  isUnchanged,
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
export { rackEventSchema, rackSchema, vesselsOf } from './observation/rackShape';
export { rackRunner, runRack } from './observation/rack';
export type { Rack, RackEvent } from './observation/rackShape';
export type { RackOutcome, RackStep } from './observation/rack';
export { testOutcomes } from './benchTests/outcomes';
export { sourcesOfTest, testNames } from './benchTests/performTest';
export { compare } from './observation/compare/compare';
export type { Compared } from './observation/compare/compare';
export { compareObservations } from './observation/compare/compareObservations';
export type { Agreement, Comparison } from './observation/compare/compareObservations';
export { sightWords } from './observation/compare/sights';
export type { SightWord } from './observation/compare/sights';
export type { ComparedItem } from './observation/compare/item';
export { activitySeries } from './observation/activitySeries';
export type { ActivityComparison, ActivitySeries } from './observation/activitySeries';
export { classifyChange, evidenceSource } from './observation/classifyChange';
export type { ChangeVerdict, CounterEvidence, Evidence } from './observation/classifyChange';
export { faultsSource } from './observation/faults/index';
export { likelyCauses } from './observation/faults/likelyCauses';
export type { LikelyCause } from './observation/faults/likelyCauses';
export type { Plan } from './observation/faults/fault';
export { mergeObservations } from './observation/mergeObservations';
export { mix } from './observation/mix';
export type { MixRequest, SolidState, ToldStep, VesselState } from './observation/mix';
export { predictMixing, predictSolution } from './observation/predictMixing';
export type { MixingPrediction } from './observation/predictMixing';
export { actionWords, eventWords, portionWords, testLabels } from './observation/eventWords';
export { drawRecord } from './observation/drawRecord';

export { hazardGrades, hazardRank } from './safety/hazardRank';
export { mixedUpSource, mixedUpThings, nearNames } from './safety/nearNames';
export type { NearName } from './safety/nearNames';
export { firstAidSource, protectionSource } from './safety/protection';
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

export { concentrationByDrops, compareDrops } from './measurement/dropCounts';
export type { DropComparison } from './measurement/dropCounts';
export { hydrate } from './measurement/hydrate';
export type { HydrateRequest, HydrateResult } from './measurement/hydrate';
export { median, spreadOf } from './measurement/readings';
export type { Spread } from './measurement/readings';
export { density, recovery } from './measurement/separation';
export { straightLine } from './measurement/straightLine';
export type { Point, StraightLine } from './measurement/straightLine';
export { filmFreezing, readTemperatureLog } from './measurement/temperatureLog';
export type {
  FilmFreezing,
  TemperatureChange,
  TemperatureReading,
} from './measurement/temperatureLog';
export { fromCelsius, toCelsius } from './measurement/temperatureScale';
export type { TemperatureScale } from './measurement/temperatureScale';
export { inWords, studentSource } from './measurement/uncertainty';
export type { Quantity } from './measurement/uncertainty';

export { brokenRules } from './schedule/brokenRules';
export type { Broken } from './schedule/brokenRules';
export { schedule } from './schedule/schedule';
export type { ScheduleRequest, Task, TimedTask, Timetable } from './schedule/timetable';

export { handsOf, missingKit, scheduleOf, taskOrigins } from './procedure/classPlan';
export type { ClassPlan, TaskOrigin } from './procedure/classPlan';
export type { Manner } from './procedure/manner';
export { cutsFor } from './procedure/cuts';
export type { Cut } from './procedure/cuts';
export { alternatives } from './procedure/alternatives';
export type { Alternative, Wanted } from './procedure/alternatives';
export { departuresFrom } from './procedure/departures';
export type { Departure } from './procedure/departures';
export { kindNames } from './procedure/kinds';
export type { ProcedureKind } from './procedure/kinds';
export { library } from './procedure/library/index';
export {
  analysisNames,
  analysisSchema,
  measuresOf,
  quantityNames,
  quantityUnits,
} from './procedure/measures';
export type { Analysis, Measure, QuantityName } from './procedure/measures';
export { moveStep, orderProblems, shortText } from './procedure/orderGuard';
export type { OrderProblem, Unmet } from './procedure/orderGuard';
export { renameVessel } from './procedure/renameVessel';
export { blankStep, kitKinds, procedureSchema } from './procedure/procedure';
export type { KitKind, Procedure, Step as ProcedureStep } from './procedure/procedure';
export { quantityOf, reagentsOf } from './procedure/reagents';
export type { Reagent } from './procedure/reagents';
export { followAmounts } from './procedure/followAmounts';
export { mindOf, putIn, stepSafety } from './procedure/stepSafety';
export { mindOfStep } from './labday/stepMind';
export { usualCaution } from './safety/usualCaution';
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
export { mostShelfRows, readShelfFile, writeShelfFile, jarKey } from './stock/shelfFile';
export type { ShelfFile, ShelfFileProblem, ShelfRow } from './stock/shelfFile';
export { shelfItemSchema, stockUnits } from './stock/shelfItem';
export type { ShelfItem, StockMove } from './stock/shelfItem';
export { amountOnShelf, shortages } from './stock/shortages';
export type { Shortage, Taking } from './stock/shortages';
export { dischargeLimits, unlimitedElements } from './waste/limits';
export { precipitantsSource } from './waste/precipitants';
export { usualLimits, wastePlan } from './waste/wastePlan';
export type { BottlePlan, Limits, WasteSource, WasteVessel } from './waste/wastePlan';
export type { Clearing } from './waste/clearing';

export { course } from './shift/course';
export type { CoursePoint, CourseRequest } from './shift/course';
export { fumesSource, shiftCautions } from './shift/cautions';
export type { ShiftCautions } from './shift/cautions';
export { actionOf, meansSchema, meansWords, unitOf } from './shift/means';
export type { Means, MeansUnit } from './shift/means';
export { planColours } from './shift/planColours';
export type { ColourPlan, ColourPlanRequest } from './shift/planColours';
export { dropsToSpare } from './shift/realise';
export type { PlanStage } from './shift/realise';
export { unreachedWords } from './shift/unreached';
export type { Unreached } from './shift/unreached';
export { runShift, shiftRunner } from './shift/runShift';
export type { ShiftRequest, ShiftRun, ShiftStep } from './shift/runShift';
export type { Share } from './shift/shares';
export type { Shift } from './shift/shift';
export { shiftProcedure } from './shift/shiftProcedure';
export type { Shifting } from './shift/shiftProcedure';
export { powerText } from './shift/shiftWords';
export { readySystems } from './shift/systems';
export type { ReadySystem } from './shift/systems';
export { watchedSchema } from './shift/watched';
export type { Watched, WatchedEquilibrium } from './shift/watched';
export { wishSchema, wishWords } from './shift/wish';
export type { Sight, Wish } from './shift/wish';

export {
  cellEntrySchema,
  cellLog,
  cellMass,
  cellRunSchema,
  cellRunWithRecordSchema,
  standingCellEntries,
} from './labday/cellRun';
export type {
  CellEntry,
  CellRecord,
  CellRun,
  CellRunWithRecord,
  CellSetup,
  StandingCellEntry,
} from './labday/cellRun';
export { cellSchema } from './electrolysis/cellRequest';
export { cellLiquid, usualGapCm } from './electrolysis/cell';
export type { CellRequest, Electrolyte } from './electrolysis/cellRequest';
export { viewCell } from './electrolysis/cellView';
export type { CellView, ElectrodeView } from './electrolysis/cellView';
export { currentSeries } from './electrolysis/currentSeries';
export type {
  Series,
  SeriesElectrode,
  SeriesRequest,
  SeriesRow,
} from './electrolysis/currentSeries';
export { depositMetals, planDeposit, plateAreaCm2 } from './electrolysis/deposit';
export type { DepositMetal, DepositPlan, Plate } from './electrolysis/deposit';
export { spotEffects, spotIds, spots, vapourOf, vapourSource } from './electrolysis/drop';
export type { Spot, SpotEffect, SpotId } from './electrolysis/drop';
export { efficiency, efficiencySource } from './electrolysis/efficiency';
export type {
  Efficiency,
  EfficiencyCause,
  EfficiencyRequest,
  ElectrodeEfficiency,
  WeighedElectrode,
} from './electrolysis/efficiency';
export { electrolyse } from './electrolysis/electrolyse';
export type { ElectrolyseAnswer, ElectrolyseRequest } from './electrolysis/electrolyse';
export { electrolysisProcedure } from './electrolysis/electrolysisProcedure';
export type { ElectrolysisPlan } from './electrolysis/electrolysisProcedure';
export { planGas, tubeSchedule, tubeVolumeMl, twoToOne } from './electrolysis/gasPlan';
export type { GasPlan, Tube, TubeLine, TwoToOne } from './electrolysis/gasPlan';
export { molarVolumeMl, roomConditions } from './electrolysis/gasVolume';
export type { GasConditions } from './electrolysis/gasVolume';
export { hookSource, hookWear } from './electrolysis/hooks';
export type { HookWear } from './electrolysis/hooks';
export { depositWords, impurityHints, impuritySource } from './electrolysis/impurities';
export type { ImpurityHint } from './electrolysis/impurities';
export { melts } from './substances/data/melts';
export type { MeltElectrode, MeltPrediction } from './electrolysis/melt';
export { predictCell } from './electrolysis/predictCell';
export type {
  CellCurrent,
  CellElectrode,
  CellProduct,
  PredictedCell,
} from './electrolysis/predictCell';
export { chargeOfLog, logLineSchema, summariseLog, theoryAlong } from './electrolysis/runLog';
export type { LogLine, LogSummary } from './electrolysis/runLog';
export { batterySource, estimateCurrent, leadsOhm } from './electrolysis/supply';
export type { CurrentEstimate, Supply } from './electrolysis/supply';
export { voltageBalance } from './electrolysis/voltageBalance';
export type { BalanceReadings, VoltageBalance, VoltagePart } from './electrolysis/voltageBalance';
export { bulkOf, voltagesOf } from './electrolysis/voltages';
export type { CellShape, CellVoltages } from './electrolysis/voltages';
export { waterVapourKPa } from './electrolysis/waterVapourPressure';
export { referenceElectrodes } from './substances/data/referenceElectrodes';
export type { ReferenceElectrodeId } from './substances/data/referenceElectrodes';
export { electrodeMaterials, findElectrode } from './vessel/electrolysis/findElectrode';
export { conductivityMSPerCm, conductivitySource } from './vessel/electrolysis/conductivity';
export { assumedAreaCm2 } from './vessel/electrolysis/passCurrent';
export type { Electrolysed, Mixing } from './vessel/electrolysis/passCurrent';
export type { ElectrodeMaterial } from './substances/types';
export { dishOf, dishSchema, heapSource } from './dish/dish';
export type { Dish, DishRequest, DishSalt } from './dish/dish';
export { dishClearUp, dishProcedure } from './dish/dishProcedure';
export { classAgainstDish, dishMarkSchema, mixingFactor, usualMixing } from './dish/mixingFactor';
export type { ClassAgainstDish, DishMark } from './dish/mixingFactor';
export { effusionWords, nearReasons, sideOf } from './dish/nearWords';
export type { NearReason } from './dish/nearWords';
export { diffusionOf, saltDiffusion } from './dish/nernstHartley';
export { runDish } from './dish/runDish';
export type { DishFrame, DishRun, FirstLine, Growth } from './dish/runDish';
export { substitutes } from './dish/substitutes';
export type { Substitute } from './dish/substitutes';
export { whyNearer } from './dish/whyNearer';
export type { Nearness } from './dish/whyNearer';

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
  testSchema,
  weighingSchema,
} from './labday/labDay';
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
  PlannedTest,
  Part,
  Preparation,
  RecordOf,
  Settings,
  SettingsChange,
  DischargeSchool,
  Weighing,
} from './labday/labDay';
export { isAt, recordsOf, standingEntries } from './labday/currentRecords';
export type { StandingEntry, Where } from './labday/currentRecords';
export {
  commandSchema,
  followSchema,
  instrumentKinds,
  instrumentSchema,
  readingSchema,
} from './labday/instruments';
export type { Follow, InstrumentInfo, InstrumentReading } from './labday/instruments';
export { activityEvidence } from './labday/activityEvidence';
export { analyse } from './labday/analyse';
export type { AnalysisResult, Found } from './labday/analyse';
export { benchProgress, waitingSteps } from './labday/benchProgress';
export type { BenchProgress, StepProgress } from './labday/benchProgress';
export { describeRecord } from './labday/describeRecord';
export { weighedOtherwise } from './labday/weighedOtherwise';
export type { WeighedOtherwise } from './labday/weighedOtherwise';
export { readAlone } from './labday/readAlone';
export { repeatedReadings } from './labday/repeatedReadings';
export { classSpread } from './labday/classSpread';
export type { ClassSpread } from './labday/classSpread';
export { causesOf, judgeDay, judgeStation, judgeWork } from './labday/judgeDay';
export type { StationJudgement } from './labday/judgeDay';
export {
  benchesOf,
  nameOfWork,
  refusalOf,
  runOf,
  stationsOf,
  worksAsMade,
  worksOf,
} from './labday/work';
export { testStep, testVessel } from './labday/labDay';
export type { Bench, Station, Work } from './labday/work';
export {
  concentrationOf,
  latestWeighing,
  otherNeeds,
  solutionsNeeded,
} from './labday/solutionsNeeded';
export type { NeededAsItIs, NeededSolution } from './labday/solutionsNeeded';
export { stages, stageStates, stepsRecorded } from './labday/stages';
export type { Stage, StageState } from './labday/stages';

// Gases: routes, amounts, collection, purging, apparatus, properties, an unknown gas.
export { amountsFor, amountsSource } from './gas/amounts';
export type { Amounts, AmountsRequest, Taken, VesselCheck } from './gas/amounts';
export { assemble } from './gas/apparatus/assemble';
export type { Apparatus, ApparatusChoice } from './gas/apparatus/assemble';
export { drawingSvg, inks, labelSizePx, labelText, tubeInside } from './gas/apparatus/drawing';
export type { Drawing, LabelStyle, PlacedLabel, Shape } from './gas/apparatus/drawing';
export { reagentText } from './gas/attempt';
export type { RouteReagent } from './gas/attempt';
export { gasCircuit, judgeCircuitTest } from './gas/circuit';
export type { CircuitTest, CircuitVerdict } from './gas/circuit';
export { dryingFor, washingFor } from './gas/clean';
export type { Drying, Washing } from './gas/clean';
export {
  collectionNames,
  collectionOf,
  collectionSource,
  lostToWater,
  solubilityOf,
} from './gas/collection';
export type { Collecting, Collection, CollectionMethod, LostToWater } from './gas/collection';
export { findGas, gasName } from './gas/findGas';
export { gasCautions } from './gas/gasCautions';
export { gasProcedure } from './gas/gasProcedure';
export type { GasPreparation } from './gas/gasProcedure';
export { gasRoutes, gasSchema } from './gas/gasVerb';
export type { GasAnswer, GasRequest } from './gas/gasVerb';
export { gradesSource, rankOf } from './gas/grades';
export { orderOfWork } from './gas/orderOfWork';
export { paceSource } from './gas/pace';
export { proofOf } from './gas/proof';
export { discardFor, fillingPlan, loudestShare, purityAfter, splintAt } from './gas/purge';
export type { Bounds, Filling, FillingPlan } from './gas/purge';
export { inRoom } from './gas/room';
export type { InRoom, Room } from './gas/room';
export type { Grades, Route, Verdict } from './gas/route';
export { routeNotesSource } from './gas/routeNotes';
export { routesTo } from './gas/routes';
export { testReagents, testReagentsSource } from './gas/testReagents';
export {
  gasModel,
  isFlameTest,
  safestFirst,
  trustInGasTests,
  unknownGases,
  unknownGasOutcomes,
  unknownGasTestWords,
} from './gas/unknownGas';
export type { GasOutcomes } from './gas/unknownGas';
export { unsaturation } from './gas/unsaturation';
export type { UnsaturationSeen, UnsaturationVerdict } from './gas/unsaturation';
export { assignUnknowns, inseparableIn } from './identify/assign';
export type { Assignment, AssignRequest, Dealt } from './identify/assign';
export { contradictions } from './identify/contradictions';
export type { Contradiction } from './identify/contradictions';
export { grade } from './identify/grade';
export type { GradeRequest, Mark, MarkPart } from './identify/grade';
export { identify } from './identify/identify';
export type { Identified, IdentifyRequest } from './identify/identify';
export { noneOfThese, posterior, posteriorByClass, unsure } from './identify/inference';
export type { ClassPosterior, Posterior, TestResult } from './identify/inference';
export { mostParts, readCandidate } from './identify/inorganic/candidate';
export type { InorganicCandidate } from './identify/inorganic/candidate';
export { runScheme } from './identify/inorganic/groupScheme';
export type { GroupStage, SchemeRun } from './identify/inorganic/groupScheme';
export { inorganicClass } from './identify/inorganic/inorganicClass';
export { inorganicModel, pairsOfIons } from './identify/inorganic/inorganicModel';
export { inorganicTests, outcomesOf as inorganicOutcomesOf } from './identify/inorganic/runTests';
export type { InorganicOutcomes } from './identify/inorganic/runTests';
export { keepCandidates, modelOf } from './identify/model';
export type { Model, OutcomeTable, TestModel, Trust } from './identify/model';
export { blankWords, testInSentence, testLabel } from './identify/testLabel';
export { costsOf, heldBack, isPoint, nextInOrder, rankTests } from './identify/nextBest';
export type {
  HeldBack,
  RankedTest,
  RankRequest,
  TestLimits,
  UnknownKind,
} from './identify/nextBest';
export type { UnknownSchool } from './identify/unknownSchool';
export { nextTests, pairsOfTests } from './identify/nextTest';
export type { NextTest, PairOfTests } from './identify/nextTest';
export { allCompounds, compoundNames, findCompound } from './identify/organic/compounds';
export type { Compound } from './identify/organic/compound';
export { organicClass, readClass } from './identify/organic/organicClass';
export { expectedOutcome, organicModel, organicTest } from './identify/organic/organicModel';
export { testKit, unknownsSource } from './identify/testKit';
export type { TestKit } from './identify/testKit';
export { organicTests } from './substances/data/organicTests';
export { boilingPoint, meltingPoint, pointOutcome } from './identify/organic/physicalPoint';
export { observationsOf } from './identify/outcomeLook';
export { conclude, reasoningPath } from './identify/reasoning';
export type { Conclusion, ReasoningStep } from './identify/reasoning';
export { toldOutcomes } from './identify/toldOutcomes';
export { checkSet } from './identify/setCheck';
export type { SetCheck } from './identify/setCheck';
export { drawStructure } from './structure/readStructure';
export type { Structure } from './structure/structure';
export { derivatives } from './substances/data/derivatives';
export { issuedAnions, issuedCations, issuedSalts } from './substances/data/issuedSalts';
export { analyticalGroupsSource } from './substances/data/analyticalGroups';
export type { UnknownTest } from './substances/types';

// Training.
export { drillKinds, drillsOf } from './practice/drills';
export type { Drill, DrillKind } from './practice/drills';
export { answered, learnedSchema, nextQuestion } from './practice/repetition';
export type { Learned } from './practice/repetition';
export { drawResult, imperfections, pathTo, reviewRound } from './practice/virtualBench';
export type { Drawn, Flaw, RoundReview, TestReview } from './practice/virtualBench';

// Reactions that end where they began.
export { arcMeansSchema } from './cycle/means';
export type { ArcMeans } from './cycle/means';
export { ringProcedure } from './cycle/ringProcedure';
export { rings } from './cycle/rings';
export type { ArcPlan, RingPlan } from './cycle/rings';
export { ringMasses } from './cycle/ringYield';
export type { RingMass } from './cycle/ringYield';
export { arcsFrom, runRing } from './cycle/runRing';
export type { Arc, Ring } from './cycle/runRing';

// Who may see what: roles, joining, a group’s view, live events.
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
} from './labday/access';
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
} from './labday/access';
export { viewForGroup } from './labday/groupView';
export { chartsOf } from './labday/foundCharts';
export type { ChartData, ChartPoint, ChartSeries } from './labday/foundCharts';
export { tellFound } from './labday/foundWords';
export type { FoundWords } from './labday/foundWords';
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
  withDecimalComma,
  withSeparator,
} from './report/document';
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
} from './report/document';
export { markdownOf } from './report/markdown';
export { dayReport } from './report/dayReport';
export type { ReportRequest, ReportScope } from './report/dayReport';
export type { ReportedUnknown } from './report/unknownSection';
export { recordCsv, resultsCsv } from './report/recordCsv';
export { allQuestionKinds, questionKinds } from './worksheet/question';
export type { Question, QuestionKind } from './worksheet/question';
export { mostCopies, questionSets, worksheet } from './worksheet/worksheet';
export type { QuestionSet, WorksheetRequest } from './worksheet/worksheet';
export { markAnswers } from './identify/markAnswers';
export type { HandedIn } from './identify/markAnswers';
export {
  backupSchema,
  dayFileSchema,
  fileFormatNames,
  fileFormats,
  fileVersion,
  jsonSchemaOf,
  procedureFileSchema,
} from './exchange/formats';
export type {
  Backup,
  DayFile,
  ExchangeFile,
  FileFormat,
  ProcedureFile,
  UnknownSet,
  UnknownSetFile,
} from './exchange/formats';
export { exchangeText, readExchange, readExchangeText } from './exchange/readFile';
export {
  backupRequestSchema,
  importPlanSchema,
  importRequestSchema,
  restorePlanSchema,
} from './exchange/plans';
export type { ImportPlan, RestorePlan } from './exchange/plans';
export { constantTables } from './sources/constants';
export type { Constant, ConstantTable } from './sources/table';
