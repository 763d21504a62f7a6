import { createServer } from 'node:net';
import type { AddressInfo, Server } from 'node:net';
import { library } from '@stoichos/core/planning/procedure';
import fc from 'fast-check';
import { afterAll, beforeAll, describe, expect, inject, it } from 'vitest';
import { startSimulatedBench } from '../src';
import { openInstruments } from '../src/instruments/instruments';
import type { InstrumentAddress } from '../src/instruments/instruments';
import { matches, parseLine, readNumber } from '../src/instruments/scpi';
import { scpiLine } from '../src/instruments/scpiLine';
import type { SimulatedBench } from '../src/simulated/bench';
import { runningServer, sampleDay } from './support/runningServer';

let bench: SimulatedBench;
let server: Awaited<ReturnType<typeof runningServer>>;
beforeAll(async () => {
  // Forty seconds of theirs pass in one of ours.
  bench = await startSimulatedBench(40);
  server = await runningServer(inject('databaseUrl'), bench.addresses);
}, 30_000);
afterAll(async () => {
  await server.close();
  await bench.stop();
});

const pause = (ms: number) => new Promise((done) => setTimeout(done, ms));
const read = async (id: string, quantity: string) =>
  (await server.ask('GET', `/instruments/${id}/reading?quantity=${quantity}`)).json as {
    value: number;
    uncertainty: number;
    stable: boolean;
  };
const line = (id: string) => {
  const found = bench.addresses.find((one) => one.id === id);
  if (!found) throw new Error(`No ${id}.`);
  return scpiLine(found);
};

describe('lines of SCPI (IEEE 488.2)', () => {
  it('are read with long and short keywords, paths and parameters', () => {
    expect(parseLine('SOUR:VOLT 5;CURR 0.3;:MEAS:VOLT?;*IDN?')).toEqual([
      { keywords: 'SOUR:VOLT', isQuery: false, parameters: ['5'] },
      { keywords: 'SOUR:CURR', isQuery: false, parameters: ['0.3'] },
      { keywords: 'MEAS:VOLT', isQuery: true, parameters: [] },
      { keywords: '*IDN', isQuery: true, parameters: [] },
    ]);
    expect(matches('MEAS:MASS', 'MEASure:MASS')).toBe(true);
    expect(matches('MEASURE:MASS', 'MEASure:MASS')).toBe(true);
    expect(matches('MEASU:MASS', 'MEASure:MASS')).toBe(false);
  });
  it('hold numbers, and what is none is not taken for one', () => {
    expect(['1.5', ' -2E-3 ', '+.5', '9.9E37', '', 'NaN', '1,5', '0x10'].map(readNumber)).toEqual([
      1.5,
      -0.002,
      0.5,
      undefined,
      undefined,
      undefined,
      undefined,
      undefined,
    ]);
  });
  it('may be anything', () => {
    fc.assert(
      fc.property(fc.string(), (text) => {
        const value = readNumber(text);
        return (
          parseLine(text).every(({ keywords }) => typeof keywords === 'string') &&
          (value === undefined || Number.isFinite(value))
        );
      }),
    );
  });
});

describe('the simulated bench', () => {
  it('says what it is, one process for each instrument', async () => {
    const { json } = await server.ask('GET', '/instruments');
    expect(json.map((one: { kind: string; state: string }) => `${one.kind} ${one.state}`)).toEqual([
      'balance ready',
      'thermometer ready',
      'multimeter ready',
      'supply ready',
    ]);
    expect(new Set(bench.addresses.map(({ port }) => port)).size).toBe(4);
  });

  it('keeps an error queue, and answers what is asked on one line', async () => {
    const supply = line('supply');
    await supply.tell('*CLS');
    await supply.tell('NON:SENSE 1');
    await supply.tell('SOUR:VOLT 400');
    expect(await supply.ask('SYST:ERR?')).toBe('-113,"Undefined header"');
    expect(await supply.ask('SYST:ERR?')).toBe('-222,"Data out of range"');
    expect(await supply.ask('SYST:ERR?')).toBe('0,"No error"');
    expect((await supply.ask('*IDN?;*OPC?')).split(';')[1]).toBe('1');
    supply.close();
  });

  it('weighs: swings in, settles, tares', async () => {
    const balance = line('balance');
    await balance.tell('SIM:MASS 34.56');
    await pause(400);
    const { value, stable, uncertainty } = await read('balance', 'mass');
    expect(stable).toBe(true);
    expect(Math.abs(value - 34.56)).toBeLessThan(0.03);
    expect(uncertainty).toBeGreaterThan(0.002);
    await server.ask('POST', '/instruments/balance/commands', { command: 'tare' });
    expect(Math.abs((await read('balance', 'mass')).value)).toBeLessThan(0.02);
    await balance.tell('SIM:MASS 60');
    expect((await read('balance', 'mass')).stable).toBe(false);
    balance.close();
  });

  it('weighs a hot dish light, as warm air lifts it', async () => {
    const balance = line('balance');
    await balance.tell('*RST;SIM:MASS 30,20');
    await pause(400);
    const cold = (await read('balance', 'mass')).value;
    await balance.tell('SIM:MASS 30,320');
    await pause(400);
    expect(cold - (await read('balance', 'mass')).value).toBeGreaterThan(0.04);
    balance.close();
  });

  it('drives a cell at constant voltage, and at constant current where that is the limit', async () => {
    const supply = line('supply');
    await supply.ask('*RST;SIM:CURV 0,1.7,1,13.7;*OPC?');
    const set = (command: string, value: number) =>
      server.ask('POST', '/instruments/supply/commands', { command, value });
    await set('voltage', 6);
    await set('current', 2);
    await set('output', 1);
    // (6 V − 1.7 V) / 12 Ω
    expect((await read('supply', 'current')).value).toBeCloseTo(0.36, 1);
    expect(await supply.ask('STAT:MODE?')).toBe('CV');
    await set('current', 0.2);
    expect(await supply.ask('STAT:MODE?')).toBe('CC');
    expect((await read('multimeter', 'current')).value).toBeCloseTo(0.2, 1);
    // 1.7 V + 0.2 A · 12 Ω
    expect((await read('multimeter', 'voltage')).value).toBeCloseTo(4.1, 1);
    const far = await set('voltage', 400);
    expect([far.status, far.json.error.code]).toEqual([400, 'refusedByInstrument']);
    await set('output', 0);
    expect((await read('multimeter', 'current')).value).toBeCloseTo(0, 1);
    supply.close();
  });

  it('follows the engine’s vessel: the beaker that freezes, and what a crucible loses', async () => {
    const { day, ids } = sampleDay();
    const shipped = (id: string) => library.find((one) => one.id === id);
    const procedures = ['frozen-board', 'crystal-water-by-mass'].map((id) => ({
      id: crypto.randomUUID(),
      manner: 'groups',
      procedure: shipped(id),
    }));
    await server.ask('PUT', `/days/${day.id}`, day);
    await server.plan(day.id, procedures);
    const follow = (instrument: string, work: number, stepId: string, vessel: string) =>
      server.ask('POST', `/instruments/${instrument}/follow`, {
        dayId: day.id,
        workId: procedures[work]?.id,
        stepId,
        vessel,
        groupId: ids.group,
      });
    expect((await follow('thermometer', 0, 'mix', 'beaker')).status).toBe(204);
    await pause(2500);
    expect((await read('thermometer', 'temperature')).value).toBeLessThan(-5);
    await follow('balance', 1, 'fill', 'crucible');
    await pause(400);
    const filled = (await read('balance', 'mass')).value;
    await follow('balance', 1, 'weigh', 'crucible');
    await pause(400);
    const dry = (await read('balance', 'mass')).value;
    // 2.8 g of MgSO4·7H2O hold 51.2 % of water by their molar masses.
    expect(filled - dry).toBeCloseTo(2.8 * 0.5117, 1);
    const wrong = await follow('balance', 1, 'nowhere', 'crucible');
    expect([wrong.status, wrong.json.error.field]).toEqual([404, 'stepId']);
  });

  it('tells an unknown instrument, command and quantity by name', async () => {
    for (const [method, path, field, body] of [
      ['GET', '/instruments/sextant/reading', 'instrumentId', undefined],
      ['POST', '/instruments/balance/commands', 'command', { command: 'explode' }],
      ['POST', '/instruments/supply/commands', 'value', { command: 'voltage' }],
      ['GET', '/instruments/balance/reading?quantity=voltage', 'quantity', undefined],
    ] as const) {
      const { status, json } = await server.ask(method, path, body);
      expect(status).toBeLessThan(500);
      expect(json.error.field).toBe(field);
    }
  });
});

describe('an instrument that fails', () => {
  const listening: Server[] = [];
  afterAll(() => listening.forEach((one) => one.close()));
  /** Something at an address that answers as it is told, and not as an instrument should. */
  async function answering(answer: (line: string) => string | undefined) {
    const own = createServer((socket) => {
      socket.on('error', () => undefined);
      socket.on('data', (chunk) => {
        const said = answer(chunk.toString('latin1'));
        if (said !== undefined) socket.write(said, 'latin1');
      });
    });
    listening.push(own);
    await new Promise<void>((done) => own.listen(0, '127.0.0.1', done));
    const { port } = own.address() as AddressInfo;
    return openInstruments([
      { id: 'one', kind: 'balance', host: '127.0.0.1', port, simulated: false },
    ]);
  }
  const trouble = async (instruments: ReturnType<typeof openInstruments>) => {
    const [info] = await instruments.list();
    const failed = await instruments.read('one').then(
      () => 'read',
      (error: { code?: string }) => error.code,
    );
    instruments.close();
    return [info?.state, failed];
  };

  it('is told to be silent', async () => {
    expect(await trouble(await answering(() => undefined))).toEqual(['silent', 'silent']);
  }, 15_000);
  it('is told to be garbled', async () => {
    expect(await trouble(await answering(() => '\u0007~?#\n'))).toEqual(['garbled', 'garbled']);
    expect(await trouble(await answering(() => 'x'.repeat(9000)))).toEqual(['garbled', 'garbled']);
  }, 15_000);
  it('whatever bytes it sends, ends in a reading or in words', async () => {
    await fc.assert(
      fc.asyncProperty(fc.string({ minLength: 1, maxLength: 30 }), async (noise) => {
        const [state, read_] = await trouble(await answering(() => `${noise}\n`));
        return typeof state === 'string' && typeof read_ === 'string';
      }),
      { numRuns: 25 },
    );
  }, 60_000);
  it('is told to be unplugged, and read again once it is back', async () => {
    const { json: before } = await server.ask('GET', '/instruments');
    expect(before[1].state).toBe('ready');
    await bench.unplug('thermometer');
    const { status, json } = await server.ask('GET', '/instruments/thermometer/reading');
    expect([status, json.error.code]).toEqual([424, 'unplugged']);
    expect(json.error.remedy).toContain('type the reading meanwhile');
    const { json: after } = await server.ask('GET', '/instruments');
    expect(after[1].state).toBe('unplugged');
    expect(after[0].state).toBe('ready');
  });
  it('that is real is not told which vessel it is at', async () => {
    const real: InstrumentAddress = {
      id: 'real',
      kind: 'balance',
      host: '127.0.0.1',
      port: 9,
      simulated: false,
    };
    await expect(openInstruments([real]).simulate('real', ['SIM:MASS 1'])).rejects.toThrow(
      'real instrument',
    );
  });
});
