import { commonPractice } from '../source';
import type { Keeping } from '../types';

const bench = commonPractice('what a solution does in its bottle; supplier’s sheets and local experience decide');

/** How solutions keep, by the first ion or substance in the list that they hold. */
export const keeping = [
  { of: 'Sn^2+', fresh: true, words: 'the same day: air and water make it cloudy; a little acid and a piece of tin help', source: bench },
  { of: 'Fe^2+', fresh: true, words: 'the same day: air turns it to iron(III) and yellow; a few drops of acid slow that', source: bench },
  { of: 'H2O2', fresh: true, words: 'the same day once diluted; in the dark, vented', source: bench },
  { of: 'SO3^2-', fresh: true, words: 'the same day: air oxidises it to sulfate', source: bench },
  { of: 'HSO3^-', fresh: true, words: 'the same day: air oxidises it, and it smells of sulfur dioxide', source: bench },
  { of: 'S2O5^2-', fresh: true, words: 'the same day: air oxidises it', source: bench },
  { of: 'S^2-', fresh: true, words: 'the same day, stoppered, in the hood, away from acid', source: bench },
  { of: 'HC6H7O6', fresh: true, words: 'within hours: air oxidises it', source: bench },
  { of: 'C6H12O6', fresh: true, words: 'the same day: it grows moulds, and browns with alkali', source: bench },
  { of: 'HCO3^-', fresh: true, words: 'the same day: it loses carbon dioxide', source: bench },
  { of: 'NO2^-', fresh: true, words: 'the same day: air oxidises it to nitrate', source: bench },
  { of: 'S2O8^2-', fresh: true, words: 'the same day: it decomposes in water', source: bench },
  { of: 'Br2', fresh: true, words: 'the same day, stoppered, in the hood: bromine leaves it', source: bench },
  { of: 'ClO^-', fresh: true, words: 'within days, in the dark, vented: it loses strength', source: bench },
  { of: 'S2O3^2-', fresh: false, words: 'a week or two, boiled water: sulfur settles in time', source: bench },
  { of: 'Ag^+', fresh: false, words: 'months in amber glass, distilled water', source: bench },
  { of: 'MnO4^-', fresh: false, words: 'weeks in the dark; filter if brown settles', source: bench },
  { of: 'I^-', fresh: false, words: 'weeks in the dark; made anew when it yellows', source: bench },
  { of: 'Fe(CN)6^4-', fresh: false, words: 'weeks in the dark', source: bench },
  { of: 'OH^-', fresh: false, words: 'months in plastic, stoppered: it takes up carbon dioxide and freezes ground glass', source: bench },
  { of: 'NH3', fresh: false, words: 'weeks, stoppered, away from acids: it loses ammonia', source: bench },
  { of: 'Fe^3+', fresh: false, words: 'weeks with a few drops of acid, else it turns brown and cloudy', source: bench },
  { of: 'CO3^2-', fresh: false, words: 'months in plastic', source: bench },
] as const satisfies readonly Keeping[];

/** What is said of every other solution. */
export const keepsWell = { fresh: false, words: 'months, labelled and stoppered', source: bench } as const;

/** Indicators and other drops that are made anew. */
export const freshDrops: Readonly<Record<string, string>> = {
  starch: 'the same day, boiled: bacteria eat it',
};
