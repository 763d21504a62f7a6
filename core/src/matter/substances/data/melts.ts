import { readSource } from '../readSource';
import { handbook } from '../source';
import type { Melt } from '../types';

const crc = handbook('CRC Handbook of Chemistry and Physics', 'melting point');
const melt = (formula: string, meltsC: number): Melt => ({ formula, meltsC, source: readSource('melts', formula) ?? crc });

/** Salts, oxides and hydroxides that are electrolysed as melts, with their melting points. */
export const melts: readonly Melt[] = [
  melt('NaCl', 801),
  melt('KCl', 771),
  melt('LiCl', 610),
  melt('NaBr', 747),
  melt('KBr', 734),
  melt('NaI', 660),
  melt('KI', 681),
  melt('NaF', 996),
  melt('MgCl2', 714),
  melt('CaCl2', 775),
  melt('BaCl2', 961),
  melt('ZnCl2', 325),
  melt('ZnBr2', 402),
  melt('PbCl2', 501),
  melt('PbBr2', 371),
  melt('PbI2', 410),
  melt('SnCl2', 247),
  melt('AgCl', 455),
  melt('AgBr', 430),
  melt('CdCl2', 568),
  melt('NaOH', 323),
  melt('KOH', 406),
  { formula: 'Al2O3', meltsC: 2053, dissolvedIn: 'molten cryolite, at about 960 °C', source: crc },
];
