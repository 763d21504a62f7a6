import { routeTaken } from '@stoichos/core/studies/gas';
import type { Route } from '@stoichos/core/studies/gas';
import { useEffect, useMemo, useState } from 'react';
import { useShelfQuery } from '../../data/api/api';
import { useTask } from '../../data/worker/useTask';
import { TaskFailure } from '../../shared/parts/TaskFailure';
import { TaskProgress } from '../../shared/parts/TaskProgress';
import { useGas } from './useGas';

/** The routes to the gas of the study, found anew when gas or shelf changes; the last stand until the next are there. */
export function useRoutes() {
  const { state } = useGas();
  const { gas, from, list } = state;
  const { data: shelf, isError } = useShelfQuery();
  const onShelf = useMemo(
    () =>
      shelf && [
        ...new Set(shelf.filter(({ amount }) => amount > 0).map(({ substance }) => substance)),
      ],
    [shelf],
  );
  // From a shelf without a jar nothing can be made; what could be is worth knowing all the same.
  const shelfIsEmpty = from === 'shelf' && onShelf?.length === 0;
  const available = useMemo(
    () => (from === 'list' ? list : from === 'shelf' && !shelfIsEmpty ? onShelf : undefined),
    [from, list, onShelf, shelfIsEmpty],
  );
  const isWaiting = from === 'shelf' && shelf === undefined && !isError;
  const { start, failure, share, cancel } = useTask('gasRoutes');
  // One object for each question, by which an answer is known to be its own.
  const asked = useMemo(() => ({ gas, available }), [gas, available]);
  const [found, setFound] = useState<{
    readonly asked: object;
    readonly routes: readonly Route[];
  }>();
  useEffect(() => {
    if (isWaiting) return;
    void start(asked.gas, asked.available).then((routes) => {
      if (routes) setFound({ asked, routes });
    });
  }, [asked, isWaiting, start]);
  const routes = failure || found?.asked !== asked ? undefined : found.routes;
  return {
    routes,
    taken: routes && routeTaken(routes, state),
    /** How far the search has come, or why there is none. */
    search: failure ? (
      <TaskFailure failure={failure} />
    ) : (
      !routes && <TaskProgress what="Trying reagents" share={share} cancel={cancel} />
    ),
    shelfIsMissing: from === 'shelf' && isError,
    shelfIsEmpty,
  };
}
