import type { LabDaySummary } from '@stoichos/core/labday/day';
import fc from 'fast-check';
import { createReadStream, createWriteStream, mkdtempSync, readFileSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { Readable } from 'node:stream';
import { pipeline } from 'node:stream/promises';
import { QueryTypes } from 'sequelize';
import { afterAll, beforeAll, describe, expect, inject, it } from 'vitest';
import { makeBackup, migrate, restoreBackup } from '../src';
import { backupTables, passingTables } from '../src/exchange/backupTables';
import { forged, restored, savedBackup, tablesOf } from './support/backups';
import { demoServer } from './support/demoServer';

let server: Awaited<ReturnType<typeof demoServer>>['server'];
let days: LabDaySummary[];
let before: string;

/** Without what every backup has of its own: when it was made, its sum, and the lines that say who took it. */
const kept = (text: string) => {
  const tables = tablesOf(text);
  tables.delete('audit');
  return [...tables];
};
const empty = async () => {
  await server.database.sequelize.query('DROP SCHEMA public CASCADE; CREATE SCHEMA public');
  await migrate(server.database.sequelize);
};

beforeAll(async () => {
  ({ server, days } = await demoServer(inject('databaseUrl')));
  const recorded = days.find(({ recordedCount }) => recordedCount > 0);
  const line = (await server.record(recorded?.id ?? '')).find(({ record }) => record !== null);
  await server.ask('POST', '/entries', {
    ...line,
    id: crypto.randomUUID(),
    record: null,
    supersedes: line?.id,
  });
  before = await savedBackup(server);
}, 120_000);
afterAll(() => server.close());

describe('a backup', () => {
  it('holds every column of every table that is kept', async () => {
    const columns = await server.database.sequelize.query<{ name: string; columns: string[] }>(
      `SELECT table_name AS name, array_agg(column_name::text) AS columns
       FROM information_schema.columns WHERE table_schema = 'public' GROUP BY table_name`,
      { type: QueryTypes.SELECT },
    );
    const here = new Map(columns.map((one) => [one.name, one.columns.sort()]));
    for (const name of [...passingTables, 'migrations']) expect(here.delete(name), name).toBe(true);
    for (const { name, row } of backupTables) {
      expect(Object.keys((row as unknown as { shape: object }).shape).sort(), name).toEqual(
        here.get(name),
      );
      here.delete(name);
    }
    expect([...here.keys()]).toEqual([]);
  });

  it('brings everything back after the database was destroyed, line by line', async () => {
    const preview = await restored(server, before, false);
    const inBackup = tablesOf(before).get('lab_days')?.length ?? 0;
    expect(preview.json.tables).toContainEqual({ name: 'lab_days', now: inBackup, inBackup });
    await empty();
    expect(await server.days()).toEqual([]);
    expect((await restored(server, before)).status).toBe(200);
    expect(kept(await savedBackup(server))).toEqual(kept(before));
    // What is numbered as it arrives goes on counting, and the record is append-only again.
    const [day] = days;
    const message = { groupId: null, kind: 'message', workId: null, stepId: null, text: 'On.' };
    const sent = await server.ask('POST', `/days/${day?.id ?? ''}/messages`, {
      id: crypto.randomUUID(),
      ...message,
    });
    expect(sent.status).toBeLessThan(300);
    await expect(server.database.entries.destroy({ where: {} })).rejects.toThrow('append-only');
    expect((await restored(server, before)).status).toBe(200);
  });

  it('brings back a line before the one that it puts right', async () => {
    const turned = forged(before, (tables) => {
      const lines = tables.get('bench_entries') ?? [];
      expect(lines.some((line) => /"supersedes": "/.test(line))).toBe(true);
      lines.reverse();
    });
    expect((await restored(server, turned)).status).toBe(200);
    expect(kept(await savedBackup(server))).toEqual(kept(before));
  });
});

/** A row of a table with some of its columns changed. */
function withRow(table: string, change: object) {
  return (tables: Map<string, string[]>) => {
    const lines = tables.get(table) ?? [];
    const { row } = JSON.parse(lines[0] ?? '') as { row: object };
    lines[0] = JSON.stringify({ row: { ...row, ...change } });
  };
}
const without = (text: string, line: RegExp) => text.replace(line, '');

describe('a backup that is not as it was written', () => {
  const faults: readonly (readonly [string, string, (text: string) => string])[] = [
    ['is cut in the middle of a line', 'cutOff', (text) => text.slice(0, text.length >> 1)],
    [
      'is cut at the end of a line',
      'cutOff',
      (text) => `${text.split('\n').slice(0, 40).join('\n')}\n`,
    ],
    ['lacks its last line', 'cutOff', (text) => without(text, /\{"tables".*\n$/)],
    ['lacks a row', 'altered', (text) => without(text, /\{"row".*\n(?=\{"rows")/)],
    ['has another name in it', 'altered', (text) => text.replace('"name": "', '"name": "x')],
    ['lacks a table', 'altered', (text) => forged(text, (tables) => tables.delete('messages'))],
    ['has no table at all', 'altered', (text) => forged(text, (tables) => tables.clear())],
    [
      'has a table more',
      'altered',
      (text) => forged(text, (tables) => tables.set('sessions', ['{}'])),
    ],
    ['has more behind its end', 'altered', (text) => `${text}{"row":{}}\n`],
    ['is twice in its file', 'altered', (text) => text + text],
    ['has the line ends of another system', 'altered', (text) => text.replaceAll('\n', '\r\n')],
    ['never ends a line', 'altered', (text) => text + 'x'.repeat(5_000_000)],
    [
      'is of other tables',
      'otherTables',
      (text) => text.replace(/"tablesAt":"[^"]*"/, '"tablesAt":"007-unknowns"'),
    ],
    ['is of another version', 'badFile', (text) => text.replace('"version":3', '"version":2')],
    ['is none', 'badFile', () => '{"format":"stoichos/lab-day","version":2}\n'],
    ['is empty', 'cutOff', () => ''],
    [
      'has settings the application cannot read',
      'unreadableRow',
      (text) => forged(text, withRow('settings', { paper: 'Foolscap' })),
    ],
    [
      'has a procedure the application cannot read',
      'unreadableRow',
      (text) => forged(text, withRow('day_procedures', { body: { name: 'half' } })),
    ],
    [
      'has a record the application cannot read',
      'unreadableRow',
      (text) => forged(text, withRow('bench_entries', { record: { kind: 'rumour' } })),
    ],
    [
      'has a column nobody knows',
      'unreadableRow',
      (text) => forged(text, withRow('lab_days', { colour: 'blue' })),
    ],
    [
      'lacks a group that has recorded',
      'doesNotFit',
      (text) =>
        forged(text, (tables) => {
          tables.set('groups', []);
        }),
    ],
  ];

  it.each(faults)('%s: refused in words, and nothing is changed', async (_, code, change) => {
    const torn = change(before);
    expect(torn).not.toBe(before);
    for (const apply of code === 'doesNotFit' ? [true] : [false, true]) {
      const { status, json } = await restored(server, torn, apply);
      expect([status, json.error.code]).toEqual([code === 'doesNotFit' ? 409 : 400, code]);
      expect(json.error.remedy).toMatch(/Nothing was changed|Restore it with the version/);
    }
    expect(kept(await savedBackup(server))).toEqual(kept(before));
  });

  it('is refused whichever of its characters was changed (property)', async () => {
    await fc.assert(
      fc.asyncProperty(
        fc.nat(before.length - 2),
        fc.constantFrom(...'x7"{ '),
        async (at, other) => {
          fc.pre(before[at] !== other);
          const torn = before.slice(0, at) + other + before.slice(at + 1);
          expect((await restored(server, torn, false)).status).toBe(400);
        },
      ),
      { numRuns: 40 },
    );
  });

  it('is refused as another kind of file, before it is read', async () => {
    const { status, json } = await server.ask('POST', '/restore?apply=false', before);
    expect([status, json.error.code]).toEqual([415, 'otherKind']);
  });
});

describe('a backup of 50,000 lines', () => {
  it('is saved and put back in little memory, and is the same again', async () => {
    const { database } = server;
    const { sequelize } = database;
    await sequelize.query(
      `INSERT INTO bench_entries (id, lab_day_id, work_id, step_id, vessel, part, group_id, kind, record, recorded_at, author)
       SELECT gen_random_uuid(), e.lab_day_id, e.work_id, e.step_id, e.vessel, e.part, e.group_id, 'note',
         jsonb_build_object('kind', 'note', 'text', 'what was seen and written down, line ' || n), now(), 'group'
       FROM generate_series(1, 50000) n, (SELECT * FROM bench_entries LIMIT 1) e`,
    );
    const folder = mkdtempSync(join(tmpdir(), 'stoichos-backup-'));
    const before = process.memoryUsage().rss;
    let most = before;
    const watching = setInterval(() => (most = Math.max(most, process.memoryUsage().rss)), 20);
    try {
      const save = (name: string) =>
        pipeline(Readable.from(makeBackup(database)), createWriteStream(join(folder, name)));
      await save('first');
      await restoreBackup(database, () => createReadStream(join(folder, 'first')), true);
      await save('second');
      const lines = (name: string) =>
        readFileSync(join(folder, name), 'utf8').split('\n').slice(1, -2);
      const growth = most - before;
      clearInterval(watching);
      expect(lines('first').length).toBeGreaterThan(50_000);
      expect(lines('second')).toEqual(lines('first'));
      expect(growth).toBeLessThan(150_000_000);
    } finally {
      clearInterval(watching);
      rmSync(folder, { recursive: true, force: true });
    }
  }, 120_000);
});
