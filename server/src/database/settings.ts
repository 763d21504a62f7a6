import { settingsSchema } from '@stoichos/core';
import type { Settings } from '@stoichos/core';
import type { Database } from './connect';

/** The one row of settings; its presence is the first migration's doing. */
const only = 1;

/** The schools and units this installation works in. */
export async function loadSettings({ settings }: Database): Promise<Settings> {
  const row = await settings.findByPk(only, { rejectOnEmpty: true });
  const { naming, reactionTypes, temperature, heating } = row;
  return settingsSchema.parse({ naming, reactionTypes, temperature, heating });
}

/** Stores the settings. */
export async function saveSettings({ settings }: Database, wanted: Settings): Promise<Settings> {
  await settings.update(wanted, { where: { id: only } });
  return wanted;
}
