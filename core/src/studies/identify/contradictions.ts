import { noneOfThese, weights } from './inference';
import type { TestResult } from './inference';
import type { Model } from './model';

/** A result that does not go with the rest. */
export interface Contradiction extends TestResult {
  /** What the leading candidate shows in it. */
  readonly expected: string;
  /** How likely it is that this result is the wrong one, 0 to 1, all others taken as they are. */
  readonly likelyWrong: number;
}

/** From this on a result is told as one that does not go with the rest. */
const toldFrom = 0.2;

/**
 * Results that the likely candidates do not show, the likeliest wrong first: the chance, over all candidates by their posterior, that
 * the true outcome was another. It is that test which a repeat with a fresh blank would settle.
 *
 * @param leading the candidate whose expected outcome is told beside it; where left out, the likeliest.
 */
export function contradictions(
  model: Model,
  results: readonly TestResult[],
  leading?: string,
): Contradiction[] {
  // That it is none of them explains nothing: it is asked which result would be wrong if it is one of them.
  const known = { ...model, noneOfThese: 0 };
  const now = weights(known, results);
  const first = leading ?? known.candidates[now.indexOf(Math.max(...now))];
  if (first === undefined || first === noneOfThese) return [];
  const at = known.candidates.indexOf(first);
  return results
    .flatMap((result) => {
      const test = known.tests.find(({ name }) => name === result.test);
      const expected = test?.shown[at];
      if (!test || expected === undefined || expected === result.outcome) return [];
      if (!test.outcomes.includes(result.outcome)) return [];
      const likelyWrong = test.shown.reduce(
        (sum, shown, which) =>
          sum + (shown !== undefined && shown !== result.outcome ? (now[which] ?? 0) : 0),
        0,
      );
      return likelyWrong < toldFrom ? [] : [{ ...result, expected, likelyWrong }];
    })
    .sort((one, other) => other.likelyWrong - one.likelyWrong);
}
