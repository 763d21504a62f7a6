import type { LabDaySummary } from '@stoichos/core/labday/day';
import type { DayFile, ImportPlan } from '@stoichos/core/report/exchange';
import ical from 'node-ical';
import { afterAll, beforeAll, describe, expect, inject, it } from 'vitest';
import { migrate } from '../src';
import { restored, savedBackup } from './support/backups';
import { demoServer } from './support/demoServer';
import { sampleDay } from './support/runningServer';

let server: Awaited<ReturnType<typeof demoServer>>['server'];
let days: LabDaySummary[];

beforeAll(async () => {
  ({ server, days } = await demoServer(inject('databaseUrl')));
  const [day] = days;
  await server.ask('POST', `/days/${day?.id ?? ''}/messages`, {
    id: crypto.randomUUID(),
    groupId: null,
    kind: 'message',
    workId: null,
    stepId: null,
    text: 'Goggles stay on.',
  });
}, 120_000);
afterAll(() => server.close());

const fileOf = async (id: string) =>
  (await server.ask('GET', `/days/${id}/day.json`)).json as DayFile;
const take = (file: unknown, part: object = {}) =>
  server.ask('POST', '/import', { file, apply: true, ...part });
/** An installation with nothing in it. */
const empty = async () => {
  await server.database.sequelize.query('DROP SCHEMA public CASCADE; CREATE SCHEMA public');
  await migrate(server.database.sequelize);
};
describe('entries that did not reach the server', () => {
  it('are taken in as a file, each once, and those that cannot be are named', async () => {
    const { ids, day, planned, entry } = sampleDay();
    await server.ask('PUT', `/days/${ids.day}`, day);
    await server.plan(ids.day, [planned]);
    const gone = { ...entry, id: crypto.randomUUID(), stepId: 'no-such-step' };
    const file = { format: 'stoichos/entries', version: 2, entries: [entry, gone] };
    const looked = await server.ask('POST', '/import', { file, apply: false });
    expect(looked.json).toMatchObject({ standing: 'new', brings: ['2 lines of the record'] });
    for (let times = 0; times < 2; times += 1) {
      const { json } = await take(file);
      expect(json.differences).toEqual([expect.stringContaining('There is no step')]);
    }
    expect(await server.record(ids.day)).toEqual([{ ...entry, author: 'instructor' }]);
  });
});

describe('a lab day as a file', () => {
  it('comes back from an emptied database just as it was, every one of the demo', async () => {
    const before = await savedBackup(server);
    const files = await Promise.all(days.map(({ id }) => fileOf(id)));
    expect(files.some(({ day }) => day.entries.length > 50)).toBe(true);
    await empty();
    for (const file of files) expect((await take(file)).json).toMatchObject({ standing: 'new' });
    for (const file of files) expect(await fileOf(file.day.id)).toEqual(file);
    expect((await restored(server, before)).status).toBe(200);
  });

  it('tells what it would change before it changes anything', async () => {
    const [first] = days;
    const file = await fileOf(first?.id ?? '');
    const same = (await take(file, { apply: false })).json as ImportPlan;
    expect(same).toMatchObject({ what: 'lab day', standing: 'same', differences: [] });
    const renamed = { ...file, day: { ...file.day, name: 'Another evening', entries: [] } };
    const differs = (await take(renamed, { apply: false })).json as ImportPlan;
    expect(differs.standing).toBe('differs');
    expect(differs.differences).toContain('name is not the same');
    expect(await fileOf(file.day.id)).toEqual(file);
  });

  it('never writes over what is there; it is taken in beside it', async () => {
    const recorded = days.find(({ recordedCount }) => recordedCount > 0);
    const file = await fileOf(recorded?.id ?? '');
    const changed = { ...file, day: { ...file.day, name: 'Beside it' } };
    const refused = await take(changed);
    expect([refused.status, refused.json.error.code]).toEqual([409, 'differs']);
    const plan = (await take(changed, { asAnother: true })).json as ImportPlan;
    const [, id = ''] = /days\/([^/]+)/.exec(plan.goTo ?? '') ?? [];
    const other = await fileOf(id);
    expect(other.day).toMatchObject({ name: 'Beside it', date: file.day.date });
    expect(other.day.entries).toHaveLength(file.day.entries.length);
    expect(other.day.entries[0]?.record).toEqual(file.day.entries[0]?.record);
    expect(other.day.entries[0]?.id).not.toBe(file.day.entries[0]?.id);
    expect(await fileOf(file.day.id)).toEqual(file);
  });

  it('comes in whole or not at all', async () => {
    const recorded = days.find(({ recordedCount }) => recordedCount > 0);
    const file = await fileOf(recorded?.id ?? '');
    const text = JSON.stringify(file).replaceAll(file.day.id, crypto.randomUUID());
    const torn = JSON.parse(text) as DayFile;
    // New by its id, but its groups and entries stand elsewhere already.
    const answer = await take(torn);
    expect([answer.status, answer.json.error.code]).toEqual([409, 'doesNotFit']);
    expect((await server.ask('GET', `/days/${torn.day.id}`)).status).toBe(404);
  });

  it.each([
    ['a later version', { version: 3 }, 'version 3'],
    ['another format', { format: 'elsewhere/day' }, 'elsewhere/day'],
    ['a field that is wrong', { releases: [{ workId: 'x', when: 'always' }] }, 'releases.0.workId'],
    ['nothing of the kind', { format: undefined }, 'does not say which format'],
  ])('is refused in words for %s', async (_, part, words) => {
    const file = await fileOf(days[0]?.id ?? '');
    const { status, json } = await take({ ...file, ...part });
    expect([status, json.error.code]).toEqual([400, 'badFile']);
    expect(json.error.message).toContain(words);
    expect(json.error.remedy).toContain('Nothing was changed');
  });
});

describe('a procedure as a file', () => {
  it('is taken in once, and as another where it differs', async () => {
    const [own] = (await server.ask('GET', '/procedures')).json as {
      procedure: { id: string; name: string };
    }[];
    const file = { format: 'stoichos/procedure', version: 1, procedure: own?.procedure };
    expect((await take(file)).json).toMatchObject({ standing: 'same' });
    const changed = { ...file, procedure: { ...file.procedure, name: 'Changed' } };
    expect((await take(changed)).status).toBe(409);
    expect((await take(changed, { asAnother: true })).json).toMatchObject({
      standing: 'differs',
      differences: ['name'],
    });
    const names = (
      (await server.ask('GET', '/procedures')).json as { procedure: { name: string } }[]
    ).map(({ procedure }) => procedure.name);
    expect(names).toContain('Changed');
    expect(names).toContain(own?.procedure.name);
  });
});

describe('the calendar', () => {
  it('holds every lab day, as another reader of iCalendar sees it (RFC 5545)', async () => {
    const { text, headers } = await server.ask('GET', '/days.ics');
    expect(headers.get('content-type')).toContain('text/calendar');
    const events = Object.values(ical.sync.parseICS(text)).filter((one) => one?.type === 'VEVENT');
    const listed = await server.days();
    expect(events.map((event) => event?.summary).sort()).toEqual(
      listed.map(({ name }) => name).sort(),
    );
  });

  it('holds a class with the time it begins, and refuses a time that is none', async () => {
    const [day] = days;
    const { text } = await server.ask('GET', `/days/${day?.id ?? ''}/day.ics?begins=18:30`);
    expect(text).toContain(`DTSTART:${day?.date.replaceAll('-', '') ?? ''}T183000`);
    const wrong = await server.ask('GET', `/days/${day?.id ?? ''}/day.ics?begins=25:00`);
    expect([wrong.status, wrong.json.error.field]).toEqual([400, 'begins']);
  });
});
