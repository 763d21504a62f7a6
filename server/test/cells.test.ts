import { cellLog, standingCellEntries } from '@stoichos/core/labday/cells';
import type {
  CellEntry,
  CellRecord,
  CellRun,
  CellRunWithRecord,
} from '@stoichos/core/labday/cells';
import { afterAll, beforeAll, describe, expect, inject, it } from 'vitest';
import { startSimulatedBench } from '../src';
import type { SimulatedBench } from '../src/simulated/bench';
import { runningServer } from './support/runningServer';

let bench: SimulatedBench;
let server: Awaited<ReturnType<typeof runningServer>>;
beforeAll(async () => {
  bench = await startSimulatedBench(1);
  server = await runningServer(inject('databaseUrl'), bench.addresses);
}, 30_000);
afterAll(async () => {
  await server.close();
  await bench.stop();
});

const run = (): CellRun => ({
  id: crypto.randomUUID(),
  name: 'Copper from copper',
  setup: {
    cell: {
      electrolyte: [{ substance: 'CuSO4', concentrationM: 0.5 }],
      cathode: 'copper',
      anode: 'copper',
      areaCm2: 20,
      volumeMl: 150,
    },
    gapCm: 3,
    metal: 'Cu',
    electrons: 2,
    plannedA: 0.3,
    everyS: 60,
    reference: 'silverChloride',
    ammeterPercent: 2,
    balanceG: 0.01,
  },
  madeAt: '2026-05-04T10:00:00.000Z',
});
const entry = (
  runId: string,
  record: CellRecord | null,
  supersedes: string | null = null,
): CellEntry => ({
  id: crypto.randomUUID(),
  runId,
  record,
  supersedes,
  recordedAt: '2026-05-04T10:05:00.000Z',
});
const reading = (timeS: number, currentA: number): CellRecord => ({
  kind: 'reading',
  by: 'hand',
  timeS,
  currentA,
});
const post = (one: unknown) => server.ask('POST', '/cell-entries', one);
const load = async (id: string) =>
  (await server.ask('GET', `/cells/${id}`)).json as CellRunWithRecord;

describe('a run of an electrolysis', () => {
  it('keeps its set-up and every line of its record, each once however often it is sent', async () => {
    const made = run();
    expect((await server.ask('PUT', `/cells/${made.id}`, made)).status).toBe(200);
    const [first, second] = [entry(made.id, reading(0, 0.3)), entry(made.id, reading(60, 0.31))];
    await Promise.all([first, first, second, first].map(post));
    const { entries, setup } = await load(made.id);
    expect(setup).toEqual(made.setup);
    expect(entries).toHaveLength(2);
    expect(cellLog(entries).map(({ timeS }) => timeS)).toEqual([0, 60]);
    // The same id for something else is refused, and nothing is lost.
    const taken = await post({ ...first, record: reading(0, 9) });
    expect([taken.status, taken.json.error.code]).toEqual([409, 'idTaken']);
  });

  it('is corrected by a later line, and taken back by one without a record', async () => {
    const made = run();
    await server.ask('PUT', `/cells/${made.id}`, made);
    const wrong = entry(made.id, reading(60, 3));
    const right = entry(made.id, reading(60, 0.3), wrong.id);
    const mass = entry(made.id, {
      kind: 'mass',
      electrode: 'cathode',
      when: 'before',
      massG: 12.31,
    });
    for (const one of [wrong, right, mass, entry(made.id, null, mass.id)]) await post(one);
    const { entries } = await load(made.id);
    expect(entries).toHaveLength(4);
    expect(standingCellEntries(entries).map(({ record }) => record)).toEqual([reading(60, 0.3)]);
  });

  it('is append-only in the database itself', async () => {
    const made = run();
    await server.ask('PUT', `/cells/${made.id}`, made);
    const one = entry(made.id, reading(0, 0.3));
    await post(one);
    for (const sql of [
      `UPDATE cell_entries SET record = '{}' WHERE id = '${one.id}'`,
      `DELETE FROM cell_entries WHERE id = '${one.id}'`,
    ])
      await expect(server.database.sequelize.query(sql)).rejects.toThrow(/append-only/);
  });

  it.each([
    [
      'an unknown run',
      () => entry(crypto.randomUUID(), reading(0, 1)),
      404,
      /run of an electrolysis/,
    ],
    [
      'a line that takes nothing back',
      () => entry(crypto.randomUUID(), null),
      400,
      /takes another one back/,
    ],
    [
      'a negative current',
      () => entry(crypto.randomUUID(), { ...reading(0, 1), currentA: -0.3 } as CellRecord),
      400,
      /leads are swapped/,
    ],
    [
      'a mass of nothing',
      () =>
        entry(crypto.randomUUID(), { kind: 'mass', electrode: 'anode', when: 'after', massG: 0 }),
      400,
      /above 0 g/,
    ],
  ] as const)('refuses %s in words', async (_, make, status, words) => {
    const answer = await post(make());
    expect(answer.status).toBe(status);
    expect(answer.json.error.message).toMatch(words);
    expect(answer.json.error.remedy).not.toBe('');
  });

  it('refuses a cell of unknown things, naming the field', async () => {
    const made = run();
    const wrong = {
      ...made,
      setup: { ...made.setup, cell: { ...made.setup.cell, anode: 'wood' } },
    };
    const { status, json } = await server.ask('PUT', `/cells/${made.id}`, wrong);
    expect([status, json.error.field]).toEqual([400, 'setup.cell.anode']);
  });
});

describe('the simulated cell', () => {
  it('follows the chemistry: current, cell voltage, half-cells near and far, time that runs fast', async () => {
    const made = run();
    await server.ask('PUT', `/cells/${made.id}`, made);
    expect((await server.ask('POST', `/cells/${made.id}/simulate`, { speed: 600 })).status).toBe(
      204,
    );
    const set = (command: string, value: number) =>
      server.ask('POST', '/instruments/supply/commands', { command, value });
    await set('voltage', 10);
    await set('current', 0.3);
    await set('output', 1);
    await new Promise((done) => setTimeout(done, 500));
    const { json } = await server.ask('GET', `/cells/${made.id}/reading`);
    const read = json as unknown as Record<string, number>;
    expect(read.currentA).toBeCloseTo(0.3, 1);
    // Half a second is five minutes of theirs.
    expect(read.timeS).toBeGreaterThan(250);
    // The cell voltage is what the half-cells and the drop in the solution make, with a little for the leads.
    const { cellV = 0, anodeNearV = 0, anodeFarV = 0, cathodeNearV = 0, cathodeFarV = 0 } = read;
    expect(anodeFarV - anodeNearV).toBeCloseTo(cathodeNearV - cathodeFarV, 1);
    const whole = anodeNearV - cathodeNearV + (anodeFarV - anodeNearV);
    expect(cellV - whole).toBeGreaterThan(0);
    expect(cellV - whole).toBeLessThan(0.1);
    await set('output', 0);
    await bench.unplug('supply');
    const gone = await server.ask('GET', `/cells/${made.id}/reading`);
    expect([gone.status, gone.json.error.code]).toEqual([424, 'unplugged']);
  });
});
