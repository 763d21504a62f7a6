import type { Role } from '@stoichos/core/labday/access';
import type { Context } from 'koa';
import type { Seat } from '../database/sessions';

/** Who asks, as the server knows it. */
export interface Who {
  readonly role: Role;
  /** Absent for nobody, and for the instructor of a machine that stands open. */
  readonly sessionId?: string;
  readonly seat?: Seat;
  /** The machine stands open to whoever sits at it. */
  readonly open: boolean;
}

/** Who asks; the middleware that finds it out runs before every route. */
export function whoAsks(context: Context): Who {
  return context.state.who as Who;
}

/** The bench of a group that asks. @throws where no group does, which the policy rules out. */
export function benchOf(context: Context): { readonly dayId: string; readonly groupId: string } {
  const { seat } = whoAsks(context);
  if (seat?.role !== 'group') throw new Error('Only a group has a bench.');
  return { dayId: seat.dayId, groupId: seat.groupId };
}
