import { entrySchema, findSubstance, inField, prepare, weighingSchema } from '@stoichos/core';
import Router from '@koa/router';
import { appendEntry, appendWeighing } from '../database/benchEntries';
import type { Database } from '../database/connect';
import { loadDay } from '../database/labDays';
import { body, idParameter } from '../validate';

/** What is measured and seen: weighings and bench entries, both append-only. */
export function benchRoutes(database: Database): Router {
  const router = new Router();
  router.post('/entries', async (context) => {
    context.body = await appendEntry(database, body(context, entrySchema));
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
