import { contracts } from '@stoichos/contract';
import type { Contract, HeldDay } from '@stoichos/contract';
import { clear, createStore, get, set } from 'idb-keyval';
import * as z from 'zod';

/**
 * What a bench needs to open without the server lies in the browser’s database as it was last read: who is there, the settings, the bench or
 * the day. It is taken only where the server does not answer and nothing was read yet, and goes when whoever it was read for has gone.
 */

/** Reads that are kept, by the name of their endpoint. */
const keptReads: ReadonlySet<string> = new Set(['session', 'settings', 'group', 'day']);

/** How a route’s answer is made of what is kept of its read. */
const madeOf = new Map<Contract, (kept: unknown) => unknown>([
  [contracts.session, (kept) => kept],
  [contracts.settings, (kept) => kept],
  [contracts.group, (kept) => kept],
  [contracts.day, (kept) => kept],
  [
    contracts.dayEntries,
    (kept) => ({ entries: (kept as HeldDay).entries, settled: 0, more: false, anew: true }),
  ],
]);

const database = createStore('stoichos-answers', 'answers');

/** An answer that was kept, in the shape that the route answers in; undefined where there is none, or one of another shape. */
export async function keptAnswer(contract: Contract, key: string | undefined): Promise<unknown> {
  const make = madeOf.get(contract);
  if (!make || key === undefined || contract.answer.kind !== 'json') return undefined;
  const kept: unknown = await get(key, database).catch(() => undefined);
  if (kept === undefined) return undefined;
  return contract.answer.schema.safeParse(make(kept)).data;
}

type Reads = Readonly<
  Record<string, { readonly endpointName?: string; readonly data?: unknown } | undefined>
>;

const whoSchema = z.object({
  role: z.string(),
  bench: z.object({ groupId: z.string() }).nullable(),
});
/** Whom a session is of; nobody, where nobody is signed in. */
function whoIn(session: unknown): string | undefined {
  const { data } = whoSchema.safeParse(session);
  return data && data.role !== 'nobody' ? (data.bench?.groupId ?? data.role) : undefined;
}

/** Under which it lies whom the rest was read for. */
const whoKey = 'who';
const lastKept = new Map<string, unknown>();

/** Keeps what was read since the last time. What was read for somebody else goes first; what this page has not read itself stays. */
export async function keepAnswers(reads: Reads): Promise<void> {
  const found = Object.entries(reads).filter(([, one]) => keptReads.has(one?.endpointName ?? ''));
  const session = found.find(([, one]) => one?.endpointName === 'session')?.[1]?.data;
  if (session === undefined) return;
  const who = whoIn(session);
  if (who !== (await get(whoKey, database))) {
    lastKept.clear();
    await clear(database);
    if (who !== undefined) await set(whoKey, who, database);
  }
  if (who === undefined) return;
  for (const [key, one] of found) {
    if (one?.data === undefined || lastKept.get(key) === one.data) continue;
    lastKept.set(key, one.data);
    await set(key, one.data, database);
  }
}
