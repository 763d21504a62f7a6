/** What every candidate shows in one test, with the chance of each outcome. */
export interface TestModel {
  readonly name: string;
  /** What may be told; at least two. */
  readonly outcomes: readonly string[];
  /** For each candidate the outcome it is expected to show; undefined where nothing is known. */
  readonly shown: readonly (string | undefined)[];
  /** For each candidate the chance of each outcome, adding up to 1; undefined where nothing is known. */
  readonly chances: readonly (readonly number[] | undefined)[];
}

/** Candidates and tests to reason over. */
export interface Model {
  readonly candidates: readonly string[];
  readonly tests: readonly TestModel[];
  /** How likely something not among the candidates is before any test, 0 to below 1. */
  readonly noneOfThese: number;
}

/** What each test would show for each candidate. */
export interface OutcomeTable {
  readonly candidates: readonly string[];
  readonly tests: readonly string[];
  /** Outcome in words, by candidate and test; undefined where nothing is known. */
  readonly outcome: (candidate: string, test: string) => string | undefined;
}

/** How often a test shows something else than it should, and how likely something not among the candidates is. */
export interface Trust {
  /** 0 to below 1, for all tests or by test. */
  readonly misreadShare: number | ((test: string) => number);
  /** 0 to below 1. */
  readonly noneOfThese: number;
}

/**
 * A model of tests of which each candidate has one outcome, misread now and then: the expected outcome has the chance 1 − ε, the
 * others share ε.
 */
export function modelOf(table: OutcomeTable, { misreadShare, noneOfThese }: Trust): Model {
  const { candidates } = table;
  const tests = table.tests.map((name): TestModel => {
    const shown = candidates.map((candidate) => table.outcome(candidate, name));
    const found = [...new Set(shown.flatMap((one) => one ?? []))];
    // A test can always fail to show the one thing it shows.
    const outcomes = found.length > 1 ? found : [...found, 'something else'];
    const share = typeof misreadShare === 'number' ? misreadShare : misreadShare(name);
    return {
      name,
      outcomes,
      shown,
      chances: shown.map((one) =>
        one === undefined
          ? undefined
          : outcomes.map((it) => (it === one ? 1 - share : share / (outcomes.length - 1))),
      ),
    };
  });
  return { candidates, tests, noneOfThese };
}

/** A model with fewer candidates. */
export function keepCandidates(model: Model, keep: (candidate: string) => boolean): Model {
  const kept = model.candidates.flatMap((candidate, at) => (keep(candidate) ? [at] : []));
  const pick = <T>(all: readonly T[]): T[] => kept.map((at) => all[at] as T);
  return {
    ...model,
    candidates: pick(model.candidates),
    tests: model.tests.map((test) => ({
      ...test,
      shown: pick(test.shown),
      chances: pick(test.chances),
    })),
  };
}
