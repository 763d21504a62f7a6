import { ChemistryError } from '../../common/errors';
import type { Observation } from '../observation/observation';
import type { Vessel } from '../../vessel/vessel';
import { flameColours, flameRanksSource } from '../../matter/substances/data/flameColours';
import type { Source } from '../../matter/substances/source';
import { flame } from './flame';
import { magnetSource } from '../../matter/substances/data/magnetic';
import { magnet } from './magnet';
import { heldInGas, paperNames, papersSource } from './papers';
import { glowingSplint, litSplint, splintsSource } from './splints';

const byHand: Readonly<Record<string, (vessel: Vessel) => Observation>> = {
  litSplint,
  glowingSplint,
  flame,
  magnet,
};

/** The tests there are, by name. */
export const testNames: readonly string[] = [...Object.keys(byHand), ...paperNames];

/**
 * Does a test on a vessel, which itself stays as it is, and says what it shows.
 *
 * @throws ChemistryError `unknownTest`, listing the tests there are.
 */
export function performTest(vessel: Vessel, test: string): Observation {
  const found = byHand[test]?.(vessel) ?? heldInGas(vessel, test);
  if (!found) throw ChemistryError.of('unknownTest', test, testNames.join(', ')).in('test');
  return found;
}

const flameSources = [...new Set(flameColours.map(({ source }) => source)), flameRanksSource];
const sources: Readonly<Record<string, readonly Source[]>> = {
  litSplint: [splintsSource],
  glowingSplint: [splintsSource],
  flame: flameSources,
  magnet: [magnetSource],
};

/** Where the facts that a test is read by come from; reagents held in a gas are computed from the tables of the engine. */
export function sourcesOfTest(test: string): readonly Source[] {
  return sources[test] ?? [papersSource];
}
