/** Procedures as steps with events, what they predict, and the library that ships. */
export { handsOf, missingKit, scheduleOf, taskOrigins } from './classPlan';
export type { ClassPlan, TaskOrigin } from './classPlan';
export { manners } from './manner';
export type { Manner } from './manner';
export { cutsFor } from './cuts';
export type { Cut } from './cuts';
export { departuresFrom } from './departures';
export type { Departure } from './departures';
export { kindNames } from './kinds';
export type { ProcedureKind } from './kinds';
export { library } from './library';
export {
  analysisNames,
  analysisSchema,
  measuresOf,
  quantityNames,
  quantityUnits,
} from './measures';
export type { Analysis, Measure, QuantityName } from './measures';
export { moveStep, orderProblems, shortText } from './orderGuard';
export { procedureProblems } from './procedureProblems';
export type { OrderProblem, Unmet } from './orderGuard';
export { renameVessel } from './renameVessel';
export { blankStep, kitKinds, procedureSchema } from './procedure';
export type { KitKind, Procedure, Step as ProcedureStep } from './procedure';
export { numberOf } from './eventNumber';
export type { EventNumber } from './eventNumber';
export { quantityOf, reagentsOf } from './reagents';
export type { Reagent } from './reagents';
export { followAmounts } from './followAmounts';
export { stepAmounts } from './stepAmounts';
export { mindOf, putIn, stepSafety } from './stepSafety';
export type { StepSafety } from './stepSafety';
export { meanwhile, peopleRows, timetableRows } from './timetableRows';
export type { TimetableBar, TimetableLane, TimetableRow } from './timetableRows';
export { procedureRunner, runProcedure } from './runProcedure';
export type { ProcedureRun, RunStep } from './runProcedure';
export { mixingOf, mixingSchema, mixingStep, mixingVessel, procedureOfMixing } from './mixing';
export type { Mixing } from './mixing';
