import { defineConfig } from 'vitest/config';

export default defineConfig({
  test: {
    projects: [
      // A laden machine takes several times as long for the same chemistry.
      { test: { name: 'core', include: ['core/test/**/*.test.ts'], testTimeout: 30_000 } },
      { test: { name: 'web', include: ['web/test/**/*.test.ts'] } },
      { test: { name: 'scripts', include: ['scripts/test/**/*.test.ts'], testTimeout: 120_000 } },
      {
        test: {
          name: 'server',
          include: ['server/test/**/*.test.ts'],
          globalSetup: ['server/test/support/throwawayCluster.ts'],
          fileParallelism: false,
          testTimeout: 20_000,
        },
      },
    ],
  },
});
