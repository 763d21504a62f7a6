import { contracts } from '@stoichos/contract';
import type { EntriesPage, HeldDay, PlannedDay } from '@stoichos/contract';
import type { AskError, Question } from './build';

type Answer<T> = { readonly data: T } | { readonly error: AskError };
/** Asks one question: an answer was checked against its contract. */
export type AskOne = (question: Question) => PromiseLike<{
  readonly data?: unknown;
  readonly error?: AskError | undefined;
}>;

/**
 * Reads a lab day; of its record only what may have changed since it was last read: lines come after what is settled, and nothing before it
 * ever changes.
 *
 * @param known the day as it was last read, if it was.
 */
export async function readDay(
  dayId: string,
  known: HeldDay | undefined,
  ask: AskOne,
): Promise<Answer<HeldDay>> {
  const params = { dayId };
  const plan = await ask({ contract: contracts.day, given: { params } });
  if (plan.error) return { error: plan.error };
  let settled = known?.entries.slice(0, known.settled) ?? [];
  let open: HeldDay['entries'] = [];
  for (let more = true; more;) {
    const after = open.at(-1)?.id ?? settled.at(-1)?.id;
    const given = { params, query: { after } };
    const { data, error } = await ask({ contract: contracts.dayEntries, given });
    if (error) return { error };
    const page = data as EntriesPage;
    if (page.anew) [settled, open] = [[], []];
    // Once a line is open, every one behind it is read again the next time.
    const newlySettled = open.length === 0 ? page.settled : 0;
    settled = [...settled, ...page.entries.slice(0, newlySettled)];
    open = [...open, ...page.entries.slice(newlySettled)];
    ({ more } = page);
  }
  const day = plan.data as PlannedDay;
  return { data: { ...day, entries: [...settled, ...open], settled: settled.length } };
}
