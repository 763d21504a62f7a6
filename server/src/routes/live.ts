import type { BenchEntry } from '@stoichos/core/labday/day';
import Router from '@koa/router';
import { benchOf, whoAsks } from '../access/who';
import type { Database } from '../database/connect';
import { readEntry } from '../database/labDays';
import type { LiveHub } from '../live/hub';
import { openStream } from '../live/stream';
import { idParameter } from '../validate';

/** What happens, as it happens: all of a day for the staff, its own for a group. */
export function liveRoutes(database: Database, hub: LiveHub): Router {
  const router = new Router();
  const entry = async (id: string): Promise<BenchEntry | undefined> => {
    const row = await database.entries.findByPk(id);
    return row ? readEntry(row) : undefined;
  };
  router.get('/days/:dayId/live', (context) => {
    const stream = openStream(context);
    const stop = hub.listen(idParameter(context, 'dayId'), {
      lineUp: () => stream.send({ kind: 'hello' }),
      notice: ({ entry: id }) => {
        if (id === undefined) return stream.send({ kind: 'changed' });
        void entry(id).then(
          (one) => stream.send(one ? { kind: 'entry', entry: one } : { kind: 'changed' }),
          () => stream.send({ kind: 'hello' }),
        );
      },
    });
    stream.onClose(stop);
  });
  router.get('/group/live', (context) => {
    const { dayId, groupId } = benchOf(context);
    const { sessionId } = whoAsks(context);
    const stream = openStream(context);
    const stop = hub.listen(dayId, {
      lineUp: () => stream.send({ kind: 'hello' }),
      notice: ({ group, ended }) => {
        if (ended !== undefined) {
          if (ended !== sessionId) return;
          stream.send({ kind: 'ended' });
          stream.end();
        } else if (group === null || group === groupId) stream.send({ kind: 'changed' });
      },
    });
    stream.onClose(stop);
  });
  return router;
}
