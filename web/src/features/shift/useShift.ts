import { ChemistryError } from '@stoichos/core/common';
import { shiftRunner } from '@stoichos/core/studies/shift';
import type { ShiftRun } from '@stoichos/core/studies/shift';
import { useMemo, useState } from 'react';
import type { Failure } from '../../data/worker/chemistry';
import { doneSchema } from './equilibriumState';
import type { Done, EquilibriumState } from './equilibriumState';

/** A run that stands, or why it cannot. */
export type Shifted = { readonly run: ShiftRun } | { readonly failure: Failure };

/** The mixture run through what was done to it, and a way to try what is to be done next. */
export function useShift(state: EquilibriumState): {
  readonly shifted: Shifted;
  readonly tryNext: (done: Done) => Failure | undefined;
} {
  // One runner for what stands and one for what is tried, so that each calculates only the newest step.
  const [runners] = useState(() => ({ stands: shiftRunner(), tries: shiftRunner() }));
  const { vessel, watched, done } = state;
  const shifted = useMemo(
    () => attempt(() => runners.stands(requestOf(vessel, done, watched))),
    [runners, vessel, watched, done],
  );
  return {
    shifted,
    tryNext: (next) => {
      const read = doneSchema.safeParse(next);
      if (!read.success) {
        const [issue] = read.error.issues;
        return {
          message: `${issue?.message ?? 'This cannot be done'}.`,
          remedy: 'Enter another amount.',
        };
      }
      const tried = attempt(() => runners.tries(requestOf(vessel, [...done, next], watched)));
      return 'failure' in tried ? tried.failure : undefined;
    },
  };
}

function requestOf(
  vessel: EquilibriumState['vessel'],
  done: readonly Done[],
  watched: EquilibriumState['watched'],
) {
  return { vessel, actions: done.map(({ action }) => action), ...(watched && { watched }) };
}

function attempt(run: () => ShiftRun): Shifted {
  try {
    return { run: run() };
  } catch (error) {
    if (!(error instanceof ChemistryError)) throw error;
    return { failure: { message: error.message, remedy: error.remedy } };
  }
}
