import { sightsOf } from '../../observation/sights';
import { all, nothing } from './item';
import type { Question } from './item';

/** Sights for which there is a word: each expected one is looked for among those recorded. */
export const sights: Question = (expected, seen) => {
  const words = (list: typeof expected) => [...new Set(all(list, 'sight').flatMap(sightsOf))];
  const got = words(seen);
  const anySight = all(seen, 'sight').length > 0 || nothing(seen);
  return words(expected).map((word) => ({
    item: 'sight',
    expected: word,
    ...(anySight && { seen: got.includes(word) ? word : `not seen to be so` }),
    outcome: got.includes(word)
      ? 'agrees'
      : nothing(seen)
        ? 'differs'
        : anySight
          ? 'near'
          : 'missing',
    decides: false,
    tells: true,
  }));
};
