import { issuedAnions, issuedCations } from '../../../matter/substances/data/issuedSalts';
import { modelOf } from '../model';
import type { Model } from '../model';
import type { InorganicOutcomes } from './runTests';
import { inorganicTests } from './runTests';

/** How likely an unknown is something that is not on the list; a judgement, common practice. */
export const notIssued = 0.02;

const misread = new Map(inorganicTests.map(({ name, falsePositive }) => [name, falsePositive]));

/** The model of inorganic unknowns from what the engine found each of them to show. */
export function inorganicModel(outcomes: Readonly<Record<string, InorganicOutcomes>>): Model {
  return modelOf(
    {
      candidates: Object.keys(outcomes),
      tests: inorganicTests.map(({ name }) => name),
      outcome: (candidate, test) => outcomes[candidate]?.[test],
    },
    { misreadShare: (test) => misread.get(test) ?? 0.05, noneOfThese: notIssued },
  );
}

/** All mixtures of two issued ions that differ, as candidates: two cations, two anions, or one of each. */
export function pairsOfIons(
  ions: readonly string[] = [...issuedCations, ...issuedAnions],
): string[] {
  return ions.flatMap((one, at) => ions.slice(at + 1).map((other) => `${one} + ${other}`));
}
