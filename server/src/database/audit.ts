import type { AuditLine } from '@stoichos/core/labday/access';
import { QueryTypes } from 'sequelize';
import type { Database } from './connect';

/** What is written down of keys and doors. */
export type Audited =
  | 'signed in'
  | 'sign-in refused'
  | 'signed out'
  | 'signed out everywhere'
  | 'passphrase changed'
  | 'joined'
  | 'join refused'
  | 'tablet put out'
  | 'code renewed'
  | 'release changed'
  | 'verdict overridden'
  | 'key viewed'
  | 'unknowns dealt'
  | 'exported'
  | 'imported'
  | 'restored';

/** Adds a line to the audit list. */
export async function audit(
  { sequelize }: Database,
  role: string,
  what: Audited,
  about = '',
): Promise<void> {
  await sequelize.query('INSERT INTO audit (role, what, about) VALUES (:role, :what, :about)', {
    replacements: { role, what, about: about.slice(0, 200) },
  });
}

const mostLines = 300;

/** The latest lines, the newest first. */
export async function listAudit({ sequelize }: Database): Promise<AuditLine[]> {
  const rows = await sequelize.query<{ at: Date; role: string; what: string; about: string }>(
    `SELECT at, role, what, about FROM audit ORDER BY arrived DESC LIMIT ${mostLines}`,
    { type: QueryTypes.SELECT },
  );
  return rows.map(({ at, ...line }) => ({ at: at.toISOString(), ...line }));
}
