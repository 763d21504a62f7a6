import type { UnknownTest } from '../../matter/substances/types';
import type { TestResult } from './inference';
import type { UnknownSchool } from './unknownSchool';
import { inorganicTests } from './inorganic/runTests';
import type { Model } from './model';
import { nextTests, pairsOfTests, testsLeft } from './nextTest';
import type { NextTest } from './nextTest';
import { organicTest } from './organic/organicModel';
import { boilingPoint, meltingPoint } from './organic/physicalPoint';
import { classTestsInOrder, nextInTree } from './organic/solubilityTree';
import { formatNumber, withPlaces } from '../../common/formatNumber';

export type UnknownKind = 'organic' | 'inorganic';
/** What limits the choice of the next test. */
export interface TestLimits {
  /** Sample left, mg. */
  readonly sampleMg?: number;
  /** Time left, minutes. */
  readonly minutes?: number;
  /** Whether a reagent is at hand; everything is where left out. */
  readonly hasReagent?: (reagent: string) => boolean;
  /** The most dangerous test allowed, 1 to 4. */
  readonly mostHazard?: number;
}

export interface RankRequest extends TestLimits {
  readonly kind: UnknownKind;
  readonly school: UnknownSchool;
}

/** A test with all that speaks for and against doing it next. */
export interface RankedTest extends NextTest {
  readonly label: string;
  readonly minutes: number;
  readonly sampleMg: number;
  readonly hazard: number;
  readonly bitsPerMinute: number;
  /** Bits for each grade of hazard. */
  readonly bitsPerHazard: number;
  /** Bits together with the best test after it; known for the leading tests. */
  readonly bitsWithNext?: number;
  readonly then?: string;
  readonly why: string;
}

/** A test that tells something and cannot be done, with the reason. */
export interface HeldBack {
  readonly test: string;
  readonly why: string;
}

/** Melting and boiling points, as tests with what they cost (common practice). */
const points: Readonly<
  Record<string, Pick<UnknownTest, 'label' | 'minutes' | 'sampleMg' | 'hazard' | 'reagents'>>
> = {
  [meltingPoint.name]: {
    label: meltingPoint.label,
    minutes: 12,
    sampleMg: 10,
    hazard: 1,
    reagents: ['melting point apparatus'],
  },
  [boilingPoint.name]: {
    label: boilingPoint.label,
    minutes: 15,
    sampleMg: 300,
    hazard: 3,
    reagents: ['boiling point apparatus'],
  },
};

/** A point is read on a pure dry sample, once the tests have said what to look for. */
function pointsLast(tests: readonly NextTest[]): NextTest[] {
  return [...tests].sort((one, other) => Number(isPoint(one.test)) - Number(isPoint(other.test)));
}

/** Whether a test reads a melting or boiling point. */
export function isPoint(test: string): boolean {
  return Object.hasOwn(points, test);
}

/** What a test costs and needs, by name. */
export function costsOf(
  kind: UnknownKind,
  name: string,
): Pick<UnknownTest, 'label' | 'minutes' | 'sampleMg' | 'hazard' | 'reagents'> | undefined {
  return (
    points[name] ??
    (kind === 'organic' ? organicTest(name) : inorganicTests.find((one) => one.name === name))
  );
}

/** Tests that schools which look before they drip do first on an inorganic unknown. */
const inorganicFirst = ['appearance', 'solubility', 'solutionColour', 'flame', 'pH'];

/** The test that the fixed order has next, and the rest of that order; undefined where it has none. */
export function nextInOrder(
  kind: UnknownKind,
  model: Model,
  results: readonly TestResult[],
): string | undefined {
  const left = new Set(testsLeft(model, results).map(({ name }) => name));
  const tree =
    kind === 'organic' ? nextInTree(results) : inorganicFirst.find((name) => left.has(name));
  if (tree !== undefined && left.has(tree)) return tree;
  if (kind === 'organic') return classTestsInOrder.find((name) => left.has(name));
  return inorganicTests.find(({ name }) => left.has(name))?.name;
}

/** Why a test cannot be done now; undefined where it can. */
function heldBackBy(kind: UnknownKind, name: string, limits: TestLimits): string | undefined {
  const costs = costsOf(kind, name);
  if (!costs) return undefined;
  if (limits.sampleMg !== undefined && costs.sampleMg > limits.sampleMg)
    return `needs ${formatNumber(costs.sampleMg)} mg of sample, ${formatNumber(limits.sampleMg)} mg are left`;
  if (limits.minutes !== undefined && costs.minutes > limits.minutes)
    return `takes ${formatNumber(costs.minutes)} min, ${formatNumber(limits.minutes)} min are left`;
  if (limits.mostHazard !== undefined && costs.hazard > limits.mostHazard)
    return 'is more dangerous than is allowed here';
  const missing =
    limits.hasReagent && costs.reagents.find((reagent) => !limits.hasReagent?.(reagent));
  return missing === undefined ? undefined : `${missing} is not at hand`;
}

/** Tests that would tell something and cannot be done, with the reason. */
export function heldBack(
  model: Model,
  results: readonly TestResult[],
  request: RankRequest,
): HeldBack[] {
  return nextTests(model, results).flatMap(({ test }) => {
    const why = heldBackBy(request.kind, test, request);
    return why === undefined ? [] : [{ test, why }];
  });
}

/**
 * The tests to do next, in the order of the school: the fixed order names its own first, the other the one that tells most.
 * Tests that tell nothing are left out, but for the one the fixed order has next.
 */
export function rankTests(
  model: Model,
  results: readonly TestResult[],
  request: RankRequest,
): RankedTest[] {
  const { kind, school } = request;
  const pairs = new Map(pairsOfTests(model, results).map((pair) => [pair.test, pair]));
  const telling = pointsLast(nextTests(model, results)).filter(
    ({ test }) => heldBackBy(kind, test, request) === undefined,
  );
  const fixed = school === 'solubilityFirst' ? nextInOrder(kind, model, results) : undefined;
  const first =
    fixed === undefined || heldBackBy(kind, fixed, request) !== undefined
      ? []
      : [telling.find(({ test }) => test === fixed) ?? { test: fixed, bits: 0, splits: [] }];
  return [...first, ...telling.filter(({ test }) => test !== first[0]?.test)].map(
    (next): RankedTest => {
      const costs = costsOf(kind, next.test);
      const pair = pairs.get(next.test);
      const { label = next.test, minutes = 1, sampleMg = 0, hazard = 1 } = costs ?? {};
      return {
        ...next,
        label,
        minutes,
        sampleMg,
        hazard,
        bitsPerMinute: next.bits / minutes,
        bitsPerHazard: next.bits / hazard,
        ...(pair && {
          bitsWithNext: pair.bits,
          ...(pair.then !== undefined && { then: pair.then }),
        }),
        why: whyOf(next, next.test === fixed),
      };
    },
  );
}

/** How many candidates of an outcome are named. */
const namedMost = 4;

function whyOf({ bits, splits }: NextTest, fixed: boolean): string {
  const parts = splits.map(({ outcome, candidates }) => {
    const names = candidates.slice(0, namedMost).join(', ');
    const more = candidates.length > namedMost ? ` and ${candidates.length - namedMost} more` : '';
    return `${outcome}: ${names}${more}`;
  });
  const order = fixed ? 'Next in the fixed order. ' : '';
  return parts.length > 1
    ? `${order}Splits them (${withPlaces(bits, 2)} bits): ${parts.join('; ')}.`
    : `${order}Confirms rather than splits (${withPlaces(bits, 2)} bits)${parts[0] ? `: ${parts[0]}` : ''}.`;
}
