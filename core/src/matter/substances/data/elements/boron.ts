import { flame } from '../builders/flames';
import { formed } from '../builders/formation';
import { heats, solidsFrom } from '../builders/solids';
import { stepsFrom } from '../builders/steps';
import type { ElementData } from '../../types';

/** Boron: what is known of it. */
export const boron: ElementData = {
  ions: [
    { formula: 'BH4^-', stock: 'tetrahydridoborate', common: 'borohydride' },
    { formula: 'B(OH)4^-', stock: 'tetrahydroxidoborate' },
    { formula: 'B4O7^2-', stock: 'tetraborate', oxo: 'heptaoxotetraborate(III)' },
  ],
  acidBase: [
    { formula: 'B(OH)3', from: { 'B(OH)4^-': 1, 'H^+': 1 }, logBeta: 9.24, enthalpyKJPerMol: -13.8, source: stepsFrom.crc },
  ],
  solids: [
    { formula: 'B(OH)3', ions: { 'B(OH)4^-': 1, 'H^+': 1 }, pKsp: 9.28, colour: 'white', texture: 'crystalline', ...heats(35.5), commonName: 'boric acid', source: solidsFrom.crc },
  ],
  flames: [
    flame('B(OH)4^-', 'green', 'green edge, with alcohol and sulfuric acid', 6),
  ],
  formation: [
    ...formed('aq', {
      'B(OH)4^-': -1344, 'B(OH)3': -1074.5,
    }),
    ...formed('s', {
      B2O3: -1273.5, 'B(OH)3': -1094.3,
    }),
  ],
};
