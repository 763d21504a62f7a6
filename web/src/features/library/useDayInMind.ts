import { useSearchParams } from 'react-router';

/** The lab day one came from to the procedures, if from one, and addresses that keep it in mind. */
export function useDayInMind(): {
  readonly dayId: string | null;
  readonly keeping: (path: string) => string;
} {
  const [parameters] = useSearchParams();
  const dayId = parameters.get('day');
  return { dayId, keeping: (path) => (dayId ? `${path}?day=${dayId}` : path) };
}
