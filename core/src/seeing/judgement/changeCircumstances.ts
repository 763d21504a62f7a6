import { sightsIn } from './compare/sights';
import type { Observation } from '../observation/observation';

/** A physical change that shows signs of its own. */
export interface Circumstance {
  readonly name: string;
  /** How it is spoken of. */
  readonly words: RegExp;
  /** Signs it makes without any new substance. */
  readonly explains: readonly Observation['kind'][];
  readonly explainsSights?: readonly string[];
  readonly says: string;
  /** Whether a record alone gives it away. */
  readonly shownBy?: (seen: readonly Observation[]) => boolean;
}

const has = (seen: readonly Observation[], ...kinds: readonly Observation['kind'][]): boolean =>
  seen.some(({ kind }) => kinds.includes(kind));
const sees = (seen: readonly Observation[], word: string): boolean =>
  seen.some((one) => one.kind === 'sight' && sightsIn(one.result).some((own) => own === word));

/** The counter-cases of the trade: what looks like a chemical change and is none (common practice). */
const known: readonly Circumstance[] = [
  {
    name: 'dissolving',
    words: /dissolv|into water|in water/i,
    explains: ['temperature', 'dissolves'],
    says: 'dissolving warms or cools by itself, and the solid comes back when the water is driven off',
    shownBy: (seen) =>
      has(seen, 'dissolves') && !has(seen, 'gas', 'precipitate', 'deposit', 'gasTest'),
  },
  {
    name: 'melting or freezing',
    words: /melt|freez|solidif|\bthaw/i,
    explains: ['temperature'],
    explainsSights: ['melts', 'freezes'],
    says: 'melting and freezing change the state, not the substance',
    shownBy: (seen) =>
      (sees(seen, 'melts') || sees(seen, 'freezes')) &&
      !sees(seen, 'browns or chars') &&
      !sees(seen, 'burns') &&
      !has(seen, 'gas', 'gasTest'),
  },
  {
    name: 'boiling or evaporating',
    words: /boil|evaporat|steam|distil/i,
    explains: ['gas', 'temperature', 'smell'],
    explainsSights: ['boils', 'drops of water form'],
    says: 'boiling bubbles and evaporating cools, and the same liquid condenses again',
  },
  {
    name: 'crystallising',
    words: /crystalli[sz]|crystals? (to )?(grow|form|come|appear|separate)|grow(s|ing)? crystals/i,
    explains: ['precipitate'],
    says: 'crystals of what was dissolved come back when the solution cools or its water is driven off',
  },
  {
    name: 'heat or cold from outside',
    words:
      /hot water|hot plate|burner|water bath|ice bath|\bheat(ed)? (it|gently|strongly|to)\b|(let|leave) \S+ cool|cool(ed)? (it|to|down|in)\b/i,
    explains: ['temperature'],
    says: 'it was heated or cooled from outside, so its warmth is no sign of its own',
  },
  {
    name: 'subliming',
    words: /sublim/i,
    explains: ['gas', 'smell', 'colour'],
    explainsSights: ['turns to vapour'],
    says: 'a solid that turns to vapour and settles again is the same substance',
    shownBy: (seen) => sees(seen, 'settles again where it is cooler'),
  },
  {
    name: 'a hot wire',
    words: /\bwire|filament|glow(s|ing)? (metal|iron|platinum)|red[- ]hot/i,
    explains: ['temperature', 'flame', 'solid'],
    explainsSights: ['glows'],
    says: 'a wire that glows is hot, and the same wire when it has cooled',
  },
  {
    name: 'separating',
    words: /magnet|\bfilter|\bsiev|\bsift|decant|chromatogra/i,
    explains: ['solid', 'magnet'],
    says: 'what can be picked out again by a magnet, a sieve or a filter was only mixed',
  },
  {
    name: 'diluting',
    words: /dilut/i,
    explains: ['colour'],
    says: 'the same substance in more water is only paler',
  },
  {
    name: 'breaking up',
    words: /crush|grind|\bcut\b|\btear|\btore|\bbend|\bbent|\bbreak/i,
    explains: ['solid'],
    says: 'smaller pieces are still the same substance',
  },
];

/** The counter-cases that a record, or what was being done, speaks of. */
export function circumstances(seen: readonly Observation[], context: string): Circumstance[] {
  return known.filter(({ words, shownBy }) => words.test(context) || (shownBy?.(seen) ?? false));
}
