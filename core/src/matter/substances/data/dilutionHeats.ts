import { handbook } from '../source';
import type { DilutionHeat } from '../types';

const thomsen = handbook('Thomsen, Thermochemistry', 'heat of mixing of sulfuric acid with n mol of water, 17 860 n/(n + 1.798) cal/mol');
const crc = handbook('CRC Handbook of Chemistry and Physics', 'enthalpies of dilution of acids; the curve n/(n + a) is drawn through the values for 1, 4 and 10 mol of water, ±10 %');
const rough = handbook('CRC Handbook of Chemistry and Physics', 'enthalpies of solution of the acids; the curve n/(n + a) is set by the heat that the acid as it is sold gives, ±20 %');

const mixing = handbook('CRC Handbook of Chemistry and Physics', 'enthalpies of solution, and of mixing with water; the curve n/(n + a) is drawn through them, ±30 %');

/** Heat that strong acids, and liquids that mix with water, still have to give when much water is added. */
export const dilutionHeats: readonly DilutionHeat[] = [
  { of: 'HSO4^-', fullKJPerMol: 74.7, halfAtWater: 1.798, source: thomsen },
  { of: 'Cl^-', fullKJPerMol: 74.9, halfAtWater: 0.86, source: crc },
  { of: 'Br^-', fullKJPerMol: 85.1, halfAtWater: 0.62, source: rough },
  { of: 'I^-', fullKJPerMol: 81.7, halfAtWater: 0.6, source: rough },
  { of: 'ClO4^-', fullKJPerMol: 88.8, halfAtWater: 0.7, source: rough },
  { of: 'NO3^-', fullKJPerMol: 33.3, halfAtWater: 1.4, source: crc },
  { of: 'C2H5OH', fullKJPerMol: 10.7, halfAtWater: 6, source: mixing },
  { of: 'C3H6O', fullKJPerMol: 10, halfAtWater: 5, source: mixing },
  { of: 'C3H8O3', fullKJPerMol: 5.8, halfAtWater: 4, source: mixing },
  { of: 'C2H8N2', fullKJPerMol: 28, halfAtWater: 4, source: mixing },
];
