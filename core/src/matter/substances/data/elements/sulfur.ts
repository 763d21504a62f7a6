import { shown } from '../../shown';
import { couplesFrom, half } from '../builders/couples';
import { formed } from '../builders/formation';
import { together } from '../builders/heated';
import { acid, stepsFrom } from '../builders/steps';
import type { ElementData } from '../../types';

/** Sulfur and its acids: what is known of it. */
export const sulfur: ElementData = {
  ions: [
    { formula: 'S^2-', stock: 'sulfide' },
    { formula: 'HSO4^-', stock: 'hydrogensulfate', oxo: 'hydrogentetraoxosulfate(VI)' },
    { formula: 'SO3^2-', stock: 'sulfite', oxo: 'trioxosulfate(IV)' },
    { formula: 'SO4^2-', stock: 'sulfate', oxo: 'tetraoxosulfate(VI)' },
    { formula: 'S2O3^2-', stock: 'thiosulfate', oxo: 'trioxothiosulfate(VI)' },
    { formula: 'HS^-', stock: 'hydrogensulfide' },
    { formula: 'HSO3^-', stock: 'hydrogensulfite', oxo: 'hydrogentrioxosulfate(IV)', common: 'bisulfite' },
    { formula: 'S2O5^2-', stock: 'disulfite', oxo: 'pentaoxodisulfate(IV)', common: 'metabisulfite' },
    { formula: 'S2O8^2-', stock: 'peroxodisulfate', common: 'persulfate' },
    { formula: 'S4O6^2-', stock: 'tetrathionate' },
  ],
  acidBase: [
    acid('HSO4^-', 'SO4^2-', 1, 1.99, 22.4),
    acid('HS2O3^-', 'S2O3^2-', 1, 1.7),
    acid('HSO3^-', 'SO3^2-', 1, 7.19, 3.7),
    acid('SO2', 'SO3^2-', 2, 9.04, 21.5),
    acid('HS^-', 'S^2-', 1, 13.9, -50, stepsFrom.lange),
    acid('H2S', 'S^2-', 2, 20.9, -72, stepsFrom.lange),
  ],
  couples: [
    half('S2O8^2-(aq) + 2e^- → 2SO4^2-(aq)', 1.939),
    half('SO4^2-(aq) + 4H^+(aq) + 2e^- → SO2(aq) + 2H2O(l)', 0.158, couplesFrom.bard),
    half('SO4^2-(aq) + 3H^+(aq) + 2e^- → HSO3^-(aq) + H2O(l)', 0.103, couplesFrom.bard),
    half('SO4^2-(aq) + 2H^+(aq) + 2e^- → SO3^2-(aq) + H2O(l)', -0.11, couplesFrom.bard),
    half('S(s) + 2H^+(aq) + 2e^- → H2S(aq)', 0.142),
    half('S(s) + H^+(aq) + 2e^- → HS^-(aq)', -0.065, couplesFrom.bard),
    half('SO2(aq) + 4H^+(aq) + 4e^- → S(s) + 2H2O(l)', 0.45, couplesFrom.bard),
    half('2SO2(aq) + 2H^+(aq) + 4e^- → S2O3^2-(aq) + H2O(l)', 0.4),
    half('S2O3^2-(aq) + 6H^+(aq) + 4e^- → 2S(s) + 3H2O(l)', 0.49, couplesFrom.bard),
    half('S4O6^2-(aq) + 2e^- → 2S2O3^2-(aq)', 0.024),
    half('2SO4^2-(aq) + 10H^+(aq) + 8e^- → S2O3^2-(aq) + 5H2O(l)', 0.29, couplesFrom.bard),
  ],
  heated: [
    { ...together('S(s) + O2(g) → SO2(g)', 250, shown('melts at 115 °C, darkens, and burns with a blue flame', 'melts', 'burns')), lights: true, caution: 'Sulfur dioxide: in the hood only.' },
  ],
  formation: [
    ...formed('aq', {
      'S^2-': 33.1, 'HS^-': -17.6, 'HSO4^-': -887.3, 'SO4^2-': -909.3, 'SO3^2-': -635.5, 'HSO3^-': -626.2, 'S2O3^2-': -652.3, 'S4O6^2-': -1224.2,
      'S2O8^2-': -1344.7, SO2: -323, H2S: -37.7,
    }),
    ...formed('g', {
      SO2: -296.8, SO3: -395.7, H2S: -20.6,
    }),
    ...formed('l', {
      H2SO4: -814,
    }),
  ],
};
