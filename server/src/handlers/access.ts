import type { SessionState } from '@stoichos/core/labday/access';
import { dropCookie, putCookie } from '../access/cookies';
import type { Who } from '../access/who';
import { accountsThere, isPassphrase, setPassphrase } from '../database/accounts';
import { noteFailure, refuseTooMany } from '../database/attempts';
import { audit, listAudit } from '../database/audit';
import type { Database } from '../database/connect';
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
      await refuseTooMany(database, 'signIn', context.ip);
      if (!(await isPassphrase(database, role, passphrase))) {
        await noteFailure(database, 'signIn', context.ip);
        await audit(database, role, 'sign-in refused', context.ip);
        throw new Problem(
          401,
          'wrongPassphrase',
          'That is not the passphrase.',
          'passphrase',
          'Try again; where it is lost, set a new one on the machine itself with `npm run passphrase`.',
        );
      }
      if (who.sessionId) await endSession(database, who.sessionId);
      const { token } = await beginSession(database, { role });
      dropCookie(context, 'group');
      putCookie(context, 'staff', token);
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
    async setPassphrase({ params: { role }, body: { passphrase, openHere }, context }) {
      await setPassphrase(database, role, passphrase, openHere ?? false);
      await audit(database, 'instructor', 'passphrase changed', role);
      if (role === 'instructor') {
        // Whoever changed it goes on; every other session with the old one has ended.
        const { token } = await beginSession(database, { role });
        putCookie(context, 'staff', token);
      }
    },
    audit: () => listAudit(database),
  };
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
