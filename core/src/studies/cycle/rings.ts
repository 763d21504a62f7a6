import type { ArcMeans } from './means';

/** One arrow of a ring: what the compound is turned into, and how. */
export interface ArcPlan {
  readonly means: ArcMeans;
  /** Formula of what comes; its crystal water is left out. */
  readonly to: string;
}

/** Reactions that end where they began. */
export interface RingPlan {
  readonly id: string;
  readonly name: string;
  readonly start: string;
  readonly arcs: readonly ArcPlan[];
}

const heat = (toC: number): ArcMeans => ({ by: 'heat', toC });
const water: ArcMeans = { by: 'water' };
const pour = (substance: string, concentrationM: number): ArcMeans => ({
  by: 'solution',
  substance,
  concentrationM,
});
const strong = (substance: string): ArcMeans => ({ by: 'concentrated', substance });
const lead = (substance: string): ArcMeans => ({ by: 'gas', substance });
const solid = (substance: string): ArcMeans => ({ by: 'solid', substance });

/** Rings that are taught; every arrow is computed by the engine. */
export const rings: readonly RingPlan[] = [
  {
    id: 'calcium',
    name: 'Calcium: carbonate, oxide, hydroxide and back',
    start: 'CaCO3',
    arcs: [
      { means: heat(900), to: 'CaO' },
      { means: water, to: 'Ca(OH)2' },
      { means: lead('CO2'), to: 'CaCO3' },
    ],
  },
  {
    id: 'copper',
    name: 'Copper there and back',
    start: 'Cu',
    arcs: [
      { means: strong('HNO3'), to: 'Cu(NO3)2' },
      { means: pour('NaOH', 2), to: 'Cu(OH)2' },
      { means: heat(120), to: 'CuO' },
      { means: pour('H2SO4', 1), to: 'CuSO4' },
      { means: solid('Zn'), to: 'Cu' },
    ],
  },
  {
    id: 'magnesium',
    name: 'Magnesium: carbonate, oxide, sulfate and back',
    start: 'MgCO3',
    arcs: [
      { means: heat(450), to: 'MgO' },
      { means: pour('H2SO4', 1), to: 'MgSO4' },
      { means: pour('Na2CO3', 1), to: 'MgCO3' },
    ],
  },
  {
    id: 'zinc',
    name: 'Zinc: carbonate, oxide, chloride and back',
    start: 'ZnCO3',
    arcs: [
      { means: heat(350), to: 'ZnO' },
      { means: pour('HCl', 2), to: 'ZnCl2' },
      { means: pour('Na2CO3', 0.5), to: 'ZnCO3' },
    ],
  },
  {
    id: 'lime-salt',
    name: 'Calcium: carbonate, chloride and back',
    start: 'CaCO3',
    arcs: [
      { means: pour('HCl', 2), to: 'CaCl2' },
      { means: pour('Na2CO3', 1), to: 'CaCO3' },
    ],
  },
];
