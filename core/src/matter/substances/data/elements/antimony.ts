import { complex, complexesFrom } from '../builders/bound';
import { half } from '../builders/couples';
import { formed } from '../builders/formation';
import { heats, solidsFrom } from '../builders/solids';
import { hydroxo, stepsFrom } from '../builders/steps';
import type { ElementData } from '../../types';

/** Antimony: what is known of it. In water antimony(III) is counted as SbO⁺. */
export const antimony: ElementData = {
  ions: [
    { formula: 'SbO^+', stock: 'oxoantimony(III)', common: 'antimonyl' },
  ],
  acidBase: [
    hydroxo('Sb(OH)3', 'SbO^+', 1, -0.92, -8.2, 1, stepsFrom.minteq),
    hydroxo('Sb(OH)4^-', 'SbO^+', 2, -12.97, 61.6, 1, stepsFrom.minteq),
  ],
  complexes: [
    { formula: 'SbCl4^-', from: { 'SbO^+': 1, 'Cl^-': 4, 'H^+': 2 }, logBeta: 5.2, source: complexesFrom.inAcid },
    complex('SbOC4H4O6^-', 'SbO^+', 'C4H4O6^2-', 1, 6, { source: complexesFrom.alkaline }),
  ],
  solids: [
    { formula: 'SbOCl', ions: { 'SbO^+': 1, 'Cl^-': 1 }, pKsp: 8.3, colour: 'white', texture: 'fine', source: solidsFrom.placed },
    { formula: 'Sb2O3', ions: { 'SbO^+': 2, 'OH^-': 2 }, pKsp: 34.63, colour: 'white', texture: 'fine', ...heats(129.1), source: solidsFrom.minteq },
    { formula: 'Sb2S3', ions: { 'SbO^+': 2, 'S^2-': 3, 'H^+': 4 }, pKsp: 91, colour: 'orange', texture: 'flocculent', source: solidsFrom.sulfides },
  ],
  couples: [
    half('SbO^+(aq) + 2H^+(aq) + 3e^- → Sb(s) + H2O(l)', 0.212),
  ],
  formation: [
    ...formed('s', {
      Sb: 0, Sb2O3: -708.8, Sb2S3: -151.4, SbCl3: -382.2,
    }),
  ],
};
