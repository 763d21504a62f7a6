import { relative } from 'node:path';
import { setTimeout as pause } from 'node:timers/promises';
import { BaseSequencer, createVitest } from 'vitest/node';
import type { Reporter, TestSpecification } from 'vitest/node';
import type { TouchedTest } from './nearestTests';

export interface TestsRun {
  readonly passed: number;
  readonly failed: number;
  /** Test files for which there was no time. */
  readonly left: number;
}

/** The projects that need neither browser nor database. */
const projects = ['core', 'web', 'alone'];

/** Counts what ran, and says what failed as soon as it does. */
class Tally implements Reporter {
  passed = 0;
  failed = 0;
  files = 0;

  onTestCaseResult(test: Parameters<NonNullable<Reporter['onTestCaseResult']>>[0]) {
    const { state, errors } = test.result();
    if (state === 'passed') this.passed += 1;
    if (state !== 'failed') return;
    this.failed += 1;
    console.log(`✗ ${test.module.relativeModuleId}: ${test.fullName}`);
    for (const { message, stack } of errors) console.log(stack ?? message);
  }

  onTestModuleEnd(module: Parameters<NonNullable<Reporter['onTestModuleEnd']>>[0]) {
    this.files += 1;
    for (const { message, stack } of module.errors()) {
      this.failed += 1;
      console.log(`✗ ${module.relativeModuleId}\n${stack ?? message}`);
    }
  }
}

/**
 * Runs test files, the nearest first and of those equally near the quickest, for as long as there is time. What is under way
 * then is not waited for: the caller ends the process.
 */
export async function runTests(
  touched: readonly TouchedTest[],
  withinMs: number,
): Promise<TestsRun> {
  if (touched.length === 0) return { passed: 0, failed: 0, left: 0 };
  const pathOf = ({ moduleId }: TestSpecification) => relative(process.cwd(), moduleId);
  const importsOf = new Map(touched.map(({ file, imports }) => [file, imports]));
  class NearestFirst extends BaseSequencer {
    override sort(all: TestSpecification[]) {
      const lastMs = (one: TestSpecification) =>
        this.ctx.cache.getFileTestResults(`${one.project.name}:${pathOf(one)}`)?.duration ?? 0;
      const farness = (one: TestSpecification) => importsOf.get(pathOf(one)) ?? 0;
      return Promise.resolve(
        all.toSorted((a, b) => farness(a) - farness(b) || lastMs(a) - lastMs(b)),
      );
    }
  }
  const tally = new Tally();
  const vitest = await createVitest('test', {
    watch: false,
    project: projects,
    reporters: [tally],
    sequence: { sequencer: NearestFirst },
  });
  await Promise.race([
    vitest.start(touched.map(({ file }) => file)).then(() => vitest.close()),
    pause(withinMs),
  ]);
  const { passed, failed, files } = tally;
  return { passed, failed, left: touched.length - files };
}
