import { defineConfig } from '@playwright/test';
import { chromiumPath } from '../scripts/machine/debian';

export default defineConfig({
  testDir: '.',
  testMatch: '*.spec.ts',
  globalSetup: './support/build.ts',
  outputDir: '../test-results/browser',
  timeout: 120_000,
  expect: { timeout: 10_000 },
  workers: 2,
  fullyParallel: false,
  // A test that passes only the second time is named in the summary: a race to look for.
  retries: 1,
  forbidOnly: true,
  reporter: [['line'], ['json', { outputFile: '../test-results/browser.json' }]],
  use: {
    // Requests that a test holds up or answers itself go by the page; what lies in the browser has tests of its own.
    serviceWorkers: 'block',
    viewport: { width: 1280, height: 800 },
    // What fades in is looked at once it is there.
    contextOptions: { reducedMotion: 'reduce' },
    screenshot: 'only-on-failure',
    launchOptions: {
      executablePath: chromiumPath(),
      args: [
        '--no-sandbox',
        '--disable-gpu',
        '--disable-background-networking',
        '--disable-component-update',
      ],
    },
  },
});
