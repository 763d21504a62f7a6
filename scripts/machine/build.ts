import { spawnSync } from 'node:child_process';
import { existsSync, readFileSync, readdirSync, statSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { Explained, say } from './report';

const stamp = 'web/dist/.built-from';
const sources = [
  'core/src',
  'contract/src',
  'web/src',
  'web/index.html',
  'web/public',
  'web/vite.config.ts',
  'package-lock.json',
];

/** Builds the web application unless the last build came from the same files. Call it from the project folder. */
export function buildWeb(): void {
  const state = fingerprint();
  if (existsSync(stamp) && readFileSync(stamp, 'utf8') === state) return;
  say('Building the application…');
  const built = spawnSync('npx', ['--no-install', 'vite', 'build', 'web', '--logLevel', 'warn'], {
    encoding: 'utf8',
    // Whoever starts the application, a test among them: it is served as people use it.
    env: { ...process.env, NODE_ENV: 'production' },
  });
  if (built.status !== 0)
    throw new Explained(
      `The application could not be built:\n${built.stdout}${built.stderr}`,
      'Mend what it says above, then start again.',
    );
  writeFileSync(stamp, state);
}

/** Size and time of change of every source file, in one text. */
function fingerprint(): string {
  const lines: string[] = [];
  const visit = (path: string): void => {
    const { mtimeMs, size } = statSync(path);
    if (statSync(path).isDirectory()) for (const name of readdirSync(path)) visit(join(path, name));
    else lines.push(`${path} ${size} ${Math.round(mtimeMs)}`);
  };
  sources.forEach(visit);
  return lines.sort().join('\n');
}
