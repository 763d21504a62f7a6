import { defineConfig } from 'vitest/config';

export default defineConfig({
  test: {
    // One for each processor: nothing else runs beside.
    maxWorkers: '100%',
    // No module keeps what one test did, so the files of a project share what they load.
    isolate: false,
    projects: [
      // A laden machine takes several times as long for the same chemistry.
      {
        extends: true,
        test: { name: 'core', include: ['core/test/**/*.test.ts'], testTimeout: 30_000 },
      },
      { extends: true, test: { name: 'web', include: ['web/test/**/*.test.ts'] } },
      {
        extends: true,
        test: { name: 'scripts', include: ['scripts/test/**/*.test.ts'], testTimeout: 120_000 },
      },
      {
        extends: true,
        test: {
          name: 'server',
          include: ['server/test/**/*.test.ts'],
          globalSetup: ['server/test/support/throwawayCluster.ts'],
          fileParallelism: false,
          sequence: { groupOrder: 1 },
          testTimeout: 20_000,
        },
      },
    ],
  },
});
