import { viewForGroup } from '@stoichos/core/labday/access';
import type { Allowed, GroupView } from '@stoichos/core/labday/access';
import type { LabDay } from '@stoichos/core/labday/day';
import type { DayCautions } from '@stoichos/core/labday/prep';
import type { Settings } from '@stoichos/core/labday/settings';
import { createHash } from 'node:crypto';
import { Piscina } from 'piscina';
import { Problem } from '../problem';

/** What waits for the thread at most: two for each of forty tablets. */
const mostWaiting = 80;

/** One thread: its runs of the engine are shared by all benches of a class, and the rest of the machine serves. */
const pool = new Piscina<unknown, unknown>({
  filename: new URL('./thread.mjs', import.meta.url).href,
  minThreads: 0,
  maxThreads: 1,
  // Loading the engine takes a second; a class asks every few.
  idleTimeout: 600_000,
});
// A thread that ends by a fault ends its task too, which says so to whoever asked.
pool.on('error', () => undefined);

/** @throws Problem 503 when too many wait already. */
function run(name: string, ...args: readonly unknown[]): Promise<unknown> {
  if (pool.queueSize >= mostWaiting)
    throw new Problem(
      503,
      'busy',
      'The server is still calculating for other benches.',
      null,
      'Wait a moment, then load the page again.',
      { retryAfterS: 2 },
    );
  return pool.run({ args }, { name });
}

/** Cautions by the plan they belong to; a plan is asked for them once, however often its benches look. */
const cautions = new Map<string, Promise<DayCautions>>();
const mostPlans = 30;

/** What the engine warns of in the steps of a day. */
async function cautionsFor({ procedures, weighings }: LabDay): Promise<DayCautions> {
  const plan = {
    procedures: procedures.map(({ id, manner, procedure }) => ({ id, manner, procedure })),
    weighings,
  };
  const key = createHash('sha256').update(JSON.stringify(plan)).digest('base64');
  const known = cautions.get(key);
  if (known) return known;
  const asked = run('cautions', plan) as Promise<DayCautions>;
  const [oldest] = cautions.keys();
  if (cautions.size >= mostPlans && oldest !== undefined) cautions.delete(oldest);
  cautions.set(key, asked);
  // What failed is asked for again.
  asked.catch(() => cautions.delete(key));
  return asked;
}

/** A bench’s view of its day. The engine is never asked on the thread that answers requests, and for what is expected only where that is released. */
export async function benchView(
  day: LabDay,
  groupId: string,
  allowed: Allowed,
): Promise<GroupView> {
  const asksEngine = allowed.releases.some(({ when }) => when !== 'never');
  return asksEngine
    ? ((await run('groupView', day, groupId, allowed)) as GroupView)
    : viewForGroup(day, groupId, allowed, await cautionsFor(day));
}

/** The results of a day as CSV. */
export const resultsTable = async (day: LabDay, settings: Settings): Promise<string> =>
  (await run('results', day, settings)) as string;

/** Loads the engine before anybody waits for it. */
export const warmUp = async (): Promise<void> => {
  await run('ready');
};

/** Ends the thread. */
export const stopCalculating = (): Promise<void> => pool.close({ force: true });
