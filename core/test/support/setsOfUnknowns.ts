import { allCompounds } from '../../src/studies/identify/organic/compounds';
import { organicModel } from '../../src/studies/identify/organic/organicModel';
import { classTestsInOrder } from '../../src/studies/identify/organic/solubilityTree';
import { expectedTests, fewestTests, testsInOrder } from '../../src/studies/identify/setCheck';

/** The solubility tree and the class tests, as they are done in the fixed order. */
const fixedOrder = [
  'water',
  'litmus',
  'redLitmus',
  'base',
  'bicarbonate',
  'acid',
  'sulfuric',
  ...classTestsInOrder,
];
const sets = 12;
const apartInList = 20;

/** Tests to identify one of a set, summed over sets of eleven and twelve compounds as an instructor would issue. */
export async function testsToIdentify(): Promise<{
  readonly mostTelling: number;
  readonly bestTree: number;
  readonly fixed: number;
}> {
  const compounds = await allCompounds();
  let [mostTelling, bestTree, fixed] = [0, 0, 0];
  for (let from = 0; from < sets; from += 1) {
    const set = organicModel(compounds.filter((_, at) => at % apartInList === from));
    const small = { ...set, tests: set.tests.filter(({ name }) => fixedOrder.includes(name)) };
    mostTelling += expectedTests(small);
    bestTree += fewestTests(small);
    fixed += testsInOrder(small, fixedOrder);
  }
  return { mostTelling, bestTree, fixed };
}
