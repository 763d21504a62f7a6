import { BaseSequencer, createVitest } from 'vitest/node';
import type { Reporter, TestSpecification } from 'vitest/node';

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
 * Runs test files in their order, for as long as there is time.
 *
 * @param files paths from the project folder.
 * @param withinMs what is not begun by then is left.
 */
export async function runTests(files: readonly string[], withinMs: number): Promise<TestsRun> {
  const place = ({ moduleId }: TestSpecification) =>
    files.findIndex((file) => moduleId.endsWith(`/${file}`));
  class NearestFirst extends BaseSequencer {
    override sort(all: TestSpecification[]) {
      return Promise.resolve([...all].sort((a, b) => place(a) - place(b)));
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
    const { testModules, unhandledErrors } = await vitest.start([...files]);
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
