import { complexesFrom } from '../builders/bound';
import { half } from '../builders/couples';
import { formed } from '../builders/formation';
import { solidsFrom } from '../builders/solids';
import { band, spectraFrom, spectrum } from '../builders/spectra';
import type { ElementData } from '../../types';

/** Titanium: what is known of it. */
export const titanium: ElementData = {
  ions: [
    { formula: 'TiO^2+', stock: 'oxidotitanium(IV)', common: 'titanyl' },
    { formula: 'Ti^3+', stock: 'titanium(III)', common: 'titanous' },
  ],
  complexes: [
    { formula: 'TiO(H2O2)^2+', from: { 'TiO^2+': 1, H2O2: 1 }, logBeta: 4, source: complexesFrom.smith },
  ],
  solids: [
    { formula: 'Ti(OH)4', ions: { 'TiO^2+': 1, 'OH^-': 2 }, pKsp: 29, colour: 'white', texture: 'gelatinous', source: solidsFrom.lange },
  ],
  couples: [
    half('TiO^2+(aq) + 2H^+(aq) + e^- → Ti^3+(aq) + H2O(l)', 0.1),
  ],
  spectra: [
    spectrum('Ti^3+', spectraFrom.lever, band(492, 4, 3400), band(575, 2.4, 3400)),
    spectrum('TiO(H2O2)^2+', spectraFrom.analysis, band(410, 720, 5000)),
  ],
  formation: [
    ...formed('s', {
      TiO2: -944,
    }),
  ],
};
