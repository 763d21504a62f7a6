import { relative } from 'node:path';
import { BaseSequencer, createVitest } from 'vitest/node';
import type { Reporter, TestSpecification } from 'vitest/node';
import type { TouchedTest } from './nearestTests';

export interface TestsRun {
  readonly passed: number;
  readonly failed: number;
  /** Test files for which there was no time. */
  readonly left: readonly string[];
}

/** Says what failed, and nothing of what passed. */
const failuresOnly: Reporter = {
  onTestCaseResult(test) {
    const { state, errors } = test.result();
    if (state !== 'failed') return;
    console.log(`✗ ${test.module.relativeModuleId}: ${test.fullName}`);
    for (const { message, stack } of errors ?? []) console.log(stack ?? message);
  },
  onTestModuleEnd(module) {
    for (const { message, stack } of module.errors())
      console.log(`✗ ${module.relativeModuleId}\n${stack ?? message}`);
  },
};

/** The projects that need neither browser nor database. */
const projects = ['core', 'web', 'alone'];

/**
 * Runs test files, the nearest first and of those equally near the quickest, for as long as there is time.
 *
 * @param withinMs what is not begun by then is left.
 */
export async function runTests(
  touched: readonly TouchedTest[],
  withinMs: number,
): Promise<TestsRun> {
  const pathOf = ({ moduleId }: TestSpecification) => relative(process.cwd(), moduleId);
  const importsOf = new Map(touched.map(({ file, imports }) => [file, imports]));
  const files = touched.map(({ file }) => file);
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
  const vitest = await createVitest('test', {
    watch: false,
    project: projects,
    reporters: [failuresOnly],
    passWithNoTests: true,
    sequence: { sequencer: NearestFirst },
  });
  const timer = setTimeout(() => void vitest.cancelCurrentRun('keyboard-input'), withinMs);
  try {
    const { testModules, unhandledErrors } = await vitest.start(files);
    const tests = testModules.flatMap((one) => [...one.children.allTests()]);
    const of = (state: string) => tests.filter((test) => test.result().state === state).length;
    const broken = testModules.filter((one) => one.errors().length > 0).length;
    const done = testModules.filter((one) =>
      [...one.children.allTests()].some((test) => /passed|failed/.test(test.result().state)),
    );
    return {
      passed: of('passed'),
      failed: of('failed') + broken + unhandledErrors.length,
      left: files.filter((file) => !done.some(({ moduleId }) => moduleId.endsWith(`/${file}`))),
    };
  } finally {
    clearTimeout(timer);
    await vitest.close();
  }
}
