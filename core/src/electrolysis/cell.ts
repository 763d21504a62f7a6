import * as z from 'zod';
import { ChemistryError, inField } from '../errors';
import { addAmounts, scaleAmounts } from '../vessel/amounts';
import type { Amounts } from '../vessel/amounts';
import { containers } from '../vessel/containers';
import type { ContainerKind } from '../vessel/containers';
import { pourOut } from '../vessel/pour';
import { settle } from '../vessel/settle';
import type { Vessel } from '../vessel/vessel';

const electrodeName = z.string().trim().min(1, 'Name what the electrode is made of').max(40);

/** What is electrolysed: a solution of one or several substances, or one molten salt. */
export const electrolyteSchema = z.union([
  z
    .array(
      z.object({
        substance: z.string().trim().min(1, 'Name a substance').max(100),
        concentrationM: z
          .number()
          .min(1e-5, 'A concentration is at least 0.00001 mol/L')
          .max(20, 'No electrolyte is above 20 mol/L; check the decimal point'),
      }),
    )
    .min(1, 'Dissolve at least one substance')
    .max(6, 'At most six substances in one electrolyte'),
  z.object({ molten: z.string().trim().min(1, 'Name a salt').max(100) }),
]);
export type Electrolyte = z.infer<typeof electrolyteSchema>;

/** The schools that foretell what is discharged. */
export const schoolSchema = z.enum(['potentials', 'ruleOfThumb']);

/** How a current is told: amperes, never below nothing. */
export const currentSchema = z
  .number()
  .positive('A current is above 0 A; where the ammeter shows minus, its leads are swapped')
  .max(1000, 'A current is at most 1000 A; check whether it was read in mA');

/** A cell: what is in it, what it is connected by, and how large it is. */
export const cellSchema = z.object({
  electrolyte: electrolyteSchema,
  cathode: electrodeName,
  anode: electrodeName,
  temperatureC: z
    .number()
    .min(0, 'A cell is at 0 °C or above')
    .max(3000, 'No melt of the tables is above 3000 °C')
    .optional(),
  /** Of the whole liquid, mL. */
  volumeMl: z.number().min(0.05, 'A cell holds at least a drop, 0.05 mL').max(100_000).optional(),
  /** Wetted area of each electrode, cm². */
  areaCm2: z.number().min(0.001, 'An area is above 0 cm²').max(100_000).optional(),
  /** Between the electrodes, cm. */
  gapCm: z.number().min(0.01, 'Electrodes must not touch').max(100).optional(),
  mixing: z.enum(['still', 'stirred', 'divided']).optional(),
  indicator: z.string().trim().max(60).optional(),
});
export type CellRequest = z.infer<typeof cellSchema>;

/** Drops of an indicator in a cell, to the 100 mL. */
export const indicatorDrops = 5;
/** Distance of electrodes where none is given, cm: a beaker. */
export const usualGapCm = 3;

/**
 * The liquid of a cell as a vessel at rest, every substance at the concentration it has in the whole.
 *
 * @throws ChemistryError for an unknown substance, naming its place.
 */
export function cellLiquid(
  { electrolyte, temperatureC = 25, indicator }: CellRequest,
  volumeMl: number,
): Vessel {
  if ('molten' in electrolyte) throw new Error('A melt is no vessel of water.');
  if (temperatureC > 100)
    throw ChemistryError.of(
      'outOfRange',
      'The temperature of a solution',
      `${temperatureC} °C`,
      '0 to 100 °C',
    ).in('temperatureC');
  const container = cellContainer(volumeMl);
  const poured = electrolyte.map(({ substance, concentrationM }, at) =>
    inField(`electrolyte.${at}`, () =>
      pourOut({ substance, concentrationM, volumeMl }, container, temperatureC),
    ),
  );
  const drops = indicator
    ? inField('indicator', () =>
        pourOut({ indicator, drops: Math.max(1, Math.round((indicatorDrops * volumeMl) / 100)) }),
      ).indicators
    : {};
  // Each brings the water of the whole; that of all but one is taken back.
  const water = pourOut({ substance: 'water', volumeMl }).phases.solution;
  const solution = poured.reduce<Amounts>(
    (sum, { phases }) => addAmounts(sum, phases.solution),
    scaleAmounts(water, 1 - poured.length),
  );
  const [first] = poured;
  if (!first) throw ChemistryError.of('invalidInput', 'There is no electrolyte.').in('electrolyte');
  const mixed: Vessel = {
    ...first,
    volumeMl,
    phases: { ...first.phases, solution },
    put: poured.flatMap(({ put }) => put),
    indicators: drops,
  };
  return settle(mixed).vessel;
}

/** The smallest vessel of the tables that holds so much; a larger cell is reckoned with as the largest of them. */
export function cellContainer(volumeMl: number): ContainerKind {
  const beakers = (['dish', 'beaker', 'beaker250', 'beaker400', 'beaker600'] as const).filter(
    (kind) => containers[kind].brimMl >= volumeMl,
  );
  if (volumeMl <= 2) return 'dish';
  return beakers.find((kind) => kind !== 'dish') ?? 'beaker600';
}
