import { inField } from '@stoichos/core/common';
import { cellEntrySchema, cellRunSchema } from '@stoichos/core/labday/cells';
import { cellLiquid } from '@stoichos/core/studies/electrolysis';
import { findElectrode } from '@stoichos/core/vessel';
import Router from '@koa/router';
import * as z from 'zod';
import { appendCellEntry, listCellRuns, loadCellRun, saveCellRun } from '../database/cellRuns';
import type { Database } from '../database/connect';
import { linesForCell, readCell } from '../instruments/followCell';
import type { Instruments } from '../instruments/instruments';
import { body, idParameter, sameId } from '../validate';

/** How fast the simulated instruments live, and whether they start afresh. */
const simulateSchema = z.object({
  speed: z.number().min(1, 'A simulated run is at least as fast as a real one').max(2000),
});

/** Electrolyses that are run: their set-up, their record line by line, and the instruments on them. */
export function cellRunRoutes(database: Database, instruments: Instruments): Router {
  const router = new Router();
  router.get('/cells', async (context) => {
    context.body = await listCellRuns(database);
  });
  router.get('/cells/:runId', async (context) => {
    context.body = await loadCellRun(database, idParameter(context, 'runId'));
  });
  router.put('/cells/:runId', async (context) => {
    const run = body(context, cellRunSchema);
    const { cell } = run.setup;
    sameId(run.id, idParameter(context, 'runId'));
    // What is no cell is not kept: a log means nothing without knowing what it is of.
    inField('setup.cell', () => {
      inField('cathode', () => findElectrode(cell.cathode));
      inField('anode', () => findElectrode(cell.anode));
      if (!('molten' in cell.electrolyte)) cellLiquid(cell, cell.volumeMl ?? 100);
    });
    await saveCellRun(database, run);
    context.body = run;
  });
  router.post('/cell-entries', async (context) => {
    context.body = await appendCellEntry(database, body(context, cellEntrySchema));
    context.status = 201;
  });
  router.post('/cells/:runId/simulate', async (context) => {
    const { speed } = body(context, simulateSchema);
    const run = await loadCellRun(database, idParameter(context, 'runId'));
    for (const { id, lines } of linesForCell(await instruments.list(), run.setup, speed))
      await instruments.simulate(id, lines);
    context.status = 204;
  });
  router.get('/cells/:runId/reading', async (context) => {
    await loadCellRun(database, idParameter(context, 'runId'));
    context.body = await readCell(instruments);
  });
  return router;
}
