/**
 * `npm run check [-- COMMIT]`: what a change may have broken, within a minute: types, lint, import directions, formatting, and
 * the unit tests it touches, the nearest first. Needs neither browser nor database. `npm test` is the whole of it.
 */
import { spawn } from 'node:child_process';
import { once } from 'node:events';
import { existsSync } from 'node:fs';
import { changedFiles } from './check/changedFiles';
import { readImports } from './check/importGraph';
import { nearestTests } from './check/nearestTests';
import { runTests } from './check/runTests';
import { fail, say } from './machine/report';

/** The whole of it ends here, s. */
const wholeS = 50;
/** The tests get this long at least, s. */
const leastTestsS = 12;

const began = performance.now();
const passedS = () => (performance.now() - began) / 1000;

/** Runs a check, and says what it said where it found something. */
async function step(name: string, command: string, ...words: string[]): Promise<boolean> {
  const start = performance.now();
  const child = spawn(command, words, { stdio: ['ignore', 'pipe', 'pipe'] });
  const said: Buffer[] = [];
  child.stdout.on('data', (piece: Buffer) => said.push(piece));
  child.stderr.on('data', (piece: Buffer) => said.push(piece));
  const [code] = (await once(child, 'close')) as [number | null];
  const seconds = ((performance.now() - start) / 1000).toFixed(0);
  say(`${code === 0 ? '✓' : '✗'} ${name} (${seconds} s)`);
  if (code !== 0) process.stdout.write(Buffer.concat(said));
  return code === 0;
}

const bin = (name: string) => `node_modules/.bin/${name}`;

/** The projects of the compiler whose files a change can reach. */
function typeProjects(changed: readonly string[]): string[] {
  const touches = (pattern: RegExp) => changed.some((file) => pattern.test(file));
  if (touches(/^(core\/src|tsconfig|package)/)) return ['core', 'web', 'tsconfig.node.json'];
  return [
    ...(touches(/^web\//) ? ['web'] : []),
    ...(touches(/^(core\/test|server|e2e|scripts)\//) ? ['tsconfig.node.json'] : []),
  ];
}

async function types(changed: readonly string[]): Promise<boolean[]> {
  const found: boolean[] = [];
  for (const project of typeProjects(changed))
    found.push(await step(`Types of ${project}`, 'npm', 'run', '-s', 'tsc', project));
  return found;
}

async function style(changed: readonly string[]): Promise<boolean[]> {
  const code = changed.filter((file) => /\.(ts|tsx|mjs|cjs|js)$/.test(file));
  return [
    await step('Import directions', 'npm', 'run', '-s', 'imports'),
    await step('Formatting', bin('prettier'), '--check', '--ignore-unknown', ...changed),
    ...(code.length === 0
      ? []
      : [
          await step('Lint', bin('eslint'), '--max-warnings', '0', '--no-warn-ignored', ...code),
          await step('Typed lint', bin('oxlint'), '--type-aware', ...code),
        ]),
  ];
}

try {
  const changed = changedFiles(process.argv[2]).filter(existsSync);
  say(`${changed.length} changed ${changed.length === 1 ? 'file' : 'files'}`);
  const checks = (await Promise.all([types(changed), style(changed)])).flat();
  const graph = readImports(['core', 'contract', 'server', 'web', 'scripts']);
  const tests = nearestTests(graph, changed).filter(
    ({ file }) => !/^(server|scripts)\/test\/(?!alone\/)/.test(file),
  );
  const withinS = Math.max(leastTestsS, wholeS - passedS());
  const { passed, failed, left } = await runTests(tests, withinS * 1000);
  say(`${failed === 0 ? '✓' : '✗'} Unit tests: ${passed} passed, ${failed} failed`);
  if (left > 0)
    say(
      `No time for ${left} of the ${tests.length} test files it reaches, those furthest away; npm run test:unit runs them all.`,
    );
  say(`${passedS().toFixed(0)} s in all`);
  process.exit(checks.every(Boolean) && failed === 0 ? 0 : 1);
} catch (error) {
  fail(error);
}
