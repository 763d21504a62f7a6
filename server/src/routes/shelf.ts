import { inField } from '@stoichos/core/common';
import { preparationSchema } from '@stoichos/core/labday/day';
import { findSubstance } from '@stoichos/core/matter/substances';
import { shelfItemSchema, writeShelfFile } from '@stoichos/core/planning/shelf';
import Router from '@koa/router';
import * as z from 'zod';
import { whoAsks } from '../access/who';
import { audit } from '../database/audit';
import type { Database } from '../database/connect';
import { loadDay } from '../database/labDays';
import { confirmPreparation, undoPreparation } from '../database/preparations';
import { dropJar, importShelf, listShelf, saveJar } from '../database/shelf';
import { body, idParameter, sameId } from '../validate';

const importSchema = z.object({
  text: z.string(),
  /** Only say what would change. */
  apply: z.boolean(),
});

/** The shelf, and what preparations take from it. */
export function shelfRoutes(database: Database): Router {
  const router = new Router();
  router.get('/shelf', async (context) => {
    context.body = await listShelf(database);
  });
  router.get('/shelf.csv', async (context) => {
    context.attachment('shelf.csv');
    context.type = 'text/csv; charset=utf-8';
    context.body = writeShelfFile(await listShelf(database));
    await audit(database, whoAsks(context).role, 'exported', 'the shelf, CSV');
  });
  router.put('/shelf/:itemId', async (context) => {
    const item = body(context, shelfItemSchema);
    sameId(item.id, idParameter(context, 'itemId'));
    const { substance, form } = inField('form', () => findSubstance(item.form));
    await saveJar(database, {
      ...item,
      substance: substance.formula,
      form: form ?? item.form,
    });
    context.body = item;
  });
  router.delete('/shelf/:itemId', async (context) => {
    await dropJar(database, idParameter(context, 'itemId'));
    context.status = 204;
  });
  router.post('/shelf/import', async (context) => {
    const { text, apply } = body(context, importSchema);
    context.body = await importShelf(database, text, apply);
  });
  router.post('/days/:dayId/preparations', async (context) => {
    const dayId = idParameter(context, 'dayId');
    await confirmPreparation(database, dayId, body(context, preparationSchema));
    context.body = await loadDay(database, dayId);
    context.status = 201;
  });
  router.delete('/preparations/:preparationId', async (context) => {
    const dayId = await undoPreparation(database, idParameter(context, 'preparationId'));
    context.body = await loadDay(database, dayId);
  });
  return router;
}
