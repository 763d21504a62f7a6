import type { Database } from '../database/connect';
import { changeSettings, loadSettings } from '../database/settings';
import type { Handlers } from '../http/handler';

/** Health and the settings. */
export function generalHandlers(
  database: Database,
): Handlers<'health' | 'settings' | 'changeSettings'> {
  return {
    async health() {
      await database.sequelize.query('SELECT 1');
      return { status: 'ok' };
    },
    settings: () => loadSettings(database),
    changeSettings: ({ body }) => changeSettings(database, body),
  };
}
