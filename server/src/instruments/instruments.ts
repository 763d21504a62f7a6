import { instrumentKinds } from '@stoichos/core/labday/bench';
import { quantityNames } from '@stoichos/core/planning/procedure';
import type { InstrumentInfo, InstrumentReading } from '@stoichos/core/labday/bench';
import type { QuantityName } from '@stoichos/core/planning/procedure';
import * as z from 'zod';
import { Problem, notFound } from '../problem';
import { drivers } from './drivers';
import type { Driver } from './drivers';
import { readNumber } from './scpi';
import { LineError, scpiLine } from './scpiLine';
import type { ScpiLine } from './scpiLine';

/** Where the instruments of a bench are: given to the server when it starts. */
export const addressesSchema = z.array(
  z.object({
    id: z.string().min(1).max(40),
    kind: z.enum(instrumentKinds),
    host: z.string().min(1),
    port: z.number().int().min(1).max(65_535),
    simulated: z.boolean().default(false),
  }),
);
export type InstrumentAddress = z.infer<typeof addressesSchema>[number];

/** The instruments within reach. Each is spoken to through its driver and one line. */
export interface Instruments {
  readonly list: () => Promise<InstrumentInfo[]>;
  readonly read: (id: string, quantity?: QuantityName) => Promise<InstrumentReading>;
  readonly command: (id: string, command: string, value?: number) => Promise<void>;
  /** Sends a simulated instrument what it is at. */
  readonly simulate: (id: string, lines: readonly string[]) => Promise<void>;
  readonly kindOf: (id: string) => InstrumentInfo['kind'];
  readonly close: () => void;
}

interface Held {
  readonly address: InstrumentAddress;
  readonly driver: Driver;
  readonly line: ScpiLine;
}

/** Opens the instruments at their addresses; none is spoken to before it is asked for. */
export function openInstruments(addresses: readonly InstrumentAddress[]): Instruments {
  const held = new Map(
    addresses.map((address): [string, Held] => [
      address.id,
      { address, driver: drivers[address.kind], line: scpiLine(address) },
    ]),
  );
  const find = (id: string): Held => {
    const one = held.get(id);
    if (!one) throw notFound('instrument', 'instrumentId', id);
    return one;
  };
  return {
    list: () => Promise.all([...held.values()].map(tellOf)),
    read: (id, quantity) => readFrom(find(id), quantity),
    kindOf: (id) => find(id).address.kind,
    command: async (id, command, value) => {
      const { driver, line } = find(id);
      const telling = driver.commands[command];
      if (!telling) throw notFound('command of this instrument', 'command', command);
      if (telling.takes !== 'nothing' && value === undefined)
        throw new Problem(
          400,
          'missingValue',
          `“${telling.label}” needs a number.`,
          'value',
          'Send it in “value”.',
        );
      const error = await inWords(async () => {
        await line.tell('*CLS');
        await line.tell(telling.line(value));
        return line.ask('SYSTem:ERRor?');
      });
      if (!/^[+]?0\b/.test(error))
        throw new Problem(
          400,
          'refusedByInstrument',
          `${driver.name} does not take that: ${error}.`,
          'value',
          'Stay within what the instrument can do.',
        );
    },
    simulate: async (id, lines) => {
      const { address, line } = find(id);
      if (!address.simulated)
        throw new Problem(
          400,
          'notSimulated',
          'This is a real instrument: put it where it belongs by hand.',
          'instrumentId',
          'Only a simulated instrument is told which vessel it is at.',
        );
      for (const one of lines) await inWords(() => line.tell(one));
    },
    close: () => held.forEach(({ line }) => line.close()),
  };
}

/** What the web shows of an instrument, and whether it answers. */
async function tellOf({ address, driver, line }: Held): Promise<InstrumentInfo> {
  const info = {
    id: address.id,
    name: driver.name,
    kind: driver.kind,
    quantities: quantityNames.filter((name) => name in driver.readings),
    commands: Object.entries(driver.commands).map(([name, { label, takes }]) => ({
      name,
      label,
      takes,
    })),
    simulated: address.simulated,
  };
  try {
    const said = await line.ask('*IDN?');
    if (!/^[\x20-\x7e]{3,200}$/.test(said) || said.split(',').length < 4)
      throw new LineError('garbled', 'what it says of itself cannot be read');
    return { ...info, state: 'ready', detail: said };
  } catch (error) {
    if (!(error instanceof LineError)) throw error;
    return { ...info, state: error.trouble, detail: error.message };
  }
}

async function readFrom(
  { driver, line }: Held,
  asked: QuantityName | undefined,
): Promise<InstrumentReading> {
  const quantity = asked ?? quantityNames.find((name) => name in driver.readings);
  const reading = quantity && driver.readings[quantity];
  if (!reading || !quantity)
    throw notFound(`quantity that a ${driver.name.toLowerCase()} reads`, 'quantity', asked ?? '');
  return inWords(async () => {
    const answered = readNumber(await line.ask(reading.query));
    if (answered === undefined) throw new LineError('garbled', 'its answer is no number');
    const value = answered * (reading.times ?? 1);
    const stable = driver.stableQuery ? (await line.ask(driver.stableQuery)) === '1' : true;
    return {
      quantity,
      value,
      uncertainty: reading.uncertainty(value),
      resolution: reading.resolution,
      stable,
      at: new Date().toISOString(),
    };
  });
}

const remedies = {
  unplugged: 'Check that it is plugged in and switched on; type the reading meanwhile.',
  silent: 'Switch it off and on again; type the reading meanwhile.',
  garbled: 'Check its cable and its setting; type the reading meanwhile.',
} as const;

/** Turns trouble on the line into an answer people can act on: the server is well, what it depends on is not. */
async function inWords<T>(work: () => Promise<T>): Promise<T> {
  try {
    return await work();
  } catch (error) {
    if (!(error instanceof LineError)) throw error;
    throw new Problem(
      424,
      error.trouble,
      `The instrument is ${error.trouble}: ${error.message}.`,
      'instrumentId',
      remedies[error.trouble],
    );
  }
}
