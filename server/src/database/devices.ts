import { QueryTypes } from 'sequelize';
import { hashToken } from '../access/token';
import type { Database } from './connect';

/** How long a device is known after it was last signed in on, days. */
export const knownForDays = 180;

/** Remembers a device that was signed in on, by a secret that it keeps. */
export async function knowDevice(
  { sequelize }: Database,
  token: string,
  role: 'instructor' | 'technician',
): Promise<void> {
  await sequelize.query(
    `INSERT INTO devices (token_hash, role) VALUES (:hash, :role)
       ON CONFLICT (token_hash) DO UPDATE SET role = :role, seen_at = now()`,
    { replacements: { hash: hashToken(token), role } },
  );
  await sequelize.query(
    `DELETE FROM devices WHERE seen_at < now() - interval '${knownForDays} days'`,
  );
}

/** What a device is known by, where a role was signed in for on it; undefined for a strange one. */
export async function knownDevice(
  { sequelize }: Database,
  token: string | undefined,
  role: 'instructor' | 'technician',
): Promise<string | undefined> {
  if (token === undefined || token.length > 100) return undefined;
  const hash = hashToken(token);
  const [row] = await sequelize.query(
    `SELECT 1 FROM devices WHERE token_hash = :hash AND role = :role
       AND seen_at > now() - interval '${knownForDays} days'`,
    { type: QueryTypes.SELECT, replacements: { hash, role } },
  );
  return row && hash;
}
