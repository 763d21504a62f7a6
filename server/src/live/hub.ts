import { setTimeout as wait } from 'node:timers/promises';
import pg from 'pg';
import type { Logger } from 'pino';
import * as z from 'zod';
import { channel } from '../database/notify';

const noticeSchema = z.object({
  day: z.uuid().nullable(),
  group: z.uuid().nullable(),
  /** An entry that came in. */
  entry: z.uuid().optional(),
  /** A session that was ended. */
  ended: z.uuid().optional(),
});
/** What one server tells the others: where something happened, and what, if it is an entry. */
export type Notice = z.infer<typeof noticeSchema>;

/** Told of every notice of a day from `lineUp` on; what happened before it, or while the line was down, is to be read again. */
export interface Listener {
  readonly notice: (notice: Notice) => void;
  readonly lineUp: () => void;
}

/** The line to the database on which all servers hear of what happens. */
export interface LiveHub {
  readonly listen: (dayId: string, listener: Listener) => () => void;
  readonly close: () => Promise<void>;
}

const retryMs = 500;

/** Listens on a connection of its own, again and again when it is lost, and passes on what concerns a day. */
export function openLive(databaseUrl: string, log: Logger): LiveHub {
  const listeners = new Map<string, Set<Listener>>();
  let client: pg.Client | undefined;
  let closed = false;

  const tell = (text: string | undefined): void => {
    const parsed = noticeSchema.safeParse(JSON.parse(text ?? 'null'));
    if (!parsed.success || parsed.data.day === null) return;
    for (const { notice } of listeners.get(parsed.data.day) ?? []) notice(parsed.data);
  };
  const connect = async (): Promise<void> => {
    const own = new pg.Client({ connectionString: databaseUrl });
    own.on('notification', ({ payload }) => tell(payload));
    const lost = new Promise<void>((done) => {
      own.on('error', () => done());
      own.on('end', () => done());
    });
    await own.connect();
    await own.query(`LISTEN ${channel}`);
    client = own;
    for (const all of listeners.values()) for (const { lineUp } of all) lineUp();
    await lost;
  };
  const run = async (): Promise<void> => {
    while (!closed) {
      try {
        await connect();
      } catch (error) {
        log.debug({ err: error }, 'the line to the database is down');
      }
      client = undefined;
      if (!closed) await wait(retryMs);
    }
  };
  void run();
  return {
    listen(dayId, listener) {
      const all = listeners.get(dayId) ?? new Set<Listener>();
      listeners.set(dayId, all.add(listener));
      if (client) listener.lineUp();
      return () => {
        all.delete(listener);
        if (all.size === 0) listeners.delete(dayId);
      };
    },
    async close() {
      closed = true;
      await client?.end();
    },
  };
}
