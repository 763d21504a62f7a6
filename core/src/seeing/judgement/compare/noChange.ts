import { nothing } from './item';
import type { Question } from './item';

/** What should not happen at all, and did: a change where none was expected. */
export const noChange: Question = (expected, seen) => {
  if (!nothing(expected)) return [];
  const changed = seen.filter(
    (one) =>
      ['precipitate', 'deposit', 'gas', 'dissolves', 'sight'].includes(one.kind) ||
      (one.kind === 'colour' &&
        one.from !== undefined &&
        one.to !== undefined &&
        one.from !== one.to),
  );
  const answered = changed.length > 0 || seen.length > 0;
  return [
    {
      item: 'change',
      expected: 'nothing happens',
      ...(answered && { seen: changed.length > 0 ? 'something happened' : 'nothing happened' }),
      outcome: !answered ? 'missing' : changed.length > 0 ? 'differs' : 'agrees',
      decides: false,
    },
  ];
};
