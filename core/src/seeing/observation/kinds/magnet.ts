import * as z from 'zod';
import { define, find } from '../definition';
import type { Question } from '../definition';

const drawn = (attracts: boolean): string => (attracts ? 'draws something' : 'draws nothing');

/** What a magnet draws. */
const magnets: Question = (expected, seen) => {
  const [wanted, got] = [find(expected, magnet), find(seen, magnet)];
  if (!wanted) return [];
  return [
    {
      item: 'magnet',
      expected: drawn(wanted.attracts),
      ...(got && { seen: drawn(got.attracts) }),
      outcome: !got ? 'missing' : got.attracts === wanted.attracts ? 'agrees' : 'differs',
      decides: true,
      tells: true,
    },
  ];
};

export const magnet = define(
  z.object({
    kind: z.literal('magnet'),
    result: z.string().max(300),
    attracts: z.boolean(),
  }),
)({
  says: ({ result }) => `magnet: ${result}`,
  tellsChange: () => true,
  isJudgedApart: true,
  about: ({ result }) => result,
  against: ({ attracts }) =>
    attracts
      ? [
          {
            sign: 'a magnet still draws it',
            why: 'the iron is there as iron: mixing and separating make nothing new',
          },
        ]
      : [],
  compare: magnets,
  asks: [
    {
      panel: 'flame',
      title: 'Magnet',
      choices: () =>
        [true, false].map((attracts) => ({
          words: drawn(attracts),
          record: { kind: 'magnet', attracts, result: drawn(attracts) },
        })),
    },
  ],
});
