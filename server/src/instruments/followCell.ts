import { referenceElectrodes } from '@stoichos/core/matter/substances';
import { cellLiquid, voltagesOf } from '@stoichos/core/studies/electrolysis';
import { findElectrode } from '@stoichos/core/vessel';
import type { CellSetup } from '@stoichos/core/labday/cells';
import type { InstrumentInfo } from '@stoichos/core/labday/bench';
import type { LogLine } from '@stoichos/core/studies/electrolysis';
import { Problem } from '../problem';
import type { Instruments } from './instruments';

/** Where the leads of the multimeter can be, by the channel of its scanner. */
export const channels = {
  cellV: 1,
  cathodeNearV: 2,
  cathodeFarV: 3,
  anodeNearV: 4,
  anodeFarV: 5,
} as const;
/** Currents at which the simulated cell is calculated, A; in between it is straight. */
const currentsA = [0, 0.001, 0.01, 0.05, 0.1, 0.2, 0.5, 1, 2, 3, 4, 5];
/** Leads and contacts of the simulated bench, Ω. */
const leadsOhm = 0.1;
const usualVolumeMl = 200;
const usualAreaCm2 = 20;

/** What the simulated supply and multimeter are told of a cell. @throws Problem 400 where no simulated supply is there. */
export function linesForCell(
  list: readonly InstrumentInfo[],
  { cell, gapCm, reference, metal }: CellSetup,
  speed: number,
): { readonly id: string; readonly lines: string[] }[] {
  const supply = list.find(({ kind, simulated }) => kind === 'supply' && simulated);
  const meter = list.find(({ kind, simulated }) => kind === 'multimeter' && simulated);
  if (!supply)
    throw new Problem(
      400,
      'notSimulated',
      'There is no simulated supply: this bench has real instruments, or none.',
      'instrumentId',
      'Connect the cell by hand, and type the readings.',
    );
  const at = voltagesOf({
    liquid: cellLiquid(cell, cell.volumeMl ?? usualVolumeMl),
    cathode: findElectrode(cell.cathode),
    anode: findElectrode(cell.anode),
    areaCm2: cell.areaCm2 ?? usualAreaCm2,
    gapCm,
    ...(metal !== null && { cover: metal }),
  });
  const told = currentsA.map((amps) => ({ amps, ...at(amps) }));
  const shift = referenceElectrodes[reference].potentialV;
  const curve = (volts: (one: (typeof told)[number]) => number) =>
    told.map((one) => `${one.amps},${volts(one).toFixed(4)}`).join(',');
  return [
    {
      id: supply.id,
      lines: [
        `SIMulate:CURVe ${curve(({ amps, cellV }) => Math.max(0, cellV) + amps * leadsOhm)}`,
        `SIMulate:SPEed ${speed}`,
      ],
    },
    ...(meter
      ? [
          {
            id: meter.id,
            lines: [
              `SIMulate:CHANnel ${channels.cathodeNearV},${curve(({ cathode }) => cathode.potentialV - shift)}`,
              `SIMulate:CHANnel ${channels.cathodeFarV},${curve(({ cathode, solutionV }) => cathode.potentialV - solutionV - shift)}`,
              `SIMulate:CHANnel ${channels.anodeNearV},${curve(({ anode }) => anode.potentialV - shift)}`,
              `SIMulate:CHANnel ${channels.anodeFarV},${curve(({ anode, solutionV }) => anode.potentialV + solutionV - shift)}`,
            ],
          },
        ]
      : []),
  ];
}

/** One line of a log as the instruments read it now, without its time where the supply keeps none. */
export type CellReading = Omit<LogLine, 'timeS'> & { readonly timeS?: number };

/**
 * Reads supply and multimeter for one line of a log: current and time from the supply, voltages from the multimeter, through its
 * scanner where it has one.
 *
 * @throws Problem 424 where one of them does not answer.
 */
export async function readCell(instruments: Instruments): Promise<CellReading> {
  const list = await instruments.list();
  const supply = list.find(({ kind, state }) => kind === 'supply' && state === 'ready');
  const meter = list.find(({ kind, state }) => kind === 'multimeter' && state === 'ready');
  if (!supply)
    throw new Problem(
      424,
      'unplugged',
      'No supply answers.',
      'instrumentId',
      'Check that it is plugged in and switched on; type the readings meanwhile.',
    );
  const currentA = (await instruments.read(supply.id, 'current')).value;
  const timeS = supply.quantities.includes('time')
    ? 60 * (await instruments.read(supply.id, 'time')).value
    : undefined;
  const volts = meter
    ? await readChannels(instruments, meter)
    : { cellV: (await instruments.read(supply.id, 'voltage')).value };
  return { currentA: Math.max(0, currentA), ...volts, ...(timeS !== undefined && { timeS }) };
}

async function readChannels(
  instruments: Instruments,
  { id, commands }: InstrumentInfo,
): Promise<Omit<CellReading, 'currentA' | 'timeS'>> {
  const hasScanner = commands.some(({ name }) => name === 'channel');
  if (!hasScanner) return { cellV: (await instruments.read(id, 'voltage')).value };
  const read: Record<string, number> = {};
  for (const [name, channel] of Object.entries(channels)) {
    await instruments.command(id, 'channel', channel);
    read[name] = (await instruments.read(id, 'voltage')).value;
  }
  await instruments.command(id, 'channel', channels.cellV);
  return read;
}
