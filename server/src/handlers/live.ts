import type { BenchEntry } from '@stoichos/core/labday/day';
import type { Database } from '../database/connect';
import { readEntry } from '../database/entryPages';
import type { Handlers } from '../http/handler';
import type { Stream } from '../http/stream';
import type { LiveHub, Notice } from '../live/hub';

/** What happens, as it happens: all of a day for the staff, its own for a group. A stream carries the entry itself. */
export function liveHandlers(database: Database, hub: LiveHub): Handlers<'dayLive' | 'groupLive'> {
  /** The entry of a notice: read only where it was too long to be told. */
  const entryOf = async ({ entry, entryId }: Notice): Promise<BenchEntry | undefined> => {
    if (entry || entryId === undefined) return entry;
    const row = await database.entries.findByPk(entryId);
    return row ? readEntry(row) : undefined;
  };
  const tell = (stream: Stream, notice: Notice, isFor: (entry: BenchEntry) => boolean): void => {
    entryOf(notice).then(
      (entry) =>
        stream.send(entry && isFor(entry) ? { kind: 'entry', entry } : { kind: 'changed' }),
      () => stream.send({ kind: 'hello' }),
    );
  };
  return {
    dayLive: ({ params }) =>
      Promise.resolve((stream) =>
        hub.listen(params.dayId, {
          lineUp: () => stream.send({ kind: 'hello' }),
          notice: (notice) => tell(stream, notice, () => true),
        }),
      ),
    groupLive: ({ bench: { dayId, groupId } }) =>
      Promise.resolve((stream) =>
        hub.listen(dayId, {
          lineUp: () => stream.send({ kind: 'hello' }),
          notice: (notice) => {
            if (notice.group !== null && notice.group !== groupId) return;
            // A verdict reaches a group only with what is expected, so it asks for its view.
            tell(stream, notice, ({ record }) => record?.kind !== 'verdict');
          },
        }),
      ),
  };
}
