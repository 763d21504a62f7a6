import { settingsChangeSchema } from '@stoichos/core/labday/settings';
import Router from '@koa/router';
import type { Database } from '../database/connect';
import { changeSettings, loadSettings } from '../database/settings';
import { body } from '../validate';

/** Health and the settings. */
export function generalRoutes(database: Database): Router {
  const router = new Router();
  router.get('/health', async (context) => {
    await database.sequelize.query('SELECT 1');
    context.body = { status: 'ok' };
  });
  router.get('/settings', async (context) => {
    context.body = await loadSettings(database);
  });
  router.patch('/settings', async (context) => {
    context.body = await changeSettings(database, body(context, settingsChangeSchema));
  });
  return router;
}
