import react from '@vitejs/plugin-react';
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
      {
        extends: true,
        plugins: [react()],
        test: {
          name: 'web',
          include: ['web/{src,test}/**/*.test.{ts,tsx}'],
          environment: 'happy-dom',
          setupFiles: ['web/test/support/setup.ts'],
          testTimeout: 60_000,
        },
      },
      // Of server and scripts, what needs no database.
      {
        extends: true,
        test: { name: 'alone', include: ['{server,scripts}/test/alone/**/*.test.ts'] },
      },
      {
        extends: true,
        test: { name: 'scripts', include: ['scripts/test/*.test.ts'], testTimeout: 120_000 },
      },
      {
        extends: true,
        test: {
          name: 'server',
          include: ['server/test/*.test.ts'],
          globalSetup: ['server/test/support/throwawayCluster.ts'],
          fileParallelism: false,
          sequence: { groupOrder: 1 },
          testTimeout: 60_000,
        },
      },
    ],
  },
});
