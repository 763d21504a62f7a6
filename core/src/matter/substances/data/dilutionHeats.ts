import { handbook } from '../source';
import type { DilutionHeat } from '../types';

const thomsen = handbook('Thomsen, Thermochemistry', 'heat of mixing of sulfuric acid with n mol of water, 17 860 n/(n + 1.798) cal/mol');
const crc = handbook('CRC Handbook of Chemistry and Physics', 'enthalpies of dilution of acids; the curve n/(n + a) is drawn through the values for 1, 4 and 10 mol of water, ±10 %');

/** Heat that strong acids still have to give when much water is added, by the anion that stands for the acid. */
export const dilutionHeats: readonly DilutionHeat[] = [
  { anion: 'HSO4^-', fullKJPerMol: 74.7, halfAtWater: 1.798, source: thomsen },
  { anion: 'Cl^-', fullKJPerMol: 74.9, halfAtWater: 0.86, source: crc },
  { anion: 'NO3^-', fullKJPerMol: 33.3, halfAtWater: 1.4, source: crc },
];
