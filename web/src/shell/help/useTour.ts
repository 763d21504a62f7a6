import { useNavigate } from 'react-router';
import { useDaysQuery } from '../../data/api/api';

/** Starts the tour on a lab day with a record, the latest there is; what leads through it is loaded then. */
export function useTour(): { readonly start: () => Promise<void>; readonly hasDay: boolean } {
  const navigate = useNavigate();
  const { data: days = [] } = useDaysQuery();
  const day = days.find(({ recordedCount }) => recordedCount > 0) ?? days[0];
  const start = async () => {
    const { startTour } = await import('./tour');
    await startTour(async (path) => navigate(path), day?.id);
  };
  return { start, hasDay: day !== undefined };
}
