import { setTimeout as wait } from 'node:timers/promises';
import type { GroupView } from '@stoichos/core/labday/access';
import type { BenchEntry } from '@stoichos/core/labday/day';
import { ask } from './ground';
import type { ClassDay, Server } from './ground';

/** An entry that was not taken is sent again after this, ms, as the outbox of a browser does. */
const againAfterMs = 500;

interface Unsent {
  readonly entry: BenchEntry;
  /** As it goes out: a poisoned one is not what JSON.stringify makes of anything. */
  readonly text: string;
  /** When it was first tried, ms. */
  firstTried?: number;
}

/** A tablet at a bench: it listens, keeps what is recorded until it is acknowledged, and sends it in order. */
export interface Tablet {
  readonly acknowledged: Set<string>;
  /** What the server would not take. */
  readonly aside: Set<string>;
  /** From the first try to the acknowledgement, ms. */
  readonly times: number[];
  readonly heard: Set<string>;
  readonly unsent: () => number;
  readonly record: (text: string, poisoned?: boolean) => void;
  /** Cuts it off from the server, or lets it back. */
  readonly setOffline: (offline: boolean) => void;
  /** Joins another bench; what was made at the one before waits until it is back there. */
  readonly join: (code: string, groupId: string) => Promise<void>;
  readonly view: () => Promise<GroupView>;
  readonly stop: () => void;
}

/** Brings a tablet to a bench and lets it listen as the page of a group does. */
export async function bringTablet(
  server: Server,
  day: ClassDay,
  code: string,
  firstBench: string,
): Promise<Tablet> {
  const { base } = server;
  let [cookie, groupId, offline, stopped] = ['', firstBench, false, false];
  const queue: Unsent[] = [];
  const [acknowledged, aside, heard] = [new Set<string>(), new Set<string>(), new Set<string>()];
  const times: number[] = [];
  let line = new AbortController();

  const join = async (joinCode: string, bench: string): Promise<void> => {
    for (;;) {
      const joined = await ask(
        base,
        'POST',
        '/join',
        { code: joinCode, groupId: bench },
        cookie,
      ).catch(() => undefined);
      if (joined?.ok) {
        cookie = joined.headers
          .getSetCookie()
          .map((one) => one.split(';')[0])
          .join('; ');
        groupId = bench;
        line.abort();
        return;
      }
      await wait(againAfterMs);
    }
  };
  const view = async (): Promise<GroupView> =>
    (await (await ask(base, 'GET', '/group', undefined, cookie)).json()) as GroupView;

  const hear = async (): Promise<void> => {
    while (!stopped) {
      line = new AbortController();
      try {
        const response = await fetch(`${base}/group/live`, {
          headers: { cookie },
          signal: line.signal,
        });
        await readEvents(response, async (event) => {
          if (event.kind === 'entry' && event.entry) heard.add(event.entry.id);
          // A greeting says that something may have been missed, a change that something else is shown.
          else if (!offline) for (const { id } of (await view()).entries) heard.add(id);
        });
      } catch {
        // The line is lost: it is opened again, as a browser does.
      }
      await wait(againAfterMs);
    }
  };

  const send = async (): Promise<void> => {
    while (!stopped) {
      const next = queue.find(({ entry }) => entry.groupId === groupId);
      if (!next || offline) {
        await wait(20);
        continue;
      }
      next.firstTried ??= performance.now();
      const post = () =>
        ask(base, 'POST', '/entries', next.text, cookie).then(
          ({ status }) => status,
          () => 503,
        );
      // Now and then two tabs of a browser send the same.
      const [status] = await Promise.all(Math.random() < 0.1 ? [post(), post()] : [post()]);
      if (status === 201) {
        times.push(performance.now() - next.firstTried);
        acknowledged.add(next.entry.id);
        queue.splice(queue.indexOf(next), 1);
        // Now and then an answer is lost on the way and the entry is sent again: it must be there once.
        if (Math.random() < 0.05) await post();
      } else if (status < 500 && status !== 401 && status !== 429) {
        aside.add(next.entry.id);
        queue.splice(queue.indexOf(next), 1);
      } else await wait(againAfterMs);
    }
  };

  await join(code, firstBench);
  void hear();
  void send();
  return {
    acknowledged,
    aside,
    times,
    heard,
    unsent: () => queue.length,
    record(text, poisoned = false) {
      const entry: BenchEntry = {
        id: crypto.randomUUID(),
        workId: day.workId,
        stepId: 'mix',
        vessel: 'vessel',
        part: 'test',
        groupId,
        record: { kind: 'note', text },
        supersedes: null,
        recordedAt: new Date().toISOString(),
      };
      const sound = JSON.stringify(entry);
      queue.push({ entry, text: poisoned ? sound.replace(text, `${text}\\u0000`) : sound });
    },
    setOffline(now) {
      offline = now;
      if (now) line.abort();
    },
    join,
    view,
    stop() {
      stopped = true;
      line.abort();
    },
  };
}

interface Told {
  readonly kind: string;
  readonly entry?: { readonly id: string };
}

/** Reads the events of a stream (server-sent events) until it ends. */
export async function readEvents(
  response: Response,
  onEvent: (event: Told) => Promise<void> | void,
): Promise<void> {
  const words = new TextDecoder();
  let rest = '';
  for await (const part of response.body ?? []) {
    rest += words.decode(part, { stream: true });
    const lines = rest.split('\n');
    rest = lines.pop() ?? '';
    for (const line of lines)
      if (line.startsWith('data:')) await onEvent(JSON.parse(line.slice(5)) as Told);
  }
}
