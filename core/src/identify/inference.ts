/** What each test would show for each candidate. */
export interface OutcomeTable {
  readonly candidates: readonly string[];
  readonly tests: readonly string[];
  /** Outcome in words, by candidate and test; undefined where nothing is known. */
  outcome(candidate: string, test: string): string | undefined;
}

/** A test that was done, and what it showed. */
export interface TestResult {
  readonly test: string;
  readonly outcome: string;
}

/** How often a test shows something else than it should, and how likely something not among the candidates is. */
export interface Trust {
  /** 0 to below 1. */
  readonly misreadShare: number;
  /** 0 to below 1. */
  readonly noneOfThese: number;
}

/** A candidate with what speaks for it. */
export interface Posterior {
  readonly candidate: string;
  /** 0 to 1. */
  readonly probability: number;
}

export const noneOfThese = 'none of these';

/**
 * Bayes over candidates that begin alike: each result multiplies by 1 − ε where it is what the candidate shows, and by ε shared over
 * the other outcomes where it is not. What is in no table is as likely as any outcome of a test.
 *
 * @returns the likeliest first, with a share for none of them.
 */
export function posterior(
  table: OutcomeTable,
  results: readonly TestResult[],
  trust: Trust,
): Posterior[] {
  const { candidates } = table;
  const prior = (1 - trust.noneOfThese) / Math.max(1, candidates.length);
  const weighed = [
    ...candidates.map((candidate) => ({
      candidate,
      weight: results.reduce(
        (product, result) => product * likelihood(table, candidate, result, trust),
        prior,
      ),
    })),
    {
      candidate: noneOfThese,
      weight: results.reduce(
        (product, { test }) => product / outcomesOf(table, test).length,
        trust.noneOfThese,
      ),
    },
  ];
  const total = weighed.reduce((sum, { weight }) => sum + weight, 0);
  return weighed
    .map(({ candidate, weight }) => ({ candidate, probability: weight / total }))
    .sort((one, other) => other.probability - one.probability);
}

/** Outcomes a test has among the candidates; at least two, since it can always fail. */
function outcomesOf({ candidates, outcome }: OutcomeTable, test: string): string[] {
  const found = new Set(candidates.flatMap((one) => outcome(one, test) ?? []));
  return found.size > 1 ? [...found] : [...found, 'something else'];
}

function likelihood(
  table: OutcomeTable,
  candidate: string,
  { test, outcome: seen }: TestResult,
  { misreadShare }: Trust,
): number {
  const others = outcomesOf(table, test).length - 1;
  const shown = table.outcome(candidate, test);
  if (shown === undefined) return 1 / (others + 1);
  return shown === seen ? 1 - misreadShare : misreadShare / Math.max(1, others);
}

/** A test that could be done next, and how much it would tell. */
export interface NextTest {
  readonly test: string;
  /** Expected information, bits. */
  readonly bits: number;
  /** What each outcome would leave, the likeliest outcome first. */
  readonly splits: readonly { readonly outcome: string; readonly candidates: readonly string[] }[];
}

/**
 * The tests not yet done, by how much each is expected to tell: the entropy of its outcomes less what misreading costs, bits.
 *
 * @returns the most telling first; those that tell nothing are left out.
 */
export function nextTests(
  table: OutcomeTable,
  results: readonly TestResult[],
  trust: Trust,
): NextTest[] {
  const now = posterior(table, results, trust);
  const done = new Set(results.map(({ test }) => test));
  return table.tests
    .filter((test) => !done.has(test))
    .map((test): NextTest => {
      const outcomes = outcomesOf(table, test);
      const chance = (outcome: string): number =>
        now.reduce(
          (sum, { candidate, probability }) =>
            sum +
            probability *
              (candidate === noneOfThese
                ? 1 / outcomes.length
                : likelihood(table, candidate, { test, outcome }, trust)),
          0,
        );
      const spread = entropy(outcomes.map(chance));
      // What would be uncertain even if one knew the answer.
      const noise = now.reduce(
        (sum, { candidate, probability }) =>
          sum +
          probability *
            entropy(
              outcomes.map((outcome) =>
                candidate === noneOfThese
                  ? 1 / outcomes.length
                  : likelihood(table, candidate, { test, outcome }, trust),
              ),
            ),
        0,
      );
      const likely = now.filter(
        ({ candidate, probability }) => candidate !== noneOfThese && probability > 0.01,
      );
      const splits = outcomes
        .map((outcome) => ({
          outcome,
          candidates: likely
            .filter(({ candidate }) => table.outcome(candidate, test) === outcome)
            .map(({ candidate }) => candidate),
        }))
        .filter(({ candidates }) => candidates.length > 0)
        .sort((one, other) => other.candidates.length - one.candidates.length);
      return { test, bits: Math.max(0, spread - noise), splits };
    })
    .filter(({ bits }) => bits > 0.005)
    .sort((one, other) => other.bits - one.bits);
}

/** Entropy of a distribution, bits (Shannon). */
export function entropy(shares: readonly number[]): number {
  return 0 - shares.reduce((sum, p) => (p > 0 ? sum + p * Math.log2(p) : sum), 0);
}

/** Results that the leading candidate does not show: what is repeated first. */
export function contradictions(
  table: OutcomeTable,
  results: readonly TestResult[],
  leading: string,
): (TestResult & { readonly expected: string })[] {
  return results.flatMap((result) => {
    const expected = table.outcome(leading, result.test);
    return expected === undefined || expected === result.outcome ? [] : [{ ...result, expected }];
  });
}
