import { defineConfig } from 'vitest/config';

export default defineConfig({
  test: {
    projects: [
      { test: { name: 'core', include: ['core/test/**/*.test.ts'] } },
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
