import { commonPractice } from '../../matter/substances/source';
import type { AnyPortion } from '../../vessel/portion';

/** A reagent that a gas is led through, to see what becomes of it. */
export interface TestReagent {
  readonly id: string;
  /** As the bench calls it. */
  readonly name: string;
  readonly contents: readonly AnyPortion[];
  /** Gas that is led in, mmol: a slight excess over what the reagent takes. */
  readonly gasMmol: number;
  /** What is usually seen of gases, as one says it; what is expected of a gas stands among them. */
  readonly outcomes: readonly string[];
  readonly caution?: string;
}

export const testReagentsSource = commonPractice(
  'strengths in which reagents are kept for passing a gas through, and about how much gas turns them',
);

const solution = (substance: string, concentrationM: number, volumeMl: number): AnyPortion => ({
  substance,
  concentrationM,
  volumeMl,
});

/** The reagents, in the order in which a gas is usually passed through them. */
export const testReagents: readonly TestReagent[] = [
  {
    id: 'water',
    name: 'water with universal indicator',
    contents: [
      { substance: 'water', volumeMl: 5 },
      { indicator: 'universal indicator', drops: 3 },
    ],
    gasMmol: 1,
    outcomes: ['no change', 'turns red', 'turns orange', 'turns blue', 'colour goes'],
  },
  {
    id: 'permanganate',
    name: 'acidified permanganate',
    contents: [solution('KMnO4', 0.002, 4), solution('H2SO4', 0.5, 1)],
    gasMmol: 0.1,
    outcomes: ['no change', 'colour goes', 'colour goes, yellow solid', 'turns brown'],
  },
  {
    id: 'dichromate',
    name: 'acidified dichromate',
    contents: [solution('K2Cr2O7', 0.04, 4), solution('H2SO4', 1, 1)],
    gasMmol: 1.2,
    outcomes: ['no change', 'turns green', 'turns green, yellow solid'],
    caution: 'Dichromate may cause cancer: the instructor fills that tube, gloves on.',
  },
  {
    id: 'limewater',
    name: 'lime water',
    contents: [solution('Ca(OH)2', 0.015, 5)],
    gasMmol: 0.07,
    outcomes: ['no change', 'white solid'],
  },
  {
    id: 'bromineWater',
    name: 'bromine water',
    contents: [solution('Br2', 0.01, 5)],
    gasMmol: 0.1,
    outcomes: ['no change', 'colour goes', 'colour goes, yellow solid'],
    caution: 'Bromine water burns and its vapour chokes: hood, gloves.',
  },
  {
    id: 'silverNitrate',
    name: 'acidified silver nitrate',
    contents: [solution('AgNO3', 0.05, 4), solution('HNO3', 0.1, 1)],
    gasMmol: 0.2,
    outcomes: ['no change', 'white solid', 'black solid', 'yellow solid'],
    caution: 'Stains skin.',
  },
  {
    id: 'leadEthanoate',
    name: 'lead ethanoate',
    contents: [solution('Pb(CH3COO)2', 0.05, 4)],
    gasMmol: 0.2,
    outcomes: ['no change', 'white solid', 'black solid', 'brown solid'],
    caution: 'Lead is toxic and may harm the unborn child: gloves.',
  },
  {
    id: 'starchIodide',
    name: 'starch–iodide',
    contents: [solution('KI', 0.05, 4), { indicator: 'starch', drops: 4 }],
    gasMmol: 0.05,
    outcomes: ['no change', 'turns blue-black'],
  },
  {
    id: 'copperSulfate',
    name: 'copper(II) sulfate',
    contents: [solution('CuSO4', 0.05, 5)],
    gasMmol: 0.3,
    outcomes: ['no change', 'blue solid', 'turns blue', 'black solid'],
  },
];
