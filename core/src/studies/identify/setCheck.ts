import type { Model, TestModel } from './model';

/** Whether two candidates are expected to show different things in a test. */
function tellsApart({ shown, chances }: TestModel, one: number, other: number): boolean {
  const [a, b] = [shown[one], shown[other]];
  if (a === undefined || b === undefined || a === b) return false;
  // Chemistry that is in doubt tells nothing apart: the two must differ more often than not.
  const [p, q] = [chances[one], chances[other]];
  if (!p || !q) return false;
  const overlap = p.reduce((sum, chance, at) => sum + Math.min(chance, q[at] ?? 0), 0);
  return overlap < 0.5;
}

/** Pairs of candidates that none of the tests tells apart. */
export function inseparablePairs(model: Model): [string, string][] {
  const { candidates, tests } = model;
  return candidates.flatMap((one, at) =>
    candidates
      .slice(at + 1)
      .map((other, step): [string, string, number] => [one, other, at + 1 + step])
      .filter(([, , to]) => !tests.some((test) => tellsApart(test, at, to)))
      .map(([first, second]): [string, string] => [first, second]),
  );
}

/** Candidates that no test tells apart, in groups of two and more. */
export function alikeCandidates(model: Model): string[][] {
  const groups: string[][] = [];
  for (const [one, other] of inseparablePairs(model)) {
    const known = groups.find((group) => group.includes(one) || group.includes(other));
    if (known) {
      for (const name of [one, other]) if (!known.includes(name)) known.push(name);
    } else groups.push([one, other]);
  }
  return groups;
}

/** Most sets of tests that are tried before the smallest one is only nearly so. */
const mostTries = 200_000;

/** The tests that together separate every pair that any test separates. */
export interface SeparatingSet {
  readonly tests: readonly string[];
  /** Whether no smaller set does it; else it was found greedily. */
  readonly smallest: boolean;
}

/**
 * The smallest set of tests that separates all that can be separated (minimum test cover): greedily, and then by trying whether a
 * smaller one exists, with branch and bound.
 */
export function smallestSet({ candidates, tests }: Model): SeparatingSet {
  const pairs: [number, number][] = candidates.flatMap((_, at) =>
    candidates.slice(at + 1).map((__, step): [number, number] => [at, at + 1 + step]),
  );
  const covers = tests
    .map((test) => ({
      name: test.name,
      covered: new Set(
        pairs.flatMap(([one, other], at) => (tellsApart(test, one, other) ? [at] : [])),
      ),
    }))
    .filter(({ covered }) => covered.size > 0);
  const wanted = new Set(covers.flatMap(({ covered }) => [...covered]));
  const greedy: string[] = [];
  const open = new Set(wanted);
  while (open.size > 0) {
    const [best] = [...covers]
      .map((cover) => ({ ...cover, gain: [...cover.covered].filter((at) => open.has(at)).length }))
      .sort((one, other) => other.gain - one.gain);
    if (!best || best.gain === 0) break;
    greedy.push(best.name);
    for (const at of best.covered) open.delete(at);
  }
  let found = greedy;
  let tries = 0;
  const search = (chosen: readonly string[], left: ReadonlySet<number>): void => {
    tries += 1;
    if (tries > mostTries) return;
    if (left.size === 0) {
      if (chosen.length < found.length) found = [...chosen];
      return;
    }
    const most = Math.max(
      ...covers.map(({ covered }) => [...covered].filter((at) => left.has(at)).length),
    );
    if (chosen.length + Math.ceil(left.size / most) >= found.length) return;
    // The pair that fewest tests separate must be separated by one of them.
    const [hardest = -1] =
      [...left]
        .map((at) => [at, covers.filter(({ covered }) => covered.has(at)).length] as const)
        .sort((one, other) => one[1] - other[1])[0] ?? [];
    for (const { name, covered } of covers.filter((cover) => cover.covered.has(hardest)))
      search([...chosen, name], new Set([...left].filter((at) => !covered.has(at))));
  };
  search([], wanted);
  return { tests: found, smallest: tries <= mostTries };
}

/**
 * How many tests it takes on average to tell which of the candidates it is, without misreading, when at each point the test that
 * tells most is done.
 */
export function expectedTests(model: Model): number {
  return tree(
    model.candidates.map((_, at) => at),
    model.tests,
    pickMostTelling,
  );
}

/** The same with the best tree there is, by trying all; for small sets only. */
export function fewestTests(model: Model): number {
  const known = new Map<string, number>();
  const best = (left: readonly number[], tests: readonly TestModel[]): number => {
    if (left.length < 2) return 0;
    const key = left.join(' ');
    const before = known.get(key);
    if (before !== undefined) return before;
    const costs = tests.flatMap((test) => {
      const parts = partsOf(test, left);
      return parts.length < 2
        ? []
        : [
            1 +
              parts.reduce((sum, part) => sum + (part.length / left.length) * best(part, tests), 0),
          ];
    });
    // What no test separates is not tested any further.
    const cost = costs.length === 0 ? 0 : Math.min(...costs);
    known.set(key, cost);
    return cost;
  };
  return best(
    model.candidates.map((_, at) => at),
    model.tests,
  );
}

/** The same in a fixed order: each next test of the order is done until one candidate, or none that is separable, is left. */
export function testsInOrder(model: Model, order: readonly string[]): number {
  const rank = new Map(order.map((name, at) => [name, at]));
  const tests = [...model.tests]
    .filter(({ name }) => rank.has(name))
    .sort((one, other) => (rank.get(one.name) ?? 0) - (rank.get(other.name) ?? 0));
  const walk = (left: readonly number[], from: number): number => {
    const test = tests[from];
    if (left.length < 2 || !test || !tests.slice(from).some((one) => partsOf(one, left).length > 1))
      return 0;
    return (
      1 +
      partsOf(test, left).reduce(
        (sum, part) => sum + (part.length / left.length) * walk(part, from + 1),
        0,
      )
    );
  };
  return walk(
    model.candidates.map((_, at) => at),
    0,
  );
}

type Pick = (
  left: readonly number[],
  tests: readonly TestModel[],
) => readonly (readonly number[])[];

function tree(left: readonly number[], tests: readonly TestModel[], pick: Pick): number {
  if (left.length < 2) return 0;
  const parts = pick(left, tests);
  if (parts.length < 2) return 0;
  return (
    1 + parts.reduce((sum, part) => sum + (part.length / left.length) * tree(part, tests, pick), 0)
  );
}

const pickMostTelling: Pick = (left, tests) =>
  tests
    .map((test) => partsOf(test, left))
    .filter((parts) => parts.length > 1)
    .sort((one, other) => remaining(one) - remaining(other))[0] ?? [];

/** Σ n log n of the parts: the entropy that is left. */
const remaining = (parts: readonly (readonly number[])[]): number =>
  parts.reduce((sum, { length }) => sum + length * Math.log2(length), 0);

/** Candidates by what they show; what is not known of a candidate is an outcome of its own. */
function partsOf({ shown }: TestModel, left: readonly number[]): number[][] {
  const parts = new Map<string, number[]>();
  for (const at of left) {
    const key = shown[at] ?? '';
    parts.set(key, [...(parts.get(key) ?? []), at]);
  }
  return [...parts.values()];
}

/** What is wrong with a set of unknowns, and how few tests it takes. */
export interface SetCheck {
  readonly inseparable: readonly (readonly [string, string])[];
  readonly smallest: SeparatingSet;
  /** Tests on average to tell which it is. */
  readonly expectedTests: number;
}

/**
 * Checks a set of unknowns against the tests that can be done.
 *
 * @param canDo whether a test can be done with the reagents at hand; all can where left out.
 */
export function checkSet(model: Model, canDo: (test: string) => boolean = () => true): SetCheck {
  const possible = { ...model, tests: model.tests.filter(({ name }) => canDo(name)) };
  return {
    inseparable: inseparablePairs(possible),
    smallest: smallestSet(possible),
    expectedTests: expectedTests(possible),
  };
}
