import { randomUUID } from 'node:crypto';
import { hashToken, newToken } from '../access/token';
import type { Database } from './connect';
import type { SessionRow } from './models';
import { statement } from './statement';

const hourMs = 3_600_000;
/** How long a session lasts without being used, h, and how old a token gets before it is changed. */
const lastsH = { instructor: 12, technician: 12, group: 18 } as const;
const rotatesAfterMs = 2 * hourMs;
/** Requests that were under way with the old token still pass, ms. */
const graceMs = 60_000;
/** How often it is written down that somebody is there, ms. */
const seenEveryMs = 20_000;

/** Whom a session stands for. */
export type Seat =
  | { readonly role: 'instructor' | 'technician' }
  | { readonly role: 'group'; readonly dayId: string; readonly groupId: string };

/** A session as it is met with a request. */
export interface Session {
  readonly id: string;
  readonly seat: Seat;
  readonly endsAt: Date;
  /** A fresh token, where the old one has served long enough. */
  readonly renewed?: string;
}

/** Begins a session and gives its token, which is stored only as a hash. */
export async function beginSession(
  { sessions }: Database,
  seat: Seat,
  endsAt?: Date,
): Promise<{ readonly id: string; readonly token: string }> {
  const token = newToken();
  const now = new Date();
  const id = randomUUID();
  const usual = new Date(now.getTime() + lastsH[seat.role] * hourMs);
  await sessions.create({
    id,
    tokenHash: hashToken(token),
    previousHash: null,
    role: seat.role,
    labDayId: seat.role === 'group' ? seat.dayId : null,
    groupId: seat.role === 'group' ? seat.groupId : null,
    madeAt: now,
    seenAt: now,
    rotatedAt: now,
    endsAt: endsAt && endsAt < usual ? endsAt : usual,
  });
  return { id, token };
}

const find = statement<{ readonly hash: string }, Omit<SessionRow, 'previousHash' | 'madeAt'>>(
  'find_session',
  `SELECT id, token_hash AS "tokenHash", role, lab_day_id AS "labDayId", group_id AS "groupId",
     seen_at AS "seenAt", rotated_at AS "rotatedAt", ends_at AS "endsAt"
   FROM sessions WHERE (token_hash = $hash OR previous_hash = $hash) AND ends_at > now()`,
);

/** The session of a token; undefined for one that is forged, ended or worn out. */
export async function sessionOf(database: Database, token: string): Promise<Session | undefined> {
  const { sessions } = database;
  const hash = hashToken(token);
  const [row] = await find(database, { hash });
  if (!row) return undefined;
  const now = Date.now();
  const isOld = row.tokenHash !== hash;
  if (isOld && now - row.rotatedAt.getTime() > graceMs) return undefined;
  const session = { id: row.id, seat: seatOf(row), endsAt: row.endsAt };
  if (!isOld && now - row.rotatedAt.getTime() > rotatesAfterMs) {
    const renewed = newToken();
    const [changed] = await sessions.update(
      {
        tokenHash: hashToken(renewed),
        previousHash: hash,
        rotatedAt: new Date(now),
        seenAt: new Date(now),
      },
      { where: { id: row.id, tokenHash: hash } },
    );
    // Another request was first; its token is on the way to the same browser.
    return changed === 1 ? { ...session, renewed } : session;
  }
  if (now - row.seenAt.getTime() > seenEveryMs)
    await sessions.update({ seenAt: new Date(now) }, { where: { id: row.id } });
  return session;
}

function seatOf({
  role,
  labDayId,
  groupId,
}: Pick<SessionRow, 'role' | 'labDayId' | 'groupId'>): Seat {
  return role === 'group' ? { role, dayId: labDayId ?? '', groupId: groupId ?? '' } : { role };
}

/** Ends one session. */
export async function endSession({ sessions }: Database, id: string): Promise<void> {
  await sessions.destroy({ where: { id } });
}

/** Ends every session of a role. */
export async function endAllOf(
  { sessions }: Database,
  role: 'instructor' | 'technician',
): Promise<void> {
  await sessions.destroy({ where: { role } });
}
