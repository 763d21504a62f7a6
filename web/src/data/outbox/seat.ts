import { api } from '../api/api';
import type { RootState } from '../store';
import type { Unsent } from './outboxSlice';

/** The seat of the instructor and the technician. */
export const staff = 'staff';

/** Who this browser is: the staff, a group by its id; undefined while nobody knows. */
export function seatOf(state: Pick<RootState, 'api'>): string | undefined {
  const { data } = api.endpoints.session.select()(state);
  if (!data || data.role === 'nobody') return undefined;
  return data.role === 'group' ? data.bench?.groupId : staff;
}

/** Whether what was made at one seat may be sent from another: it belongs to the bench it was made at. */
export const isOfSeat = ({ by }: Unsent, seat: string | undefined): boolean =>
  by === undefined || seat === undefined || by === seat;
