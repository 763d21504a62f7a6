import { readySystems, shiftProcedure } from '@stoichos/core/studies/shift';
import type { Procedure } from '@stoichos/core/planning/procedure';
import type { ColourPlan, ShiftRun } from '@stoichos/core/studies/shift';
import type { Done, EquilibriumState } from './equilibriumState';

/** Warnings that the Q and K beside already tell. */
export const quiet: ReadonlySet<string> = new Set(['approximate', 'heldBack']);

/** What a plan does, with the ranges that still show each colour. */
export function walked({ stages }: ColourPlan): Done[] {
  return stages.flatMap(({ actions, range, unit }) =>
    actions.map((action, at): Done =>
      at === actions.length - 1 && unit !== '°C' && range[1] > range[0]
        ? { action, range: [range[0], range[1]] }
        : { action },
    ),
  );
}

export function procedureOf(
  state: EquilibriumState,
  run: ShiftRun | undefined,
): Procedure | undefined {
  if (!run || state.done.length === 0) return undefined;
  const ready = readySystems.find(({ id }) => id === state.system);
  return shiftProcedure({
    id: `shift-${state.system}-${String(state.done.length)}`,
    name: `${ready?.name ?? 'A mixture'}, shifted`,
    purpose:
      ready?.shows ?? 'A mixture of one’s own is shifted step by step, and each step looked at.',
    vessel: state.vessel,
    shiftings: state.done.map(({ action, range }) => ({ action, ...(range && { range }) })),
  });
}
