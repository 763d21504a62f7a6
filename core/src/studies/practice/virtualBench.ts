import { dice } from '../../common/dice';
import { noneOfThese, posterior, unsure, weights } from '../identify/inference';
import type { TestResult } from '../identify/inference';
import type { Model } from '../identify/model';
import { bitsOf, nextTests } from '../identify/nextTest';
import { costsOf } from '../identify/nextBest';
import type { UnknownKind } from '../identify/nextBest';
import { commonPractice } from '../../matter/substances/source';

/** What goes wrong at a real bench. */
export type Flaw = 'faint' | 'late' | 'contaminated' | 'overlooked';

/** How often a real bench shows less than the book. */
export const imperfections = {
  faintShare: 0.15,
  lateShare: 0.1,
  /** Of the wrong positives, those that come with the reagent, so that the blank shows them too. */
  fromReagent: 0.7,
  source: commonPractice('how often a class sees a test faintly, late or spoilt; a judgement'),
} as const;

/** What is seen when a test is done at the virtual bench. */
export interface Drawn {
  readonly outcome: string;
  readonly flaw?: Flaw;
  /** What the blank shows, where one was run. */
  readonly blank?: 'clean' | 'same';
}

export interface DrawRequest {
  readonly model: Model;
  /** What is in the jar. */
  readonly truth: string;
  readonly test: string;
  /** The unknown’s seed; the same test repeated is drawn anew. */
  readonly seed: number;
  /** How often it was done before. */
  readonly repeat: number;
  readonly withBlank: boolean;
}

/** Does a test at the virtual bench: what the jar shows, with the imperfection of a real one. */
export function drawResult({
  model,
  truth,
  test,
  seed,
  repeat,
  withBlank,
}: DrawRequest): Drawn | undefined {
  const found = model.tests.find(({ name }) => name === test);
  const at = model.candidates.indexOf(truth);
  const chances = found?.chances[at];
  if (!found || !chances) return undefined;
  const random = dice(seed * 977 + model.tests.indexOf(found) * 131 + repeat * 17 + 1);
  for (let warm = 0; warm < 4; warm += 1) random();
  const outcome = pick(found.outcomes, chances, random());
  const shown = found.shown[at];
  const flawDice = random();
  const reagentDice = random();
  const shy = outcome === 'negative' || outcome === 'no change';
  const wrong = outcome !== shown;
  const spoilt = wrong && !shy && reagentDice < imperfections.fromReagent;
  const flaw: Flaw | undefined = spoilt
    ? 'contaminated'
    : wrong
      ? 'overlooked'
      : shy
        ? undefined
        : flawDice < imperfections.faintShare
          ? 'faint'
          : flawDice < imperfections.faintShare + imperfections.lateShare
            ? 'late'
            : undefined;
  return {
    outcome,
    ...(flaw && { flaw }),
    ...(withBlank && { blank: spoilt ? ('same' as const) : ('clean' as const) }),
  };
}

function pick(outcomes: readonly string[], chances: readonly number[], die: number): string {
  let left = die;
  for (const [at, chance] of chances.entries()) {
    left -= chance;
    if (left < 0) return outcomes[at] ?? '';
  }
  return outcomes.at(-1) ?? '';
}

/** One test of a round, looked back upon. */
export interface TestReview extends TestResult {
  /** What it was expected to tell when it was chosen, bits. */
  readonly expectedBits: number;
  /** By how many bits it brought the truth nearer (away, where below 0). */
  readonly gainedBits: number;
  /** It could tell next to nothing. */
  readonly wasted: boolean;
  /** A less dangerous test would have told as much. */
  readonly saferInstead?: string;
  /** What was drawn, where the learner wrote something else. */
  readonly misread?: string;
}

/** A round looked back upon. */
export interface RoundReview {
  readonly right: boolean;
  readonly probabilityOfTruth: number;
  readonly tests: readonly TestReview[];
  /** Tests that would have done, each the most telling at its point. */
  readonly shorterPath: readonly string[];
}

/** A test that was expected to tell less than this was wasted, bits. */
const wastedBelow = 0.05;
/** A hazard from which on a safer test is looked for. */
const dangerousFrom = 3;

export interface ReviewRequest {
  readonly model: Model;
  readonly kind: UnknownKind;
  readonly truth: string;
  readonly answer: string;
  readonly results: readonly TestResult[];
  /** What was drawn for each result, in the same order. */
  readonly drawn: readonly string[];
}

/** Looks back on a round: what each test gave, what was wasted or needlessly dangerous, and a shorter way. */
export function reviewRound({
  model,
  kind,
  truth,
  answer,
  results,
  drawn,
}: ReviewRequest): RoundReview {
  const at = model.candidates.indexOf(truth);
  const chanceOf = (count: number): number => weights(model, results.slice(0, count))[at] ?? 0;
  const tests = results.map((result, index): TestReview => {
    const before = results.slice(0, index);
    const now = weights(model, before);
    const test = model.tests.find(({ name }) => name === result.test);
    const expectedBits = test ? bitsOf(test, now) : 0;
    const hazard = costsOf(kind, result.test)?.hazard ?? 1;
    const safer =
      hazard < dangerousFrom
        ? undefined
        : nextTests(model, before).find(
            (next) => next.bits >= expectedBits && (costsOf(kind, next.test)?.hazard ?? 1) < hazard,
          );
    const misread = drawn[index];
    return {
      ...result,
      expectedBits,
      gainedBits: Math.log2((chanceOf(index + 1) + 1e-9) / (chanceOf(index) + 1e-9)),
      wasted: expectedBits < wastedBelow,
      ...(safer && { saferInstead: safer.test }),
      ...(misread !== undefined &&
        result.outcome !== unsure &&
        misread !== result.outcome && { misread }),
    };
  });
  return {
    right: answer === truth,
    probabilityOfTruth: chanceOf(results.length),
    tests,
    shorterPath: pathTo(model, truth),
  };
}

/** Longest path that is told. */
const longestPath = 12;
const sureFrom = 0.9;

/** The most telling tests one after the other, each showing what the truth shows, until it is sure. */
export function pathTo(model: Model, truth: string): string[] {
  const at = model.candidates.indexOf(truth);
  const results: TestResult[] = [];
  while (results.length < longestPath) {
    const [first] = posterior(model, results);
    if (first && first.candidate !== noneOfThese && first.probability >= sureFrom) break;
    const next = nextTests(model, results).find(
      ({ test }) => model.tests.find(({ name }) => name === test)?.shown[at] !== undefined,
    );
    if (!next) break;
    const outcome = model.tests.find(({ name }) => name === next.test)?.shown[at] ?? unsure;
    results.push({ test: next.test, outcome });
  }
  return results.map(({ test }) => test);
}
