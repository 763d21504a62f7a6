import { complexesFrom } from '../builders/bound';
import { half } from '../builders/couples';
import { formed } from '../builders/formation';
import { solidsFrom } from '../builders/solids';
import { band, spectraFrom, spectrum } from '../builders/spectra';
import { hydroxo, stepsFrom } from '../builders/steps';
import type { ElementData } from '../../types';

/** Vanadium: what is known of it. */
export const vanadium: ElementData = {
  ions: [
    { formula: 'V^2+', stock: 'vanadium(II)' },
    { formula: 'V^3+', stock: 'vanadium(III)' },
    { formula: 'VO^2+', stock: 'oxidovanadium(IV)', common: 'vanadyl' },
    { formula: 'VO2^+', stock: 'dioxidovanadium(V)' },
    { formula: 'VO3^-', stock: 'trioxidovanadate(V)', oxo: 'trioxovanadate(V)', common: 'metavanadate' },
  ],
  acidBase: [
    { formula: 'H2VO4^-', from: { 'VO2^+': 1, 'H^+': -2 }, logBeta: -7.09, source: stepsFrom.baes },
    { formula: 'HVO4^2-', from: { 'VO2^+': 1, 'H^+': -3 }, logBeta: -15.2, source: stepsFrom.baes },
    hydroxo('VOOH^+', 'VO^2+', 1, -5.67, 29.1),
    hydroxo('VOH^2+', 'V^3+', 1, -2.26, 47.4),
  ],
  complexes: [
    { formula: 'VO(O2)^+', from: { 'VO2^+': 1, H2O2: 1 }, logBeta: 4.6, source: complexesFrom.smith },
  ],
  solids: [
    { formula: 'VO(OH)2', ions: { 'VO^2+': 1, 'OH^-': 2 }, pKsp: 22.84, colour: 'grey', texture: 'gelatinous', source: solidsFrom.estimated },
    { formula: 'V(OH)3', ions: { 'V^3+': 1, 'OH^-': 3 }, pKsp: 34.4, colour: 'green', texture: 'gelatinous', source: solidsFrom.estimated },
  ],
  couples: [
    half('VO2^+(aq) + 2H^+(aq) + e^- → VO^2+(aq) + H2O(l)', 0.991),
    half('VO^2+(aq) + 2H^+(aq) + e^- → V^3+(aq) + H2O(l)', 0.337),
    half('V^3+(aq) + e^- → V^2+(aq)', -0.255),
  ],
  spectra: [
    spectrum('V^2+', spectraFrom.lever, band(850, 4.7, 3800), band(558, 6.5, 3800), band(370, 9, 4000)),
    spectrum('V^3+', spectraFrom.lever, band(585, 4, 3900), band(400, 9, 4600), band(300, 60, 7500)),
    spectrum('VO^2+', spectraFrom.lever, band(766, 16.1, 2850), band(637, 4.04, 4150)),
    spectrum('VO2^+', spectraFrom.lever, band(340, 520, 7000)),
    spectrum('VO(O2)^+', spectraFrom.analysis, band(455, 290, 4600)),
  ],
  formation: [
    ...formed('s', {
      V2O5: -1550.6,
    }),
  ],
};
