import type { Procedure, Step } from './procedure';

/** A step that stands before something it depends on. */
export interface OrderProblem {
  readonly stepId: string;
  /** The step that should have come first. */
  readonly needed: string;
  readonly message: string;
}

type Steps = Pick<Procedure, 'steps'>['steps'];

/**
 * What is out of order in a list of steps: something that must be ready, or must have ended, comes later or is gone.
 *
 * @returns empty when every link holds.
 */
export function orderProblems(steps: Steps): OrderProblem[] {
  const place = new Map(steps.map(({ id }, at) => [id, at]));
  return steps.flatMap((step, at) => [
    ...step.needs.flatMap(({ step: needed, because }): OrderProblem[] => {
      const there = place.get(needed);
      if (there !== undefined && there < at) return [];
      const what = there === undefined ? 'is gone' : 'comes later';
      return [
        {
          stepId: step.id,
          needed,
          message: `“${shortText(step)}” needs “${nameOf(steps, needed)}” first, which ${what}: ${because}.`,
        },
      ];
    }),
    ...(step.after ?? []).flatMap(({ step: earlier }): OrderProblem[] => {
      const there = place.get(earlier);
      if (there !== undefined && there < at) return [];
      const what = there === undefined ? 'which is gone' : 'which comes later';
      return [
        {
          stepId: step.id,
          needed: earlier,
          message: `“${shortText(step)}” follows “${nameOf(steps, earlier)}”, ${what}.`,
        },
      ];
    }),
  ]);
}

/** Something that a step waits for at the bench, and why. */
export interface Unmet {
  readonly step: Step;
  readonly because: string;
}

/**
 * What has not been done yet that must have been before a step begins, as the bench stands now.
 *
 * @param done ids of the steps that are done.
 */
export function unmetBefore(steps: Steps, stepId: string, done: ReadonlySet<string>): Unmet[] {
  const step = steps.find(({ id }) => id === stepId);
  if (!step) return [];
  const wanted = [
    ...step.needs,
    ...(step.after ?? []).map(({ step: earlier }) => ({
      step: earlier,
      because: 'it follows that step',
    })),
  ];
  return wanted.flatMap(({ step: id, because }, at): Unmet[] => {
    const needed = steps.find((one) => one.id === id);
    const isFirst = wanted.findIndex((one) => one.step === id) === at;
    return needed && isFirst && !done.has(id) ? [{ step: needed, because }] : [];
  });
}

/** The steps with one of them moved to another place in the list. */
export function moveStep<T>(steps: readonly T[], from: number, to: number): T[] {
  const moved = [...steps];
  const [step] = moved.splice(from, 1);
  if (step !== undefined) moved.splice(to, 0, step);
  return moved;
}

const longest = 48;

/** The beginning of what a step says, to name it by. */
export function shortText({ text }: Pick<Step, 'text'>): string {
  const first = text.split(/[.;:](?:\s|$)/)[0] ?? text;
  const words = first.length < 4 ? text : first;
  return words.length > longest ? `${words.slice(0, longest).trimEnd()}…` : words;
}

const nameOf = (steps: Steps, id: string): string => {
  const step = steps.find((one) => one.id === id);
  return step ? shortText(step) : id;
};
