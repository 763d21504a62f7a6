import { settingsSchema } from '@stoichos/core/labday/settings';
import type { Settings, SettingsChange } from '@stoichos/core/labday/settings';
import type { Database } from './connect';

/** The one row of settings; its presence is the first migration's doing. */
const only = 1;

/** The schools and units this installation works in. */
export async function loadSettings({ settings }: Database): Promise<Settings> {
  const row = await settings.findByPk(only, { rejectOnEmpty: true });
  return settingsSchema.parse(row.get({ plain: true }));
}

/** Changes some of the settings, only those that are named, and tells all of them. */
export async function changeSettings(
  database: Database,
  change: SettingsChange,
): Promise<Settings> {
  const wanted = settingsSchema.parse({ ...(await loadSettings(database)), ...change });
  const fields = settingsSchema.keyof().options.filter((name) => change[name] !== undefined);
  if (fields.length > 0) await database.settings.update(wanted, { where: { id: only }, fields });
  return loadSettings(database);
}
