import * as z from 'zod';
import { define, find } from '../definition';
import type { Question } from '../definition';
import { formulaField } from './colourField';

/** What a nose says of air fanned towards it. */
export const smells = [
  'none',
  'pungent',
  'sharp',
  'choking',
  'of bleach',
  'of rotten eggs',
  'of vinegar',
  'of burnt sugar',
  'sweet',
] as const;

/** A smell, which nobody has to notice. */
const smelt: Question = (expected, seen) => {
  const [wanted, got] = [find(expected, smell), find(seen, smell)];
  if (!got || (!wanted && got.smell === 'none')) return [];
  const should = wanted?.smell ?? 'none';
  const share = wordsOf(should).some((word) => wordsOf(got.smell).includes(word));
  return [
    {
      item: 'smell',
      expected: should,
      seen: got.smell,
      // Noses differ, and get used to a gas; a smell where none or another was expected is worth a look, no more.
      outcome:
        share || (wanted === undefined) === (got.smell === 'none')
          ? 'agrees'
          : got.smell === 'none'
            ? 'differs'
            : 'near',
      decides: false,
      optional: true,
    },
  ];
};

const wordsOf = (text: string): string[] =>
  text
    .toLowerCase()
    .split(/[^a-z]+/)
    .filter((word) => word.length > 3);

export const smell = define(
  z.object({
    kind: z.literal('smell'),
    smell: z.string().min(1).max(100),
    formula: formulaField,
  }),
)({
  says: (one) => (one.smell === 'none' ? 'no smell' : `smell: ${one.smell}`),
  tellsChange: (one) => one.smell !== 'none',
  isJudgedApart: true,
  about: (one) => `${one.formula ?? ''} ${one.smell}`,
  signs: (one) =>
    one.smell === 'none'
      ? []
      : [
          {
            sign: `a smell: ${one.smell}`,
            weight: 0.35,
            counterCase: 'what evaporates smells without having changed',
            madeBy: ['boiling', 'subliming'],
          },
        ],
  compare: smelt,
  asks: [
    {
      panel: 'smell',
      title: 'Smell, fanned towards you; never sniffed',
      choices: () =>
        smells.map((word) => ({ words: word, record: { kind: 'smell', smell: word } })),
    },
  ],
});
