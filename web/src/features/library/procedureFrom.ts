import { forAnyReader } from '@stoichos/core/common';
import { blankStep } from '@stoichos/core/planning/procedure';
import { eventWords } from '@stoichos/core/seeing/rack';
import type { KeptRun } from '@stoichos/core/labday/day';
import type { Procedure, ProcedureStep } from '@stoichos/core/planning/procedure';
import type { RackEvent } from '@stoichos/core/seeing/rack';

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
export const procedureFrom = forAnyReader(({ name, rack }: KeptRun): Procedure => {
  return {
    ...blankProcedure,
    name,
    vessels: rack.vessels,
    steps: rack.events.slice(0, 60).map((event, at) => ({
      ...blankStep(`step-${at + 1}`),
      text: `${eventWords(event)}.`,
      events: [event],
      ...timeOf(event),
    })),
  };
});

/** What takes its own time takes it in the procedure, and needs nobody while it only stands. */
function timeOf(event: RackEvent): Partial<Pick<ProcedureStep, 'minutes' | 'attended'>> {
  if (!('vessel' in event) || !('minutes' in event.action)) return {};
  const { do: what, minutes } = event.action;
  if (minutes === undefined) return {};
  const standsAlone = what === 'wait' || what === 'light';
  return { minutes: Math.max(1, Math.ceil(minutes)), ...(standsAlone && { attended: false }) };
}
