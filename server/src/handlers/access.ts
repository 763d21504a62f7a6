import type { SessionState } from '@stoichos/core/labday/access';
import type { Context } from 'koa';
import { cookieNames, dropCookie, putCookie } from '../access/cookies';
import { newToken } from '../access/token';
import type { Who } from '../access/who';
import { accountsThere, isPassphrase, setPassphrase } from '../database/accounts';
import { forgetGuess, waitForTurn } from '../database/attempts';
import type { Guesser } from '../database/attempts';
import { audit, listAudit } from '../database/audit';
import type { Database } from '../database/connect';
import { knowDevice, knownDevice, knownForDays } from '../database/devices';
import { beginSession, endAllOf, endSession } from '../database/sessions';
import type { Handlers } from '../http/handler';
import { Problem } from '../problem';

/** Signing in and out, passphrases, and the list of who went through which door. */
export function accessHandlers(
  database: Database,
): Handlers<'session' | 'signIn' | 'signOut' | 'signOutEverywhere' | 'setPassphrase' | 'audit'> {
  return {
    session: ({ who }) => sessionState(database, who),
    async signIn({ body: { role, passphrase }, who, context }) {
      const guesser = await guesserOf(database, role, context);
      await waitForTurn(database, 'signIn', guesser);
      if (!(await isPassphrase(database, role, passphrase))) {
        await audit(database, role, 'sign-in refused', context.ip);
        throw wrong(401, 'passphrase');
      }
      await forgetGuess(database, 'signIn', guesser);
      if (who.sessionId) await endSession(database, who.sessionId);
      const { token } = await beginSession(database, { role });
      dropCookie(context, 'group');
      putCookie(context, 'staff', token);
      await greetDevice(database, role, context);
      await audit(database, role, 'signed in', context.ip);
    },
    async signOut({ who: { sessionId, role }, context }) {
      if (sessionId && role !== 'group') {
        await endSession(database, sessionId);
        await audit(database, role, 'signed out');
      }
      dropCookie(context, 'staff');
    },
    async signOutEverywhere({ who: { role }, context }) {
      if (role === 'instructor' || role === 'technician') await endAllOf(database, role);
      await audit(database, role, 'signed out everywhere');
      dropCookie(context, 'staff');
    },
    async setPassphrase({ params: { role }, body: { current, passphrase, openHere }, context }) {
      if ((await accountsThere(database)).instructor) {
        const guesser = await guesserOf(database, 'instructor', context);
        await waitForTurn(database, 'signIn', guesser);
        // Whoever finds the page open does not take the school over.
        if (!(await isPassphrase(database, 'instructor', current ?? '')))
          throw wrong(403, 'current');
        await forgetGuess(database, 'signIn', guesser);
      }
      await setPassphrase(database, role, passphrase, openHere ?? false);
      await audit(database, 'instructor', 'passphrase changed', role);
      if (role === 'instructor') {
        // Whoever changed it goes on; every other session with the old one has ended.
        const { token } = await beginSession(database, { role });
        putCookie(context, 'staff', token);
        await greetDevice(database, role, context);
      }
    },
    audit: ({ query }) => listAudit(database, query.after),
  };
}

const wrong = (status: number, field: string): Problem =>
  new Problem(
    status,
    'wrongPassphrase',
    'That is not the passphrase.',
    field,
    'Try again; where it is lost, set a new one on the machine itself with `npm run passphrase`.',
  );

/** Who guesses at a passphrase: this device, where its owner signed in on it before, or a stranger. */
async function guesserOf(
  database: Database,
  role: 'instructor' | 'technician',
  context: Context,
): Promise<Guesser> {
  const device = await knownDevice(database, context.cookies.get(cookieNames.device), role);
  return device ? { device } : { address: `${role} ${context.ip}` };
}

/** Knows the device again. */
async function greetDevice(
  database: Database,
  role: 'instructor' | 'technician',
  context: Context,
): Promise<void> {
  const token = newToken();
  await knowDevice(database, token, role);
  putCookie(context, 'device', token, knownForDays);
}

async function sessionState(database: Database, { role, open, seat }: Who): Promise<SessionState> {
  const { instructor, technician } = await accountsThere(database);
  const state = { role, open, hasPassphrase: instructor, hasTechnician: technician };
  if (seat?.role !== 'group') return { ...state, bench: null };
  const { dayId, groupId } = seat;
  const [day, group] = await Promise.all([
    database.days.findByPk(dayId),
    database.groups.findByPk(groupId),
  ]);
  return {
    ...state,
    bench: day && group ? { dayId, dayName: day.name, groupId, groupName: group.name } : null,
  };
}
