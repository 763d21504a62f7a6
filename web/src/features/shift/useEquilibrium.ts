import { useHotkeys } from '@mantine/hooks';
import { readySystems } from '@stoichos/core/studies/shift';
import type { ColourPlan } from '@stoichos/core/studies/shift';
import type { Action } from '@stoichos/core/vessel';
import { useMemo, useState } from 'react';
import { useKept } from '../../data/kept/useKept';
import type { Failure } from '../../data/worker/chemistry';
import { useTask } from '../../data/worker/useTask';
import { equilibriumSchema, firstState, ofSystem, ownMixture } from './equilibriumState';
import type { Done, EquilibriumState } from './equilibriumState';
import { procedureOf, walked } from './shiftRun';
import { useShift } from './useShift';
import { useInAddress } from '../../shared/study/useInAddress';

/** The last that was done, taken back and done again, also by the keys. */
function useTakingBack(
  { done, undone }: EquilibriumState,
  change: (part: Partial<EquilibriumState>) => void,
) {
  const takeBack = () => {
    const last = done.at(-1);
    if (last) change({ done: done.slice(0, -1), undone: [...undone, last] });
  };
  const doAgain = () => {
    const last = undone.at(-1);
    if (last) change({ done: [...done, last], undone: undone.slice(0, -1) });
  };
  useHotkeys([
    ['mod+Z', takeBack],
    ['mod+shift+Z', doAgain],
  ]);
  return { takeBack, doAgain };
}

/** The study as it stands: what is set, what has been done and can be undone, the plan, and what the engine says of it. */
export function useEquilibrium() {
  const [state, setState] = useKept('stoichos.equilibrium', equilibriumSchema, firstState);
  useInAddress({
    name: 'mixture',
    schema: equilibriumSchema,
    initial: firstState,
    value: state,
    // What another took back is not done again here.
    onRead: (next) => setState({ ...next, undone: [] }),
    without: ['undone'],
  });
  const { shifted, tryNext } = useShift(state);
  const [refusal, setRefusal] = useState<Failure>();
  const [shown, setShown] = useState<number>();
  const [plan, setPlan] = useState<ColourPlan>();
  const planning = useTask('planColours');
  const actions = useMemo(() => state.done.map(({ action }) => action), [state.done]);
  const change = (part: Partial<EquilibriumState>) => {
    setState((before) => ({ ...before, ...part }));
    setRefusal(undefined);
    setShown(undefined);
  };
  const { done, vessel, stresses, targets } = state;
  const takingBack = useTakingBack(state, change);
  const run = 'run' in shifted ? shifted.run : undefined;
  const lastStep = (run?.steps.length ?? 1) - 1;
  const at = Math.min(shown ?? lastStep, lastStep);
  const procedure = useMemo(() => procedureOf(state, run), [state, run]);
  return {
    state,
    actions,
    change,
    ...takingBack,
    refusal,
    failure: 'failure' in shifted ? shifted.failure : undefined,
    run,
    /** The step that is looked at. */
    at,
    step: run?.steps[at],
    show: setShown,
    procedure,
    plan,
    planning,
    system: readySystems.find(({ id }) => id === state.system),
    choose: (id: string | null) => {
      const ready = readySystems.find((one) => one.id === id);
      setPlan(undefined);
      // All of it is new, what is watched too.
      setState(ready ? ofSystem(ready) : ownMixture);
      change({});
    },
    changeStart: (part: Partial<EquilibriumState>) => {
      setPlan(undefined);
      change(part);
    },
    target: (next: EquilibriumState['targets']) =>
      setState((before) => ({ ...before, targets: next })),
    act: (action: Action): boolean => {
      const next: Done = { action };
      const failed = tryNext(next);
      setRefusal(failed);
      if (failed) return false;
      change({ done: [...done, next], undone: [] });
      return true;
    },
    makePlan: async () => {
      setPlan(undefined);
      const found = await planning.start({ vessel, stresses, targets });
      if (found) setPlan(found);
    },
    walk: (found: ColourPlan) => change({ done: walked(found), undone: [] }),
    closePlan: () => setPlan(undefined),
  };
}

export type Equilibrium = ReturnType<typeof useEquilibrium>;
