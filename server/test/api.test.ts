import { procedureOfMixing } from '@stoichos/core/planning/procedure';
import type { HeldDay } from '@stoichos/contract';
import type { LabDay } from '@stoichos/core/labday/day';
import { afterAll, beforeAll, beforeEach, describe, expect, inject, it } from 'vitest';
import { loadDemo, migrate } from '../src';
import { runningServer, sampleDay } from './support/runningServer';

let server: Awaited<ReturnType<typeof runningServer>>;
let sample: ReturnType<typeof sampleDay>;
beforeAll(async () => {
  server = await runningServer(inject('databaseUrl'));
});
afterAll(() => server.close());
beforeEach(() => {
  sample = sampleDay();
});

const putDay = () => server.ask('PUT', `/days/${sample.ids.day}`, sample.day);
const putWork = (planned: unknown = sample.planned) =>
  server.ask('PUT', `/days/${sample.ids.day}/procedures/${sample.ids.test}`, planned);
const removeWork = (version = 1) =>
  server.ask('DELETE', `/days/${sample.ids.day}/procedures/${sample.ids.test}?version=${version}`);
const readDay = async (): Promise<HeldDay> =>
  (await server.ask('GET', `/days/${sample.ids.day}`)).json;
/** The sample’s procedure with another second solution. */
const putSolution = (portion: object) =>
  putWork({
    ...sample.planned,
    procedure: procedureOfMixing(sample.ids.test, {
      container: 'testTube',
      a: { substance: 'CuSO4', concentrationM: 0.2, volumeMl: 2 },
      b: { substance: 'NaOH', concentrationM: 0.4, volumeMl: 2, ...portion },
    }),
  });
const postEntry = (part: object = {}) =>
  server.ask('POST', '/entries', { ...sample.entry, ...part });

describe('a lab day', () => {
  it('is written, read back and listed', async () => {
    expect((await putDay()).status).toBe(200);
    expect((await putWork()).status).toBe(200);
    const { json } = await server.ask('GET', `/days/${sample.ids.day}`);
    expect(json).toMatchObject({
      ...sample.day,
      procedures: [sample.planned],
      timetable: null,
      weighings: [],
      preparations: [],
    });
    const list = await server.days();
    expect(list.find(({ id }) => id === sample.ids.day)).toMatchObject({
      procedureCount: 1,
      placeCount: 1,
      recordedCount: 0,
    });
  });

  it('is the same when it is sent twice', async () => {
    await putDay();
    await putDay();
    const { json } = await server.ask('GET', `/days/${sample.ids.day}`);
    expect(json.groups).toHaveLength(1);
  });

  it('gains a procedure at its end, and changes it in its place', async () => {
    await putDay();
    await putWork();
    const second = { ...sample.planned, id: crypto.randomUUID() };
    const at = `/days/${sample.ids.day}/procedures`;
    expect((await server.ask('PUT', `${at}/${second.id}`, second)).status).toBe(200);
    const shown = { ...sample.planned, manner: 'demonstration' };
    const { json } = await putWork({ ...shown, version: 1 });
    expect(json).toMatchObject({ ...shown, version: 2 });
    expect((await readDay()).procedures).toMatchObject([shown, second]);
    const other = crypto.randomUUID();
    await server.ask('PUT', `/days/${other}`, {
      ...sample.day,
      id: other,
      groups: [{ id: crypto.randomUUID(), name: 'Bench Tern' }],
    });
    const elsewhere = await server.ask('PUT', `/days/${other}/procedures/${second.id}`, second);
    expect(elsewhere.status).toBe(404);
  });

  it('holds sixty procedures and no more', async () => {
    await putDay();
    const many = Array.from({ length: 60 }, () => ({ ...sample.planned, id: crypto.randomUUID() }));
    expect((await server.plan(sample.ids.day, many)).status).toBe(200);
    const { status, json } = await putWork();
    expect([status, json.error.code]).toEqual([409, 'dayIsFull']);
  });

  it('gives up a procedure that has no record, and keeps one that has', async () => {
    await putDay();
    await putWork();
    expect((await removeWork()).status).toBe(204);
    expect((await readDay()).procedures).toEqual([]);
    await putWork();
    await postEntry();
    expect((await putWork()).status).toBe(200);
    const changed = { ...sample.planned, manner: 'demonstration', version: 1 };
    for (const answer of [await removeWork(), await putWork(changed)])
      expect([answer.status, answer.json.error.code]).toEqual([409, 'procedureHasRecords']);
    const { versions } = await readDay();
    const without = {
      ...sample.day,
      version: versions.day,
      groups: [{ id: crypto.randomUUID(), name: 'Other' }],
    };
    const answer = await server.ask('PUT', `/days/${sample.ids.day}`, without);
    expect([answer.status, answer.json.error.code]).toEqual([409, 'groupHasRecords']);
    const { json } = await server.ask('GET', `/days/${sample.ids.day}`);
    expect(json.groups).toEqual(sample.day.groups);
  });
});

describe('a lab day planned again', () => {
  it('brings its plan along and leaves its record, once however often it is asked for', async () => {
    const { ids, day, planned, entry } = sampleDay();
    await server.ask('PUT', `/days/${ids.day}`, day);
    await server.ask('PUT', `/days/${ids.day}/procedures/${ids.test}`, planned);
    expect((await server.ask('POST', '/entries', entry)).status).toBe(201);
    const copy = { id: crypto.randomUUID(), name: 'Next spring', date: '2027-04-12' };
    const copies = [{ from: ids.day, ...copy }];
    for (let times = 0; times < 2; times += 1)
      expect((await server.ask('POST', '/day-copies', { copies })).status).toBe(204);
    const { json } = await server.ask('GET', `/days/${copy.id}`);
    const made = json as LabDay;
    expect(made).toMatchObject({ ...copy, sparePercent: day.sparePercent });
    expect(await server.record(copy.id)).toEqual([]);
    expect(made.groups.map(({ name }) => name)).toEqual(day.groups.map(({ name }) => name));
    expect(made.groups[0]?.id).not.toBe(ids.group);
    expect(made.procedures).toMatchObject([{ procedure: planned.procedure }]);
    expect(made.procedures[0]?.id).not.toBe(ids.test);
    expect(await server.record(ids.day)).toHaveLength(1);
  });

  it('is refused in words for a day that is not there, and for a date that is none', async () => {
    const { ids, day } = sampleDay();
    await server.ask('PUT', `/days/${ids.day}`, day);
    const copy = { from: ids.day, id: crypto.randomUUID(), name: 'Never', date: '2027-04-12' };
    const away = { ...copy, from: crypto.randomUUID(), id: crypto.randomUUID() };
    const missing = await server.ask('POST', '/day-copies', { copies: [copy, away] });
    expect(missing.status).toBe(404);
    // All or none.
    expect((await server.ask('GET', `/days/${copy.id}`)).status).toBe(404);
    const wrong = await server.ask('POST', '/day-copies', {
      copies: [{ ...copy, date: '2027-02-31' }],
    });
    expect(wrong.status).toBe(400);
    expect(wrong.json).toMatchObject({ error: { field: 'copies.0.date' } });
  });

  it('is archived and taken out again, with all that is in it', async () => {
    const { ids, day } = sampleDay();
    await server.ask('PUT', `/days/${ids.day}`, day);
    const listed = async () => (await server.days()).find(({ id }) => id === ids.day);
    expect((await listed())?.archivedAt).toBeNull();
    await server.ask('PUT', `/days/${ids.day}/archive`, { archived: true });
    expect((await listed())?.archivedAt).toMatch(/^\d{4}-\d\d-\d\dT/);
    // Changing it leaves it where it is.
    const renamed = { ...day, name: 'Renamed', version: 2 };
    expect((await server.ask('PUT', `/days/${ids.day}`, renamed)).status).toBe(200);
    expect((await listed())?.archivedAt).not.toBeNull();
    await server.ask('PUT', `/days/${ids.day}/archive`, { archived: false });
    expect((await listed())?.archivedAt).toBeNull();
    const gone = `/days/${crypto.randomUUID()}/archive`;
    expect((await server.ask('PUT', gone, { archived: true })).status).toBe(404);
  });
});

describe('the bench record', () => {
  beforeEach(async () => {
    await putDay();
    await putWork();
  });

  it('stores an entry once however often it is sent', async () => {
    for (let time = 0; time < 3; time += 1) expect((await postEntry()).status).toBe(201);
    expect(await server.record(sample.ids.day)).toEqual([
      { ...sample.entry, author: 'instructor' },
    ]);
  });

  it('says who wrote a line, whatever the line says of it', async () => {
    const { json } = await postEntry({ author: 'group' });
    expect(json.author).toBe('instructor');
  });

  it('stores an entry once when it is sent many times at once', async () => {
    const answers = await Promise.all(Array.from({ length: 8 }, () => postEntry()));
    expect(answers.map(({ status }) => status)).toEqual(Array.from({ length: 8 }, () => 201));
    expect(await server.record(sample.ids.day)).toHaveLength(1);
  });

  it('refuses the same id for something else', async () => {
    await postEntry();
    const answer = await postEntry({ record: { kind: 'noChange' } });
    expect([answer.status, answer.json.error.code]).toEqual([409, 'idTaken']);
  });

  it('takes a correction, and never changes a line', async () => {
    await postEntry();
    const correction = { id: crypto.randomUUID(), supersedes: sample.entry.id, record: null };
    expect((await postEntry(correction)).status).toBe(201);
    const { sequelize } = server.database;
    await expect(sequelize.query('UPDATE bench_entries SET kind = kind')).rejects.toThrow(
      'append-only',
    );
    await expect(sequelize.query('DELETE FROM bench_entries')).rejects.toThrow('append-only');
  });

  it('knows an unknown test, group or superseded entry', async () => {
    const id = crypto.randomUUID();
    for (const field of ['workId', 'groupId', 'supersedes']) {
      const { status, json } = await postEntry({ [field]: id });
      expect([status, json.error.field]).toEqual([404, field]);
      expect(json.error.message).toContain(id);
    }
  });

  it('keeps weighings and makes tables of what was recorded', async () => {
    await postEntry();
    const { status, json } = await server.ask(
      'POST',
      `/days/${sample.ids.day}/weighings`,
      sample.weighing,
    );
    expect([status, json]).toEqual([201, sample.weighing]);
    expect((await readDay()).weighings).toEqual([sample.weighing]);
    const correction = {
      id: crypto.randomUUID(),
      supersedes: sample.entry.id,
      record: { kind: 'noPrecipitate' },
    };
    await postEntry(correction);
    const csv = await server.ask('GET', `/days/${sample.ids.day}/results.csv`);
    expect(csv.headers.get('content-disposition')).toContain('attachment');
    const [head = '', row = ''] = csv.text.split('\r\n');
    expect(head.split(',').slice(0, 3)).toEqual(['date', 'lab_day', 'group']);
    expect(row).toContain(
      '2026-05-04,Trial run,Bench Knot,CuSO4 with NaOH,mix,vessel,vessel: added 2 mL 0.204 M CuSO4;',
    );
    const raw = (await server.ask('GET', `/days/${sample.ids.day}/record.csv`)).text;
    const lines = raw.split('\r\n');
    expect(lines).toHaveLength(3);
    expect(lines[1]).toContain(`,no,${sample.entry.id},`);
    expect(lines[2]).toContain(`no precipitate,,,,,yes,${correction.id},${sample.entry.id}`);
  });
});

describe('bad input is answered with field, value and remedy', () => {
  beforeEach(async () => {
    await putDay();
    await putWork();
  });
  const cases: [
    string,
    () => Promise<{ status: number; json: unknown }>,
    number,
    string,
    RegExp,
  ][] = [
    [
      'an empty name',
      () => server.ask('PUT', `/days/${sample.ids.day}`, { ...sample.day, name: '  ' }),
      400,
      'name',
      /"\s{2}".*needs a name/,
    ],
    [
      'no group',
      () => server.ask('PUT', `/days/${sample.ids.day}`, { ...sample.day, groups: [] }),
      400,
      'groups',
      /\[\]/,
    ],
    [
      'an impossible date',
      () => server.ask('PUT', `/days/${sample.ids.day}`, { ...sample.day, date: '2026-02-30' }),
      400,
      'date',
      /2026-02-30/,
    ],
    [
      'a negative concentration',
      () => putSolution({ concentrationM: -0.1 }),
      400,
      'procedure.steps.0.events.1.action.portion.concentrationM',
      /-0\.1/,
    ],
    [
      'an absurd concentration',
      () => putSolution({ concentrationM: 4000 }),
      400,
      'procedure.steps.0.events.1.action.portion.concentrationM',
      /4000/,
    ],
    [
      'an unknown salt',
      () => putSolution({ substance: 'kryptonite' }),
      400,
      'procedure.steps.mix.events.1.action.portion.substance',
      /kryptonite/,
    ],
    [
      'an unknown id',
      () => server.ask('GET', '/days/00000000-0000-4000-8000-000000000000'),
      404,
      'dayId',
      /00000000-0000/,
    ],
    ['a malformed id', () => server.ask('GET', '/days/seventeen'), 400, 'dayId', /seventeen/],
    [
      'a note of a megabyte',
      () => postEntry({ record: { kind: 'note', text: 'x'.repeat(1_048_576) } }),
      400,
      'record.text',
      /1048578 characters/,
    ],
    [
      'a body beyond the limit',
      () => postEntry({ record: { kind: 'note', text: 'x'.repeat(3_000_000) } }),
      413,
      'body',
      /3000\d{3} bytes/,
    ],
    [
      'malformed JSON',
      () => server.ask('POST', '/entries', '{"id":'),
      400,
      'body',
      /not valid JSON/,
    ],
    [
      'a made-up kind',
      () => postEntry({ record: { kind: 'explosion' } }),
      400,
      'record.kind',
      /explosion/,
    ],
    [
      'a form of another substance',
      () =>
        server.ask('POST', `/days/${sample.ids.day}/weighings`, {
          ...sample.weighing,
          form: 'NaCl',
        }),
      400,
      'form',
      /NaCl/,
    ],
    [
      'a mass of nothing',
      () =>
        server.ask('POST', `/days/${sample.ids.day}/weighings`, { ...sample.weighing, actualG: 0 }),
      400,
      'actualG',
      /above 0/,
    ],
  ];
  it.each(cases)('%s', async (_, send, status, field, message) => {
    const answer = await send();
    expect(answer.status).toBe(status);
    const { error } = answer.json as {
      error: { field: string; message: string; remedy: string; code: string };
    };
    expect(error).toMatchObject({ field, message: expect.stringMatching(message) });
    expect(error.remedy.length).toBeGreaterThan(10);
    const { json } = await server.ask('GET', `/days/${sample.ids.day}`);
    expect(json).toMatchObject({
      ...sample.day,
      procedures: [sample.planned],
      weighings: [],
    });
  });

  it('an unknown address', async () => {
    const { status, json } = await server.ask('GET', '/nowhere');
    expect([status, json.error.code]).toEqual([404, 'unknownPath']);
  });
});

describe('kept sequences', () => {
  const run = (part: object = {}) => ({
    id: crypto.randomUUID(),
    name: 'Silver with salt',
    keptAt: '2026-02-03T10:00:00.000Z',
    rack: {
      vessels: [{ name: 'A', container: 'testTube' }],
      events: [
        {
          vessel: 'A',
          action: { do: 'add', portion: { substance: 'AgNO3', concentrationM: 0.1, volumeMl: 3 } },
        },
      ],
    },
    ...part,
  });

  it('are kept once however often they are sent, listed newest first, and let go', async () => {
    const [older, newer] = [run(), run({ name: 'Later', keptAt: '2026-02-04T10:00:00.000Z' })];
    for (const one of [older, newer, older])
      expect((await server.ask('PUT', `/runs/${one.id}`, one)).status).toBe(200);
    const listed = () =>
      server.ask('GET', '/runs').then(({ json }) => (json as { items: { id: string }[] }).items);
    expect(await listed()).toEqual([newer, older]);
    expect((await server.ask('DELETE', `/runs/${newer.id}`)).status).toBe(204);
    expect(await listed()).toEqual([older]);
    expect((await server.ask('DELETE', `/runs/${newer.id}`)).status).toBe(404);
  });

  it.each([
    ['without a name', { name: ' ' }, 'name'],
    [
      'with an unknown reagent',
      {
        rack: {
          vessels: [{ name: 'A', container: 'testTube' }],
          events: [
            { vessel: 'A', action: { do: 'add', portion: { substance: 'elixir', massG: 1 } } },
          ],
        },
      },
      /^rack\.events\.0/,
    ],
    [
      'that heats an empty tube',
      {
        rack: {
          vessels: [{ name: 'A', container: 'testTube' }],
          events: [{ vessel: 'A', action: { do: 'heat', strongly: true } }],
        },
      },
      /^rack\.events\.0/,
    ],
  ])('%s are refused in words', async (_, part, field) => {
    const one = run(part);
    const { status, json } = await server.ask('PUT', `/runs/${one.id}`, one);
    expect(status).toBe(400);
    expect(json.error.field).toMatch(field);
    expect(json.error.remedy.length).toBeGreaterThan(10);
  });
});

describe('the server', () => {
  it('is healthy and sends security headers', async () => {
    const { json, headers } = await server.ask('GET', '/health');
    expect(json).toEqual({ status: 'ok' });
    expect(headers.get('content-security-policy')).toContain("default-src 'self'");
    expect(headers.get('x-content-type-options')).toBe('nosniff');
  });

  it('keeps the settings', async () => {
    const wanted = {
      naming: 'oxo',
      reactionTypes: 'drivingForce',
      temperature: '°F',
      heating: 'fixedTimes',
      discharge: 'ruleOfThumb',
      unknowns: 'solubilityFirst',
      institution: 'Lantern Quay Evening School',
      decimalSeparator: ',',
      paper: 'Letter',
      roomC: 17.5,
      airKPa: 99.2,
      dropsPerMl: 24,
      pipettes: false,
    };
    await server.ask('PATCH', '/settings', wanted);
    expect((await server.ask('GET', '/settings')).json).toEqual(wanted);
    // Two changes at once: neither undoes the other.
    await Promise.all([
      server.ask('PATCH', '/settings', { naming: 'stock' }),
      server.ask('PATCH', '/settings', { heating: 'constantMass' }),
    ]);
    const wrong = await server.ask('PATCH', '/settings', { airKPa: 1 });
    expect([wrong.status, wrong.json.error.field]).toEqual([400, 'airKPa']);
    expect((await server.ask('GET', '/settings')).json).toEqual({
      ...wanted,
      naming: 'stock',
      heating: 'constantMass',
    });
  });

  it('runs no migration twice', async () =>
    expect(await migrate(server.database.sequelize)).toEqual([]));

  it('leaves a database that is in use alone, and fills an empty one with the demo scenario', async () => {
    const count = await server.database.days.count();
    await loadDemo(server.database);
    expect(await server.database.days.count()).toBe(count);
    const empty = await runningServer(inject('databaseUrl'));
    await loadDemo(empty.database);
    await loadDemo(empty.database);
    const list = await empty.days();
    expect(list.map(({ name }) => name)).toEqual([
      'Week 4: water, gas and light',
      'Week 3: which pairs turn solid?',
      'Week 2: clouds in the tube',
      'Week 1: what is a change?',
    ]);
    const { items: runs } = (await empty.ask('GET', '/runs')).json as { items: { name: string }[] };
    expect(runs.map(({ name }) => name)).toContain('Blue flask, three shakes');
    await empty.close();
  });
});
