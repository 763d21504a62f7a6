import Router from '@koa/router';
import { recordCsv, resultsCsv } from '@stoichos/core/report/dayReport';
import type { LabDay } from '@stoichos/core/labday/day';
import { whoAsks } from '../access/who';
import { audit } from '../database/audit';
import type { Database } from '../database/connect';
import { loadDay } from '../database/labDays';
import { loadSettings } from '../database/settings';
import { idParameter } from '../validate';

/** Tables of a day to take away: what came of it, and every line that was written. */
export function reportRoutes(database: Database): Router {
  const router = new Router();
  const table = (name: string, of: (day: LabDay) => Promise<string> | string): void => {
    router.get(`/days/:dayId/${name}.csv`, async (context) => {
      const day = await loadDay(database, idParameter(context, 'dayId'));
      context.attachment(`${day.date} ${day.name} ${name}.csv`);
      context.type = 'text/csv; charset=utf-8';
      context.body = await of(day);
      const { role } = whoAsks(context);
      await audit(database, role, 'exported', `${day.name}, ${name} as CSV`);
    });
  };
  table('results', async (day) => resultsCsv(day, await loadSettings(database)));
  table('record', recordCsv);
  return router;
}
