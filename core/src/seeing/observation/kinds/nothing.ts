import * as z from 'zod';
import { atAGlance, define, find } from '../definition';
import type { AnyObservation, Question } from '../definition';

/** What should not happen at all, and did: a change where none was expected. */
const change: Question = (expected, seen, meaningOf) => {
  if (!nothing(expected)) return [];
  const hasChanged = (one: AnyObservation): boolean => meaningOf(one).tellsChange(one);
  const changed = seen.some((one) => hasChanged(one) && !meaningOf(one).isJudgedApart);
  // A liquid recorded to look as it did, without anything else, says so too.
  const answered = changed || seen.some((one) => !hasChanged(one));
  return [
    {
      item: 'change',
      expected: 'nothing happens',
      ...(answered && { seen: changed ? 'something happened' : 'nothing happened' }),
      outcome: !answered ? 'missing' : changed ? 'differs' : 'agrees',
      decides: false,
      tells: true,
    },
  ];
};

export const noChange = define(z.object({ kind: z.literal('noChange') }))({
  says: () => 'nothing happened',
  saysPlainly: () => 'no change',
  tellsChange: () => false,
  closes: 'all',
  answers: () => 'everything',
  merge: () => [],
  against: () => [{ sign: 'nothing was seen to happen', why: 'no new substance showed itself' }],
  compare: change,
  asks: [
    atAGlance(() => [{ words: 'nothing happened', hotkey: 'N', record: { kind: 'noChange' } }]),
  ],
});

/** Of everything that was not recorded: it stayed as it was. */
export const nothingElse = define(z.object({ kind: z.literal('nothingElse') }))({
  says: () => 'nothing else changed',
  tellsChange: () => false,
  closes: 'rest',
  answers: () => 'everything',
  asks: [
    atAGlance(() => [
      { words: 'nothing else changed', hotkey: 'E', record: { kind: 'nothingElse' } },
    ]),
  ],
});

/** “Nothing happened” answers every question about change at once, and “nothing else changed” those that are still open. */
export const nothing = (seen: readonly AnyObservation[]): boolean =>
  find(seen, noChange) !== undefined || find(seen, nothingElse) !== undefined;
