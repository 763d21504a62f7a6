import { ChemistryError } from '@stoichos/core/common';
import { dishOf, dishSchema } from '@stoichos/core/studies/dish';
import type { Dish, DishRequest } from '@stoichos/core/studies/dish';
import { useState } from 'react';
import { useKept } from '../../data/kept/useKept';
import type { Failure } from '../../data/worker/chemistry';
import { useTask } from '../../data/worker/useTask';
import { useInAddress } from '../../shared/study/useInAddress';
import { dishStateSchema, firstDish } from './dishState';
import type { DishState } from './dishState';

/** The dish as it is set, as it was run last, and what the class saw in it. */
export function useDish() {
  const [state, setState] = useKept('stoichos.dish', dishStateSchema, firstDish);
  useInAddress({
    name: 'dish',
    schema: dishStateSchema,
    initial: firstDish,
    value: state,
    onRead: setState,
    without: ['marks'],
  });
  const { dish: request, marks } = state;
  const { value, failure, share, start, cancel } = useTask('dish');
  // What was run, for the settings may be changed before it is run again.
  const [ran, setRan] = useState<{ request: DishRequest; dish: Dish }>();
  const [stopped, setStopped] = useState(false);
  const [problem, setProblem] = useState<Failure>();
  return {
    request,
    marks,
    value,
    failure,
    share,
    ran,
    stopped,
    problem,
    change: (part: Partial<DishRequest>) => {
      setState((before) => ({ ...before, dish: { ...before.dish, ...part } }));
      setProblem(undefined);
    },
    mark: (next: DishState['marks']) => setState((before) => ({ ...before, marks: next })),
    run: () => {
      const ready = readyDish(request);
      setStopped(false);
      setProblem('problem' in ready ? ready.problem : undefined);
      if ('problem' in ready) return;
      setRan({ request, dish: ready.dish });
      void start(request);
    },
    stop: () => {
      cancel();
      setStopped(true);
    },
  };
}

export type DishStudy = ReturnType<typeof useDish>;

/** A dish that can be run, or in words why not. */
function readyDish(request: DishRequest): { dish: Dish } | { problem: Failure } {
  const read = dishSchema.safeParse(request);
  if (!read.success) {
    const [issue] = read.error.issues;
    return {
      problem: {
        message: `${issue?.message ?? 'This cannot be run'}.`,
        remedy: 'Enter another number.',
      },
    };
  }
  try {
    return { dish: dishOf(read.data) };
  } catch (error) {
    if (!(error instanceof ChemistryError)) throw error;
    return { problem: { message: error.message, remedy: error.remedy } };
  }
}
