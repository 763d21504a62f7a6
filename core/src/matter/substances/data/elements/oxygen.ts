import { couplesFrom, half } from '../builders/couples';
import { formed } from '../builders/formation';
import { stepsFrom, waterIonisation } from '../builders/steps';
import type { ElementData } from '../../types';

/** Water, hydrogen, oxygen and their ions: what is known of it. */
export const oxygen: ElementData = {
  ions: [
    { formula: 'H^+', stock: 'hydrogen' },
    { formula: 'OH^-', stock: 'hydroxide' },
    { formula: 'O^2-', stock: 'oxide' },
  ],
  acidBase: [
    { formula: 'OH^-', from: { 'H^+': -1 }, logBeta: -waterIonisation.pKw, enthalpyKJPerMol: waterIonisation.enthalpyKJPerMol, source: stepsFrom.crc },
    { formula: 'HO2^-', from: { H2O2: 1, 'H^+': -1 }, logBeta: -11.65, enthalpyKJPerMol: 30.8, source: stepsFrom.crc },
  ],
  couples: [
    half('2H^+(aq) + 2e^- → H2(g)', 0),
    half('O2(g) + 4H^+(aq) + 4e^- → 2H2O(l)', 1.229),
    half('O2(g) + 2H^+(aq) + 2e^- → H2O2(aq)', 0.695),
    half('H2O2(aq) + 2H^+(aq) + 2e^- → 2H2O(l)', 1.776),
    half('HO2^-(aq) + 3H^+(aq) + 2e^- → 2H2O(l)', 2.12, couplesFrom.bard),
  ],
  formation: [
    ...formed('aq', {
      'H^+': 0, 'OH^-': -230, H2O2: -191.2,
    }),
    ...formed('g', {
      H2: 0, O2: 0, H2O: -241.8, O3: 142.7,
    }),
    ...formed('l', {
      H2O: -285.8, H2O2: -187.8,
    }),
  ],
};
