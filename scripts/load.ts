/**
 * Benches record all at once against servers of their own, and what became of it is counted:
 * `npm run load -- [seconds] [benches] [servers] [cut]`, by default 120 s, 40 benches, one server; with `cut` PostgreSQL is killed in the
 * middle and started again. Lost: acknowledged and not there. Doubled: there twice. Slowest: the longest answer. Unheard: not told by the
 * live connection of a server, though it was stored.
 */
import { procedureOfMixing } from '@stoichos/core/planning/procedure';
import { fork } from 'node:child_process';
import type { ChildProcess } from 'node:child_process';
import { once } from 'node:events';
import { chmodSync, mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { setTimeout as wait } from 'node:timers/promises';
import type { GroupView, Oversight } from '@stoichos/core/labday/access';
import type { LabDay } from '@stoichos/core/labday/day';
import { freePort } from './machine/ports';
import { startCluster } from './machine/postgres';
import type { Cluster } from './machine/postgres';
import { fail, say } from './machine/report';

const [secondsText = '120', benchesText = '40', serversText = '1', cutText] = process.argv.slice(2);
const between = (text: string, least: number, most: number, usual: number): number =>
  Math.min(most, Math.max(least, Number(text) || usual));
const seconds = between(secondsText, 5, 600, 120);
const count = between(benchesText, 1, 40, 40);
const serverCount = between(serversText, 1, 4, 1);
const isCut = cutText === 'cut';
/** A bench taps about so often, ms: faster than any hand. */
const tapEveryMs = 700;
/** An entry that was not taken is sent again after this, ms, as the outbox of a browser does. */
const againAfterMs = 500;
/** Everything that is told of is told of within this, ms. */
const newsWithinMs = 3000;

interface Tablet {
  readonly base: string;
  readonly groupId: string;
  readonly cookie: string;
  readonly acknowledged: Set<string>;
}

const folder = mkdtempSync(join(tmpdir(), 'stoichos-load-'));
chmodSync(folder, 0o755);
let cluster: Cluster = await startCluster(folder, () => undefined);
const databasePort = Number(new URL(cluster.url).port);
const servers: { readonly process: ChildProcess; readonly base: string }[] = [];

async function startServer(): Promise<void> {
  const port = await freePort();
  const child = fork('server/src/main.ts', {
    execArgv: ['--import', 'tsx'],
    env: {
      ...process.env,
      DATABASE_URL: cluster.url,
      PORT: String(port),
      STOICHOS_DEMO: 'off',
      LOG_LEVEL: 'fatal',
    },
  });
  await once(child, 'message');
  servers.push({ process: child, base: `http://127.0.0.1:${port}/api` });
}

function ask(base: string, method: string, path: string, body?: unknown, cookie?: string) {
  return fetch(base + path, {
    method,
    headers: {
      ...(body !== undefined && { 'content-type': 'application/json' }),
      ...(cookie !== undefined && { cookie }),
    },
    ...(body !== undefined && { body: JSON.stringify(body) }),
  });
}

/** Listens to what a server tells of a day, and reads the day again at every greeting, as the page of an instructor does. */
async function listen(base: string, dayId: string, heard: Set<string>): Promise<void> {
  const response = await ask(base, 'GET', `/days/${dayId}/live`);
  const words = new TextDecoder();
  const reader = response.body?.getReader();
  let rest = '';
  for (;;) {
    const { done, value } = (await reader?.read()) ?? { done: true, value: undefined };
    if (done) return;
    rest += words.decode(value, { stream: true });
    const lines = rest.split('\n');
    rest = lines.pop() ?? '';
    for (const line of lines) {
      if (!line.startsWith('data:')) continue;
      const event = JSON.parse(line.slice(5)) as { kind: string; entry?: { id: string } };
      if (event.kind === 'entry' && event.entry) heard.add(event.entry.id);
      if (event.kind === 'hello') {
        const again = await ask(base, 'GET', `/days/${dayId}`);
        if (!again.ok) continue;
        for (const { id } of ((await again.json()) as LabDay).entries) heard.add(id);
      }
    }
  }
}

try {
  for (let at = 0; at < serverCount; at += 1) await startServer();
  const [main = ''] = servers.map(({ base }) => base);
  const dayId = crypto.randomUUID();
  const testId = crypto.randomUUID();
  const groups = Array.from({ length: count }, (_, at) => ({
    id: crypto.randomUUID(),
    name: `Bench ${at + 1}`,
  }));
  const date = new Date().toISOString().slice(0, 10);
  await ask(main, 'PUT', `/days/${dayId}`, {
    id: dayId,
    name: 'Load',
    date,
    sparePercent: 20,
    groups,
  });
  await ask(main, 'PUT', `/days/${dayId}/procedures/${testId}`, {
    id: testId,
    manner: 'groups',
    procedure: procedureOfMixing(testId, {
      container: 'testTube',
      a: { substance: 'CuSO4', concentrationM: 0.2, volumeMl: 2 },
      b: { substance: 'NaOH', concentrationM: 0.4, volumeMl: 2 },
    }),
  });
  const made = (await (await ask(main, 'POST', `/days/${dayId}/code`, {})).json()) as Oversight;
  const tablets: Tablet[] = [];
  for (let at = 0; at < count; at += 1) {
    const groupId = groups[at]?.id ?? '';
    const base = servers[at % servers.length]?.base ?? main;
    const joined = await ask(base, 'POST', '/join', { code: made.joining.code, groupId });
    const cookie = joined.headers
      .getSetCookie()
      .map((one) => one.split(';')[0])
      .join('; ');
    tablets.push({ base, groupId, cookie, acknowledged: new Set() });
  }
  const heard = servers.map(() => new Set<string>());
  for (const [at, { base }] of servers.entries())
    listen(base, dayId, heard[at] ?? new Set()).catch(() => undefined);

  const times: number[] = [];
  let refused = 0;
  let again = 0;
  const until = performance.now() + seconds * 1000;

  /** Sends an entry until it is taken. */
  const send = async ({ base, cookie }: Tablet, entry: object): Promise<boolean> => {
    for (;;) {
      const start = performance.now();
      const status = await ask(base, 'POST', '/entries', entry, cookie).then(
        (answer) => answer.status,
        () => 503,
      );
      if (status < 500) {
        times.push(performance.now() - start);
        return status === 201;
      }
      again += 1;
      await wait(againAfterMs);
    }
  };
  const record = async (tablet: Tablet): Promise<void> => {
    await wait(Math.random() * tapEveryMs);
    while (performance.now() < until) {
      const id = crypto.randomUUID();
      const entry = {
        id,
        workId: testId,
        stepId: 'mix',
        vessel: 'vessel',
        part: 'test',
        groupId: tablet.groupId,
        record: { kind: 'note', text: `tap ${tablet.acknowledged.size}` },
        supersedes: null,
        recordedAt: new Date().toISOString(),
      };
      if (await send(tablet, entry)) tablet.acknowledged.add(id);
      else refused += 1;
      // Now and then an answer is lost on the way and the entry is sent again: it must be there once.
      if (Math.random() < 0.05) await send(tablet, entry);
      await wait(tapEveryMs * (0.5 + Math.random()));
    }
  };
  const cut = async (): Promise<void> => {
    await wait((seconds * 1000) / 2);
    say('PostgreSQL is killed');
    const ended = once(cluster.process, 'exit');
    cluster.process.kill('SIGKILL');
    await ended;
    await wait(2000);
    cluster = await startCluster(folder, () => undefined, databasePort);
    say('PostgreSQL is back');
  };
  say(
    `${count} tablets on ${serverCount} ${serverCount === 1 ? 'server' : 'servers'} for ${seconds} s`,
  );
  await Promise.all([...tablets.map(record), ...(isCut ? [cut()] : [])]);
  await wait(newsWithinMs);

  const day = (await (await ask(main, 'GET', `/days/${dayId}`)).json()) as LabDay;
  const there = day.entries.map(({ id }) => id);
  const known = new Set(there);
  const acknowledged = tablets.flatMap((tablet) => [...tablet.acknowledged]);
  const [first] = tablets;
  const view = (await (
    await ask(first?.base ?? main, 'GET', '/group', undefined, first?.cookie)
  ).json()) as GroupView;
  const sorted = [...times].sort((a, b) => a - b);
  const at = (share: number) => Math.round(sorted[Math.floor(share * (sorted.length - 1))] ?? 0);
  const result = {
    entries: acknowledged.length,
    refused,
    sentAgain: again,
    lost: acknowledged.filter((id) => !known.has(id)).length,
    doubled: there.length - known.size,
    foreign: view.entries.filter(({ groupId }) => groupId !== first?.groupId).length,
    unheard: heard.map((own) => there.filter((id) => !own.has(id)).length),
    medianMs: at(0.5),
    ninetyFivePercentMs: at(0.95),
    slowestMs: at(1),
  };
  console.log(JSON.stringify(result, null, 2));
  const wrong = [result.lost, result.doubled, result.refused, result.foreign, ...result.unheard];
  if (wrong.some((one) => one > 0)) process.exitCode = 1;
} catch (error) {
  fail(error);
} finally {
  for (const { process: child } of servers) {
    child.kill('SIGTERM');
    await once(child, 'exit');
  }
  await cluster.stop();
  rmSync(folder, { recursive: true, force: true });
}
