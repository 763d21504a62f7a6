import { commonPractice } from '../source';
import type { Ageing } from '../types';

const bench = commonPractice('what an opened bottle has become after weeks; how far it goes depends on the bottle');

/** What reagents become in an old bottle, by the first ion or substance in the list that they hold. Shares are of the amount there was. */
export const ageing: readonly Ageing[] = [
  { of: 'Fe^2+', left: 0.5, becomes: [{ substance: 'FeCl3', share: 0.3 }], words: 'air has oxidised it to iron(III)', source: bench },
  { of: 'H2O2', left: 0.1, becomes: [], words: 'it has decomposed', source: bench },
  { of: 'SO3^2-', left: 0.2, becomes: [{ substance: 'Na2SO4', share: 0.8 }], words: 'air has oxidised it to sulfate', source: bench },
  { of: 'HSO3^-', left: 0.2, becomes: [{ substance: 'Na2SO4', share: 0.8 }], words: 'air has oxidised it to sulfate', source: bench },
  { of: 'S2O3^2-', left: 0.3, becomes: [], words: 'it has split, with sulfur at the bottom', source: bench },
  { of: 'ClO^-', left: 0.1, becomes: [{ substance: 'NaCl', share: 0.9 }], words: 'it has lost its chlorine', source: bench },
  { of: 'Br2', left: 0.1, becomes: [], words: 'the bromine has left it', source: bench },
  { of: 'I2', left: 0.2, becomes: [], words: 'the iodine has left it', source: bench },
  { of: 'NH3', left: 0.2, becomes: [], words: 'the ammonia has left it', source: bench },
  { of: 'Ca(OH)2', left: 0.1, becomes: [], words: 'air has turned it to chalk at the bottom', source: bench },
  { of: 'OH^-', left: 0.6, becomes: [{ substance: 'Na2CO3', share: 0.2 }], words: 'it has taken up carbon dioxide', source: bench },
  { of: 'HCO3^-', left: 0.4, becomes: [{ substance: 'Na2CO3', share: 0.3 }], words: 'it has lost carbon dioxide', source: bench },
];
