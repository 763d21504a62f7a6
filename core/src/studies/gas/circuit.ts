import { capital } from '../../common/capital';
import { hueOf } from '../../seeing/appearance/colourWords';
import type { VesselView } from '../../seeing/appearance/vesselView';
import { readGasTest, testOutcomes } from '../../seeing/observation/outcomes';
import { performTest } from '../../seeing/benchTests/performTest';
import { balance } from '../../matter/equation/balance';
import { ChemistryError } from '../../common/errors';
import { parseFormula } from '../../matter/formula/parseFormula';
import type { Observation } from '../../seeing/observation/observation';
import { testWords } from '../../seeing/observation/kinds/gasTest';
import {
  describeObservation,
  meaningOf,
  shownBy,
  tellsChange,
} from '../../seeing/observation/observation';
import { runRack } from '../../seeing/rack/rack';
import { dissolvedGas, gasPropertiesOf } from '../../matter/substances/gas';
import { setUp } from '../../vessel/act';
import { gasSolubility } from '../../solution/gasSolubility';
import { testReagents } from './testReagents';
import type { TestReagent } from './testReagents';

/** One test of a circuit of properties: how it is done, what is expected, and how it looks. */
export interface CircuitTest {
  readonly id: string;
  readonly name: string;
  readonly how: string;
  /** What is expected, in words. */
  readonly expected: string;
  /** The same as one of the choices by which what was seen is recorded. */
  readonly expectedChoice: string;
  readonly choices: readonly string[];
  /** The same in the bench’s vocabulary, where the engine tells it. */
  readonly observations: readonly Observation[];
  /** Equations of what went on. */
  readonly equations: readonly string[];
  readonly before?: VesselView;
  readonly after?: VesselView;
  readonly caution?: string;
  /** Why nothing is expected, where the model cannot say. */
  readonly notPredicted?: string;
}

/** Gas in a test tube, mmol: full of it. */
const tubeMmol = 1;

/** The tests that are done in a tube of gas, in order: what spoils least comes first. */
const inTube = [
  'dampBlueLitmus',
  'dampRedLitmus',
  'starchIodidePaper',
  'glowingSplint',
  'litSplint',
] as const;
const howTo: Readonly<Record<string, string>> = {
  dampBlueLitmus: 'Hold damp blue litmus paper at the mouth.',
  dampRedLitmus: 'Hold damp red litmus paper at the mouth.',
  starchIodidePaper: 'Hold damp starch–iodide paper at the mouth.',
  glowingSplint: 'Lower a glowing splint into a tube of the gas.',
  litSplint: 'Hold a lit splint at the mouth of a tube of the gas.',
};

/**
 * The properties of a gas in the order of the bench: colour, solubility, papers, splints, then passing through reagents; each
 * outcome is computed by the engine.
 *
 * @param reagentIds those it is passed through; all when left out.
 * @throws ChemistryError for an unknown reagent.
 * @example gasCircuit('SO2', ['permanganate'])[6].expected // 'liquid violet → colourless'
 */
export function gasCircuit(gas: string, reagentIds?: readonly string[]): CircuitTest[] {
  const reagents = (reagentIds ?? testReagents.map(({ id }) => id)).map(reagentNamed);
  return [
    colourTest(gas),
    solubilityTest(gas),
    ...inTube.map((test) => tubeTest(gas, test)),
    ...reagents.map((one) => passing(gas, one)),
  ];
}

function reagentNamed(id: string): TestReagent {
  const found = testReagents.find((one) => one.id === id);
  if (!found)
    throw ChemistryError.of('unknownTest', id, testReagents.map((one) => one.id).join(', ')).in(
      'reagents',
    );
  return found;
}

function colourTest(gas: string): CircuitTest {
  const row = dissolvedGas(gas);
  const colour = row?.colour ?? 'colourless';
  const smell = gasPropertiesOf(gas)?.smell;
  return {
    id: 'colour',
    name: 'Colour',
    how: 'Hold a tube of the gas against white paper.',
    ...asChosen(row?.inAir ? `${colour}, ${row.inAir.colour} where air reaches it` : colour, [
      'colourless',
      'colourless, red-brown where air reaches it',
      'yellow-green',
      'red-brown',
    ]),
    observations: [],
    equations: [],
    ...(smell && {
      caution: `It may be noticed by its smell (${smell}). Do not smell at the tube.`,
    }),
  };
}

/** How an inverted tube of gas behaves in water, by the mL of gas that a mL of water takes up (common practice). */
export function risesInWater(volumes: number): string {
  if (volumes > 20) return 'the water shoots up and fills the tube';
  if (volumes > 1.5) return 'the water rises quickly, well up the tube';
  if (volumes > 0.3) return 'the water rises slowly, more on shaking';
  return 'the water hardly rises';
}

function solubilityTest(gas: string): CircuitTest {
  const volumes = gasSolubility(gas, 25);
  return {
    id: 'solubility',
    name: 'Inverted tube in water',
    how: 'Open a stoppered tube of the gas mouth down under water; shake.',
    ...asChosen(risesInWater(volumes), [1000, 3, 1, 0].map(risesInWater)),
    observations: [],
    equations: [],
  };
}

function tubeTest(gas: string, test: (typeof inTube)[number]): CircuitTest {
  const { vessel } = setUp({ contents: [{ gas, amountMmol: tubeMmol }], container: 'testTube' });
  const observation = performTest(vessel, test);
  const words = testWords[test] ?? test;
  const result = 'result' in observation ? observation.result : describeObservation(observation);
  return {
    id: test,
    name: capital(words),
    how: howTo[test] ?? words,
    expected: result,
    expectedChoice: readGasTest(test, result),
    choices: withExpected(testOutcomes[test] ?? [], readGasTest(test, result)),
    observations: [observation],
    equations: [],
    ...(test === 'litSplint' &&
      gasPropertiesOf(gas)?.litSplint === 'pops' && {
        caution: 'One tube, mouth away from people; never the apparatus.',
      }),
  };
}

function passing(gas: string, reagent: TestReagent): CircuitTest {
  const tube = 'tube';
  const { steps } = runRack({
    vessels: [{ name: tube, container: 'testTube' }],
    events: [
      ...reagent.contents.map((portion) => ({
        vessel: tube,
        action: { do: 'add' as const, portion },
      })),
      { vessel: tube, action: { do: 'bubble', gas, amountMmol: reagent.gasMmol } },
    ],
  });
  const before = steps.at(-2)?.told;
  const after = steps.at(-1)?.told;
  if (!before || !after) throw new Error('A reagent has contents.');
  const [reason] = after.notPredicted;
  const adds = additionOf(gas, reagent.id);
  // What the gas itself looks and smells like has a test of its own.
  const told = after.observations.filter(
    (one) => (shownBy(one)?.effect ?? 'gas') !== 'gas' || meaningOf(one).closes === 'all',
  );
  const changed = told.filter(tellsChange);
  const expected =
    adds?.words ?? (changed.length > 0 ? changed.map(describeObservation).join('; ') : 'no change');
  return {
    id: reagent.id,
    name: `Through ${reagent.name}`,
    how: `Lead the gas through ${reagent.name}.`,
    expected: reason && !adds ? '' : expected,
    expectedChoice: adds ? 'colour goes' : inShort(told),
    choices: withExpected(reagent.outcomes, adds ? 'colour goes' : inShort(told)),
    observations: adds ? [{ kind: 'colour', to: 'colourless' }] : told,
    equations: adds ? adds.equations : after.reactions.map(({ equation }) => equation),
    before: before.view,
    ...(adds ? {} : { after: after.view }),
    ...(reagent.caution && { caution: reagent.caution }),
    ...(reason && !adds && { notPredicted: reason }),
  };
}

/** What a double or triple bond does to bromine water and to permanganate: written down, since the engine knows no organic reactions. */
function additionOf(
  gas: string,
  reagentId: string,
): { readonly words: string; readonly equations: readonly string[] } | undefined {
  if (!gasPropertiesOf(gas)?.unsaturated) return undefined;
  if (reagentId === 'permanganate') return { words: 'liquid violet → colourless', equations: [] };
  if (reagentId !== 'bromineWater') return undefined;
  const { C: carbon = 0, H: hydrogen = 0 } = parseFormula(gas).elements;
  // A bromine for every hydrogen that is missing to the alkane.
  const bromines = 2 * carbon + 2 - hydrogen;
  const product = `C${carbon}H${hydrogen}Br${bromines}`;
  return {
    words: 'liquid orange → colourless',
    equations: [balance(`${gas}(g) + Br2(aq) → ${product}(l)`).equation],
  };
}

/** What was seen at a test, against what is expected. */
export type CircuitVerdict = 'agrees' | 'differs' | 'not judged';

/** Whether what was seen, one of the test’s choices, is what is expected. */
export function judgeCircuitTest(test: CircuitTest, seen: string): CircuitVerdict {
  if (test.notPredicted !== undefined) return 'not judged';
  return seen === test.expectedChoice ? 'agrees' : 'differs';
}

const asChosen = (expected: string, choices: readonly string[]) => ({
  expected,
  expectedChoice: expected,
  choices: withExpected(choices, expected),
});

function withExpected(choices: readonly string[], expected: string): readonly string[] {
  return choices.includes(expected) ? choices : [...choices, expected];
}

/** What was seen of a reagent, as short as it is said: its colour goes or turns, a solid comes. */
function inShort(observations: readonly Observation[]): string {
  const parts = observations.flatMap((one): string[] => {
    const shown = shownBy(one);
    if (shown?.effect === 'precipitate' || shown?.effect === 'metal')
      return [`${hueOf(shown.colour)} solid`];
    if (shown?.effect !== 'colour') return [];
    if (shown.colour === 'colourless') return ['colour goes'];
    return [`turns ${hueOf(shown.colour) === 'black' ? 'blue-black' : hueOf(shown.colour)}`];
  });
  return parts.length > 0 ? parts.join(', ') : 'no change';
}
