import type { HeldDay } from '@stoichos/contract';
import { worksOf } from '@stoichos/core/labday/day';
import { library } from '@stoichos/core/planning/procedure';
import fc from 'fast-check';
import { afterAll, beforeAll, describe, expect, inject, it } from 'vitest';
import { runningServer, sampleDay } from './support/runningServer';

let server: Awaited<ReturnType<typeof runningServer>>;
beforeAll(async () => {
  server = await runningServer(inject('databaseUrl'));
});
afterAll(() => server.close());

/** The fields of a whole entry, none of them varied. */
const fixed = (entry: object) =>
  Object.fromEntries(Object.entries(entry).map(([name, value]) => [name, fc.constant(value)]));

const shipped = (id: string) => library.find((one) => one.id === id);

/** A day with two procedures, one of them shown to all. */
async function plannedDay() {
  const { day, ids } = sampleDay();
  const procedures = [
    { id: crypto.randomUUID(), manner: 'groups', procedure: shipped('crystal-water-by-mass') },
    { id: crypto.randomUUID(), manner: 'demonstration', procedure: shipped('metals-on-water') },
  ] as const;
  await server.ask('PUT', `/days/${day.id}`, day);
  await server.plan(day.id, procedures);
  const entry = {
    id: crypto.randomUUID(),
    workId: procedures[0].id,
    stepId: 'fill',
    vessel: 'crucible' as string | null,
    part: 'test',
    groupId: ids.group as string | null,
    record: { kind: 'solid', colour: 'white' } as object | null,
    supersedes: null as string | null,
    recordedAt: '2026-05-04T10:00:00.000Z',
  };
  const post = (part: object = {}) =>
    server.ask('POST', '/entries', { ...entry, id: crypto.randomUUID(), ...part });
  const put = (changed: { readonly id: string }) => server.plan(day.id, [changed]);
  return { day, ids, procedures, entry, post, put };
}

describe('the record of a procedure', () => {
  it('is kept by step, vessel and part, in the order it came in', async () => {
    const { day, post } = await plannedDay();
    // A clock that jumps back between two lines changes nothing.
    const lines = [
      { recordedAt: '2026-05-04T10:00:00.000Z' },
      { recordedAt: '2020-01-01T00:00:00.000Z', part: 'blank' },
      { vessel: null, record: { kind: 'step', state: 'done' } },
      {
        vessel: null,
        record: { kind: 'measurement', name: 'with the crystals', quantity: 'mass', value: 21.2 },
      },
    ];
    for (const line of lines) expect((await post(line)).status).toBe(201);
    expect((await server.record(day.id)).map(({ part }) => part)).toEqual([
      'test',
      'blank',
      'test',
      'test',
    ]);
    const list = await server.days();
    const summary = list.find(({ id }) => id === day.id);
    // One group does the one, everybody sees the other.
    expect([summary?.recordedCount, summary?.placeCount]).toEqual([1, 2]);
  });

  it('knows a step, a vessel or a bench that is not there', async () => {
    const { post, procedures } = await plannedDay();
    const shown = shipped('metals-on-water')?.steps[0]?.id;
    const cases = [
      [{ stepId: 'nowhere' }, 404, 'stepId'],
      [{ vessel: 'bucket' }, 404, 'vessel'],
      [{ groupId: null }, 400, 'groupId'],
      [{ workId: procedures[1].id, stepId: shown, vessel: null }, 400, 'groupId'],
      [
        { record: { kind: 'measurement', name: 'x', quantity: 'mass', value: 1e9 } },
        400,
        'record.value',
      ],
      [
        { record: { kind: 'verdict', verdict: 'agrees', reason: '', by: 'I' } },
        400,
        'record.reason',
      ],
    ] as const;
    for (const [part, status, field] of cases) {
      const answer = await post(part);
      expect([answer.status, answer.json.error.field], JSON.stringify(part)).toEqual([
        status,
        field,
      ]);
    }
  });

  it('of what is shown to all belongs to no group', async () => {
    const { procedures, post } = await plannedDay();
    const [step] = shipped('metals-on-water')?.steps ?? [];
    const answer = await post({
      workId: procedures[1].id,
      stepId: step?.id,
      vessel: null,
      groupId: null,
      record: { kind: 'note', text: 'The class watched.' },
    });
    expect(answer.status).toBe(201);
  });

  it('holds its procedure fast: moved it may be, changed or taken out it may not', async () => {
    const { day, procedures, post, put } = await plannedDay();
    await post();
    const [first, second] = procedures;
    const at = `/days/${day.id}/procedures`;
    const moved = await server.ask('PUT', `${at}/${first.id}/place`, { before: null });
    expect(moved.status).toBe(204);
    const read = async () => (await server.ask('GET', `/days/${day.id}`)).json as HeldDay;
    expect((await read()).procedures.map(({ id }) => id)).toEqual([second.id, first.id]);
    const renamed = { ...first, procedure: { ...first.procedure, name: 'Another' }, version: 1 };
    const shown = { ...first, manner: 'demonstration', version: 1 };
    const takeOut = (id: string) => server.ask('DELETE', `${at}/${id}?version=1`);
    for (const { status, json } of [
      await put(renamed),
      await put(shown),
      await takeOut(first.id),
    ]) {
      expect([status, json.error.code]).toEqual([409, 'procedureHasRecords']);
      expect(json.error.remedy).toContain('departure');
    }
    expect((await takeOut(second.id)).status).toBe(204);
    expect((await read()).procedures).toHaveLength(1);
  });

  it('comes out in the table of results, with departures and the instructor’s word', async () => {
    const { day, post } = await plannedDay();
    await post();
    await post({
      vessel: null,
      record: { kind: 'departure', what: 'time', planned: '9 min', done: '4 min' },
    });
    await post({
      record: { kind: 'verdict', verdict: 'partly', reason: 'Too little salt.', by: 'M. S.' },
    });
    const csv = (await server.ask('GET', `/days/${day.id}/results.csv`)).text;
    expect(csv).toContain('time: 9 min → 4 min');
    expect(csv).toContain('How much water is in the crystal?,fill,crucible');
    expect(csv).toContain('agrees,partly,Too little salt.');
  });

  it('takes no harm from anything that is sent as an entry', async () => {
    const { entry } = await plannedDay();
    const anyEntry = fc.oneof(
      fc.jsonValue(),
      fc.record({ ...fixed(entry), record: fc.jsonValue() }),
      fc.record({ ...fixed(entry), recordedAt: fc.oneof(fc.string(), fc.date().map(String)) }),
      fc.record({ ...fixed(entry), stepId: fc.string(), vessel: fc.string() }),
    );
    await fc.assert(
      fc.asyncProperty(anyEntry, async (sent) => {
        const { status, json } = await server.ask('POST', '/entries', JSON.stringify(sent));
        return status >= 400 && status < 500 && json.error.remedy !== '';
      }),
      { numRuns: 60 },
    );
  });

  it('of a day kept before there were measurements is read with their defaults', async () => {
    const { day, procedures } = await plannedDay();
    await server.database.sequelize.query(
      `UPDATE day_procedures SET body = body - 'analyses' WHERE id = :id`,
      { replacements: { id: procedures[0].id } },
    );
    const { json } = await server.ask('GET', `/days/${day.id}`);
    expect(json.procedures[0].procedure.analyses).toEqual([]);
    expect(worksOf(json).length).toBe(2);
  });
});
