import { archiveSchema, dayCopiesSchema, labDayInputSchema } from '@stoichos/core/labday/day';
import Router from '@koa/router';
import type { Database } from '../database/connect';
import { archiveDay, copyDays, listDays, loadDay, saveDay } from '../database/labDays';
import { body, idParameter, sameId } from '../validate';

/** Lab days as a class is set up. Ids are made by the client, so writing is PUT and can be repeated. */
export function labDayRoutes(database: Database): Router {
  const router = new Router();
  router.get('/days', async (context) => {
    context.body = await listDays(database);
  });
  router.get('/days/:dayId', async (context) => {
    context.body = await loadDay(database, idParameter(context, 'dayId'));
  });
  router.put('/days/:dayId', async (context) => {
    const day = body(context, labDayInputSchema);
    sameId(day.id, idParameter(context, 'dayId'));
    await saveDay(database, day);
    context.body = await loadDay(database, day.id);
  });
  router.post('/day-copies', async (context) => {
    const { copies } = body(context, dayCopiesSchema);
    await copyDays(database, copies);
    context.status = 204;
  });
  router.put('/days/:dayId/archive', async (context) => {
    const { archived } = body(context, archiveSchema);
    await archiveDay(database, idParameter(context, 'dayId'), archived);
    context.status = 204;
  });
  return router;
}
