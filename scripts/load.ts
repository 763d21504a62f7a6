/**
 * Forty benches record at once against a server of its own for two minutes, and what became of it is counted:
 * `npm run load -- [seconds] [benches]`. Lost: acknowledged and not there. Doubled: there twice. Slowest: the longest answer.
 */
import { fork } from 'node:child_process';
import { once } from 'node:events';
import { chmodSync, mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { setTimeout as wait } from 'node:timers/promises';
import type { GroupView, LabDay, Oversight } from '@stoichos/core';
import { freePort } from './machine/ports';
import { startCluster } from './machine/postgres';
import { fail, say } from './machine/report';

const [secondsText = '120', benchesText = '40'] = process.argv.slice(2);
const seconds = Math.min(600, Math.max(5, Number(secondsText) || 120));
const count = Math.min(40, Math.max(1, Number(benchesText) || 40));
/** A bench taps about so often, ms: faster than any hand. */
const tapEveryMs = 700;

interface Tablet {
  readonly groupId: string;
  readonly cookie: string;
  readonly acknowledged: Set<string>;
}

const folder = mkdtempSync(join(tmpdir(), 'stoichos-load-'));
chmodSync(folder, 0o755);
const cluster = await startCluster(folder, () => undefined);
const port = await freePort();
const server = fork('server/src/main.ts', {
  execArgv: ['--import', 'tsx'],
  env: {
    ...process.env,
    DATABASE_URL: cluster.url,
    PORT: String(port),
    STOICHOS_DEMO: 'off',
    LOG_LEVEL: 'error',
  },
});
try {
  await once(server, 'message');
  const base = `http://127.0.0.1:${port}/api`;
  const ask = async (method: string, path: string, body?: unknown, cookie?: string) => {
    const response = await fetch(base + path, {
      method,
      headers: {
        ...(body !== undefined && { 'content-type': 'application/json' }),
        ...(cookie !== undefined && { cookie }),
      },
      ...(body !== undefined && { body: JSON.stringify(body) }),
    });
    return response;
  };
  const dayId = crypto.randomUUID();
  const testId = crypto.randomUUID();
  const groups = Array.from({ length: count }, (_, at) => ({
    id: crypto.randomUUID(),
    name: `Bench ${at + 1}`,
  }));
  const today = new Date().toISOString().slice(0, 10);
  await ask('PUT', `/days/${dayId}`, {
    id: dayId,
    name: 'Load',
    date: today,
    sparePercent: 20,
    groups,
  });
  await ask('PUT', `/days/${dayId}/tests/${testId}`, {
    id: testId,
    container: 'testTube',
    a: { substance: 'CuSO4', concentrationM: 0.2, volumeMl: 2 },
    b: { substance: 'NaOH', concentrationM: 0.4, volumeMl: 2 },
  });
  const made = (await (await ask('POST', `/days/${dayId}/code`, {})).json()) as Oversight;
  const tablets: Tablet[] = [];
  for (let at = 0; at < count; at += 1) {
    const groupId = groups[at % groups.length]?.id ?? '';
    const joined = await ask('POST', '/join', { code: made.joining.code, groupId });
    const cookie = joined.headers
      .getSetCookie()
      .map((one) => one.split(';')[0])
      .join('; ');
    tablets.push({ groupId, cookie, acknowledged: new Set() });
  }
  const times: number[] = [];
  let refused = 0;
  const until = performance.now() + seconds * 1000;
  const record = async ({ groupId, cookie, acknowledged }: Tablet): Promise<void> => {
    await wait(Math.random() * tapEveryMs);
    while (performance.now() < until) {
      const id = crypto.randomUUID();
      const entry = {
        id,
        workId: testId,
        stepId: 'mix',
        vessel: 'vessel',
        part: 'test',
        groupId,
        record: { kind: 'note', text: `tap ${acknowledged.size}` },
        supersedes: null,
        recordedAt: new Date().toISOString(),
      };
      const start = performance.now();
      const { status } = await ask('POST', '/entries', entry, cookie);
      times.push(performance.now() - start);
      if (status === 201) acknowledged.add(id);
      else refused += 1;
      // Now and then an answer is lost on the way and the entry is sent again: it must be there once.
      if (Math.random() < 0.05) await ask('POST', '/entries', entry, cookie);
      await wait(tapEveryMs * (0.5 + Math.random()));
    }
  };
  say(`${count} tablets at ${groups.length} benches for ${seconds} s`);
  await Promise.all(tablets.map(record));
  const day = (await (await ask('GET', `/days/${dayId}`)).json()) as LabDay;
  const there = day.entries.map(({ id }) => id);
  const known = new Set(there);
  const acknowledged = tablets.flatMap((tablet) => [...tablet.acknowledged]);
  const [first] = tablets;
  const view = (await (await ask('GET', '/group', undefined, first?.cookie)).json()) as GroupView;
  const foreign = view.entries.filter(({ groupId }) => groupId !== first?.groupId).length;
  const sorted = [...times].sort((a, b) => a - b);
  const at = (share: number) => Math.round(sorted[Math.floor(share * (sorted.length - 1))] ?? 0);
  const result = {
    entries: acknowledged.length,
    refused,
    lost: acknowledged.filter((id) => !known.has(id)).length,
    doubled: there.length - known.size,
    foreign,
    medianMs: at(0.5),
    ninetyFivePercentMs: at(0.95),
    slowestMs: at(1),
  };
  console.log(JSON.stringify(result, null, 2));
  if (result.lost + result.doubled + result.refused + result.foreign > 0) process.exitCode = 1;
} catch (error) {
  fail(error);
} finally {
  server.kill('SIGTERM');
  await once(server, 'exit');
  await cluster.stop();
  rmSync(folder, { recursive: true, force: true });
}
