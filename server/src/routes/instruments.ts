import { commandSchema, followSchema } from '@stoichos/core/labday/bench';
import { quantityNames } from '@stoichos/core/planning/procedure';
import Router from '@koa/router';
import * as z from 'zod';
import type { Database } from '../database/connect';
import { loadDay } from '../database/labDays';
import { linesFor } from '../instruments/followVessel';
import type { Instruments } from '../instruments/instruments';
import { body, check } from '../validate';

const askedSchema = z.object({ quantity: z.enum(quantityNames).optional() });

/** Instruments of the bench: which there are, what they read, what they are told. */
export function instrumentRoutes(database: Database, instruments: Instruments): Router {
  const router = new Router();
  router.get('/instruments', async (context) => {
    context.body = await instruments.list();
  });
  router.get('/instruments/:instrumentId/reading', async (context) => {
    const { quantity } = check(askedSchema, { ...context.query });
    context.body = await instruments.read(context.params.instrumentId ?? '', quantity);
  });
  router.post('/instruments/:instrumentId/commands', async (context) => {
    const { command, value } = body(context, commandSchema);
    await instruments.command(context.params.instrumentId ?? '', command, value);
    context.status = 204;
  });
  router.post('/instruments/:instrumentId/follow', async (context) => {
    const id = context.params.instrumentId ?? '';
    const follow = body(context, followSchema);
    const kind = instruments.kindOf(id);
    await instruments.simulate(id, linesFor(kind, await loadDay(database, follow.dayId), follow));
    context.status = 204;
  });
  router.post('/instruments/:instrumentId/clear', async (context) => {
    const id = context.params.instrumentId ?? '';
    const kind = instruments.kindOf(id);
    await instruments.simulate(id, kind === 'balance' ? ['SIMulate:MASS 0'] : []);
    context.status = 204;
  });
  return router;
}
