import { blankStep, eventWords } from '@stoichos/core';
import type { KeptRun, Procedure } from '@stoichos/core';

/** A procedure as it is when one begins to write it. */
export const blankProcedure: Procedure = {
  id: 'new',
  name: '',
  kind: 'precipitation',
  purpose: '',
  vessels: [{ name: 'A', container: 'testTube' }],
  apparatus: [],
  steps: [blankStep('step-1')],
  analyses: [],
  questions: [],
  answers: [],
  disposal: '',
};

/** A kept sequence as the beginning of a procedure: a step for each thing that was done. */
export function procedureFrom({ name, rack }: KeptRun): Procedure {
  return {
    ...blankProcedure,
    name,
    vessels: rack.vessels,
    steps: rack.events.slice(0, 60).map((event, at) => ({
      ...blankStep(`step-${at + 1}`),
      text: `${eventWords(event)}.`,
      events: [event],
    })),
  };
}
