import { organicTests } from '../../../matter/substances/data/organicTests';
import type { UnknownTest } from '../../../matter/substances/types';
import type { Model, TestModel } from '../model';
import type { Compound } from './compound';
import type { Expectation } from './expectation';
import { boilingPoint, meltingPoint, pointModel } from './physicalPoint';
import { outcomeRules } from './rules/index';
import type { OrganicTestName } from './rules/index';

/** How likely an unknown is something that is not on the list; a judgement, common practice. */
export const notOnTheList = 0.02;

/** The tests of organic unknowns by name. */
export const organicTestNames = organicTests.map(({ name }) => name);

/** A test of organic unknowns; undefined for a name that is none. */
export function organicTest(name: string): UnknownTest | undefined {
  return organicTests.find((test) => test.name === name);
}

/** What a test is expected to show for a compound, and why; undefined where nothing is known. */
export function expectedOutcome(compound: Compound, test: string): Expectation | undefined {
  const rule = Object.hasOwn(outcomeRules, test)
    ? outcomeRules[test as OrganicTestName]
    : undefined;
  return rule?.(compound);
}

/**
 * The chance of each outcome of a test: what the chemistry leaves open, and then how often the test is misread.
 * The first outcome of a test with two is its positive one.
 */
function chancesOf(test: UnknownTest, { outcome, chance }: Expectation): number[] {
  const { outcomes, falsePositive, falseNegative } = test;
  const others = outcomes.length - 1;
  const real = outcomes.map((one) => (one === outcome ? chance : (1 - chance) / others));
  if (others === 1) {
    const [yes = 0, no = 0] = real;
    const told = yes * (1 - falseNegative) + no * falsePositive;
    return [told, 1 - told];
  }
  return real.map((share) => share * (1 - falsePositive) + ((1 - share) * falsePositive) / others);
}

/** The model of organic unknowns: every test for every compound, with melting and boiling point. */
export function organicModel(compounds: readonly Compound[]): Model {
  const tests = organicTests.map((test): TestModel => {
    const expected = compounds.map((compound) => expectedOutcome(compound, test.name));
    return {
      name: test.name,
      outcomes: test.outcomes,
      shown: expected.map((one) => one?.outcome),
      chances: expected.map((one) => one && chancesOf(test, one)),
    };
  });
  // A liquid has no melting point to read, and a solid is not boiled: what decomposes has neither.
  const points = [
    pointModel(
      meltingPoint,
      compounds.map(({ meltsC }) => meltsC),
    ),
    pointModel(
      boilingPoint,
      compounds.map(({ boilsC }) => boilsC),
    ),
  ];
  const unknownPoints = points.map((point): TestModel => ({
    ...point,
    chances: point.chances.map((chances, at) =>
      isUntabulated(compounds[at]) ? undefined : chances,
    ),
    shown: point.shown.map((shown, at) => (isUntabulated(compounds[at]) ? undefined : shown)),
  }));
  return {
    candidates: compounds.map(({ name }) => name),
    tests: [...tests, ...unknownPoints],
    noneOfThese: notOnTheList,
  };
}

/** A compound that came with its structure alone: nothing is known of its points. */
const isUntabulated = (compound: Compound | undefined): boolean =>
  compound?.meltsC === undefined && compound?.boilsC === undefined;
