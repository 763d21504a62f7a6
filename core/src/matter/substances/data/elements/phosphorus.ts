import { formed } from '../builders/formation';
import { shown } from '../../shown';
import { together } from '../builders/heated';
import { solidsFrom } from '../builders/solids';
import { acid } from '../builders/steps';
import type { ElementData } from '../../types';

/** Phosphorus and its acids: what is known of it. */
export const phosphorus: ElementData = {
  ions: [
    { formula: 'HPO4^2-', stock: 'hydrogenphosphate', oxo: 'hydrogentetraoxophosphate(V)' },
    { formula: 'H2PO4^-', stock: 'dihydrogenphosphate', oxo: 'dihydrogentetraoxophosphate(V)' },
    { formula: 'H2PO2^-', stock: 'phosphinate', common: 'hypophosphite', oxo: 'dihydridodioxophosphate(I)' },
    { formula: 'PO4^3-', stock: 'phosphate', oxo: 'tetraoxophosphate(V)' },
  ],
  acidBase: [
    acid('H3PO2', 'H2PO2^-', 1, 1.97),
    acid('HPO4^2-', 'PO4^3-', 1, 12.35, -14.6),
    acid('H2PO4^-', 'PO4^3-', 2, 19.55, -18.2),
    acid('H3PO4', 'PO4^3-', 3, 21.7, -10.2),
  ],
  solids: [
    { formula: 'P4O10', ions: { 'H^+': 12, 'PO4^3-': 4 }, pKsp: -80, colour: 'white', texture: 'fine', asAdded: true, source: solidsFrom.oxides },
  ],
  heated: [
    { ...together('4 P(s) + 5 O2(g) → P4O10(s)', 260, shown('burns with a yellow flame and thick white smoke', 'burns')), lights: true, caution: 'The smoke is corrosive, and drops of burning phosphorus stick: very little, in a hood.' },
  ],
  formation: [
    ...formed('aq', {
      'PO4^3-': -1277.4, 'HPO4^2-': -1292.1, 'H2PO4^-': -1296.3, H3PO4: -1288.3,
    }),
    ...formed('s', {
      P4O10: -2984, PCl5: -443.5,
    }),
  ],
};
