import { nothing } from './item';
import type { ObservationKind } from '../../observation/observation';
import type { Question } from './item';

/** Records of a look that has not changed. */
const quiet: readonly ObservationKind[] = ['clarity', 'colour', 'noPrecipitate', 'noGas', 'solid'];

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
  // A liquid recorded to look as it did, without anything else, says so too.
  const looked = seen.some(({ kind }) => quiet.includes(kind));
  const answered = changed.length > 0 || nothing(seen) || looked;
  return [
    {
      item: 'change',
      expected: 'nothing happens',
      ...(answered && { seen: changed.length > 0 ? 'something happened' : 'nothing happened' }),
      outcome: !answered ? 'missing' : changed.length > 0 ? 'differs' : 'agrees',
      decides: false,
      tells: true,
    },
  ];
};
