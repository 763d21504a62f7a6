import { spawnSync } from 'node:child_process';
import { chmodSync, mkdtempSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { fileURLToPath } from 'node:url';
import { afterAll, describe, expect, it } from 'vitest';
import { checkDataFolder, explainFolder } from '../machine/dataFolder';
import { Explained } from '../machine/report';

const root = fileURLToPath(new URL('../..', import.meta.url));
const folder = mkdtempSync(join(tmpdir(), 'stoichos-folder-'));
chmodSync(folder, 0o755);
afterAll(() => rmSync(folder, { recursive: true, force: true }));

/** What the start script says of a data folder it cannot use. */
function startOn(data: string, environment: Readonly<Record<string, string>> = {}) {
  const { status, stdout, stderr } = spawnSync(
    'node',
    ['scripts/bootstrap.mjs', 'scripts/start.ts'],
    {
      cwd: root,
      encoding: 'utf8',
      env: { ...process.env, DATABASE_URL: '', STOICHOS_DATA_DIR: data, ...environment },
    },
  );
  return { status, output: stdout + stderr };
}

describe('a data folder that cannot be used', () => {
  it('is told of where its path leads through a file', () => {
    const file = join(folder, 'a-file');
    writeFileSync(file, '');
    const { status, output } = startOn(join(file, 'data'));
    expect(status).toBe(1);
    expect(output).toContain('cannot be used: a part of its path is a file (ENOTDIR)');
    expect(output).toContain('Name a folder by STOICHOS_DATA_DIR');
  });

  it.each([
    ['ENOSPC', 'the disk is full', 'Free some space'],
    ['EROFS', 'can only be read', 'STOICHOS_DATA_DIR'],
    ['EACCES', 'may not be written into by this user', 'the right to write'],
  ])('is explained for %s', (code, problem, remedy) => {
    const explained = explainFolder('/data', Object.assign(new Error(code), { code }));
    expect(explained).toBeInstanceOf(Explained);
    expect((explained as Explained).message).toContain(problem);
    expect((explained as Explained).remedy).toContain(remedy);
  });

  // Only where this machine lets a small disk be mounted.
  const disk = join(folder, 'disk');
  const mount = (options: string) => {
    spawnSync('mkdir', ['-p', disk]);
    return spawnSync('mount', ['-t', 'tmpfs', '-o', options, 'tmpfs', disk]).status === 0;
  };
  const unmount = () => spawnSync('umount', [disk]);
  const canMount = mount('size=64k') && unmount().status === 0;

  it.skipIf(!canMount)('is found full, and found read-only, on a disk that is', () => {
    mount('size=64k');
    expect(() => checkDataFolder(join(disk, 'data'))).toThrow('the disk is full (ENOSPC)');
    spawnSync('mount', ['-o', 'remount,ro', disk]);
    expect(() => checkDataFolder(join(disk, 'other'))).toThrow('can only be read (EROFS)');
    unmount();
  });

  it('is used where it can be', () => {
    expect(() => checkDataFolder(join(folder, 'fine'))).not.toThrow();
  });
});
