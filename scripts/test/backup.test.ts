import { spawnSync } from 'node:child_process';
import { chmodSync, mkdtempSync, readFileSync, rmSync, statSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { fileURLToPath } from 'node:url';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { connect, loadDemo, migrate } from '../../server/src';
import { startCluster } from '../machine/postgres';
import type { Cluster } from '../machine/postgres';

const root = fileURLToPath(new URL('../..', import.meta.url));
const folder = mkdtempSync(join(tmpdir(), 'stoichos-backup-'));
const file = join(folder, 'everything.ndjson');
let cluster: Cluster;

beforeAll(async () => {
  chmodSync(folder, 0o755);
  cluster = await startCluster(folder, () => undefined);
});
afterAll(async () => {
  await cluster.stop();
  rmSync(folder, { recursive: true, force: true });
});

function run(...args: readonly string[]) {
  const { status, stdout, stderr } = spawnSync(
    'node',
    ['scripts/bootstrap.mjs', 'scripts/backup.ts', ...args],
    { cwd: root, encoding: 'utf8', env: { ...process.env, DATABASE_URL: cluster.url } },
  );
  return { status, output: stdout + stderr };
}

describe('backup and restore on the command line', () => {
  it('bring everything back after the database was destroyed', async () => {
    const database = connect(cluster.url);
    await migrate(database.sequelize);
    await loadDemo(database);
    const days = await database.days.count();
    const entries = await database.entries.count();
    expect(entries).toBeGreaterThan(50);
    expect(run('backup', file)).toMatchObject({ status: 0 });
    // It holds keys: nobody else reads it.
    expect(statSync(file).mode & 0o077).toBe(0);

    await database.sequelize.query('DROP SCHEMA public CASCADE; CREATE SCHEMA public');
    const { status, output } = run('restore', file);
    expect([status, output]).toEqual([0, expect.stringContaining(`with ${days} lab days`)]);
    expect(await database.days.count()).toBe(days);
    expect(await database.entries.count()).toBe(entries);

    // One more backup is the same but for the moment it was made.
    expect(run('backup', join(folder, 'again.ndjson')).status).toBe(0);
    const lines = (name: string) => readFileSync(join(folder, name), 'utf8').split('\n');
    const but = (name: string) => lines(name).slice(1, -2);
    expect(but('again.ndjson')).toEqual(but('everything.ndjson'));
    await database.sequelize.close();
  });

  it('say what is wrong, and change nothing', () => {
    expect(run('backup', file).output).toContain('is there already');
    expect(run('backup').output).toContain('No file is named');
    expect(run('restore', join(folder, 'missing.ndjson')).output).toContain('cannot be read');
    writeFileSync(join(folder, 'torn.ndjson'), readFileSync(file, 'utf8').slice(0, 400));
    expect(run('restore', join(folder, 'torn.ndjson')).output).toContain('cut off');
    writeFileSync(join(folder, 'other.ndjson'), '{"format":"stoichos/backup","version":7}\n');
    const { status, output } = run('restore', join(folder, 'other.ndjson'));
    expect([status, output]).toEqual([1, expect.stringContaining('version 7')]);
  });
});
