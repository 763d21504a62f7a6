import type { BenchEntry } from '@stoichos/core/labday/day';
import type { Database } from '../database/connect';
import { readEntry } from '../database/labDays';
import type { Handlers } from '../http/handler';
import type { LiveHub } from '../live/hub';

/** What happens, as it happens: all of a day for the staff, its own for a group. */
export function liveHandlers(database: Database, hub: LiveHub): Handlers<'dayLive' | 'groupLive'> {
  const entry = async (id: string): Promise<BenchEntry | undefined> => {
    const row = await database.entries.findByPk(id);
    return row ? readEntry(row) : undefined;
  };
  return {
    dayLive: ({ params }) =>
      Promise.resolve((stream) =>
        hub.listen(params.dayId, {
          lineUp: () => stream.send({ kind: 'hello' }),
          notice: ({ entry: id }) => {
            if (id === undefined) return stream.send({ kind: 'changed' });
            void entry(id).then(
              (one) => stream.send(one ? { kind: 'entry', entry: one } : { kind: 'changed' }),
              () => stream.send({ kind: 'hello' }),
            );
          },
        }),
      ),
    groupLive: ({ bench: { dayId, groupId } }) =>
      Promise.resolve((stream) =>
        hub.listen(dayId, {
          lineUp: () => stream.send({ kind: 'hello' }),
          notice: ({ group }) => {
            if (group === null || group === groupId) stream.send({ kind: 'changed' });
          },
        }),
      ),
  };
}
