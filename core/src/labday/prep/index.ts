/** What is made, labelled and minded before the class. */
export {
  daySheet,
  dayShortages,
  formsOnShelf,
  jarsOf,
  takingFor,
  takingOf,
  workingOf,
} from './daySheet';
export type { DayLine, DayShortage } from './daySheet';
export { labelsFor, labelSheets, printedStatements } from './labels';
export type { Label, LabelSheet, LabelSheetId } from './labels';
export { daySafety } from './daySafety';
export type { DaySafety } from './daySafety';
export { firstLooks, mainObservation } from './firstLooks';
export type { FirstLook } from './firstLooks';
export { weighingEffects } from './weighingEffects';
export type { WeighingEffect } from './weighingEffects';
export { weighedOtherwise } from './weighedOtherwise';
export type { WeighedOtherwise } from './weighedOtherwise';
export { setOut } from './setOut';
export type { SetOut, SettingOut } from './setOut';
export { cautionsOfDay, cautionsOfStep, mindOfStep } from './stepMind';
export type { DayCautions } from './stepMind';
export { riskAssessment } from './riskAssessment';
export type { AssessedActivity, RiskAssessment, UsedThing } from './riskAssessment';
