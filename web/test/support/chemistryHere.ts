import { vi } from 'vitest';

type Task = (...given: unknown[]) => unknown;

/** The chemistry of the worker on the spot: where there are no workers, what a part does with its answers can still be seen. */
vi.mock('../../src/data/worker/workers', async () => {
  const { chemistry } = await import('../../src/data/worker/chemistry');
  const tasks = Object.entries(chemistry as Record<string, Task>).map(
    ([name, task]) => [name, (...given: unknown[]) => Promise.resolve(task(...given))] as const,
  );
  return {
    takeWorker: () => ({
      worker: { terminate: () => undefined, onerror: null },
      chemistry: Object.fromEntries(tasks),
    }),
    giveBack: () => undefined,
  };
});
