import type { VesselSetup } from '../../vessel/action';
import type { Stress } from './stress';
import type { Watched } from './watched';
import type { Target } from './target';

/** A system ready to be shifted: what to start with, what to shift it with, what to watch and which colours to go through. */
export interface ReadySystem {
  readonly id: string;
  readonly name: string;
  /** What it is shown for, in a line. */
  readonly shows: string;
  readonly vessel: VesselSetup;
  readonly stresses: readonly Stress[];
  readonly watched: readonly [Watched, ...Watched[]];
  readonly targets: readonly Target[];
}

const clear = (colour: Target['colour']): Target => ({ colour, cloudy: false });
const cloudy = (colour: Target['colour']): Target => ({ colour, cloudy: true });
const water: Stress = { water: true };
const warmth: Stress = { warmth: true };
const of = (solution: string, concentrationM: number): Stress => ({ solution, concentrationM });

/** The ready-made systems, each with amounts of its own that show it well; all that happens in them is computed. */
export const readySystems: readonly ReadySystem[] = [
  {
    id: 'copper-chloride',
    name: 'Copper(II) and chloride',
    shows: 'Acid takes it from blue through green to yellow-green, water takes it back.',
    vessel: {
      container: 'beaker250',
      contents: [{ substance: 'CuSO4', concentrationM: 0.3, volumeMl: 10 }],
    },
    stresses: [of('HCl', 12), water, warmth],
    watched: [{ equation: 'Cu^2+ + 4 Cl^- ⇌ CuCl4^2-' }, { equation: 'Cu^2+ + Cl^- ⇌ CuCl^+' }],
    targets: ['blue', 'green', 'yellow-green', 'green', 'blue'].map((one) =>
      clear(one as Target['colour']),
    ),
  },
  {
    id: 'cobalt-chloride',
    name: 'Cobalt(II) and chloride',
    shows: 'Pink or blue, by acid, by water and by temperature.',
    vessel: {
      container: 'beaker',
      contents: [{ substance: 'CoCl2', concentrationM: 0.06, volumeMl: 10 }],
    },
    stresses: [of('HCl', 12), water, warmth],
    watched: [{ equation: 'Co^2+ + 4 Cl^- ⇌ CoCl4^2-' }],
    targets: ['pink', 'violet', 'blue', 'pink'].map((one) => clear(one as Target['colour'])),
  },
  {
    id: 'iron-thiocyanate',
    name: 'Iron(III) and thiocyanate',
    shows: 'More of either ion deepens the red; phosphate takes the iron away.',
    vessel: {
      container: 'beaker250',
      contents: [
        { substance: 'Fe(NO3)3', concentrationM: 0.001, volumeMl: 25 },
        { substance: 'HNO3', concentrationM: 0.1, volumeMl: 10 },
        { substance: 'KSCN', concentrationM: 0.0006, volumeMl: 10 },
      ],
    },
    stresses: [of('KSCN', 0.1), of('Fe(NO3)3', 0.1), of('Na2HPO4', 0.1), water, warmth],
    watched: [{ equation: 'Fe^3+ + SCN^- ⇌ FeSCN^2+' }],
    targets: ['orange', 'red', 'orange'].map((one) => clear(one as Target['colour'])),
  },
  {
    id: 'chromate-dichromate',
    name: 'Chromate and dichromate',
    shows: 'Acid makes it orange, alkali yellow again.',
    vessel: {
      container: 'beaker',
      contents: [{ substance: 'K2CrO4', concentrationM: 0.02, volumeMl: 25 }],
    },
    stresses: [of('H2SO4', 0.5), of('NaOH', 0.5), water],
    watched: [
      { equation: '2 CrO4^2- + 2 H^+ ⇌ Cr2O7^2- + H2O' },
      { equation: 'CrO4^2- + H^+ ⇌ HCrO4^-' },
    ],
    targets: ['yellow', 'orange', 'yellow'].map((one) => clear(one as Target['colour'])),
  },
  {
    id: 'copper-ammonia',
    name: 'Copper(II) and ammonia',
    shows: 'A pale blue precipitate, then a deep blue solution, and back with acid.',
    vessel: {
      container: 'beaker',
      contents: [{ substance: 'CuSO4', concentrationM: 0.03, volumeMl: 20 }],
    },
    stresses: [of('NH3', 2), of('H2SO4', 1), water],
    watched: [
      { equation: 'Cu^2+ + 4 NH3 ⇌ Cu(NH3)4^2+' },
      { equation: 'Cu(OH)2(s) + 4 NH3 ⇌ Cu(NH3)4^2+ + 2 OH^-' },
    ],
    targets: [clear('blue'), cloudy('blue'), clear('blue')],
  },
  {
    id: 'nickel-ammonia',
    name: 'Nickel(II) and ammonia',
    shows: 'Green, then blue with ammonia, green again with acid.',
    vessel: {
      container: 'beaker',
      contents: [{ substance: 'NiSO4', concentrationM: 0.1, volumeMl: 15 }],
    },
    stresses: [of('NH3', 5), of('HCl', 3), water],
    watched: [{ equation: 'Ni^2+ + 6 NH3 ⇌ Ni(NH3)6^2+' }],
    targets: [clear('green'), clear('blue'), clear('green')],
  },
  {
    id: 'bromothymol-blue',
    name: 'Bromothymol blue',
    shows: 'An indicator is an equilibrium that one sees: yellow, green, blue.',
    vessel: {
      container: 'beaker',
      contents: [
        { substance: 'NaH2PO4', concentrationM: 0.01, volumeMl: 20 },
        { substance: 'Na2HPO4', concentrationM: 0.01, volumeMl: 20 },
        { indicator: 'bromothymol blue', drops: 8 },
      ],
    },
    stresses: [of('HCl', 0.1), of('NaOH', 0.1), water],
    watched: [{ indicator: 'bromothymol blue' }],
    targets: ['green', 'yellow', 'green', 'blue'].map((one) => clear(one as Target['colour'])),
  },
  {
    id: 'iodine-triiodide',
    name: 'Iodine, triiodide and starch',
    shows: 'Iodide takes iodine up; starch shows what is left, and loses its colour when hot.',
    vessel: {
      container: 'beaker',
      contents: [
        { substance: 'KI', concentrationM: 0.002, volumeMl: 40 },
        { substance: 'I2', concentrationM: 0.001, volumeMl: 1 },
        { indicator: 'starch', drops: 3 },
      ],
    },
    stresses: [warmth, of('KI', 0.5), water],
    watched: [{ equation: 'I2 + I^- ⇌ I3^-' }],
    targets: ['blue', 'colourless', 'blue'].map((one) => clear(one as Target['colour'])),
  },
  {
    id: 'silver-chloride-ammonia',
    name: 'Silver chloride and ammonia',
    shows: 'Ammonia dissolves the white solid, acid brings it back.',
    vessel: {
      container: 'testTube',
      contents: [
        { substance: 'AgNO3', concentrationM: 0.05, volumeMl: 2 },
        { substance: 'NaCl', concentrationM: 0.05, volumeMl: 2 },
      ],
    },
    stresses: [of('NH3', 4), of('HNO3', 4), water],
    watched: [{ equation: 'AgCl(s) + 2 NH3 ⇌ Ag(NH3)2^+ + Cl^-' }],
    targets: [cloudy('white'), clear('colourless'), cloudy('white')],
  },
  {
    id: 'lime-water',
    name: 'Lime water and carbon dioxide',
    shows: 'Carbon dioxide clouds it, more of it clears it, heat clouds it again.',
    vessel: {
      container: 'beaker',
      contents: [{ substance: 'Ca(OH)2', concentrationM: 0.006, volumeMl: 40 }],
    },
    stresses: [{ gas: 'CO2' }, warmth, water],
    watched: [{ equation: 'CaCO3(s) + CO2 + H2O ⇌ Ca^2+ + 2 HCO3^-' }],
    targets: [clear('colourless'), cloudy('white'), clear('colourless'), cloudy('white')],
  },
  {
    id: 'hydrogencarbonate-indicator',
    name: 'Hydrogencarbonate indicator',
    shows:
      'Yellow with more carbon dioxide than air has, purple with less; shaking with air brings it back.',
    vessel: {
      container: 'beaker',
      contents: [
        { substance: 'NaHCO3', concentrationM: 0.001, volumeMl: 40 },
        { indicator: 'cresol red', drops: 10 },
        { indicator: 'thymol blue', drops: 1 },
      ],
    },
    stresses: [{ gas: 'CO2' }, of('NaOH', 0.01), water],
    watched: [{ equation: 'CO2 + H2O ⇌ HCO3^- + H^+' }, { indicator: 'cresol red' }],
    targets: ['pink', 'yellow', 'violet'].map((one) => clear(one as Target['colour'])),
  },
];
