/** Electrolysis: products, supply, deposit, gas, series of currents, runs and their judgement. */
export { cellSchema } from './cellRequest';
export { cellLiquid, usualGapCm } from './cell';
export type { CellRequest, Electrolyte } from './cellRequest';
export { viewCell } from './cellView';
export type { CellView, ElectrodeView } from './cellView';
export { cellCautions } from './cellCautions';
export { changingSpecies } from './changingSpecies';
export { currentSeries } from './currentSeries';
export type { Series, SeriesElectrode, SeriesRequest, SeriesRow } from './currentSeries';
export { depositMetals, planDeposit, plateAreaCm2 } from './deposit';
export type { DepositMetal, DepositPlan, Plate } from './deposit';
export { spotEffects, spotIds, spots, vapourOf, vapourSource } from './drop';
export type { Spot, SpotEffect, SpotId } from './drop';
export { efficiency, efficiencySource } from './efficiency';
export type {
  Efficiency,
  EfficiencyCause,
  EfficiencyRequest,
  ElectrodeEfficiency,
  WeighedElectrode,
} from './efficiency';
export { predictElectrolysis } from './predictElectrolysis';
export type { ElectrolyseAnswer, ElectrolyseRequest } from './predictElectrolysis';
export { electrolysisProcedure } from './electrolysisProcedure';
export type { ElectrolysisPlan } from './electrolysisProcedure';
export { planGas, tubeSchedule, tubeVolumeMl, twoToOne } from './gasPlan';
export type { GasPlan, Tube, TubeLine, TubeSchedule, TwoToOne } from './gasPlan';
export { molarVolumeMl, roomConditions } from './gasVolume';
export type { GasConditions } from './gasVolume';
export { hookSource, hookWear } from './hooks';
export type { HookWear } from './hooks';
export { depositWords, impurityHints, impuritySource } from './impurities';
export type { ImpurityHint } from './impurities';
export type { MeltElectrode, MeltPrediction } from './melt';
export { predictCell } from './predictCell';
export type { CellCurrent, CellElectrode, CellProduct, PredictedCell } from './predictCell';
export { chargeOfLog, logLineSchema, summariseLog, theoryAlong } from './runLog';
export type { LogLine, LogSummary } from './runLog';
export { batterySource, estimateCurrent, leadsOhm } from './supply';
export type { CurrentEstimate, Supply } from './supply';
export { massQuestion, readingSlip } from './slips';
export type { MassQuestion, Slip, TypedReading } from './slips';
export {
  brineCell,
  currentOf,
  likelyMetal,
  readyCells,
  requestOf,
  typedCellSchema,
} from './typedCell';
export type { TypedCell } from './typedCell';
export {
  currentTries,
  firstPlan,
  gasesOf,
  plannedCoat,
  plannedTube,
  plannedTubes,
  platedBy,
  supplyOf,
  typedPlanSchema,
  usualTimeS,
} from './typedPlan';
export type { CurrentTry, MadeGas, PlannedTube, TypedPlan } from './typedPlan';
export { emptyRun, seriesOf, signSlip, typedSeriesSchema } from './typedSeries';
export type { SeriesOutcome, TypedRun, TypedSeries } from './typedSeries';
export { voltageBalance } from './voltageBalance';
export type { BalanceReadings, VoltageBalance, VoltagePart } from './voltageBalance';
export { bulkOf, voltagesOf } from './voltages';
export type { CellShape, CellVoltages } from './voltages';
export { waterVapourKPa } from './waterVapourPressure';
