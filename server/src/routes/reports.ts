import Router from '@koa/router';
import type { Context } from 'koa';
import { whoAsks } from '../access/who';
import { audit } from '../database/audit';
import type { Database } from '../database/connect';
import { loadDay } from '../database/labDays';
import { loadSettings } from '../database/settings';
import { csvReport } from '../report/csvReport';
import { markdownReport } from '../report/markdownReport';
import { idParameter } from '../validate';

/** The report of a day as files to take away. */
export function reportRoutes(database: Database): Router {
  const router = new Router();
  router.get('/days/:dayId/report.md', async (context) => {
    const day = await loadDay(database, idParameter(context, 'dayId'));
    context.attachment(`${day.date} ${day.name}.md`);
    context.type = 'text/markdown; charset=utf-8';
    context.body = await markdownReport(day, await loadSettings(database));
    await audit(database, whoAsks(context as Context).role, 'exported', `${day.name}, Markdown`);
  });
  router.get('/days/:dayId/report.csv', async (context) => {
    const day = await loadDay(database, idParameter(context, 'dayId'));
    context.attachment(`${day.date} ${day.name}.csv`);
    context.type = 'text/csv; charset=utf-8';
    context.body = csvReport(day, await loadSettings(database));
    await audit(database, whoAsks(context as Context).role, 'exported', `${day.name}, CSV`);
  });
  return router;
}
