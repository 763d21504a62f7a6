import { commonPractice, handbook } from '../source';
import type { ColourPhrase, FlameColour } from '../types';

const vogel = handbook('Vogel’s Qualitative Inorganic Analysis', 'flame colorations of salts moistened with hydrochloric acid');
/** How much shows, and how one colour outshines another, is told in ranks; nobody tabulates it. */
export const flameRanksSource = commonPractice('which flame colours hide which, and that a trace of sodium is enough to hide all others');

const flame = (ion: string, colour: ColourPhrase, words: string, strength: number, fromMmol = 0.01): FlameColour => ({ ion, colour, words, strength, fromMmol, source: vogel });

/** Flame colours of ions. Sodium shows in traces and hides nearly all others. */
export const flameColours: readonly FlameColour[] = [
  flame('Na^+', 'bright yellow', 'lasting golden yellow; blue cobalt glass takes it away', 1000, 5e-4),
  flame('Li^+', 'red', 'crimson', 20),
  flame('Sr^2+', 'red', 'crimson, in flashes', 15),
  flame('Ca^2+', 'orange', 'brick red', 10),
  flame('Ba^2+', 'yellow-green', 'apple green', 10),
  flame('Cu^2+', 'blue-green', 'blue-green; blue with a halide', 12),
  flame('Cu^+', 'blue-green', 'blue-green; blue with a halide', 12),
  flame('K^+', 'pale violet', 'lilac; crimson through blue cobalt glass', 4),
  flame('Rb^+', 'violet', 'reddish violet', 4),
  flame('Cs^+', 'blue', 'blue-violet', 4),
  flame('B(OH)4^-', 'green', 'green edge, with alcohol and sulfuric acid', 6),
  flame('Pb^2+', 'pale blue', 'dull grey-blue', 2),
  flame('Sn^2+', 'pale blue', 'pale blue', 2),
  flame('Bi^3+', 'pale blue', 'faint pale blue', 2),
  flame('Mn^2+', 'pale green', 'faint yellowish green', 2),
  flame('Zn^2+', 'pale green', 'faint bluish-green flashes', 1),
];
