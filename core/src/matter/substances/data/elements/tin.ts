import { complex, complexesFrom } from '../builders/bound';
import { couplesFrom, half } from '../builders/couples';
import { flame } from '../builders/flames';
import { formed } from '../builders/formation';
import { heats, solidsFrom } from '../builders/solids';
import { hydroxo, stepsFrom } from '../builders/steps';
import type { ElementData } from '../../types';

/** Tin: what is known of it. */
export const tin: ElementData = {
  ions: [
    { formula: 'Sn^2+', stock: 'tin(II)', common: 'stannous' },
    { formula: 'Sn^4+', stock: 'tin(IV)', common: 'stannic' },
  ],
  acidBase: [
    hydroxo('SnOH^+', 'Sn^2+', 1, -3.4, 18.6),
    hydroxo('Sn(OH)2', 'Sn^2+', 2, -7.06, 40.8),
    hydroxo('Sn(OH)3^-', 'Sn^2+', 3, -16.61, 89.2),
    hydroxo('Sn(OH)6^2-', 'Sn^4+', 6, -28.3, undefined, 1, stepsFrom.fitted),
  ],
  complexes: [
    { ...complex('SnCl^+', 'Sn^2+', 'Cl^-', 1, 1.5, { enthalpyKJPerMol: 12 }), ionPair: true },
    { ...complex('SnCl3^-', 'Sn^2+', 'Cl^-', 3, 2.1, { enthalpyKJPerMol: 22.3 }), ionPair: true },
    { ...complex('SnCl6^2-', 'Sn^4+', 'Cl^-', 6, 4, { source: complexesFrom.lange }), ionPair: true },
  ],
  solids: [
    { formula: 'SnS', ions: { 'Sn^2+': 1, 'S^2-': 1 }, pKsp: 25, colour: 'brown', texture: 'flocculent', ...heats(130.7), source: solidsFrom.sulfides },
    { formula: 'SnS2', ions: { 'Sn^4+': 1, 'S^2-': 2 }, pKsp: 46, colour: 'yellow', texture: 'flocculent', ...heats(248.6), source: solidsFrom.sulfides },
    { formula: 'Sn(OH)2', ions: { 'Sn^2+': 1, 'OH^-': 2 }, pKsp: 26.33, colour: 'white', texture: 'gelatinous', ...heats(91.9), source: solidsFrom.crc },
    { formula: 'Sn(OH)4', ions: { 'Sn^4+': 1, 'OH^-': 4 }, pKsp: 56, colour: 'white', texture: 'gelatinous', source: solidsFrom.lange },
    { formula: 'SnO2', ions: { 'Sn^4+': 1, 'OH^-': 4 }, pKsp: 63.74, colour: 'white', texture: 'fine', asAdded: true, slow: 'tin(IV) oxide does not dissolve in acids', ...heats(262.6), source: solidsFrom.oxides },
  ],
  couples: [
    half('Sn^2+(aq) + 2e^- → Sn(s)', -0.1375),
    half('Sn^4+(aq) + 2e^- → Sn^2+(aq)', 0.151),
    half('Sn(OH)6^2-(aq) + 3H^+(aq) + 2e^- → Sn(OH)3^-(aq) + 3H2O(l)', 0.497, couplesFrom.bard),
  ],
  flames: [
    flame('Sn^2+', 'pale blue', 'pale blue', 2),
  ],
  formation: [
    ...formed('aq', {
      'Sn^2+': -8.8,
    }),
    ...formed('s', {
      SnO: -280.7, SnO2: -577.6, SnCl2: -325.1, SnS: -100,
    }),
  ],
};
