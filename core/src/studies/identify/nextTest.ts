import { entropy, weights } from './inference';
import type { TestResult } from './inference';
import type { Model, TestModel } from './model';

/** A test that could be done next, and how much it would tell. */
export interface NextTest {
  readonly test: string;
  /** Expected information, bits. */
  readonly bits: number;
  /** What each outcome would leave, the outcome with most candidates first. */
  readonly splits: readonly { readonly outcome: string; readonly candidates: readonly string[] }[];
}

/** Below this a test tells nothing worth doing it for, bits. */
const nothing = 0.005;
/** Candidates less likely than this share of the likeliest are not named as what an outcome would leave. */
const named = 0.1;

/** The chance of each outcome, and what would stay uncertain if one knew the answer, bits. */
function spreadOf(test: TestModel, now: readonly number[]): { shares: number[]; noise: number } {
  const even = 1 / test.outcomes.length;
  const evenNoise = Math.log2(test.outcomes.length);
  const shares = test.outcomes.map(() => 0);
  let noise = 0;
  now.forEach((weight, which) => {
    if (weight === 0) return;
    const chances = test.chances[which];
    for (let at = 0; at < shares.length; at += 1)
      shares[at] = (shares[at] ?? 0) + weight * (chances?.[at] ?? even);
    noise += weight * (chances ? noiseOf(chances) : evenNoise);
  });
  return { shares, noise };
}

const noises = new WeakMap<readonly number[], number>();
function noiseOf(chances: readonly number[]): number {
  const known = noises.get(chances);
  if (known !== undefined) return known;
  const noise = entropy(chances);
  noises.set(chances, noise);
  return noise;
}

/** Mutual information of a test’s outcome and the candidate, bits. */
export function bitsOf(test: TestModel, now: readonly number[]): number {
  const { shares, noise } = spreadOf(test, now);
  return Math.max(0, entropy(shares) - noise);
}

/**
 * The tests not yet done, by how much each is expected to tell: the entropy of its outcomes less what misreading costs, bits
 * (mutual information; Shannon 1948). A test that was left unsure may be done again.
 *
 * @returns the most telling first; those that tell nothing are left out.
 */
export function nextTests(model: Model, results: readonly TestResult[]): NextTest[] {
  const now = weights(model, results);
  return testsLeft(model, results)
    .map((test): NextTest => ({
      test: test.name,
      bits: bitsOf(test, now),
      splits: splitsOf(model, test, now),
    }))
    .filter(({ bits }) => bits > nothing)
    .sort((one, other) => other.bits - one.bits);
}

/** Tests that were not done, or that told nothing when they were. */
export function testsLeft({ tests }: Model, results: readonly TestResult[]): TestModel[] {
  const told = new Set(
    results
      .filter(({ outcome, blank }) => blank !== 'same' && outcome !== 'unsure')
      .map(({ test }) => test),
  );
  return tests.filter(({ name }) => !told.has(name));
}

function splitsOf(
  { candidates }: Model,
  test: TestModel,
  now: readonly number[],
): NextTest['splits'] {
  const least = named * Math.max(...now.slice(0, candidates.length));
  return test.outcomes
    .map((outcome) => ({
      outcome,
      candidates: candidates.filter(
        (_, which) => test.shown[which] === outcome && (now[which] ?? 0) > least,
      ),
    }))
    .filter(({ candidates: left }) => left.length > 0)
    .sort((one, other) => other.candidates.length - one.candidates.length);
}

/** How many tests are looked at with what could follow them; the others tell less in one step. */
const lookedAhead = 8;

/** Tests with more outcomes than this, readings of a point, stand at the end and are not looked ahead from. */
const mostOutcomes = 20;

/** A test with what the best test after it would add. */
export interface PairOfTests {
  readonly test: string;
  /** Bits of the test and the best that follows each of its outcomes, together. */
  readonly bits: number;
  /** The test that most often follows best. */
  readonly then: string | undefined;
}

/**
 * Looks two tests ahead: the information of a test, and on average of the best that follows each of its outcomes, bits.
 *
 * @returns the pair that tells most first.
 */
export function pairsOfTests(model: Model, results: readonly TestResult[]): PairOfTests[] {
  const now = weights(model, results);
  const left = testsLeft(model, results).filter(({ outcomes }) => outcomes.length <= mostOutcomes);
  return nextTests(model, results)
    .slice(0, lookedAhead)
    .flatMap(({ test: name, bits }) => {
      const test = left.find((one) => one.name === name);
      if (!test) return [];
      const others = left.filter((one) => one !== test);
      const { shares } = spreadOf(test, now);
      const follow = new Map<string, number>();
      let more = 0;
      shares.forEach((share, at) => {
        if (share < 1e-9) return;
        const even = 1 / test.outcomes.length;
        const after = now.map(
          (weight, which) => (weight * (test.chances[which]?.[at] ?? even)) / share,
        );
        let best = 0;
        let which: string | undefined;
        for (const other of others) {
          const found = bitsOf(other, after);
          if (found > best) [best, which] = [found, other.name];
        }
        more += share * best;
        if (which) follow.set(which, (follow.get(which) ?? 0) + share);
      });
      const [then] = [...follow].sort((one, other) => other[1] - one[1]);
      return [{ test: name, bits: bits + more, then: then?.[0] }];
    })
    .sort((one, other) => other.bits - one.bits);
}
