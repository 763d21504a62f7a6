import * as z from 'zod';
import { ChemistryError } from '../../common/errors';
import { formatNumber } from '../../common/formatNumber';
import { parseInput } from '../../common/parseInput';
import { typedNumber } from '../../common/typed';
import type { TypedNumber } from '../../common/typed';
import { findElectrode } from '../../vessel/electrolysis/findElectrode';
import { usualGapCm } from './cell';
import { cellSchema } from './cellRequest';
import type { CellRequest } from './cellRequest';
import { roomConditions } from './gasVolume';
import { depositMetals } from './deposit';
import type { CellCurrent } from './predictCell';

/** A cell as it is typed, in the units its fields name. What cannot be run yet is a cell all the same, so that a slip costs nothing. */
export const typedCellSchema = z.object({
  kind: z.enum(['solution', 'melt']),
  salts: z
    .array(z.object({ substance: z.string(), concentrationM: typedNumber }))
    .min(1)
    .max(6),
  molten: z.string(),
  cathode: z.string(),
  anode: z.string(),
  currentA: typedNumber,
  minutes: typedNumber,
  areaCm2: typedNumber,
  gapCm: typedNumber,
  temperatureC: typedNumber,
  volumeMl: typedNumber,
  indicator: z.string(),
  mixing: z.enum(['still', 'stirred', 'divided']),
  spots: z.array(z.object({ spot: z.string(), distanceMm: typedNumber })),
});
export type TypedCell = z.output<typeof typedCellSchema>;

/** Brine between graphite rods, with papers beside it: the cell a study begins with. */
export const brineCell: TypedCell = {
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

const copperSulfate: Partial<TypedCell> = {
  salts: [{ substance: 'CuSO4', concentrationM: 0.6 }],
  areaCm2: 20,
  currentA: 0.25,
  minutes: 15,
  indicator: '',
  volumeMl: 120,
};

/** Cells to begin with by their names, each with what makes it another cell than the brine. Usual sizes of a class (common practice). */
export const readyCells: Readonly<Record<string, Partial<TypedCell>>> = {
  Brine: {},
  'Copper sulfate, copper strips': { ...copperSulfate, cathode: 'copper', anode: 'copper' },
  'Copper sulfate, graphite rods': copperSulfate,
  'Water for two gases': {
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
  'Zinc on a plate': {
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
  'Potassium iodide': {
    salts: [{ substance: 'KI', concentrationM: 0.4 }],
    currentA: 0.1,
    areaCm2: 8,
  },
  'One drop of brine': {
    salts: [{ substance: 'NaCl', concentrationM: 3.5 }],
    currentA: 0.02,
    minutes: 0.5,
    areaCm2: 0.2,
    volumeMl: 0.2,
    gapCm: 0.6,
    indicator: '',
  },
  'A melt: lead(II) bromide': { kind: 'melt', molten: 'PbBr2', currentA: 1.5, minutes: 10 },
};

const given = (value: TypedNumber) => (value === '' ? undefined : value);

/**
 * The cell that is meant by what was typed.
 *
 * @throws ChemistryError naming the field that is not yet possible.
 */
export function requestOf(typed: TypedCell): CellRequest {
  const isMelt = typed.kind === 'melt';
  return parseInput(cellSchema, {
    electrolyte: isMelt
      ? { molten: typed.molten }
      : typed.salts.map(({ substance, concentrationM }) => ({
          substance,
          concentrationM: given(concentrationM),
        })),
    cathode: typed.cathode,
    anode: typed.anode,
    temperatureC: isMelt ? undefined : given(typed.temperatureC),
    volumeMl: given(typed.volumeMl),
    areaCm2: given(typed.areaCm2),
    gapCm: given(typed.gapCm),
    mixing: typed.mixing,
    indicator: typed.indicator === '' || isMelt ? undefined : typed.indicator,
  });
}

/** The metal whose mass is worth following: what plus is made of, or else the cation of a salt; undefined where neither can be plated. */
export function likelyMetal({
  anode,
  salts,
}: Pick<TypedCell, 'anode' | 'salts'>): string | undefined {
  const metals = depositMetals.map(({ metal }) => metal);
  const own = findElectrode(anode).formula;
  // A formula begins with its cation.
  const isCation = (metal: string) => (salt: TypedCell['salts'][number]) =>
    new RegExp(`^${metal}(?![a-z])`).test(salt.substance);
  return (
    metals.find((metal) => metal === own) ?? metals.find((metal) => salts.some(isCation(metal)))
  );
}

/**
 * The current that is meant by what was typed, its gases collected over water.
 *
 * @throws ChemistryError `outOfRange` where the current or the time is not above zero.
 */
export function currentOf(
  { currentA, minutes, temperatureC }: TypedCell,
  school: CellCurrent['school'],
): CellCurrent {
  if (currentA !== '' && currentA <= 0)
    throw ChemistryError.of(
      'outOfRange',
      'The current',
      `${formatNumber(currentA)} A`,
      'above 0 A; where the ammeter shows minus, its leads are swapped',
    ).in('currentA');
  if (minutes !== '' && minutes <= 0)
    throw ChemistryError.of(
      'outOfRange',
      'The time',
      `${formatNumber(minutes)} min`,
      'above 0 min',
    ).in('minutes');
  return {
    ...(currentA !== '' && { currentA }),
    ...(minutes !== '' && { timeS: minutes * 60 }),
    school,
    conditions: {
      ...roomConditions,
      ...(temperatureC !== '' && { temperatureC }),
      overWater: true,
    },
  };
}
