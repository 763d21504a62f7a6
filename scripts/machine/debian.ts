import { spawnSync } from 'node:child_process';
import { existsSync } from 'node:fs';
import { Explained, say } from './report';

/**
 * Installs a Debian package as root or with sudo.
 *
 * @throws Explained where neither is possible, naming the command an administrator would run.
 */
export function installPackage(name: string, environment: Record<string, string> = {}): void {
  const isRoot = process.getuid?.() === 0;
  const byHand = `Ask an administrator to run: apt-get install ${name}`;
  if (!existsSync('/usr/bin/apt-get'))
    throw new Explained(
      `${name} is missing and this is not a Debian machine.`,
      `Install ${name} yourself, then start again.`,
    );
  if (!isRoot && spawnSync('sudo', ['-n', 'true']).status !== 0)
    throw new Explained(
      `${name} is missing, and you are neither root nor allowed to use sudo.`,
      byHand,
    );
  const before = isRoot ? [] : ['sudo', '-n'];
  const run = (...args: string[]) => {
    const [command = '', ...rest] = [
      ...before,
      'env',
      'DEBIAN_FRONTEND=noninteractive',
      ...Object.entries(environment).map(([key, value]) => `${key}=${value}`),
      'apt-get',
      '-qq',
      ...args,
    ];
    return spawnSync(command, rest, { encoding: 'utf8' });
  };
  say(`Installing ${name} from Debian’s packages…`);
  run('update');
  const result = run('install', '--no-install-recommends', '-y', name);
  if (result.status !== 0)
    throw new Explained(
      `${name} could not be installed: ${result.stderr.trim().slice(-400)}`,
      byHand,
    );
}

/** Debian's Chromium without a window of its own, which takes half the time of the one that has; installed if it is missing. */
export function chromiumPath(): string {
  const path = '/usr/bin/chromium-headless-shell';
  if (!existsSync(path)) installPackage('chromium-headless-shell');
  return path;
}
