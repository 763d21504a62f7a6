import { inField } from '@stoichos/core/common';
import {
  archiveSchema,
  dayCopiesSchema,
  labDayInputSchema,
  testSchema,
} from '@stoichos/core/labday';
import { findSubstance } from '@stoichos/core/matter/substances';
import type { PlannedTest } from '@stoichos/core/labday';
import Router from '@koa/router';
import type { Database } from '../database/connect';
import {
  archiveDay,
  copyDays,
  listDays,
  loadDay,
  removeTest,
  saveDay,
  saveTest,
} from '../database/labDays';
import { body, idParameter, sameId } from '../validate';

/** Lab days and the tests planned in them. Ids are made by the client, so writing is PUT and can be repeated. */
export function dayRoutes(database: Database): Router {
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
  router.put('/days/:dayId/tests/:testId', async (context) => {
    const test = withKnownSubstances(body(context, testSchema));
    sameId(test.id, idParameter(context, 'testId'));
    const dayId = idParameter(context, 'dayId');
    await saveTest(database, dayId, test);
    context.body = await loadDay(database, dayId);
  });
  router.delete('/tests/:testId', async (context) => {
    await removeTest(database, idParameter(context, 'testId'));
    context.status = 204;
  });
  return router;
}

/** A test with its substances under their own formulae. @throws ChemistryError naming the solution's field. */
function withKnownSubstances(test: PlannedTest): PlannedTest {
  const known = (side: 'a' | 'b') => ({
    ...test[side],
    substance: inField(`${side}.substance`, () => findSubstance(test[side].substance)).substance
      .formula,
  });
  return { ...test, a: known('a'), b: known('b') };
}
