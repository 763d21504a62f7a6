import * as z from 'zod';
import { hueOf } from '../../appearance/colourWords';
import { define, find } from '../definition';
import type { Question } from '../definition';
import { colourItem } from '../shades';
import { colourField, formulaField } from './colourField';

/** The colour of a flame. */
const flames: Question = (expected, seen) => {
  const [wanted, got] = [find(expected, flame), find(seen, flame)];
  if (!wanted) return [];
  if (wanted.colour && got?.colour)
    return [{ ...colourItem('flame', wanted.colour, got.colour, true), tells: true }];
  const bothNone = (wanted.colour === undefined) === (got?.colour === undefined);
  return [
    {
      item: 'flame',
      expected: wanted.colour ?? wanted.result,
      ...(got && { seen: got.colour ?? got.result }),
      outcome: !got ? 'missing' : bothNone ? 'agrees' : 'differs',
      decides: true,
      tells: true,
    },
  ];
};

const none = 'no colour of its own';

export const flame = define(
  z.object({
    kind: z.literal('flame'),
    result: z.string().max(300),
    formula: formulaField,
    colour: colourField.optional(),
  }),
)({
  says: ({ result }) => `flame: ${result}`,
  saysPlainly: ({ colour, result }) => (colour === undefined ? result : hueOf(colour)),
  tellsChange: () => true,
  isJudgedApart: true,
  about: ({ formula = '', result }) => `${formula} ${result}`,
  compare: flames,
  asks: [
    {
      panel: 'flame',
      title: 'Flame',
      choices: () => [{ words: none, record: { kind: 'flame', result: none } }],
      colour: {
        of: ({ colour }) => colour,
        without: ['colourless', 'black', 'grey', 'brown', 'cream'],
        record: (colour) => ({ kind: 'flame', result: colour, colour }),
      },
    },
  ],
});
