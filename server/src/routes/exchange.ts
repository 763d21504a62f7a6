import Router from '@koa/router';
import type { Context } from 'koa';
import {
  backupRequestSchema,
  exchangeText,
  importRequestSchema,
} from '@stoichos/core/report/exchange';
import * as z from 'zod';
import { whoAsks } from '../access/who';
import { audit } from '../database/audit';
import type { Audited } from '../database/audit';
import type { Database } from '../database/connect';
import { listDays, loadDay } from '../database/labDays';
import { makeBackup, restoreBackup } from '../exchange/backup';
import { clockTime, dayCalendar, daysCalendar } from '../exchange/calendar';
import { writeDayFile } from '../exchange/dayFile';
import { importFile } from '../exchange/importFile';
import { body, check, idParameter } from '../validate';

const beginsSchema = z.object({
  begins: z.string().regex(clockTime, 'A time of day is written as 18:30').default('09:00'),
});

/** Data in and out: lab days as files, what takes a file in, the whole as a backup, the calendar. */
export function exchangeRoutes(database: Database): Router {
  const router = new Router();
  const told = (context: Context, what: Audited, about: string) =>
    audit(database, whoAsks(context).role, what, about);
  router.get('/days/:dayId/day.json', async (context) => {
    const file = await writeDayFile(database, idParameter(context, 'dayId'));
    context.attachment(`${file.day.date} ${file.day.name}.json`);
    context.type = 'application/json; charset=utf-8';
    context.body = exchangeText(file);
    await told(context, 'exported', `${file.day.name}, with keys`);
  });
  router.get('/days/:dayId/day.ics', async (context) => {
    const day = await loadDay(database, idParameter(context, 'dayId'));
    const { begins } = check(beginsSchema, context.query);
    context.attachment(`${day.date} ${day.name}.ics`);
    context.type = 'text/calendar; charset=utf-8';
    context.body = dayCalendar(day, begins);
  });
  router.get('/days.ics', async (context) => {
    context.attachment('Lab days.ics');
    context.type = 'text/calendar; charset=utf-8';
    context.body = daysCalendar(await listDays(database));
  });
  router.post('/import', async (context) => {
    const request = body(context, importRequestSchema);
    const plan = await importFile(database, request);
    if (request.apply) await told(context, 'imported', `${plan.what} ${plan.name}`);
    context.body = plan;
  });
  router.get('/backup', async (context) => {
    const backup = await makeBackup(database);
    context.attachment(`Stoichos backup ${backup.madeAt.slice(0, 10)}.json`);
    context.type = 'application/json; charset=utf-8';
    context.body = exchangeText(backup);
    await told(context, 'exported', 'everything, as a backup');
  });
  router.post('/restore', async (context) => {
    const { file, apply } = body(context, backupRequestSchema);
    const plan = await restoreBackup(database, file, apply);
    if (apply) await told(context, 'restored', `the backup of ${plan.madeAt}`);
    context.body = plan;
  });
  return router;
}
