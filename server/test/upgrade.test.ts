import { judgeDay } from '@stoichos/core/labday/judge';
import { QueryTypes } from 'sequelize';
import { afterAll, beforeAll, describe, expect, inject, it } from 'vitest';
import { connect, migrate } from '../src';
import type { Database } from '../src';
import { loadDay } from '../src/database/loadDay';
import { loadSettings } from '../src/database/settings';
import { migrations } from '../src/database/migrations';

/** How many migrations there were before procedures could be recorded. */
const before = 3;
let database: Database;
beforeAll(async () => {
  database = connect(inject('databaseUrl'));
  const { sequelize } = database;
  await sequelize.query('DROP SCHEMA public CASCADE; CREATE SCHEMA public');
  await sequelize.query('CREATE TABLE migrations (name varchar(255) PRIMARY KEY)');
  for (const { name, sql } of migrations.slice(0, before)) {
    await sequelize.query(sql, { raw: true });
    await sequelize.query('INSERT INTO migrations VALUES (:name)', { replacements: { name } });
  }
});
afterAll(() => database.sequelize.close());

describe('a database of an earlier version', () => {
  it('keeps its record, line by line, and is judged as any other', async () => {
    const { sequelize } = database;
    const ids = {
      day: crypto.randomUUID(),
      group: crypto.randomUUID(),
      test: crypto.randomUUID(),
      first: crypto.randomUUID(),
      second: crypto.randomUUID(),
    };
    await sequelize.query(
      `INSERT INTO lab_days (id, name, date, spare_percent) VALUES (:day, 'Old day', '2026-01-05', 20);
       INSERT INTO groups VALUES (:group, :day, 0, 'Bench Knot');
       INSERT INTO tests VALUES (:test, :day, 1, 'testTube', 'CuSO4', 0.1, 3, 'NaOH', 0.3, 3);
       INSERT INTO bench_entries (id, test_id, group_id, kind, record, supersedes, recorded_at)
         VALUES (:first, :test, :group, 'noChange', '{"kind":"noChange"}', NULL, now());
       INSERT INTO bench_entries (id, test_id, group_id, kind, record, supersedes, recorded_at)
         VALUES (:second, :test, :group, 'precipitate', '{"kind":"precipitate","colour":"pale blue"}', :first, now())`,
      { replacements: ids },
    );
    expect(await migrate(sequelize)).toEqual(migrations.slice(before).map(({ name }) => name));
    const day = await loadDay(database, ids.day);
    expect(day.entries.map(({ id }) => id)).toEqual([ids.first, ids.second]);
    const [judged] = judgeDay(day);
    expect(judged?.seen).toEqual([{ kind: 'precipitate', colour: 'pale blue' }]);
    expect(judged?.verdict).toBe('agrees');
    expect(await loadSettings(database)).toMatchObject({
      temperature: '°C',
      heating: 'constantMass',
      discharge: 'potentials',
      unknowns: 'mostInformative',
    });
    const [{ count = '' } = {}] = await sequelize.query<{ count: string }>(
      'SELECT count(*) FROM bench_entries',
      { type: QueryTypes.SELECT },
    );
    expect(count).toBe('2');
  });
});
