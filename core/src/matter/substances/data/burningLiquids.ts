import { shown } from '../shown';
import { commonPractice } from '../source';
import type { BurningLiquid } from '../types';

const bench = commonPractice('how a few drops on a dish burn; mixtures of alcohol and water light from about half alcohol by volume');

/** What a flame held to a few drops of a liquid does. */
export const burningLiquids = [
  { formula: 'C2H5OH', equation: 'C2H5OH(l) + 3 O2(g) → 2 CO2(g) + 3 H2O(g)', fromM: 8, shows: shown('burns with a pale blue flame that is hard to see, without soot', 'burns'), source: bench },
  { formula: 'C3H6O', equation: 'C3H6O(l) + 4 O2(g) → 3 CO2(g) + 3 H2O(g)', fromM: 4, shows: shown('burns with a yellow flame and hardly any soot', 'burns'), source: bench },
  { formula: 'C6H12', equation: 'C6H12(l) + 9 O2(g) → 6 CO2(g) + 6 H2O(g)', shows: shown('burns with a bright yellow flame and some soot', 'burns'), source: bench },
  { formula: 'C6H14', equation: '2 C6H14(l) + 19 O2(g) → 12 CO2(g) + 14 H2O(g)', shows: shown('burns at once with a bright yellow flame and a little soot', 'burns'), source: bench },
  { formula: 'C8H18', equation: '2 C8H18(l) + 25 O2(g) → 16 CO2(g) + 18 H2O(g)', shows: shown('burns with a bright yellow flame and some soot', 'burns'), source: bench },
  { formula: 'C16H34', shows: shown('does not catch fire cold; it needs a wick, or to be heated until it gives vapour'), source: bench },
  { formula: 'C3H8O3', shows: shown('does not catch fire cold'), source: bench },
  { formula: 'CH2Cl2', shows: shown('does not catch fire on a dish; in a flame it gives hydrogen chloride'), source: bench },
] as const satisfies readonly BurningLiquid[];
