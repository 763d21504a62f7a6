import { access } from './access';
import { days } from './days';
import { exchange } from './exchange';
import { groups } from './groups';
import { instruments } from './instruments';
import { library } from './library';

/** Every route of the server, by name: the only place where one is written down. */
export const contracts = {
  ...access,
  ...groups,
  ...days,
  ...library,
  ...instruments,
  ...exchange,
};
export type Contracts = typeof contracts;
export type RouteName = keyof Contracts;

export { addressOf } from './contract';
export type { Answer, Asked, Contract, Given, Owner, Rate, Told } from './contract';
export type { DealInput } from './groups';
export { whichDays } from './days';
export type { DaysPage, EntriesPage, HeldDay, PlannedDay, WhichDays } from './days';
export type { Kept, Saving } from './versions';
export { clockTime } from './exchange';
export type { DataSheet } from './library';
export { riskWordsSchema } from './days';
export type { RiskWords } from './days';
export type { CellReading } from './instruments';
export type { ShelfImport } from './library';
