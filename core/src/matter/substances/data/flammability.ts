import { handbook } from '../source';
import type { Flammability } from '../types';

const crc = handbook('CRC Handbook of Chemistry and Physics', 'limits of flammability in air at 25 °C and 1 atm, % by volume');

/** Between which shares of the mixture with air a gas burns through it, % by volume. */
export const flammability = [
  { gas: 'H2', lowPercent: 4, highPercent: 75, source: crc },
  { gas: 'CO', lowPercent: 12.5, highPercent: 74, source: crc },
  { gas: 'NH3', lowPercent: 15, highPercent: 28, source: crc },
  { gas: 'H2S', lowPercent: 4, highPercent: 44, source: crc },
  { gas: 'HCN', lowPercent: 5.6, highPercent: 40, source: crc },
  { gas: 'CH4', lowPercent: 5, highPercent: 15, source: crc },
  { gas: 'C2H6', lowPercent: 3, highPercent: 12.5, source: crc },
  { gas: 'C2H4', lowPercent: 2.7, highPercent: 36, source: crc },
  { gas: 'C2H2', lowPercent: 2.5, highPercent: 100, source: crc },
  { gas: 'C3H8', lowPercent: 2.1, highPercent: 9.5, source: crc },
  { gas: 'C3H6', lowPercent: 2, highPercent: 11.1, source: crc },
  { gas: 'C4H10', lowPercent: 1.8, highPercent: 8.4, source: crc },
] as const satisfies readonly Flammability[];
