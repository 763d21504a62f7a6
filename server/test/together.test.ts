import type { HeldDay, Kept } from '@stoichos/contract';
import type { DayProcedure, OwnProcedure } from '@stoichos/core/labday/day';
import type { ShelfItem } from '@stoichos/core/planning/shelf';
import { afterAll, beforeAll, beforeEach, describe, expect, inject, it } from 'vitest';
import { runningServer, sampleDay } from './support/runningServer';

/** Two people at one thing, and one who taps faster than the network: nothing of either is lost. */

let server: Awaited<ReturnType<typeof runningServer>>;
let sample: ReturnType<typeof sampleDay>;
beforeAll(async () => {
  server = await runningServer(inject('databaseUrl'));
});
afterAll(() => server.close());
beforeEach(async () => {
  sample = sampleDay();
  await server.ask('PUT', `/days/${sample.ids.day}`, sample.day);
});

const readDay = async (): Promise<HeldDay> =>
  (await server.ask('GET', `/days/${sample.ids.day}`)).json;
const procedures = () => `/days/${sample.ids.day}/procedures`;
const another = () => ({ ...sample.planned, id: crypto.randomUUID() });

describe('the procedures of a day', () => {
  it('are all there when twenty are put in at once', async () => {
    const many = Array.from({ length: 20 }, another);
    const answers = await Promise.all(
      many.map((one) => server.ask('PUT', `${procedures()}/${one.id}`, one)),
    );
    expect(answers.map(({ status }) => status)).toEqual(many.map(() => 200));
    const { procedures: there } = await readDay();
    expect(there.map(({ id }) => id).sort()).toEqual(many.map(({ id }) => id).sort());
  });

  it('keep one another while one is put in, one is moved and one is taken out', async () => {
    const [a, b, c, d] = [another(), another(), another(), another()];
    await server.plan(sample.ids.day, [a, b, c]);
    await Promise.all([
      server.ask('PUT', `${procedures()}/${d.id}`, d),
      server.ask('PUT', `${procedures()}/${c.id}/place`, { before: a.id }),
      server.ask('DELETE', `${procedures()}/${b.id}?version=1`),
    ]);
    const there = (await readDay()).procedures.map(({ id }) => id);
    expect(there).toEqual([c.id, a.id, d.id]);
  });

  it('adapted by two: the second is told, and given what stands now', async () => {
    await server.plan(sample.ids.day, [sample.planned]);
    const { versions } = await readDay();
    const version = versions.procedures[sample.planned.id];
    const named = (name: string) => ({
      ...sample.planned,
      procedure: { ...sample.planned.procedure, name },
      version,
    });
    const at = `${procedures()}/${sample.planned.id}`;
    const first = await server.ask('PUT', at, named('First'));
    expect(first.json).toMatchObject({ version: 2, procedure: { name: 'First' } });
    // Sent again, as after a lost answer: done already.
    expect((await server.ask('PUT', at, named('First'))).status).toBe(200);
    const second = await server.ask('PUT', at, named('Second'));
    expect(second.status).toBe(409);
    expect(second.json.error).toMatchObject({ code: 'stale', field: 'version' });
    expect((second.json.error.now as Kept<DayProcedure>).procedure.name).toBe('First');
    expect((await server.ask('DELETE', `${at}?version=1`)).json.error.code).toBe('stale');
    expect((await readDay()).procedures[0]?.procedure.name).toBe('First');
  });

  it('stand where they are when one is moved before something that is not there', async () => {
    await server.plan(sample.ids.day, [sample.planned]);
    const at = `${procedures()}/${sample.planned.id}/place`;
    const gone = await server.ask('PUT', at, { before: crypto.randomUUID() });
    expect([gone.status, gone.json.error.field]).toEqual([404, 'before']);
    expect((await server.ask('PUT', at, { before: sample.planned.id })).status).toBe(204);
    expect((await readDay()).procedures).toHaveLength(1);
  });
});

describe('the settings of a day', () => {
  it('changed by two: the second is told, and given what stands now', async () => {
    const version = (await readDay()).versions.day;
    const put = (part: object) =>
      server.ask('PUT', `/days/${sample.ids.day}`, { ...sample.day, version, ...part });
    const first = await put({ name: 'Silver day' });
    expect([first.status, first.json.version]).toEqual([200, version + 1]);
    const second = await put({ lengthMin: 45 });
    expect(second.status).toBe(409);
    expect(second.json.error.now).toMatchObject({ name: 'Silver day', version: version + 1 });
    const chosen = await put({ name: 'Silver day', lengthMin: 45, version: version + 1 });
    expect(chosen.json).toMatchObject({ name: 'Silver day', lengthMin: 45 });
  });

  it('are not written over by who makes a day of the same id anew', async () => {
    const again = { ...sample.day, name: 'Another', version: null };
    expect((await server.ask('PUT', `/days/${sample.ids.day}`, again)).status).toBe(409);
    expect((await readDay()).name).toBe(sample.day.name);
  });

  it('count the groups with them', async () => {
    const version = (await readDay()).versions.day;
    const groups = [...sample.day.groups, { id: crypto.randomUUID(), name: 'Bench Ruff' }];
    const put = (part: object) =>
      server.ask('PUT', `/days/${sample.ids.day}`, { ...sample.day, version, ...part });
    expect((await put({ groups })).status).toBe(200);
    expect((await put({ groups: [{ ...groups[0], name: 'Bench Sanderling' }] })).status).toBe(409);
    expect((await readDay()).groups.map(({ name }) => name)).toEqual(['Bench Knot', 'Bench Ruff']);
  });

  it('never take a group away from another day', async () => {
    const other = sampleDay();
    await server.ask('PUT', `/days/${other.ids.day}`, other.day);
    const version = (await readDay()).versions.day;
    const stolen = {
      ...sample.day,
      version,
      groups: [...sample.day.groups, { id: other.ids.group, name: 'Taken' }],
    };
    const { status, json } = await server.ask('PUT', `/days/${sample.ids.day}`, stolen);
    expect([status, json.error.code, json.error.field]).toEqual([
      409,
      'groupOfAnotherDay',
      'groups.1.id',
    ]);
    const theirs = (await server.ask('GET', `/days/${other.ids.day}`)).json as HeldDay;
    expect(theirs.groups).toEqual(other.day.groups);
  });
});

describe('a procedure of the library', () => {
  it('changed by two, or let go while another changes it: the second is told', async () => {
    const id = crypto.randomUUID();
    const { procedure } = sample.planned;
    const own = (name: string, version: number | null) => ({
      id,
      savedAt: '2027-01-02T03:04:05.000Z',
      procedure: { ...procedure, id, name },
      version,
    });
    const put = (name: string, version: number | null) =>
      server.ask('PUT', `/procedures/${id}`, own(name, version));
    expect((await put('One', null)).json.version).toBe(1);
    expect((await put('Two', 1)).json.version).toBe(2);
    const late = await put('Three', 1);
    expect(late.status).toBe(409);
    expect((late.json.error.now as Kept<OwnProcedure>).procedure.name).toBe('Two');
    expect((await server.ask('DELETE', `/procedures/${id}?version=1`)).status).toBe(409);
    expect((await server.ask('DELETE', `/procedures/${id}`)).json.error.field).toBe('version');
    expect((await server.ask('DELETE', `/procedures/${id}?version=2`)).status).toBe(204);
    expect((await put('Four', 2)).status).toBe(404);
  });
});

describe('a jar', () => {
  it('keeps what was taken from it while somebody had it open', async () => {
    const jar: ShelfItem = {
      id: crypto.randomUUID(),
      substance: 'NaCl',
      form: 'NaCl',
      purityPercent: 99,
      place: 'Bay 1',
      amount: 100,
      unit: 'g',
      least: 10,
      expires: null,
    };
    const put = (part: object) => server.ask('PUT', `/shelf/${jar.id}`, { ...jar, ...part });
    expect((await put({})).json.version).toBe(1);
    await server.ask('POST', `/days/${sample.ids.day}/preparations`, {
      id: crypto.randomUUID(),
      key: 'NaCl 0.1',
      takings: [{ itemId: jar.id, amount: 30 }],
      madeBy: 'T. Avocet',
      confirmedAt: '2027-01-02T03:04:05.000Z',
    });
    const late = await put({ place: 'Bay 2', version: 1 });
    expect([late.status, late.json.error.now]).toMatchObject([409, { amount: 70, version: 2 }]);
    const now = await put({ place: 'Bay 2', amount: 70, version: 2 });
    expect(now.json).toMatchObject({ amount: 70, place: 'Bay 2', version: 3 });
  });
});
