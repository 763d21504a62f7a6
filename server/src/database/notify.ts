import type { Database } from './connect';

/** The channel on which servers that share a database tell one another. */
export const channel = 'stoichos';

/** Tells every server that something of a day has changed beside its entries, for a group or for all. */
export async function notifyChanged(
  { sequelize }: Database,
  day: string,
  group: string | null = null,
): Promise<void> {
  await sequelize.query('SELECT pg_notify(:channel, :payload)', {
    replacements: { channel, payload: JSON.stringify({ day, group }) },
  });
}
