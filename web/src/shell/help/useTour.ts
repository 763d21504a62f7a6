import { useNavigate } from 'react-router';
import { api } from '../../data/api/api';
import { useAppDispatch } from '../../data/store';
import { today } from '../../shared/parts/dates';

/** Starts the tour on a lab day with a record, the latest there is; what leads through it is loaded then. */
export function useTour(): { readonly start: () => Promise<void> } {
  const navigate = useNavigate();
  const dispatch = useAppDispatch();
  const listed = async (which: 'held' | 'coming') => {
    const asked = dispatch(
      api.endpoints.days.initiate({ which, today: today() }, { subscribe: false }),
    );
    // Without a list it leads through what belongs to no day.
    return (await asked).data?.items ?? [];
  };
  const start = async () => {
    const { startTour } = await import('./tour');
    const days = [...(await listed('held')), ...(await listed('coming'))];
    const day = days.find(({ recordedCount }) => recordedCount > 0) ?? days[0];
    await startTour(async (path) => navigate(path), day?.id);
  };
  return { start };
}
