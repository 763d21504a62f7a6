import { setTimeout as wait } from 'node:timers/promises';
import type { EntriesPage, PlannedDay } from '@stoichos/contract';
import { labDayInputSchema } from '@stoichos/core/labday/day';
import { ask, plannedMixing } from './ground';
import type { ClassDay, Server } from './ground';
import { readEvents } from './tablet';

/** Every line of the record of a day. */
export async function readRecord(base: string, dayId: string): Promise<EntriesPage['entries']> {
  const entries: EntriesPage['entries'] = [];
  for (let more = true; more;) {
    const last = entries.at(-1)?.id;
    const path = `/days/${dayId}/entries${last ? `?after=${last}` : ''}`;
    const page = (await (await ask(base, 'GET', path)).json()) as EntriesPage;
    entries.push(...page.entries);
    ({ more } = page);
  }
  return entries;
}

/** Listens to a day as the page of an instructor does, until it is told to stop; what it was told of is put into `heard`. */
export function followDay({ base }: Server, dayId: string, heard: Set<string>): () => void {
  const stopped = new AbortController();
  const follow = async (): Promise<void> => {
    while (!stopped.signal.aborted) {
      try {
        const response = await fetch(`${base}/days/${dayId}/live`, { signal: stopped.signal });
        await readEvents(response, async (event) => {
          if (event.kind === 'entry' && event.entry) heard.add(event.entry.id);
          if (event.kind === 'hello')
            for (const { id } of await readRecord(base, dayId)) heard.add(id);
        });
      } catch {
        // The line is lost: it is opened again, as a browser does.
      }
      if (!stopped.signal.aborted) await wait(500);
    }
  };
  void follow();
  return () => stopped.abort();
}

/**
 * Two instructors at one day, until it is time: each adds procedures, and changes a field of the day that the other does not, from what it
 * read a while ago.
 *
 * @returns what each was told is saved: the procedures, and the last value of its field.
 */
export async function editTogether(servers: readonly Server[], day: ClassDay, until: number) {
  const added: string[] = [];
  const saved = { lengthMin: 0, sparePercent: 0 };
  const edit = async (field: keyof typeof saved, at: number): Promise<void> => {
    const base = servers[at % servers.length]?.base ?? '';
    for (let turn = 0; performance.now() < until; turn += 1) {
      await wait(600 + 600 * Math.random());
      try {
        const id = crypto.randomUUID();
        if (turn < 20) {
          const put = await ask(base, 'PUT', `/days/${day.id}/procedures/${id}`, plannedMixing(id));
          if (put.ok) added.push(id);
        }
        let read = (await (await ask(base, 'GET', `/days/${day.id}`)).json()) as PlannedDay;
        let version = read.versions.day;
        await wait(300);
        const value = 20 + (turn % 100);
        for (let tries = 0; tries < 10; tries += 1) {
          const mine = { ...labDayInputSchema.parse(read), [field]: value, version };
          const put = await ask(base, 'PUT', `/days/${day.id}`, mine);
          if (put.ok) {
            saved[field] = value;
            break;
          }
          const { error } = (await put.json()) as {
            error: { now?: PlannedDay & { version: number } };
          };
          if (put.status !== 409 || !error.now) break;
          // Somebody else was first: what they changed stays, and one’s own goes beside it.
          read = error.now;
          ({ version } = error.now);
        }
      } catch {
        // The server is away: it is tried again at the next turn.
      }
    }
  };
  await Promise.all([edit('lengthMin', 0), edit('sparePercent', 1)]);
  return { added, saved };
}
