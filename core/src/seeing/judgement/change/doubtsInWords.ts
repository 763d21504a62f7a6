import type { CounterCase } from '../../observation/counterCases';

/** How people speak of a counter-case. It is read here and nowhere else, and only to raise a doubt. */
const spokenOf: readonly (readonly [CounterCase, RegExp])[] = [
  ['dissolving', /dissolv|into water|in water/i],
  ['meltingOrFreezing', /melt|freez|solidif|\bthaw/i],
  ['boiling', /boil|evaporat|steam|distil/i],
  ['crystallising', /crystalli[sz]|crystals/i],
  [
    'heatedFromOutside',
    /hot water|hot plate|burner|water bath|ice bath|\bheat|cool|\bwire|filament|red[- ]hot/i,
  ],
  ['subliming', /sublim/i],
  ['separating', /magnet|\bfilter|\bsiev|\bsift|decant|chromatogra/i],
  ['diluting', /dilut/i],
];

/** The counter-cases that words of context speak of. */
export function doubtsIn(context: string): CounterCase[] {
  return spokenOf.flatMap(([name, pattern]) => (pattern.test(context) ? [name] : []));
}
