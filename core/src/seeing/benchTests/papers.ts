import { phraseDistance } from '../appearance/colourWords';
import { viewVessel } from '../appearance/vesselView';
import type { Observation } from '../observation/observation';
import { gasPropertiesOf } from '../../matter/substances/gas';
import { commonPractice } from '../../matter/substances/source';
import type { ColourPhrase } from '../../matter/substances/types';
import { act, setUp } from '../../vessel/act';
import type { EventResult } from '../../vessel/eventResult';
import type { AnyPortion } from '../../vessel/portion';
import { isOfGas } from '../../vessel/pour';
import type { Vessel } from '../../vessel/vessel';
import { gasesAbove } from './gasAbove';

/** How a reagent looks at one moment of the test. */
interface Look {
  readonly colour: ColourPhrase;
  readonly solid?: ColourPhrase;
  readonly step: EventResult;
}

/** A reagent that is held into a gas, or that a gas is led through, in a tube, as a drop or on paper. */
interface Reagent {
  readonly contents: readonly AnyPortion[];
  /** Most gas that is led in, mmol, in equal parts. */
  readonly mostMmol: number;
  readonly parts: number;
  /** In words, from the looks before, after each part, and at the end. */
  readonly tell: (looks: readonly Look[], gases: readonly string[]) => string;
}

export const papersSource = commonPractice(
  'reagents that gases are known by, their strengths, and how much gas is led through',
);

const drop = 0.1;
const solution = (substance: string, concentrationM: number, volumeMl = drop): AnyPortion => ({
  substance,
  concentrationM,
  volumeMl,
});
const acidified = solution('H2SO4', 1);
const litmus: AnyPortion = { indicator: 'litmus', drops: 1 };
/** Iodine from which starch turns blue-black, mol/L (common practice: about 1e-5). */
const starchShowsM = 2e-5;

const reagents: Readonly<Record<string, Reagent>> = {
  limewater: {
    contents: [solution('Ca(OH)2', 0.008, 5)],
    mostMmol: 3,
    parts: 60,
    tell: (looks) => {
      const milky = looks.some(({ solid }) => solid);
      if (!milky) return 'stays clear';
      return looks.at(-1)?.solid ? 'turns milky' : 'turns milky, then clears with excess gas';
    },
  },
  dampRedLitmus: {
    contents: [solution('CH3COOH', 2e-5), litmus],
    mostMmol: 0.05,
    parts: 1,
    tell: tellLitmus,
  },
  dampBlueLitmus: {
    contents: [solution('NaHCO3', 1e-4), litmus],
    mostMmol: 0.05,
    parts: 1,
    tell: tellLitmus,
  },
  bromineWater: {
    contents: [solution('Br2', 0.01, 1)],
    mostMmol: 0.1,
    parts: 1,
    tell: (looks, gases) => {
      const adds = gases.some((formula) => gasPropertiesOf(formula)?.unsaturated);
      const last = looks.at(-1);
      return adds || last?.colour === 'colourless' ? 'is decolourised' : 'keeps its colour';
    },
  },
  starchIodidePaper: {
    contents: [solution('KI', 0.1)],
    mostMmol: 0.05,
    parts: 1,
    tell: (looks) => {
      const { 'I3^-': triiodide = 0, I2 = 0 } = looks.at(-1)?.step.equilibrium?.species ?? {};
      return triiodide + I2 > starchShowsM ? 'turns blue-black' : 'stays white';
    },
  },
  leadAcetatePaper: {
    contents: [solution('Pb(CH3COO)2', 0.1)],
    mostMmol: 0.05,
    parts: 1,
    tell: tellColour,
  },
  dichromatePaper: {
    contents: [solution('K2Cr2O7', 0.02), acidified],
    mostMmol: 0.05,
    parts: 1,
    // Chromium(III) made in sulfuric acid is the green sulfato complex, which the tables of the engine do not hold.
    tell: (looks) =>
      chromium6(looks.at(-1)) < 0.1 * chromium6(looks[0]) ? 'turns green' : 'stays orange',
  },
  permanganatePaper: {
    contents: [solution('KMnO4', 0.002), acidified],
    mostMmol: 0.05,
    parts: 1,
    tell: tellColour,
  },
  silverNitrateDrop: {
    contents: [solution('AgNO3', 0.1), solution('HNO3', 0.1)],
    mostMmol: 0.05,
    parts: 1,
    tell: tellDrop,
  },
};

/** Names of the reagents a gas can be tested with. */
export const paperNames: readonly string[] = Object.keys(reagents);

/**
 * The gas above a liquid led into a reagent, or the reagent held into it: what becomes of the reagent is computed as for any
 * other mixture.
 */
export function heldInGas(vessel: Vessel, test: string): Observation | undefined {
  const reagent = reagents[test];
  if (!reagent) return undefined;
  const gases = gasesAbove(vessel);
  let step = setUp({ contents: [...reagent.contents] });
  const looks: Look[] = [lookOf(step)];
  for (let part = 0; part < reagent.parts; part += 1) {
    for (const { formula, share, amountMmol } of gases) {
      const there = Math.min(amountMmol, reagent.mostMmol * share);
      if (isOfGas(formula))
        step = act(step.vessel, {
          do: 'bubble',
          gas: formula,
          amountMmol: there / reagent.parts,
        });
    }
    looks.push(lookOf(step));
  }
  const formulae = gases.map(({ formula }) => formula);
  const [first] = formulae;
  const result = reagent.tell(looks, formulae);
  return { kind: 'gasTest', test, result, ...(first && { formula: first }) };
}

function lookOf(step: EventResult): Look {
  const { colour, solid, clarity } = viewVessel(step);
  return { colour, step, ...(solid && clarity !== 'clear' && { solid: solid.colour }) };
}

/** Chromium(VI) in a reagent, mol/L. */
function chromium6(look: Look | undefined): number {
  const {
    'Cr2O7^2-': dichromate = 0,
    'HCrO4^-': acid = 0,
    'CrO4^2-': chromate = 0,
  } = look?.step.equilibrium?.species ?? {};
  return 2 * dichromate + acid + chromate;
}

/** A change smaller than this is not told from the wet paper, OKLab. */
const seenOnPaper = 0.06;

function tellColour(looks: readonly Look[]): string {
  const [from, to] = [looks[0], looks.at(-1)].map((look) => look?.solid ?? look?.colour);
  if (!from || !to || phraseDistance(from, to) < seenOnPaper) return `stays ${from ?? ''}`.trim();
  return `turns ${to}`;
}

/** A drop on glass over something dark, where a white cloud is seen too. */
function tellDrop(looks: readonly Look[]): string {
  const cloud = looks[0]?.solid === undefined ? looks.at(-1)?.solid : undefined;
  return cloud ? `turns ${cloud}` : tellColour(looks);
}

/** Litmus is told by its two names, whatever shade lies between, and by having lost its colour to bleach. */
function tellLitmus(looks: readonly Look[], gases: readonly string[]): string {
  const [from, to] = [looks[0], looks.at(-1)].map((look) => litmusName(look?.step));
  const turned = from === to ? `stays ${from}` : `turns ${to}`;
  const bleaching = gases.some((formula) => gasPropertiesOf(formula)?.bleaches);
  return bleaching ? `${turned.replace('stays red', 'is red')}, then is bleached white` : turned;
}

/** pH at which litmus is neither red nor blue to the eye (Bishop, Indicators: range 5 to 8; recalled from memory). */
const litmusTurns = 6.5;

function litmusName(step: EventResult | undefined): 'red' | 'blue' {
  return (step?.equilibrium?.pH ?? 7) < litmusTurns ? 'red' : 'blue';
}
