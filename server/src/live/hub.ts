import { setTimeout as wait } from 'node:timers/promises';
import { entrySchema } from '@stoichos/core/labday/day';
import pg from 'pg';
import type { Logger } from 'pino';
import * as z from 'zod';
import { channel } from '../database/notify';

const happenedSchema = z.object({
  day: z.uuid().nullable(),
  group: z.uuid().nullable(),
  /** An entry that came in; by its id alone where it is too long for a notice. */
  entry: entrySchema.optional(),
  entryId: z.uuid().optional(),
});
/** What one server tells the others: where something happened, and what, if it is an entry. */
export type Notice = z.infer<typeof happenedSchema>;
/** Or that a session has ended: one, all of them, or those of whoever was taken for the instructor without signing in. */
const endedSchema = z.object({ ended: z.union([z.uuid(), z.enum(['all', 'open'])]) });
const toldSchema = z.union([endedSchema, happenedSchema]);

/** Told of every notice of a day from `lineUp` on; what happened before it, or while the line was down, is to be read again. */
export interface Listener {
  readonly notice: (notice: Notice) => void;
  readonly lineUp: () => void;
}

/** The line to the database on which all servers hear of what happens. */
export interface LiveHub {
  readonly listen: (dayId: string, listener: Listener) => () => void;
  /**
   * Calls back when a session ends, however that came about, on whichever server, or while the line was down.
   *
   * @param session its id; `open` for whoever is taken for the instructor without signing in.
   */
  readonly onEnd: (session: string, end: () => void) => () => void;
  readonly close: () => Promise<void>;
}

const retryMs = 500;
/** The session of whoever is taken for the instructor without signing in. */
export const openSession = 'open';

/** Listens on a connection of its own, again and again when it is lost, and passes on what concerns a day. */
export function openLive(databaseUrl: string, log: Logger): LiveHub {
  const listeners = new Map<string, Set<Listener>>();
  const watched = new Map<string, Set<() => void>>();
  let client: pg.Client | undefined;
  let closed = false;

  const tell = (text: string | undefined): void => {
    const parsed = toldSchema.safeParse(JSON.parse(text ?? 'null'));
    if (!parsed.success) return;
    const told = parsed.data;
    if ('ended' in told) end(told.ended === 'all' ? [...watched.keys()] : [told.ended]);
    else if (told.day !== null)
      for (const { notice } of listeners.get(told.day) ?? []) notice(told);
  };
  const end = (sessions: readonly string[]): void => {
    for (const session of sessions) for (const call of watched.get(session) ?? []) call();
  };
  /** Ends what ended while nobody heard of it. */
  const endMissed = async (own: pg.Client): Promise<void> => {
    const sessions = [...watched.keys()].filter((session) => session !== openSession);
    if (sessions.length === 0) return;
    const { rows } = await own.query<{ id: string }>(
      'SELECT id FROM sessions WHERE id = ANY($1::uuid[]) AND ends_at > now()',
      [sessions],
    );
    const there = new Set(rows.map(({ id }) => id));
    end(sessions.filter((session) => !there.has(session)));
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
    await endMissed(own);
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
    onEnd(session, call) {
      const all = watched.get(session) ?? new Set();
      watched.set(session, all.add(call));
      return () => {
        all.delete(call);
        if (all.size === 0) watched.delete(session);
      };
    },
    async close() {
      closed = true;
      await client?.end();
    },
  };
}
