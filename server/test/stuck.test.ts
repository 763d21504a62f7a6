import { afterAll, beforeAll, describe, expect, inject, it } from 'vitest';
import { runningServer, sampleDay } from './support/runningServer';

let server: Awaited<ReturnType<typeof runningServer>>;
const sample = sampleDay();

beforeAll(async () => {
  server = await runningServer(inject('databaseUrl'));
  await server.ask('PUT', `/days/${sample.ids.day}`, sample.day);
  await server.ask('PUT', `/days/${sample.ids.day}/procedures/${sample.ids.test}`, sample.planned);
});
afterAll(() => server.close());

/** Makes the database answer every new line of the record as it does when it is stuck (SQLSTATE of the PostgreSQL manual, appendix A). */
const stick = (state: string) =>
  server.database.sequelize.query(`
    CREATE OR REPLACE FUNCTION stuck() RETURNS trigger LANGUAGE plpgsql AS $$
      BEGIN RAISE EXCEPTION 'could not extend file' USING ERRCODE = '${state}'; END $$;
    DROP TRIGGER IF EXISTS stuck ON bench_entries;
    CREATE TRIGGER stuck BEFORE INSERT ON bench_entries FOR EACH ROW EXECUTE FUNCTION stuck();`);
const unstick = () =>
  server.database.sequelize.query('DROP TRIGGER IF EXISTS stuck ON bench_entries');

describe('a database that is there and can store nothing', () => {
  it.each([
    ['a full disk', '53100', 507, 'diskFull', 'disk of the database is full'],
    ['one that can only be read', '25006', 503, 'readOnly', 'can only be read'],
    ['too many connections', '53300', 503, 'databaseBusy', 'no more connections'],
    ['one that shuts down', '57P01', 503, 'databaseAway', 'shutting down'],
  ])(
    '%s is said in words, and what was sent is taken once it can be',
    async (_, state, status, code, words) => {
      const entry = { ...sample.entry, id: crypto.randomUUID() };
      await stick(state);
      const answer = await server.ask('POST', '/entries', entry);
      expect([answer.status, answer.json.error.code]).toEqual([status, code]);
      expect(answer.json.error.message).toContain(words);
      expect(answer.json.error.remedy).not.toBe('');
      await unstick();
      expect((await server.ask('POST', '/entries', entry)).status).toBe(201);
    },
  );
});
