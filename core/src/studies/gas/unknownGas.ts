import { performTest } from '../../seeing/benchTests/performTest';
import { modelOf } from '../identify/model';
import type { Model } from '../identify/model';
import type { NextTest } from '../identify/nextTest';
import { parseFormula } from '../../matter/formula/parseFormula';
import { dissolvedGas, gasPropertiesOf } from '../../matter/substances/gas';
import { commonPractice } from '../../matter/substances/source';
import { setUp } from '../../vessel/act';
import { risesInWater } from './circuit';
import { gasSolubility } from '../../solution/gasSolubility';
import { readGasTest } from '../../seeing/observation/outcomes';

/** Gases an unknown may be. */
export const unknownGases = [
  'H2',
  'O2',
  'N2',
  'CO2',
  'CO',
  'NH3',
  'HCl',
  'Cl2',
  'SO2',
  'H2S',
  'NO',
  'NO2',
  'N2O',
  'CH4',
  'C2H4',
  'C2H2',
] as const;

/** Tests of an unknown gas by name, in the order in which they are safe to do: nothing burns before papers have spoken. */
export const unknownGasTests = [
  'colour',
  'withAir',
  'dampBlueLitmus',
  'dampRedLitmus',
  'starchIodidePaper',
  'leadAcetatePaper',
  'dichromatePaper',
  'limewater',
  'silverNitrateDrop',
  'bromineWater',
  'glowingSplint',
  'litSplint',
  'dewOverFlame',
  'limewaterAfterBurning',
  'inverted',
] as const;

/** What the tests are called that are not papers or splints. */
export const unknownGasTestWords: Readonly<Record<string, string>> = {
  colour: 'colour of the gas',
  withAir: 'a little air let in',
  inverted: 'inverted tube in water',
  dewOverFlame: 'cold dry beaker over the burning gas',
  limewaterAfterBurning: 'lime water shaken where the gas burnt',
};

export const trustInGasTests = {
  /** How often a test of a gas is misread or spoilt by air in the tube. */
  misreadShare: 0.04,
  noneOfThese: 0.02,
  source: commonPractice(
    'how often a class reads a gas test otherwise than it should; a judgement, not a measurement',
  ),
} as const;

/** What every gas shows, by gas and test. */
export type GasOutcomes = Readonly<Record<string, Readonly<Record<string, string>>>>;

/**
 * What every gas shows in every test, by the engine.
 *
 * @param watch is told the share done, 0 to 1, and stops by answering false; what is not done is left out of the table.
 */
export function unknownGasOutcomes(watch: (share: number) => boolean = () => true): GasOutcomes {
  const found: Record<string, Record<string, string>> = {};
  for (const [at, gas] of unknownGases.entries()) {
    if (!watch(at / unknownGases.length)) break;
    found[gas] = Object.fromEntries(unknownGasTests.map((test) => [test, outcomeOf(gas, test)]));
  }
  return found;
}

function outcomeOf(gas: string, test: (typeof unknownGasTests)[number]): string {
  const row = dissolvedGas(gas);
  if (test === 'colour') return row?.colour ?? 'colourless';
  if (test === 'withAir') return row?.inAir ? `turns ${row.inAir.colour}` : 'stays as it is';
  if (test === 'inverted') return risesInWater(gasSolubility(gas, 25));
  if (test === 'dewOverFlame' || test === 'limewaterAfterBurning') return afterBurning(gas, test);
  const { vessel } = setUp({ contents: [{ gas, amountMmol: 1 }], container: 'testTube' });
  const observation = performTest(vessel, test);
  return 'result' in observation ? readGasTest(test, observation.result) : 'nothing';
}

/** What a burning gas leaves, by its elements: hydrogen burns to water, carbon to carbon dioxide, sulfur to its dioxide. */
function afterBurning(gas: string, test: 'dewOverFlame' | 'limewaterAfterBurning'): string {
  const flame = gasPropertiesOf(gas)?.litSplint;
  if (flame !== 'pops' && flame !== 'burns') return 'does not burn';
  const { H = 0, C = 0, S = 0 } = parseFormula(gas).elements;
  if (test === 'dewOverFlame') return H > 0 ? 'mists over' : 'stays dry';
  return C + S > 0 ? 'turns milky' : 'stays clear';
}

/** The outcomes as a model to reason over. */
export function gasModel(outcomes: GasOutcomes): Model {
  return modelOf(
    {
      candidates: Object.keys(outcomes),
      tests: unknownGasTests,
      outcome: (candidate, test) => outcomes[candidate]?.[test],
    },
    trustInGasTests,
  );
}

const flames = new Set(['litSplint', 'glowingSplint', 'dewOverFlame', 'limewaterAfterBurning']);

/** Whether a test holds something burning into a gas that nobody knows yet. */
export function isFlameTest(test: string): boolean {
  return flames.has(test);
}

/** How much a flame must tell more than the best paper to be worth holding to an unknown gas, bits (common practice: papers first). */
const worthAFlame = 0.7;

/** The next tests with flames after papers, unless the papers tell next to nothing more. */
export function safestFirst(tests: readonly NextTest[]): NextTest[] {
  const best = Math.max(
    0,
    ...tests.filter(({ test }) => !isFlameTest(test)).map(({ bits }) => bits),
  );
  const worth = ({ test, bits }: NextTest): number =>
    isFlameTest(test) && bits < best + worthAFlame ? bits - worthAFlame : bits;
  return [...tests].sort((one, other) => worth(other) - worth(one));
}
