import { fork } from 'node:child_process';
import type { ChildProcess } from 'node:child_process';
import { once } from 'node:events';
import { chmodSync, mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { fileURLToPath } from 'node:url';
import { test as base } from '@playwright/test';
import type { Page } from '@playwright/test';
import { startSimulatedBench } from '../../server/src/simulated/bench';
import type { SimulatedBench } from '../../server/src/simulated/bench';
import { freePort } from '../../scripts/machine/ports';
import { startCluster } from '../../scripts/machine/postgres';

/** The built application, served by the real server on a real database with the demo data, or with nothing. */
export interface Application {
  readonly url: string;
  /** Ends the server as a power cut would. */
  kill(): Promise<void>;
  /** Starts it again at the same address. */
  start(): Promise<void>;
  /** Stops the database under the running server; what it returns starts it again. */
  stopDatabase(): Promise<() => Promise<void>>;
  /** Pulls the plug of a simulated instrument, for good. */
  unplug(id: string): Promise<void>;
}

const main = fileURLToPath(new URL('../../server/src/main.ts', import.meta.url));

async function startServer(
  databaseUrl: string,
  port: number,
  bench: SimulatedBench,
  hasDemo: boolean,
): Promise<ChildProcess> {
  const server = fork(main, {
    execArgv: ['--import', 'tsx'],
    env: {
      ...process.env,
      DATABASE_URL: databaseUrl,
      PORT: String(port),
      LOG_LEVEL: 'error',
      ...(!hasDemo && { STOICHOS_DEMO: 'off' }),
      STOICHOS_INSTRUMENTS: JSON.stringify(bench.addresses),
    },
  });
  await once(server, 'message');
  return server;
}

/** Pages read by a school that writes °F and decimal commas: none of them has °C, or a decimal point. */
export const otherReaders = new WeakSet<Page>();

interface PerTest {
  /** Whether the page is read as it is set at first, or by a school that writes °F and decimal commas. */
  readonly reads: 'asSet' | 'otherwise';
}

export const test = base.extend<PerTest, { application: Application; hasDemo: boolean }>({
  reads: ['asSet', { option: true }],
  page: async ({ page, reads }, use) => {
    if (reads === 'asSet') {
      await use(page);
      return;
    }
    const choose = (data: object) => page.request.patch('/api/settings', { data });
    await choose({ decimalSeparator: ',', temperature: '°F' });
    otherReaders.add(page);
    await use(page);
    await choose({ decimalSeparator: '.', temperature: '°C' });
  },
  hasDemo: [true, { option: true, scope: 'worker' }],
  application: [
    async ({ hasDemo }, use) => {
      const folder = mkdtempSync(join(tmpdir(), 'stoichos-browser-'));
      chmodSync(folder, 0o755);
      let cluster = await startCluster(folder, () => undefined);
      const port = await freePort();
      // Twenty seconds of the instruments’ pass in one of ours.
      const bench = await startSimulatedBench(20);
      let server = await startServer(cluster.url, port, bench, hasDemo);
      const kill = async () => {
        const ended = once(server, 'exit');
        server.kill('SIGKILL');
        await ended;
      };
      await use({
        url: `http://127.0.0.1:${port}`,
        kill,
        start: async () => {
          server = await startServer(cluster.url, port, bench, hasDemo);
        },
        unplug: (id) => bench.unplug(id),
        stopDatabase: async () => {
          await cluster.stop();
          return async () => {
            const { port: before } = new URL(cluster.url);
            cluster = await startCluster(folder, () => undefined, Number(before));
          };
        },
      });
      await kill();
      await bench.stop();
      await cluster.stop();
      rmSync(folder, { recursive: true, force: true });
    },
    { scope: 'worker', timeout: 60_000 },
  ],
  baseURL: async ({ application }, use) => use(application.url),
});

export { expect } from '@playwright/test';
