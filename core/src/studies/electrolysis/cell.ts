import { ChemistryError, inField } from '../../common/errors';
import { addAmounts, scaleAmounts } from '../../vessel/amounts';
import type { Amounts } from '../../vessel/amounts';
import { containers } from '../../vessel/containers';
import type { ContainerKind } from '../../vessel/containers';
import { pourOut } from '../../vessel/pour';
import { settle } from '../../vessel/settle';
import type { Vessel } from '../../vessel/vessel';
import type { CellRequest } from './cellRequest';
import { formatSetTemperature } from '../../common/temperature';

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
      `${formatSetTemperature(temperatureC)}`,
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

/** The smallest vessel of the tables that holds so much; a larger cell is treated as the largest of them. */
export function cellContainer(volumeMl: number): ContainerKind {
  const beakers = (['dish', 'beaker', 'beaker250', 'beaker400', 'beaker600'] as const).filter(
    (kind) => containers[kind].brimMl >= volumeMl,
  );
  if (volumeMl <= 2) return 'dish';
  return beakers.find((kind) => kind !== 'dish') ?? 'beaker600';
}
