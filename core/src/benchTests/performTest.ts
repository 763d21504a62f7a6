import { ChemistryError } from '../errors';
import type { Observation } from '../observation/observation';
import type { Vessel } from '../vessel/vessel';
import { flame } from './flame';
import { magnet } from './magnet';
import { heldInGas, paperNames } from './papers';
import { glowingSplint, litSplint } from './splints';

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
