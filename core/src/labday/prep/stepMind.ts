import type { Step } from '../../planning/procedure/procedure';
import { mindOf, putIn, stepSafety } from '../../planning/procedure/stepSafety';
import { usualCaution } from '../../safety/usualCaution';
import type { LabDay } from '../day/labDay';
import { runOf, worksAsMade } from '../day/work';
import type { Work } from '../day/work';

/** The cautions of one step of a piece of work, in sentences; empty where there is nothing. */
export function mindOfStep(work: Work, step: Pick<Step, 'id'>): string[] {
  const found = stepSafety(runOf(work), work.manner).find(({ stepId }) => stepId === step.id);
  return found ? mindOf(found) : [];
}

/** The cautions of every step of a day, by work and step. */
export type DayCautions = Readonly<Record<string, Readonly<Record<string, readonly string[]>>>>;

/** What the engine warns of in every step of a day, with its solutions as they were made. */
export function cautionsOfDay(day: Pick<LabDay, 'procedures' | 'weighings'>): DayCautions {
  return Object.fromEntries(
    worksAsMade(day).map((work) => [
      work.id,
      Object.fromEntries(work.procedure.steps.map((step) => [step.id, mindOfStep(work, step)])),
    ]),
  );
}

/**
 * Everything that stands beside a step wherever somebody acts on it, on paper or on a screen: what its author wrote, what its
 * reagents do at the strength they are used at, and what the engine warns of.
 */
export function cautionsOfStep(work: Work, step: Step): string[] {
  return [
    ...(step.caution === undefined ? [] : [step.caution]),
    usualCaution(putIn(step)),
    ...mindOfStep(work, step),
  ];
}
