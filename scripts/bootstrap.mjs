/**
 * The one script that runs before anything is installed: makes sure that the node modules are those of
 * package-lock.json, then hands over to the TypeScript script named on the command line.
 */
import { spawnSync } from 'node:child_process';
import { createHash } from 'node:crypto';
import { existsSync, mkdirSync, readFileSync, writeFileSync } from 'node:fs';
import { fileURLToPath } from 'node:url';

const root = fileURLToPath(new URL('..', import.meta.url));
process.chdir(root);

const [major = 0, minor = 0] = process.versions.node.split('.').map(Number);
if (major < 20 || (major === 20 && minor < 19)) {
  console.error(`Node.js ${process.versions.node} is too old: install 20.19 or newer.`);
  process.exit(1);
}

const stamp = '.data/node-modules.sha256';
const wanted = createHash('sha256').update(readFileSync('package-lock.json')).digest('hex');
const installed =
  existsSync(stamp) && existsSync('node_modules/tsx') ? readFileSync(stamp, 'utf8') : '';
if (installed !== wanted) {
  console.log('· Installing the node modules (a minute or two the first time)…');
  const result = spawnSync('npm', ['ci', '--no-audit', '--no-fund'], {
    stdio: ['ignore', 'ignore', 'inherit'],
  });
  if (result.status !== 0) {
    console.error('npm ci failed; its own words are above. Check the network and start again.');
    process.exit(1);
  }
  mkdirSync('.data', { recursive: true });
  writeFileSync(stamp, wanted);
}

const [script, ...rest] = process.argv.slice(2);
if (!script) throw new Error('bootstrap.mjs needs the script to run');
const { register } = await import('tsx/esm/api');
register();
process.argv = [process.argv[0], script, ...rest];
await import(new URL(`../${script}`, import.meta.url).href);
