import { handbook } from '../source';
import type { RedoxCouple } from '../types';

const crc = handbook('CRC Handbook of Chemistry and Physics', 'electrochemical series, 25 °C');

/** Couples that shelf ions belong to. They decide where electron transfer must be reported as not predicted. */
export const redoxCouples = [
  {
    oxidised: 'Fe^3+',
    reduced: 'Fe^2+',
    electrons: 1,
    protons: 0,
    standardPotentialV: 0.771,
    source: crc,
  },
  {
    oxidised: 'Ag^+',
    reduced: 'Ag',
    electrons: 1,
    protons: 0,
    unitActivity: 'reduced',
    standardPotentialV: 0.7996,
    source: crc,
  },
  {
    oxidised: 'I2',
    reduced: 'I^-',
    electrons: 1,
    protons: 0,
    unitActivity: 'oxidised',
    standardPotentialV: 0.5355,
    source: crc,
  },
  {
    oxidised: 'Cr2O7^2-',
    reduced: 'Cr^3+',
    electrons: 6,
    protons: 14,
    standardPotentialV: 1.36,
    source: crc,
  },
  {
    oxidised: 'Cu^2+',
    reduced: 'CuI',
    electrons: 1,
    protons: 0,
    unitActivity: 'reduced',
    withAnion: 'I^-',
    standardPotentialV: 0.86,
    source: crc,
  },
  {
    oxidised: 'Cu^2+',
    reduced: 'CuSCN',
    electrons: 1,
    protons: 0,
    unitActivity: 'reduced',
    withAnion: 'SCN^-',
    standardPotentialV: 0.915,
    source: crc,
  },
] as const satisfies readonly RedoxCouple[];
