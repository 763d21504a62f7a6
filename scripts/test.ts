/** `npm test`: everything there is to check, and one summary at the end. Every step runs even when one before it failed. */
import { spawnSync } from 'node:child_process';
import { existsSync, readFileSync, rmSync } from 'node:fs';
import * as z from 'zod';
import { buildWeb } from './machine/build';
import { chromiumPath } from './machine/debian';
import { fail, say } from './machine/report';

interface Tally {
  readonly step: string;
  readonly passed: number;
  readonly failed: number;
  readonly seconds: number;
}

const tallies: Tally[] = [];
const results = 'test-results';
const vitestFile = `${results}/unit.json`;
const browserFile = `${results}/browser.json`;

function run(command: string, ...args: string[]): boolean {
  return spawnSync(command, args, { stdio: ['ignore', 'inherit', 'inherit'] }).status === 0;
}

/** Times one step; a step that cannot even report counts as one failure. */
function step(name: string, work: () => Omit<Tally, 'step' | 'seconds'>): void {
  say(name);
  const start = performance.now();
  let counted = { passed: 0, failed: 1 };
  try {
    counted = work();
  } catch (error) {
    console.error(error);
  }
  tallies.push({ step: name, ...counted, seconds: (performance.now() - start) / 1000 });
}

const check = (ok: boolean) => ({ passed: ok ? 1 : 0, failed: ok ? 0 : 1 });
const npx = (...args: string[]) => run('npx', '--no-install', ...args);

const vitestReport = z.object({
  numPassedTests: z.number(),
  numFailedTests: z.number(),
  success: z.boolean(),
});
const browserReport = z.object({
  stats: z.object({ expected: z.number(), unexpected: z.number(), flaky: z.number() }),
  errors: z.array(z.unknown()),
});

function readReport<S extends z.ZodType>(path: string, schema: S): z.output<S> {
  if (!existsSync(path))
    throw new Error(`${path} was not written: the runner did not get to its end.`);
  return schema.parse(JSON.parse(readFileSync(path, 'utf8')));
}

rmSync(results, { recursive: true, force: true });
try {
  chromiumPath();
  buildWeb();
} catch (error) {
  fail(error);
}
step('Formatting', () => check(npx('prettier', '--check', '--log-level', 'warn', '.')));
step('Lint', () => check(run('npm', 'run', '-s', 'lint')));
step('Types', () => check(run('npm', 'run', '-s', 'types')));
step('Import directions', () => check(run('npm', 'run', '-s', 'imports')));
step('Unit and server tests', () => {
  npx('vitest', 'run', '--reporter=default', '--reporter=json', `--outputFile.json=${vitestFile}`);
  const { numPassedTests, numFailedTests, success } = readReport(vitestFile, vitestReport);
  // A file that cannot be loaded fails the run without a failed test.
  return { passed: numPassedTests, failed: numFailedTests || (success ? 0 : 1) };
});
step('Browser tests', () => {
  npx('playwright', 'test', '-c', 'e2e/playwright.config.ts');
  const { stats, errors } = readReport(browserFile, browserReport);
  return { passed: stats.expected, failed: stats.unexpected + stats.flaky + errors.length };
});

console.log('\nSummary');
for (const { step: name, passed, failed, seconds } of tallies)
  console.log(
    `  ${failed === 0 ? '✓' : '✗'} ${name}: ${passed} passed, ${failed} failed (${seconds.toFixed(0)} s)`,
  );
const passed = tallies.reduce((sum, tally) => sum + tally.passed, 0);
const failed = tallies.reduce((sum, tally) => sum + tally.failed, 0);
console.log(`\n${passed} passed, ${failed} failed`);
process.exit(failed === 0 ? 0 : 1);
