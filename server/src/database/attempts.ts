import { setTimeout as wait } from 'node:timers/promises';
import { QueryTypes } from 'sequelize';
import { Problem } from '../problem';
import type { Database } from './connect';

/** What is guessed at: a passphrase, or the code of a lab day. */
type Guessed = 'signIn' | 'join';

/** Tries in {@link windowMin} that cost nothing. A whole class sits behind one address, and some of it mistypes its code. */
const free: Readonly<Record<Guessed, number>> = { signIn: 5, join: 40 };
/** All strangers together, wherever they are. */
const freeForAll: Readonly<Record<Guessed, number>> = { signIn: 60, join: 400 };
const windowMin = 10;
/** The lane that all strangers share. */
const everybody = '*';
/** A try that may be looked at within this time waits for it, s; a later one is refused and says when. */
const longestWaitS = 1;

/**
 * Takes a place in a lane before anything is looked at, so that guesses sent at once are counted one after the other. The first tries
 * come at once; each one beyond them stands a second behind the one before, then five, then thirty. One statement, so that servers that
 * share a database count together.
 *
 * @returns how long to wait before looking, s. @throws Problem 429 saying when to come again.
 */
async function takePlace(
  { sequelize }: Database,
  kind: Guessed,
  lane: string,
  atOnce: number,
): Promise<number> {
  const replacements = { kind, lane, atOnce, longestWaitS, windowMin };
  const [taken] = await sequelize.query<{ wait: number }>(
    `INSERT INTO guess_lanes AS l (kind, lane, tries, since, next_at)
       VALUES (:kind, :lane, 1, now(), now())
     ON CONFLICT (kind, lane) DO UPDATE SET
       (tries, since, next_at) = (
         SELECT n.tries, n.since, n.turn + guess_delay(n.tries, :atOnce)
         FROM (SELECT 1 AS tries, now() AS since, now() AS turn WHERE l.since < now() - :windowMin * interval '1 minute'
           UNION ALL
           SELECT l.tries + 1, l.since, greatest(l.next_at, now())
           WHERE l.since >= now() - :windowMin * interval '1 minute') n)
       WHERE l.since < now() - :windowMin * interval '1 minute'
         OR l.next_at <= now() + :longestWaitS * interval '1 second'
     RETURNING greatest(0, extract(epoch FROM next_at - guess_delay(tries, :atOnce) - now()))::float AS wait`,
    { type: QueryTypes.SELECT, replacements },
  );
  if (taken) return taken.wait;
  const [row] = await sequelize.query<{ wait: number }>(
    `SELECT greatest(1, ceil(extract(epoch FROM next_at - now())))::int AS wait
       FROM guess_lanes WHERE kind = :kind AND lane = :lane`,
    { type: QueryTypes.SELECT, replacements },
  );
  throw tooMany(row?.wait ?? longestWaitS);
}

const tooMany = (waitS: number): Problem =>
  new Problem(
    429,
    'tooManyTries',
    'Too many wrong tries from here.',
    null,
    `Wait ${waitS === 1 ? 'a second' : `${waitS} seconds`} and try again.`,
    { retryAfterS: waitS },
  );

/** Who tries: a device that was signed in on before, or a stranger at an address. */
export type Guesser = { readonly device: string } | { readonly address: string };

/**
 * Waits for the turn of a guess at a passphrase. A device that was signed in on has a lane of its own, so that nobody else’s wrong tries
 * hold it up; strangers share that of their address, and one for all of them.
 *
 * @throws Problem 429 saying when to come again.
 */
export async function waitForTurn(
  database: Database,
  kind: Guessed,
  guesser: Guesser,
): Promise<void> {
  if ('device' in guesser) {
    await wait(1000 * (await takePlace(database, kind, `device ${guesser.device}`, free[kind])));
    return;
  }
  const own = await takePlace(database, kind, guesser.address, free[kind]);
  const all = await takePlace(database, kind, everybody, freeForAll[kind]);
  await wait(1000 * Math.max(own, all));
}

/** A right guess is none: it is not counted. */
export async function forgetGuess(
  { sequelize }: Database,
  kind: Guessed,
  guesser: Guesser,
): Promise<void> {
  const lanes = 'device' in guesser ? [`device ${guesser.device}`] : [guesser.address, everybody];
  await sequelize.query(
    'UPDATE guess_lanes SET tries = greatest(0, tries - 1) WHERE kind = :kind AND lane IN (:lanes)',
    { replacements: { kind, lanes } },
  );
}

/**
 * Counts a wrong code. A code is looked up whoever asks, so that a class gets in whatever others try: of 31⁸ codes even a thousand tries a
 * second would find one in thirteen years. Beyond the first tries a wrong one is no longer told to be wrong, only too many.
 *
 * @throws Problem 429.
 */
export async function countWrongCode(database: Database, address: string): Promise<void> {
  await takePlace(database, 'join', address, free.join);
  await takePlace(database, 'join', everybody, freeForAll.join);
  // What is long past is forgotten now and then, by whoever comes along.
  await database.sequelize.query(`DELETE FROM guess_lanes WHERE since < now() - interval '1 day'`);
}
