import { cellEntrySchema } from '@stoichos/core/labday/cells';
import { entrySchema } from '@stoichos/core/labday/day';
import { mixingStep, mixingVessel } from '@stoichos/core/planning/procedure';
import { createStore, del, entries, get, promisifyRequest } from 'idb-keyval';
import * as z from 'zod';

/** An unsent entry as it lies in the browser’s database, each under its own id, so that two tabs never write over each other. */
const shared = {
  /** Place in the order of recording. */
  order: z.number(),
  /** The server’s words, where it refused the entry. */
  reason: z.string().optional(),
  /** Who this browser was when it was made. */
  by: z.string().optional(),
};
const storedSchema = z.union([
  z.object({ dayId: z.string(), entry: entrySchema, ...shared }),
  z.object({ runId: z.string(), entry: cellEntrySchema, ...shared }),
]);
export type Stored = z.infer<typeof storedSchema>;

const database = createStore('stoichos-unsent', 'entries');

/** Keeps an entry; it is on disk when this resolves. A page that is left meanwhile does not take it along. */
export function keep(stored: Stored): Promise<void> {
  return database('readwrite', (store) => {
    store.put(stored, stored.entry.id);
    store.transaction.commit();
    return promisifyRequest(store.transaction);
  });
}

/** Lets an entry go that the server has, or that was dismissed. */
export function letGo(id: string): Promise<void> {
  return del(id, database);
}

/** Everything that is kept, in the order it was recorded. What cannot be read is left where it is. */
export async function readAll(): Promise<Stored[]> {
  await takeOverFirstShape();
  return (await entries<string, unknown>(database))
    .flatMap(([, value]) => {
      const parsed = storedSchema.safeParse(value);
      return parsed.success ? [parsed.data] : [];
    })
    .sort((a, b) => a.order - b.order);
}

const firstKey = 'stoichos-outbox';
/** How entries lay here before procedures could be recorded: one list, each naming its test. */
const firstShape = z.array(
  z.object({ dayId: z.string(), entry: z.looseObject({ testId: z.string() }) }),
);

async function takeOverFirstShape(): Promise<void> {
  const old = firstShape.safeParse(await get(firstKey));
  if (!old.success) return;
  for (const [at, { dayId, entry }] of old.data.entries()) {
    const { testId, ...rest } = entry;
    const place = { workId: testId, stepId: mixingStep, vessel: mixingVessel, part: 'test' };
    const now = entrySchema.safeParse({ ...rest, ...place });
    if (now.success) await keep({ dayId, entry: now.data, order: at - old.data.length });
  }
  await del(firstKey);
}
