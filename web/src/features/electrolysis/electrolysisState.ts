import { parseInput } from '@stoichos/core/commands';
import { cellSchema, usualGapCm } from '@stoichos/core/studies/electrolysis';
import type { CellRequest } from '@stoichos/core/studies/electrolysis';
import * as z from 'zod';
import { useKept } from '../../data/kept/useKept';
import { useInAddress } from '../../shared/study/useInAddress';

/** A number as it is typed: nothing yet, or a number. */
const typed = z.union([z.number(), z.literal('')]);

/** The cell as this browser keeps it. Settings that cannot be run are kept all the same, so that a slip costs nothing. */
const electrolysisSchema = z.object({
  kind: z.enum(['solution', 'melt']),
  salts: z
    .array(z.object({ substance: z.string(), concentrationM: typed }))
    .min(1)
    .max(6),
  molten: z.string(),
  cathode: z.string(),
  anode: z.string(),
  currentA: typed,
  minutes: typed,
  areaCm2: typed,
  gapCm: typed,
  temperatureC: typed,
  volumeMl: typed,
  indicator: z.string(),
  mixing: z.enum(['still', 'stirred', 'divided']),
  spots: z.array(z.object({ spot: z.string(), distanceMm: typed })),
});
export type ElectrolysisState = z.output<typeof electrolysisSchema>;

export const firstCell: ElectrolysisState = {
  kind: 'solution',
  salts: [{ substance: 'NaCl', concentrationM: 2.5 }],
  molten: 'PbBr2',
  cathode: 'graphite',
  anode: 'graphite',
  currentA: 0.3,
  minutes: 5,
  areaCm2: 12,
  gapCm: usualGapCm,
  temperatureC: 22,
  volumeMl: 80,
  indicator: 'phenolphthalein',
  mixing: 'still',
  spots: [
    { spot: 'starchIodide', distanceMm: 8 },
    { spot: 'blueLitmus', distanceMm: 10 },
    { spot: 'bromide', distanceMm: 10 },
  ],
};

/** Cells to begin with, each changing only what makes it what it is. */
export const readyCells: readonly {
  readonly name: string;
  readonly part: Partial<ElectrolysisState>;
}[] = [
  { name: 'Brine', part: {} },
  {
    name: 'Copper sulfate, copper strips',
    part: {
      salts: [{ substance: 'CuSO4', concentrationM: 0.6 }],
      cathode: 'copper',
      anode: 'copper',
      areaCm2: 20,
      currentA: 0.25,
      minutes: 15,
      indicator: '',
      volumeMl: 120,
    },
  },
  {
    name: 'Copper sulfate, graphite rods',
    part: {
      salts: [{ substance: 'CuSO4', concentrationM: 0.6 }],
      areaCm2: 20,
      currentA: 0.25,
      minutes: 15,
      indicator: '',
      volumeMl: 120,
    },
  },
  {
    name: 'Water for two gases',
    part: {
      salts: [{ substance: 'Na2SO4', concentrationM: 0.35 }],
      cathode: 'stainless steel',
      anode: 'stainless steel',
      areaCm2: 4,
      currentA: 0.08,
      minutes: 20,
      indicator: 'bromothymol blue',
      volumeMl: 150,
      gapCm: 5,
    },
  },
  {
    name: 'Zinc on a plate',
    part: {
      salts: [
        { substance: 'ZnSO4', concentrationM: 0.7 },
        { substance: 'H2SO4', concentrationM: 0.05 },
      ],
      cathode: 'steel',
      anode: 'zinc',
      areaCm2: 60,
      currentA: 2.4,
      minutes: 40,
      indicator: '',
      volumeMl: 400,
      gapCm: 2,
      mixing: 'stirred',
    },
  },
  {
    name: 'Potassium iodide',
    part: {
      salts: [{ substance: 'KI', concentrationM: 0.4 }],
      currentA: 0.1,
      minutes: 5,
      areaCm2: 8,
    },
  },
  {
    name: 'One drop of brine',
    part: {
      salts: [{ substance: 'NaCl', concentrationM: 3.5 }],
      currentA: 0.02,
      minutes: 0.5,
      areaCm2: 0.2,
      volumeMl: 0.2,
      gapCm: 0.6,
      indicator: '',
    },
  },
  {
    name: 'A melt: lead(II) bromide',
    part: { kind: 'melt', molten: 'PbBr2', currentA: 1.5, minutes: 10 },
  },
];

/** The cell of the study, the same in all its views. */
export function useElectrolysis() {
  const kept = useKept('stoichos.electrolysis', electrolysisSchema, firstCell);
  const [value, onRead] = kept;
  useInAddress({ name: 'cell', schema: electrolysisSchema, initial: firstCell, value, onRead });
  return kept;
}

const given = (value: number | '') => (value === '' ? undefined : value);

/**
 * The cell as the core takes it.
 *
 * @throws ChemistryError naming the field that is not yet possible.
 */
export function requestOf(state: ElectrolysisState): CellRequest {
  return parseInput(cellSchema, {
    electrolyte:
      state.kind === 'melt'
        ? { molten: state.molten }
        : state.salts.map(({ substance, concentrationM }) => ({
            substance,
            concentrationM: given(concentrationM),
          })),
    cathode: state.cathode,
    anode: state.anode,
    temperatureC: state.kind === 'melt' ? undefined : given(state.temperatureC),
    volumeMl: given(state.volumeMl),
    areaCm2: given(state.areaCm2),
    gapCm: given(state.gapCm),
    mixing: state.mixing,
    indicator: state.indicator === '' || state.kind === 'melt' ? undefined : state.indicator,
  });
}
