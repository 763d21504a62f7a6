import { inField } from '@stoichos/core/common';
import { keptRunSchema } from '@stoichos/core/labday/day';
import { runRack } from '@stoichos/core/seeing/rack';
import Router from '@koa/router';
import type { Database } from '../database/connect';
import { dropRun, keepRun, listRuns } from '../database/keptRuns';
import { body, idParameter, sameId } from '../validate';

/** Sequences of the study that are kept under a name. */
export function keptRunRoutes(database: Database): Router {
  const router = new Router();
  router.get('/runs', async (context) => {
    context.body = await listRuns(database);
  });
  router.put('/runs/:runId', async (context) => {
    const run = body(context, keptRunSchema);
    sameId(run.id, idParameter(context, 'runId'));
    // What cannot be run is not kept: a sequence is only worth as much as what it shows.
    inField('rack', () => runRack(run.rack));
    await keepRun(database, run);
    context.body = run;
  });
  router.delete('/runs/:runId', async (context) => {
    await dropRun(database, idParameter(context, 'runId'));
    context.status = 204;
  });
  return router;
}
