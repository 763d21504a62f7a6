import { mkdtempSync, rmSync } from 'node:fs';
import { chmod } from 'node:fs/promises';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import type { TestProject } from 'vitest/node';
import { startCluster } from '../../../scripts/machine/postgres';

declare module 'vitest' {
  interface ProvidedContext {
    databaseUrl: string;
  }
}

/** A real PostgreSQL cluster for the tests, thrown away afterwards. */
export default async function throwawayCluster(project: TestProject): Promise<() => Promise<void>> {
  const folder = mkdtempSync(join(tmpdir(), 'stoichos-test-'));
  await chmod(folder, 0o755);
  const cluster = await startCluster(folder, () => undefined);
  project.provide('databaseUrl', cluster.url);
  return async () => {
    await cluster.stop();
    rmSync(folder, { recursive: true, force: true });
  };
}
