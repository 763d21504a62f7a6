import { QueryTypes } from 'sequelize';
import { Problem } from '../problem';
import type { Database } from './connect';

/** What is tried at the door. */
export type AttemptKind = 'signIn' | 'join';

/** Failed tries in ten minutes before an address, or everybody together, waits. */
const most: Readonly<Record<AttemptKind, { readonly address: number; readonly all: number }>> = {
  signIn: { address: 6, all: 60 },
  // A whole class sits behind one address, and some of it mistypes.
  join: { address: 40, all: 200 },
};
const windowMin = 10;

/** Refuses to look at another try when too many have failed. @throws Problem 429. */
export async function refuseTooMany(
  { sequelize }: Database,
  kind: AttemptKind,
  address: string,
): Promise<void> {
  const [counts] = await sequelize.query<{ own: number; all: number }>(
    `SELECT count(*) FILTER (WHERE address = :address)::int AS own, count(*)::int AS "all"
       FROM attempts WHERE kind = :kind AND tried_at > now() - interval '${windowMin} minutes'`,
    { type: QueryTypes.SELECT, replacements: { kind, address } },
  );
  if ((counts?.own ?? 0) < most[kind].address && (counts?.all ?? 0) < most[kind].all) return;
  throw new Problem(
    429,
    'tooManyTries',
    'Too many wrong tries from here.',
    null,
    `Wait ${windowMin} minutes and try again.`,
  );
}

/** Writes a failed try down, and forgets those of yesterday. */
export async function noteFailure(
  { sequelize }: Database,
  kind: AttemptKind,
  address: string,
): Promise<void> {
  await sequelize.query('INSERT INTO attempts (kind, address) VALUES (:kind, :address)', {
    replacements: { kind, address },
  });
  await sequelize.query(`DELETE FROM attempts WHERE tried_at < now() - interval '1 day'`);
}
