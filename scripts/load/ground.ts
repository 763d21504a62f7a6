import { fork } from 'node:child_process';
import type { ChildProcess } from 'node:child_process';
import { once } from 'node:events';
import { chmodSync, mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { procedureOfMixing } from '@stoichos/core/planning/procedure';
import { freePort } from '../machine/ports';
import { startCluster } from '../machine/postgres';
import type { Cluster } from '../machine/postgres';

/** A server that can be killed and comes back at its address. */
export interface Server {
  readonly base: string;
  readonly pid: () => number;
  readonly kill: () => Promise<void>;
  readonly start: () => Promise<void>;
}

/** What a class runs on: a database of its own and servers before it. */
export interface Ground {
  readonly servers: readonly Server[];
  readonly databaseUrl: string;
  readonly killDatabase: () => Promise<void>;
  readonly startDatabase: () => Promise<void>;
  readonly end: () => Promise<void>;
}

/** Starts a cluster and servers that share it. */
export async function layGround(serverCount: number): Promise<Ground> {
  const folder = mkdtempSync(join(tmpdir(), 'stoichos-load-'));
  chmodSync(folder, 0o755);
  let cluster: Cluster = await startCluster(folder, () => undefined);
  const { url } = cluster;
  const servers: Server[] = [];
  for (let at = 0; at < serverCount; at += 1) servers.push(await startServer(url));
  return {
    servers,
    databaseUrl: url,
    async killDatabase() {
      const ended = once(cluster.process, 'exit');
      cluster.process.kill('SIGKILL');
      await ended;
    },
    async startDatabase() {
      cluster = await startCluster(folder, () => undefined, Number(new URL(url).port));
    },
    async end() {
      for (const server of servers) await server.kill();
      await cluster.stop();
      rmSync(folder, { recursive: true, force: true });
    },
  };
}

async function startServer(databaseUrl: string): Promise<Server> {
  const port = await freePort();
  let child: ChildProcess;
  const start = async (): Promise<void> => {
    child = fork('server/src/main.ts', {
      execArgv: ['--import', 'tsx'],
      env: {
        ...process.env,
        DATABASE_URL: databaseUrl,
        PORT: String(port),
        STOICHOS_DEMO: 'off',
        LOG_LEVEL: 'fatal',
      },
    });
    await once(child, 'message');
  };
  await start();
  return {
    base: `http://127.0.0.1:${port}/api`,
    pid: () => child.pid ?? 0,
    start,
    async kill() {
      const ended = once(child, 'exit');
      child.kill('SIGKILL');
      await ended;
    },
  };
}

/** Asks a server, as a browser does. */
export function ask(base: string, method: string, path: string, body?: unknown, cookie?: string) {
  return fetch(base + path, {
    method,
    headers: {
      ...(body !== undefined && { 'content-type': 'application/json' }),
      ...(cookie !== undefined && { cookie }),
    },
    ...(body !== undefined && { body: typeof body === 'string' ? body : JSON.stringify(body) }),
  });
}

/** A lab day on which every bench brings two solutions together. */
export interface ClassDay {
  readonly id: string;
  readonly workId: string;
  readonly groups: readonly { readonly id: string; readonly name: string }[];
}

/** Makes one with so many benches. */
export async function makeDay(base: string, name: string, benches: number): Promise<ClassDay> {
  const [id, workId] = [crypto.randomUUID(), crypto.randomUUID()];
  const groups = Array.from({ length: benches }, (_, at) => ({
    id: crypto.randomUUID(),
    name: `Bench ${at + 1}`,
  }));
  const date = new Date().toISOString().slice(0, 10);
  await ask(base, 'PUT', `/days/${id}`, { id, name, date, sparePercent: 20, groups });
  await ask(base, 'PUT', `/days/${id}/procedures/${workId}`, plannedMixing(workId));
  return { id, workId, groups };
}

/** Two solutions as a procedure of a day. */
export const plannedMixing = (id: string) => ({
  id,
  manner: 'groups',
  procedure: procedureOfMixing(id, {
    container: 'testTube',
    a: { substance: 'CuSO4', concentrationM: 0.2, volumeMl: 2 },
    b: { substance: 'NaOH', concentrationM: 0.4, volumeMl: 2 },
  }),
});
