import type { Author, Role } from '@stoichos/core/labday/access';
import type { Seat } from '../database/sessions';

/** Who asks, as the server knows it. */
export interface Who {
  readonly role: Role;
  /** Absent for nobody, and for the instructor of a machine that stands open. */
  readonly sessionId?: string;
  readonly seat?: Seat;
  /** When the session ends by itself. */
  readonly endsAt?: Date;
  /** The machine stands open to whoever sits at it. */
  readonly open: boolean;
}

/** In whose name somebody writes: their own. @throws where nobody is known, which no route for writing lets through. */
export function authorOf({ role }: Who): Author {
  if (role === 'nobody') throw new Error('Nobody writes.');
  return role;
}
