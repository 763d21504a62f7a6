import { library } from '@stoichos/core/planning/procedure';
import type { Procedure } from '@stoichos/core/planning/procedure';
import { useMemo } from 'react';
import { useProceduresQuery } from './api/api';

/** A procedure one can choose: shipped, or written here. */
export interface Choice {
  readonly procedure: Procedure;
  readonly isOwn: boolean;
  /** At which one that was written here stands. */
  readonly version?: number;
}

/** Every procedure there is, those written here first. */
export function useProcedures() {
  const { data: own, error, refetch } = useProceduresQuery();
  const choices = useMemo(
    (): readonly Choice[] => [
      ...(own ?? []).map(({ procedure, version }) => ({ procedure, isOwn: true, version })),
      ...library.map((procedure) => ({ procedure, isOwn: false })),
    ],
    [own],
  );
  return { choices, isLoading: own === undefined && error === undefined, error, refetch };
}

/** How long the steps of a procedure take one after the other, and how much of that needs hands, min. */
export function minutesOf({ steps }: Procedure): {
  readonly all: number;
  readonly attended: number;
} {
  return {
    all: steps.reduce((sum, { minutes }) => sum + minutes, 0),
    attended: steps.reduce((sum, { minutes, attended }) => sum + (attended ? minutes : 0), 0),
  };
}
