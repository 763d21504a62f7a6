/** What readings come to, with their uncertainty. */
export { concentrationByDrops, compareDrops } from './dropCounts';
export type { DropComparison } from './dropCounts';
export { hydrate } from './hydrate';
export type { HydrateRequest, HydrateResult } from './hydrate';
export { median, spreadOf } from './readings';
export type { Spread } from './readings';
export { density, recovery } from './separation';
export { straightLine } from './straightLine';
export type { Point, StraightLine } from './straightLine';
export { filmFreezing, readTemperatureLog } from './temperatureLog';
export type { FilmFreezing, TemperatureChange, TemperatureReading } from './temperatureLog';
export { inWords, studentSource } from './uncertainty';
export type { Quantity } from './uncertainty';
