/** Where every vessel of a day is emptied, and what makes it safe. */
export { dischargeLimits, unlimitedElements } from './limits';
export { precipitantsSource } from './precipitants';
export { usualLimits, wastePlan } from './wastePlan';
export type { BottlePlan, Limits, WasteSource, WasteVessel } from './wastePlan';
export type { Clearing } from './clearing';
