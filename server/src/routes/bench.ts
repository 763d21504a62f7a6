import { inField } from '@stoichos/core/common';
import { entrySchema, weighingSchema } from '@stoichos/core/labday/day';
import { findSubstance } from '@stoichos/core/matter/substances';
import { prepare } from '@stoichos/core/solution/preparation';
import type { BenchEntry } from '@stoichos/core/labday/day';
import Router from '@koa/router';
import type { Context } from 'koa';
import { whoAsks } from '../access/who';
import { audit } from '../database/audit';
import { appendEntry, appendWeighing } from '../database/benchEntries';
import type { Database } from '../database/connect';
import { loadDay } from '../database/labDays';
import { Problem } from '../problem';
import { body, idParameter } from '../validate';

/** Records that only the instructor makes. */
const ofInstructor: readonly string[] = ['verdict', 'signOff'];

/** A group writes at its own bench, and nothing that is the instructor’s to say. @throws Problem 403. */
function refuseOthersBench(context: Context, { groupId, record }: BenchEntry): void {
  const { seat } = whoAsks(context);
  if (seat?.role !== 'group') return;
  if (groupId === seat.groupId && !(record && ofInstructor.includes(record.kind))) return;
  throw new Problem(
    403,
    'otherBench',
    groupId === seat.groupId
      ? 'Verdicts and signatures are the instructor’s.'
      : 'This entry belongs to another bench.',
    groupId === seat.groupId ? 'record' : 'groupId',
    'Record at your own bench.',
  );
}

/** What is measured and seen: weighings and bench entries, both append-only. */
export function benchRoutes(database: Database): Router {
  const router = new Router();
  router.post('/entries', async (context) => {
    const entry = body(context, entrySchema);
    refuseOthersBench(context, entry);
    context.body = await appendEntry(database, entry);
    if (entry.record?.kind === 'verdict')
      await audit(database, whoAsks(context).role, 'verdict overridden', entry.record.reason);
    context.status = 201;
  });
  router.post('/days/:dayId/weighings', async (context) => {
    const dayId = idParameter(context, 'dayId');
    const weighing = body(context, weighingSchema);
    const { formula } = inField('substance', () => findSubstance(weighing.substance)).substance;
    const { concentrationM, volumeMl, form, purityPercent } = weighing;
    // Making the recipe checks that the form belongs to the substance and the amounts are possible.
    prepare({ substance: formula, concentrationM, volumeMl, form, purityPercent });
    await appendWeighing(database, dayId, { ...weighing, substance: formula });
    context.body = await loadDay(database, dayId);
    context.status = 201;
  });
  return router;
}
