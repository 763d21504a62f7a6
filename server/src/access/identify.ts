import type { Context } from 'koa';
import type { CookieKind } from './cookies';
import { cookieNames, putCookie } from './cookies';
import type { Who } from './who';
import { accountsThere } from '../database/accounts';
import type { Database } from '../database/connect';
import { sessionOf } from '../database/sessions';

/** Where this server can be reached from. */
export interface Reach {
  /** Bound to this machine alone. */
  readonly loopback: boolean;
  /** The names it answers to. */
  readonly hosts: ReadonlySet<string>;
  /** A proxy stands before it, which says who really asks. */
  readonly proxy?: boolean;
}

/**
 * Finds out who asks, and hands a browser its fresh token where the old one has served long enough. It is called by the route that was
 * matched: what matches none comes without asking the database.
 */
export const identifier =
  (database: Database, reach: Reach) =>
  (context: Context): Promise<Who> =>
    find(context, database, reach);

async function find(context: Context, database: Database, reach: Reach): Promise<Who> {
  const staff = await met(context, database, 'staff');
  if (staff && staff.seat.role !== 'group')
    return {
      role: staff.seat.role,
      sessionId: staff.id,
      seat: staff.seat,
      endsAt: staff.endsAt,
      open: false,
    };
  const isGroup = context.cookies.get(cookieNames.group) !== undefined;
  if (isGroup) {
    const group = await met(context, database, 'group');
    return group?.seat.role === 'group'
      ? {
          role: 'group',
          sessionId: group.id,
          seat: group.seat,
          endsAt: group.endsAt,
          open: false,
        }
      : { role: 'nobody', open: false };
  }
  return (await isOpen(context, database, reach))
    ? { role: 'instructor', open: true }
    : { role: 'nobody', open: false };
}

async function met(context: Context, database: Database, kind: CookieKind) {
  const token = context.cookies.get(cookieNames[kind]);
  if (token === undefined || token.length > 100) return undefined;
  const session = await sessionOf(database, token);
  if (session?.renewed) putCookie(context, kind, session.renewed);
  return session;
}

/** Whether whoever sits at this machine is taken for the instructor; what came through a proxy did not begin here. */
async function isOpen(
  context: Context,
  database: Database,
  { loopback, proxy }: Reach,
): Promise<boolean> {
  if (
    !loopback ||
    proxy ||
    context.get('x-forwarded-for') !== '' ||
    context.get('forwarded') !== ''
  )
    return false;
  const { instructor, openHere } = await accountsThere(database);
  return !instructor || openHere;
}
