import { afterAll, beforeAll, beforeEach, describe, expect, inject, it } from 'vitest';
import { classPlanOf, planKey } from '@stoichos/core/labday/day';
import { library, scheduleOf } from '@stoichos/core/planning/procedure';
import { schedule } from '@stoichos/core/planning/schedule';
import { writeShelfFile } from '@stoichos/core/planning/shelf';
import type { LabDay } from '@stoichos/core/labday/day';
import type { Procedure } from '@stoichos/core/planning/procedure';
import type { ShelfItem } from '@stoichos/core/planning/shelf';
import { runningServer, sampleDay } from './support/runningServer';

let server: Awaited<ReturnType<typeof runningServer>>;
let sample: ReturnType<typeof sampleDay>;
beforeAll(async () => {
  server = await runningServer(inject('databaseUrl'));
});
afterAll(() => server.close());
beforeEach(async () => {
  sample = sampleDay();
  await server.ask('PUT', `/days/${sample.ids.day}`, {
    ...sample.day,
    kit: { burner: 1, balance: 1, desiccator: 1 },
  });
});

const shipped = (id: string): Procedure => {
  const found = library.find((procedure) => procedure.id === id);
  if (!found) throw new Error(`No procedure ${id}.`);
  return found;
};
const putProcedures = (...procedures: Procedure[]) =>
  server.plan(
    sample.ids.day,
    procedures.map((procedure) => ({ id: crypto.randomUUID(), manner: 'groups', procedure })),
  );
const readDay = async (): Promise<LabDay> =>
  (await server.ask('GET', `/days/${sample.ids.day}`)).json;

describe('procedures', () => {
  it('are planned for a day in their order, and come back whole', async () => {
    const wanted = [shipped('clear-pairs'), shipped('blue-white-blue')];
    expect((await putProcedures(...wanted)).status).toBe(200);
    const day = await readDay();
    expect(day.procedures.map(({ procedure }) => procedure)).toEqual(wanted);
  });

  it('that are kept here are listed, changed and let go', async () => {
    const id = crypto.randomUUID();
    const own = {
      id,
      savedAt: '2027-01-02T03:04:05.000Z',
      procedure: { ...shipped('clear-pairs'), id, name: 'Three clear pairs', from: 'clear-pairs' },
    };
    await server.ask('PUT', `/procedures/${id}`, own);
    await server.ask('PUT', `/procedures/${id}`, own);
    const { json } = await server.ask('GET', '/procedures');
    expect(json).toEqual([{ ...own, version: 1 }]);
    const drop = () => server.ask('DELETE', `/procedures/${id}?version=1`);
    expect((await drop()).status).toBe(204);
    expect((await drop()).status).toBe(404);
  });

  it('that cannot be run, or stand out of order, are refused by the step', async () => {
    const pairs = shipped('clear-pairs');
    const [first, ...rest] = pairs.steps;
    const impossible = {
      ...pairs,
      steps: [
        { ...first, events: [{ vessel: '1', action: { do: 'filter', keep: 'residue' } }] },
        ...rest,
      ],
    } as Procedure;
    const refused = await putProcedures(impossible);
    expect(refused.status).toBe(400);
    expect(refused.json.error.field).toMatch(/^procedure\.steps\.magnesium/);
    const oil = shipped('cracking-an-oil');
    const swapped = { ...oil, steps: [...oil.steps].reverse() };
    expect((await putProcedures(swapped)).json.error.code).toBe('outOfOrder');
    expect((await readDay()).procedures).toEqual([]);
  });
});

describe('the timetable', () => {
  it('is kept when it holds, and refused when a rule is broken or the plan has changed', async () => {
    await putProcedures(shipped('crystal-water-by-mass'));
    const plan = classPlanOf(await readDay());
    const timetable = { ...schedule(scheduleOf(plan)), planKey: planKey(plan) };
    const put = (wanted: unknown, version = 1) =>
      server.ask('PUT', `/days/${sample.ids.day}/timetable`, { timetable: wanted, version });
    expect((await put(timetable)).json).toEqual({ version: 2 });
    expect((await readDay()).timetable).toEqual(timetable);
    const [first, ...rest] = timetable.tasks;
    const broken = { ...timetable, tasks: [{ ...first, startMin: 30, endMin: 32 }, ...rest] };
    expect((await put(broken)).json.error.code).toBe('brokenRule');
    await putProcedures(shipped('clear-pairs'));
    expect((await put(timetable)).json.error.code).toBe('planChanged');
    const late = await put(null, 1);
    expect([late.status, late.json.error.now]).toEqual([409, { timetable, version: 2 }]);
    expect((await put(null, 2)).json).toEqual({ version: 3 });
    expect((await readDay()).timetable).toBeNull();
  });
});

describe('the shelf', () => {
  const jar = (more: Partial<ShelfItem> = {}): ShelfItem => ({
    id: crypto.randomUUID(),
    substance: 'CuSO4',
    form: 'CuSO4·5H2O',
    purityPercent: 99,
    place: `Bay ${crypto.randomUUID()}`,
    amount: 100,
    unit: 'g',
    least: 10,
    expires: null,
    ...more,
  });
  const amountOf = async (id: string): Promise<number | undefined> =>
    ((await server.ask('GET', '/shelf')).json as ShelfItem[]).find((one) => one.id === id)?.amount;
  const prepare = (itemId: string, amount: number, more: object = {}) =>
    server.ask('POST', `/days/${sample.ids.day}/preparations`, {
      id: crypto.randomUUID(),
      key: 'CuSO4 0.1',
      takings: [{ itemId, amount }],
      madeBy: 'T. Avocet',
      confirmedAt: '2027-01-02T03:04:05.000Z',
      ...more,
    });

  it('gives to a preparation and takes back what is undone, once each', async () => {
    const item = jar();
    await server.ask('PUT', `/shelf/${item.id}`, item);
    const id = crypto.randomUUID();
    for (let time = 0; time < 3; time += 1)
      expect((await prepare(item.id, 12.5, { id })).status).toBe(201);
    expect(await amountOf(item.id)).toBe(87.5);
    expect((await readDay()).preparations).toEqual([
      expect.objectContaining({ id, takings: [{ itemId: item.id, amount: 12.5 }] }),
    ]);
    for (let time = 0; time < 2; time += 1)
      expect((await server.ask('DELETE', `/preparations/${id}`)).status).toBe(204);
    expect((await readDay()).preparations).toEqual([]);
    expect(await amountOf(item.id)).toBe(100);
  });

  it('refuses more than a jar holds, and the same line twice, and takes nothing then', async () => {
    const item = jar();
    await server.ask('PUT', `/shelf/${item.id}`, item);
    expect((await prepare(item.id, 101)).json.error).toMatchObject({
      code: 'notEnough',
      field: 'takings.amount',
    });
    expect((await prepare(item.id, 5)).status).toBe(201);
    expect((await prepare(item.id, 5)).json.error.code).toBe('alreadyMade');
    expect(await amountOf(item.id)).toBe(95);
  });

  it('is kept as a file and read back, changing only what differs', async () => {
    const item = jar({ form: 'CuSO4', amount: 42 });
    await server.ask('PUT', `/shelf/${item.id}`, item);
    const { text, headers } = await server.ask('GET', '/shelf.csv');
    expect(headers.get('content-type')).toMatch(/text\/csv/);
    const same = await server.ask('POST', '/shelf/import', { text, apply: true });
    expect(same.json).toMatchObject({ added: 0, changed: 0, problems: [] });
    const more = writeShelfFile([{ ...item, amount: 50 }, jar({ place: 'New bay' })]);
    const preview = await server.ask('POST', '/shelf/import', { text: more, apply: false });
    expect(preview.json).toMatchObject({ added: 1, changed: 1, unchanged: 0 });
    expect(await amountOf(item.id)).toBe(42);
    await server.ask('POST', '/shelf/import', { text: more, apply: true });
    expect(await amountOf(item.id)).toBe(50);
  });

  it('stays as it was when a file has one bad row', async () => {
    const before = (await server.ask('GET', '/shelf')).text;
    const text = `substance,amount,unit\nNaCl,5,g\nKCl,five,g`;
    const { json } = await server.ask('POST', '/shelf/import', { text, apply: true });
    expect(json.problems).toEqual([
      expect.objectContaining({ line: 3, column: 'amount', value: 'five' }),
    ]);
    expect((await server.ask('GET', '/shelf')).text).toBe(before);
  });

  it('knows a jar by its form, and refuses what is no substance', async () => {
    const item = jar({ form: 'blue vitriol' });
    await server.ask('PUT', `/shelf/${item.id}`, item);
    const stored = ((await server.ask('GET', '/shelf')).json as ShelfItem[]).find(
      ({ id }) => id === item.id,
    );
    expect(stored?.substance).toBe('CuSO4');
    const nonsense = jar({ form: 'dragon scale' });
    expect((await server.ask('PUT', `/shelf/${nonsense.id}`, nonsense)).json.error.field).toBe(
      'form',
    );
    expect((await server.ask('DELETE', `/shelf/${item.id}?version=1`)).status).toBe(204);
  });
});
