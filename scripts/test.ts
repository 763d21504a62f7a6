/** `npm test`: everything there is to check, and one summary at the end. Every step runs even when one before it failed. */
import { spawn, spawnSync } from 'node:child_process';
import { once } from 'node:events';
import { existsSync, readFileSync, rmSync } from 'node:fs';
import { stripVTControlCharacters } from 'node:util';
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

/** Runs a command beside others, and tells what it said once it is over. @returns whether it went well, and how long it took, s. */
async function beside(name: string, command: string, ...args: string[]) {
  const start = performance.now();
  const child = spawn(command, args, { stdio: ['ignore', 'pipe', 'pipe'] });
  const words: Buffer[] = [];
  child.stdout.on('data', (piece: Buffer) => words.push(piece));
  child.stderr.on('data', (piece: Buffer) => words.push(piece));
  const [code] = (await once(child, 'close')) as [number | null];
  say(name);
  process.stdout.write(Buffer.concat(words));
  return { isOk: code === 0, seconds: (performance.now() - start) / 1000 };
}

async function checkBeside(name: string, command: string, ...args: string[]): Promise<void> {
  const { isOk, seconds } = await beside(name, command, ...args);
  tallies.push({ step: name, passed: isOk ? 1 : 0, failed: isOk ? 0 : 1, seconds });
}

/** Runs the tests of some projects; a file that cannot be loaded fails the run without a failed test. */
async function vitestBeside(name: string, ...projects: string[]): Promise<void> {
  const file = `${results}/${projects[0]}.json`;
  const { seconds } = await beside(
    name,
    'npx',
    '--no-install',
    'vitest',
    'run',
    '--reporter=default',
    '--reporter=json',
    `--outputFile.json=${file}`,
    ...projects.flatMap((project) => ['--project', project]),
  );
  try {
    const report = readReport(file, vitestReport);
    const { numPassedTests: passed, numFailedTests, success } = report;
    told.push(...failures(report));
    tallies.push({ step: name, passed, failed: numFailedTests || (success ? 0 : 1), seconds });
  } catch (error) {
    console.error(error);
    tallies.push({ step: name, passed: 0, failed: 1, seconds });
  }
}

const npx = (...args: string[]) => run('npx', '--no-install', ...args);

const vitestReport = z.object({
  numPassedTests: z.number(),
  numFailedTests: z.number(),
  success: z.boolean(),
  testResults: z.array(
    z.object({
      name: z.string(),
      message: z.string(),
      assertionResults: z.array(
        z.object({
          fullName: z.string(),
          status: z.string(),
          failureMessages: z.array(z.string()).nullish(),
        }),
      ),
    }),
  ),
});
const browserTest = z.object({
  status: z.string(),
  results: z.array(z.object({ errors: z.array(z.object({ message: z.string().optional() })) })),
});
const browserSuite = z.object({
  get suites() {
    return z.array(browserSuite).optional();
  },
  specs: z.array(z.object({ title: z.string(), tests: z.array(browserTest) })),
});
const browserReport = z.object({
  stats: z.object({ expected: z.number(), unexpected: z.number(), flaky: z.number() }),
  suites: z.array(browserSuite),
  errors: z.array(z.unknown()),
});

function readReport<S extends z.ZodType>(path: string, schema: S): z.output<S> {
  if (!existsSync(path))
    throw new Error(`${path} was not written: the runner did not get to its end.`);
  return schema.parse(JSON.parse(readFileSync(path, 'utf8')));
}

/** What a browser test said when it failed, whether or not it passed the second time. */
function troubles(suite: z.output<typeof browserSuite>): string[] {
  return [
    ...(suite.suites ?? []).flatMap(troubles),
    ...suite.specs.flatMap(({ title, tests }) =>
      tests
        .filter(({ status }) => status === 'unexpected' || status === 'flaky')
        .map(({ status, results: runs }) => {
          const said = runs.flatMap(({ errors }) => errors.map(({ message }) => message ?? ''));
          const word = status === 'flaky' ? 'passed only the second time' : 'failed';
          return `“${title}” ${word}:\n${said.join('\n').slice(0, 2000)}`;
        }),
    ),
  ];
}

/** What a unit or server test said when it failed; a file that could not be loaded counts as one. */
function failures({ testResults }: z.output<typeof vitestReport>): string[] {
  return testResults.flatMap(({ name, message, assertionResults }) => {
    const failed = assertionResults.filter(({ status }) => status === 'failed');
    if (assertionResults.length === 0) return [`${name} could not be run:\n${message}`];
    return failed.map(
      ({ fullName, failureMessages }) =>
        `“${fullName}” failed (${name}):\n${(failureMessages ?? []).join('\n').slice(0, 2000)}`,
    );
  });
}

// Told above the summary: the end of a long output is what is read first.
const told: string[] = [];

rmSync(results, { recursive: true, force: true });
try {
  chromiumPath();
  buildWeb();
} catch (error) {
  fail(error);
}
// Each of these keeps one processor busy; together they keep all.
await Promise.all([
  checkBeside(
    'Formatting',
    'npx',
    '--no-install',
    'prettier',
    '--check',
    '--log-level',
    'warn',
    '.',
  ),
  checkBeside('Lint', 'npm', 'run', '-s', 'lint'),
  checkBeside('Types', 'npm', 'run', '-s', 'types'),
  checkBeside('Import directions', 'npm', 'run', '-s', 'imports'),
]);
// The tests of the server go one after the other, for they share a database: one processor would have nothing to do.
await Promise.all([
  vitestBeside('Unit tests', 'core', 'web', 'alone', 'scripts'),
  vitestBeside('Server tests', 'server'),
]);
step('Browser tests', () => {
  npx('playwright', 'test', '-c', 'e2e/playwright.config.ts');
  const { stats, suites, errors } = readReport(browserFile, browserReport);
  told.push(...suites.flatMap(troubles));
  return { passed: stats.expected + stats.flaky, failed: stats.unexpected + errors.length };
});

for (const trouble of told) console.log(`\n${stripVTControlCharacters(trouble)}`);
console.log('\nSummary');
for (const { step: name, passed, failed, seconds } of tallies)
  console.log(
    `  ${failed === 0 ? '✓' : '✗'} ${name}: ${passed} passed, ${failed} failed (${seconds.toFixed(0)} s)`,
  );
const passed = tallies.reduce((sum, tally) => sum + tally.passed, 0);
const failed = tallies.reduce((sum, tally) => sum + tally.failed, 0);
console.log(`\n${passed} passed, ${failed} failed`);
process.exit(failed === 0 ? 0 : 1);
