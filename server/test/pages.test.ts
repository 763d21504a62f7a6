import type { DaysPage, EntriesPage, PlannedDay } from '@stoichos/contract';
import type { Oversight } from '@stoichos/core/labday/access';
import { QueryTypes } from 'sequelize';
import { afterAll, beforeAll, describe, expect, inject, it } from 'vitest';
import { runningServer, sampleDay } from './support/runningServer';

let server: Awaited<ReturnType<typeof runningServer>>;
beforeAll(async () => {
  server = await runningServer(inject('databaseUrl'));
});
afterAll(() => server.close());

/** A day with a procedure that is done at its bench. */
async function plannedDay() {
  const sample = sampleDay();
  await server.ask('PUT', `/days/${sample.ids.day}`, sample.day);
  await server.plan(sample.ids.day, [sample.planned]);
  return sample;
}

/** Writes lines into the record as they would have come in, without asking the server for each. */
const fill = ({ ids }: ReturnType<typeof sampleDay>, count: number) =>
  server.database.sequelize.query(
    `INSERT INTO bench_entries (id, lab_day_id, work_id, step_id, vessel, part, group_id, kind, record, recorded_at, author)
     SELECT gen_random_uuid(), $day, $work, 'mix', 'vessel', 'test', $group, 'note',
       jsonb_build_object('kind', 'note', 'text', 'line ' || n), now(), 'group' FROM generate_series(1, $count::int) n`,
    { bind: { day: ids.day, work: ids.test, group: ids.group, count } },
  );

describe('the record of a day', () => {
  const page = async (dayId: string, after?: string) =>
    (await server.ask('GET', `/days/${dayId}/entries${after ? `?after=${after}` : ''}`))
      .json as EntriesPage;

  it('is read page by page, every line once and in the order it came in', async () => {
    const sample = await plannedDay();
    await fill(sample, 4500);
    const texts: string[] = [];
    const sizes: number[] = [];
    let after: string | undefined;
    for (let more = true; more;) {
      const one = await page(sample.ids.day, after);
      texts.push(...one.entries.map(({ record }) => (record?.kind === 'note' ? record.text : '')));
      sizes.push(one.entries.length);
      expect(one.settled).toBe(one.entries.length);
      after = one.entries.at(-1)?.id;
      more = one.more;
    }
    expect(sizes).toEqual([2000, 2000, 500]);
    expect(texts).toEqual(Array.from({ length: 4500 }, (_, at) => `line ${at + 1}`));
    expect(await page(sample.ids.day, after)).toEqual({
      entries: [],
      settled: 0,
      more: false,
      anew: false,
    });
  });

  it('does not lose a line whose transaction ends after one that began later', async () => {
    const sample = await plannedDay();
    const { sequelize } = server.database;
    const slow = await sequelize.transaction();
    const write = (id: string, transaction: typeof slow | null) =>
      sequelize.query(
        `INSERT INTO bench_entries (id, lab_day_id, work_id, step_id, vessel, part, group_id, kind, record, recorded_at, author)
         VALUES ($id, $day, $work, 'mix', 'vessel', 'test', $group, 'note', '{"kind":"note","text":"x"}', now(), 'group')`,
        {
          bind: { id, day: sample.ids.day, work: sample.ids.test, group: sample.ids.group },
          transaction,
        },
      );
    const [first, second] = [crypto.randomUUID(), crypto.randomUUID()];
    await write(first, slow);
    await write(second, null);
    const early = await page(sample.ids.day);
    expect(early.entries.map(({ id }) => id)).toEqual([second]);
    expect(early.settled).toBe(0);
    await slow.commit();
    const late = await page(sample.ids.day);
    expect(late.entries.map(({ id }) => id)).toEqual([first, second]);
    expect(late.settled).toBe(2);
  });

  it('begins anew where the line that was named is of another record', async () => {
    const sample = await plannedDay();
    await server.ask('POST', '/entries', sample.entry);
    expect(await page(sample.ids.day, crypto.randomUUID())).toMatchObject({
      entries: [{ id: sample.entry.id }],
      anew: true,
    });
  });

  it('is not there for a day that is not', async () => {
    const { status } = await server.ask('GET', `/days/${crypto.randomUUID()}/entries`);
    expect(status).toBe(404);
  });

  it('says as CSV which lines still stand, however many there are', async () => {
    const sample = await plannedDay();
    await server.ask('POST', '/entries', sample.entry);
    await server.ask('POST', '/entries', {
      ...sample.entry,
      id: crypto.randomUUID(),
      supersedes: sample.entry.id,
    });
    await fill(sample, 2500);
    const { text } = await server.ask('GET', `/days/${sample.ids.day}/record.csv`);
    const lines = text.trim().split('\r\n');
    expect(lines).toHaveLength(2503);
    expect(lines.filter((line) => line.startsWith('recorded_at'))).toHaveLength(1);
    const stands = lines.slice(1).map((line) => /,(yes|no),[0-9a-f-]{36},/.exec(line)?.[1]);
    expect(stands.map((one, at) => [one, at]).filter(([one]) => one !== 'yes')).toEqual([
      ['no', 0],
    ]);
  });
});

describe('the lists of lab days', () => {
  const list = async (query: string) =>
    (await server.ask('GET', `/days?${query}`)).json as DaysPage;
  const made: string[] = [];

  beforeAll(async () => {
    await server.database.sequelize.query(
      `INSERT INTO lab_days (id, name, date, spare_percent)
       SELECT gen_random_uuid(), 'Evening ' || n, date '2031-01-01' + n / 2, 20 FROM generate_series(0, 219) n`,
    );
    await server.database.sequelize.query(
      `INSERT INTO groups (id, lab_day_id, position, name)
       SELECT gen_random_uuid(), id, 0, 'Bench' FROM lab_days WHERE name LIKE 'Evening %'`,
    );
    made.push(
      ...(
        await server.database.sequelize.query<{ name: string }>(
          `SELECT name FROM lab_days WHERE name LIKE 'Evening %' ORDER BY date, created_at, id`,
          { type: QueryTypes.SELECT },
        )
      ).map(({ name }) => name),
    );
  });
  const named = (days: DaysPage['items']) =>
    days.map(({ name }) => name).filter((name) => name.startsWith('Evening'));

  it.each([
    ['coming', '2031-01-01', (all: readonly string[]) => all],
    ['held', '2032-01-01', (all: readonly string[]) => [...all].reverse()],
  ])('give those %s a page at a time, each once and in order', async (which, today, inOrder) => {
    const names: string[] = [];
    let next: string | null = null;
    do {
      const one: DaysPage = await list(
        `which=${which}&today=${today}${next === null ? '' : `&after=${next}`}`,
      );
      expect(one.items.length).toBeLessThanOrEqual(50);
      names.push(...named(one.items));
      ({ next } = one);
    } while (next !== null);
    expect(names).toEqual(inOrder(made));
  });

  it('keep what was put away apart', async () => {
    const sample = await plannedDay();
    await server.ask('PUT', `/days/${sample.ids.day}/archive`, { archived: true });
    const ids = async (which: string) =>
      (await list(`which=${which}&today=2026-12-01`)).items.map(({ id }) => id);
    expect(await ids('archived')).toEqual([sample.ids.day]);
    expect(await ids('held')).not.toContain(sample.ids.day);
  });

  it('are searched by words of the name in any order, and by date', async () => {
    const find = async (text: string) =>
      (
        (await server.ask('GET', `/days-called?text=${encodeURIComponent(text)}`))
          .json as DaysPage['items']
      ).map(({ name }) => name);
    const seventeen = await find('17 evening');
    expect(seventeen).toEqual(await find('EVENING 17'));
    expect(seventeen).toEqual(expect.arrayContaining(['Evening 17', 'Evening 117', 'Evening 217']));
    expect(await find('2031-02-03')).toEqual(expect.arrayContaining(['Evening 66', 'Evening 67']));
    expect(await find('%')).toEqual([]);
    expect(await find('no such day')).toEqual([]);
  });
});

describe('other lists that grow', () => {
  /** Every item of a list, page by page. */
  async function whole(path: string): Promise<unknown[]> {
    const items: unknown[] = [];
    let next: string | null = null;
    do {
      const after: string = next === null ? '' : `?after=${next}`;
      const page = (await server.ask('GET', path + after)).json as {
        items: unknown[];
        next: string | null;
      };
      expect(page.items.length).toBeLessThanOrEqual(50);
      items.push(...page.items);
      ({ next } = page);
    } while (next !== null);
    return items;
  }

  it('of doors and keys has every line once, the newest first', async () => {
    await server.database.sequelize.query(
      `INSERT INTO audit (role, what, about) SELECT 'instructor', 'exported', 'file ' || n FROM generate_series(1, 130) n`,
    );
    const files = (await whole('/audit'))
      .map((line) => (line as { about: string }).about)
      .filter((about) => about.startsWith('file '));
    expect(files).toEqual(Array.from({ length: 130 }, (_, at) => `file ${130 - at}`));
  });

  it.each([
    [
      '/runs',
      `INSERT INTO kept_runs (id, name, rack, kept_at) SELECT gen_random_uuid(), 'run ' || n, '{"vessels":[{"name":"A","container":"testTube"}],"events":[]}', timestamptz '2026-01-01' + n / 3 * interval '1 hour' FROM generate_series(1, 120) n`,
    ],
  ])(
    'of %s has every one once, the newest first, those of the same moment too',
    async (path, sql) => {
      await server.database.sequelize.query(sql);
      const items = (await whole(path)) as { id: string; keptAt: string }[];
      expect(new Set(items.map(({ id }) => id)).size).toBe(120);
      const moments = items.map(({ keptAt }) => keptAt);
      expect(moments).toEqual([...moments].sort().reverse());
    },
  );

  it('never has another thing under an id that is taken', async () => {
    const run = {
      id: crypto.randomUUID(),
      name: 'Blue flask',
      rack: { vessels: [{ name: 'A', container: 'testTube' }], events: [] },
      keptAt: '2026-02-03T10:00:00.000Z',
    };
    expect((await server.ask('PUT', `/runs/${run.id}`, run)).status).toBe(200);
    expect((await server.ask('PUT', `/runs/${run.id}`, run)).status).toBe(200);
    const other = await server.ask('PUT', `/runs/${run.id}`, { ...run, name: 'Red flask' });
    expect([other.status, other.json.error.code]).toEqual([409, 'idTaken']);
    expect((await server.ask('GET', `/runs/${run.id}`)).json).toEqual(run);
  });
});

describe('what a day costs', () => {
  /** Blocks that a question reads, in memory or not: unlike a time, the same on every machine. */
  const blocks = async (work: () => Promise<unknown>) => {
    const { sequelize } = server.database;
    const read = async () => {
      await sequelize.query('SELECT pg_stat_force_next_flush()');
      const [row] = await sequelize.query<{ n: string }>(
        `SELECT sum(heap_blks_read + heap_blks_hit + coalesce(idx_blks_read, 0) + coalesce(idx_blks_hit, 0)) AS n
         FROM pg_statio_user_tables`,
        { type: QueryTypes.SELECT },
      );
      return Number(row?.n);
    };
    await work();
    const before = await read();
    await work();
    await new Promise((done) => setTimeout(done, 1100));
    return (await read()) - before;
  };

  beforeAll(async () => {
    // The database’s own housekeeping reads too, and when it likes.
    for (const table of ['bench_entries', 'lab_days', 'groups', 'audit', 'kept_runs'])
      await server.database.sequelize.query(
        `ALTER TABLE ${table} SET (autovacuum_enabled = false)`,
      );
  });

  it('to a bench does not grow with what the others write', async () => {
    const sample = await plannedDay();
    const { ids, day } = sample;
    const other = { id: crypto.randomUUID(), name: 'Bench Hitch' };
    const { versions } = (await server.ask('GET', `/days/${ids.day}`)).json as PlannedDay;
    const saved = await server.ask('PUT', `/days/${ids.day}`, {
      ...day,
      groups: [...day.groups, other],
      version: versions.day,
    });
    expect(saved.status).toBe(200);
    const { joining } = (await server.ask('POST', `/days/${ids.day}/code`, {})).json as Oversight;
    const joined = await server.ask('POST', '/join', { code: joining.code, groupId: other.id });
    const cookie = joined.headers
      .getSetCookie()
      .map((one) => one.split(';')[0])
      .join('; ');
    const ask = () => server.ask('GET', '/group', undefined, { cookie });
    await fill(sample, 500);
    const few = await blocks(ask);
    await fill(sample, 20_000);
    await server.database.sequelize.query('ANALYZE bench_entries');
    expect((await ask()).status).toBe(200);
    expect(await blocks(ask)).toBeLessThanOrEqual(few * 1.5 + 20);
  }, 60_000);

  it('in the list does not grow with its record', async () => {
    const sample = await plannedDay();
    const ask = () => server.ask('GET', '/days?which=held&today=2026-12-01');
    await fill(sample, 100);
    const few = await blocks(ask);
    await fill(sample, 20_000);
    await server.database.sequelize.query('ANALYZE bench_entries');
    expect(await blocks(ask)).toBeLessThanOrEqual(few * 1.5 + 50);
  }, 60_000);
});
