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
export { labelsFor, labelSheets } from './labels';
export type { Label, LabelSheet, LabelSheetId } from './labels';
export { daySafety } from './daySafety';
export type { DaySafety } from './daySafety';
export { firstLooks, mainObservation } from './firstLooks';
export type { FirstLook } from './firstLooks';
export { weighingEffects } from './weighingEffects';
export type { WeighingEffect } from './weighingEffects';
export { weighedOtherwise } from './weighedOtherwise';
export type { WeighedOtherwise } from './weighedOtherwise';
export { mindOfStep } from './stepMind';
