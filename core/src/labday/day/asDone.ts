import type { Step } from '../../planning/procedure/procedure';
import { recordsOf, standingEntries } from './currentRecords';
import type { LabDay } from './labDay';
import { stationsOf } from './work';
import type { Bench, Station, Work } from './work';

/**
 * A piece of work as one bench really did it: every departure that says by its numbers what was done instead takes the place of the
 * planned event; what was left out is gone.
 *
 * @returns undefined where the bench did it as planned, or said otherwise only in words.
 */
export function workAsDone(
  day: Pick<LabDay, 'entries'>,
  work: Work,
  bench: Pick<Bench, 'id'>,
): Work | undefined {
  let differs = false;
  const steps = work.procedure.steps.map((step): Step => {
    const standing = standingEntries(day.entries, {
      workId: work.id,
      stepId: step.id,
      groupId: bench.id,
    });
    const instead = new Map(
      recordsOf(standing, 'departure').flatMap(({ instead: one }) =>
        one && one.event < step.events.length ? [[one.event, one.done] as const] : [],
      ),
    );
    if (instead.size === 0) return step;
    differs = true;
    return {
      ...step,
      events: step.events.flatMap((event, at) => {
        const done = instead.get(at);
        return done === undefined ? [event] : done === null ? [] : [done];
      }),
      // They are told by the numbers of events that may be gone.
      ranges: [],
    };
  });
  return differs ? { ...work, procedure: { ...work.procedure, steps } } : undefined;
}

/** A station as one bench really did it; undefined where that is as planned. */
export function stationAsDone(
  day: Pick<LabDay, 'entries'>,
  work: Work,
  step: Pick<Step, 'id'>,
  planned: Station,
  bench: Pick<Bench, 'id'>,
): Station | undefined {
  const done = workAsDone(day, work, bench);
  const own = done?.procedure.steps.find(({ id }) => id === step.id);
  if (!done || !own) return undefined;
  return (
    stationsOf(done, own).find(({ vessel }) => vessel === planned.vessel) ?? {
      ...planned,
      // Everything that was to be done in it was left out.
      expected: [{ kind: 'noChange' }],
      reactions: [],
      change: { change: 'physical', because: ['what was to be done here was left out'] },
      notPredicted: [],
    }
  );
}
