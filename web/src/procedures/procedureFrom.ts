import { eventWords } from '@stoichos/core';
import type { KeptRun, Procedure } from '@stoichos/core';

/** A procedure as it is when one begins to write it. */
export const blankProcedure: Procedure = {
  id: 'new',
  name: '',
  kind: 'precipitation',
  purpose: '',
  vessels: [{ name: 'A', container: 'testTube' }],
  apparatus: [],
  steps: [
    {
      id: 'step-1',
      text: '',
      events: [],
      ranges: [],
      minutes: 2,
      attended: true,
      uses: {},
      ready: [],
      needs: [],
      record: [],
    },
  ],
  questions: [],
  disposal: '',
};

/** A kept sequence as the beginning of a procedure: a step for each thing that was done. */
export function procedureFrom({ name, rack }: KeptRun): Procedure {
  const [blankStep] = blankProcedure.steps;
  return {
    ...blankProcedure,
    name,
    vessels: rack.vessels,
    steps: rack.events
      .slice(0, 60)
      .flatMap((event, at) =>
        blankStep
          ? [{ ...blankStep, id: `step-${at + 1}`, text: `${eventWords(event)}.`, events: [event] }]
          : [],
      ),
  };
}
