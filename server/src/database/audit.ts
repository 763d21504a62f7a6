import type { AuditLine } from '@stoichos/core/labday/access';
import { QueryTypes } from 'sequelize';
import type { Database } from './connect';
import { pageFrom, pageLength } from './pages';

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

interface AuditRow extends Omit<AuditLine, 'at'> {
  readonly at: Date;
  readonly arrived: string;
}

/** A page of the list, the newest first. @param after the number of the last line of the page before. */
export async function listAudit({ sequelize }: Database, after: string | undefined) {
  const rows = await sequelize.query<AuditRow>(
    `SELECT at, role, what, about, arrived FROM audit WHERE $after::bigint IS NULL OR arrived < $after::bigint
     ORDER BY arrived DESC LIMIT ${pageLength + 1}`,
    { type: QueryTypes.SELECT, bind: { after: after ?? null } },
  );
  const { items, next } = pageFrom(rows, ({ arrived }) => arrived);
  return {
    items: items.map(({ at, role, what, about }) => ({ at: at.toISOString(), role, what, about })),
    next,
  };
}
