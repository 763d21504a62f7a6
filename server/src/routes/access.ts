import { newPassphraseSchema, signInSchema } from '@stoichos/core/labday/access';
import type { SessionState } from '@stoichos/core/labday/access';
import Router from '@koa/router';
import type { Context } from 'koa';
import * as z from 'zod';
import { dropCookie, putCookie } from '../access/cookies';
import { whoAsks } from '../access/who';
import { accountsThere, isPassphrase, setPassphrase } from '../database/accounts';
import { noteFailure, refuseTooMany } from '../database/attempts';
import { audit, listAudit } from '../database/audit';
import type { Database } from '../database/connect';
import { beginSession, endAllOf, endSession } from '../database/sessions';
import { Problem } from '../problem';
import { body, check } from '../validate';

const roleSchema = z.object({ role: z.enum(['instructor', 'technician']) });

/** Signing in and out, passphrases, and the list of who went through which door. */
export function accessRoutes(database: Database): Router {
  const router = new Router();
  router.get('/session', async (context) => {
    context.body = await sessionState(database, context);
  });
  router.post('/sign-in', async (context) => {
    const { role, passphrase } = body(context, signInSchema);
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
    const { sessionId } = whoAsks(context);
    if (sessionId) await endSession(database, sessionId);
    const { token } = await beginSession(database, { role });
    dropCookie(context, 'group');
    putCookie(context, 'staff', token);
    await audit(database, role, 'signed in', context.ip);
    context.status = 204;
  });
  router.post('/sign-out', async (context) => {
    const { sessionId, role } = whoAsks(context);
    if (sessionId && role !== 'group') {
      await endSession(database, sessionId);
      await audit(database, role, 'signed out');
    }
    dropCookie(context, 'staff');
    context.status = 204;
  });
  router.post('/sign-out-everywhere', async (context) => {
    const { role } = whoAsks(context);
    if (role === 'instructor' || role === 'technician') await endAllOf(database, role);
    await audit(database, role, 'signed out everywhere');
    dropCookie(context, 'staff');
    context.status = 204;
  });
  router.put('/accounts/:role', async (context) => {
    const { role } = check(roleSchema, { role: context.params.role });
    const { passphrase, openHere } = body(context, newPassphraseSchema);
    await setPassphrase(database, role, passphrase, openHere ?? false);
    await audit(database, 'instructor', 'passphrase changed', role);
    if (role === 'instructor') {
      // Whoever changed it goes on; every other session with the old one has ended.
      const { token } = await beginSession(database, { role });
      putCookie(context, 'staff', token);
    }
    context.status = 204;
  });
  router.get('/audit', async (context) => {
    context.body = await listAudit(database);
  });
  return router;
}

async function sessionState(database: Database, context: Context): Promise<SessionState> {
  const { role, open, seat } = whoAsks(context);
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
