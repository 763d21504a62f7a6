import type { Model, TestModel } from './model';

/** A test that was done, what it showed and what stood beside it. */
export interface TestResult {
  readonly test: string;
  /** One of the outcomes of the test, or `unsure`: done, and not decided. */
  readonly outcome: string;
  /**
   * The blank beside it: it stayed as it should, it showed the same as the sample (so the test tells nothing), or there was none.
   * Where left out it is taken to have stayed as it should.
   */
  readonly blank?: 'clean' | 'same' | 'none';
}

/** A candidate with what speaks for it. */
export interface Posterior {
  readonly candidate: string;
  /** 0 to 1. */
  readonly probability: number;
}

export const noneOfThese = 'none of these';
export const unsure = 'unsure';

/** How much of what a test tells is believed when no blank stood beside it: a judgement, common practice has it repeated. */
const withoutBlank = 0.6;

/**
 * The chance of a result for each candidate, none of them last. Unsure results, those whose blank showed the same, and those with an
 * outcome the test does not have tell nothing: undefined. What is in no table is as likely as any outcome.
 */
function likelihoods(
  { candidates }: Model,
  test: TestModel | undefined,
  { outcome, blank }: TestResult,
): number[] | undefined {
  const at = test?.outcomes.indexOf(outcome) ?? -1;
  if (!test || at < 0 || blank === 'same') return undefined;
  const even = 1 / test.outcomes.length;
  const belief = blank === 'none' ? withoutBlank : 1;
  return [...candidates.map((_, which) => test.chances[which]?.[at] ?? even), even].map(
    (chance) => belief * chance + (1 - belief) * even,
  );
}

/** The chance of each candidate, none of them last, in the order of the model; adds up to 1. */
export function weights(model: Model, results: readonly TestResult[]): number[] {
  const { candidates, tests } = model;
  const byName = new Map(tests.map((test) => [test.name, test]));
  const prior = (1 - model.noneOfThese) / Math.max(1, candidates.length);
  const weighed = [...candidates.map(() => prior), candidates.length === 0 ? 1 : model.noneOfThese];
  for (const result of results) {
    const found = likelihoods(model, byName.get(result.test), result);
    found?.forEach((chance, which) => (weighed[which] = (weighed[which] ?? 0) * chance));
  }
  const total = weighed.reduce((sum, weight) => sum + weight, 0);
  // Results that no candidate can show at all leave none of them; without a share for that either, nothing is known.
  return total > 0
    ? weighed.map((weight) => weight / total)
    : weighed.map(() => 1 / weighed.length);
}

/**
 * Bayes over candidates that begin alike; results of the same test count as replicates that are misread apart from one another.
 *
 * @returns the likeliest first, with a share for none of them.
 */
export function posterior(model: Model, results: readonly TestResult[]): Posterior[] {
  return weights(model, results)
    .map((probability, at) => ({ candidate: model.candidates[at] ?? noneOfThese, probability }))
    .sort((one, other) => other.probability - one.probability);
}

/** A class of candidates with what speaks for it. */
export interface ClassPosterior {
  readonly class: string;
  /** 0 to 1. */
  readonly probability: number;
}

/** The posterior summed over the classes of the candidates, the likeliest first. */
export function posteriorByClass(
  all: readonly Posterior[],
  classOf: (candidate: string) => string,
): ClassPosterior[] {
  const sums = new Map<string, number>();
  for (const { candidate, probability } of all) {
    const name = candidate === noneOfThese ? noneOfThese : classOf(candidate);
    sums.set(name, (sums.get(name) ?? 0) + probability);
  }
  return [...sums]
    .map(([name, probability]) => ({ class: name, probability }))
    .sort((one, other) => other.probability - one.probability);
}

/** Entropy of a distribution, bits (Shannon). */
export function entropy(shares: readonly number[]): number {
  return 0 - shares.reduce((sum, p) => (p > 0 ? sum + p * Math.log2(p) : sum), 0);
}
