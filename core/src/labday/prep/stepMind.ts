import type { Step } from '../../planning/procedure/procedure';
import { mindOf, stepSafety } from '../../planning/procedure/stepSafety';
import { runOf } from '../day/work';
import type { Work } from '../day/work';

/** The cautions of one step of a piece of work, in sentences; empty where there is nothing. */
export function mindOfStep(work: Work, step: Pick<Step, 'id'>): string[] {
  const found = stepSafety(runOf(work), work.manner).find(({ stepId }) => stepId === step.id);
  return found ? mindOf(found) : [];
}
