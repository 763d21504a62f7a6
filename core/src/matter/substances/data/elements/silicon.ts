import { formed } from '../builders/formation';
import { solidsFrom } from '../builders/solids';
import { stepsFrom } from '../builders/steps';
import type { ElementData } from '../../types';

/** Silicon: what is known of it. */
export const silicon: ElementData = {
  ions: [
    { formula: 'SiO3^2-', stock: 'silicate', oxo: 'trioxosilicate(IV)' },
  ],
  acidBase: [
    { formula: 'H3SiO4^-', from: { H4SiO4: 1, 'H^+': -1 }, logBeta: -9.84, enthalpyKJPerMol: 25.6, source: stepsFrom.smith },
    { formula: 'H2SiO4^2-', from: { H4SiO4: 1, 'H^+': -2 }, logBeta: -23.04, enthalpyKJPerMol: 75, source: stepsFrom.smith },
  ],
  solids: [
    { formula: 'SiO2·2H2O', ions: { H4SiO4: 1 }, pKsp: 2.7, colour: 'white', texture: 'gelatinous', commonName: 'silica gel', source: solidsFrom.crc },
  ],
  formation: [
    ...formed('s', {
      SiO2: -910.7,
    }),
  ],
};
