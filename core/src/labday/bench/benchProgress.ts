import { unmetBefore } from '../../planning/procedure/orderGuard';
import type { Unmet } from '../../planning/procedure/orderGuard';
import type { Step } from '../../planning/procedure/procedure';
import { standingEntries } from '../day/currentRecords';
import type { LabDay, RecordOf } from '../day/labDay';
import type { Bench, Work } from '../day/work';

/** How far one step is at one bench. */
export interface StepProgress {
  readonly work: Work;
  readonly step: Step;
  readonly state: 'to do' | RecordOf<'step'>['state'];
  /** When it was begun and ended, ISO 8601. */
  readonly begunAt?: string;
  readonly endedAt?: string;
  /** When the timetable has it begin, min from the start of the class. */
  readonly plannedMin?: number;
  /** What must have been done before and is not. */
  readonly unmet: readonly Unmet[];
}

/** A bench in the middle of the class. */
export interface BenchProgress {
  readonly steps: readonly StepProgress[];
  /** What it is at: the step begun, or else the next to begin. */
  readonly current?: StepProgress;
  /** What comes after that. */
  readonly next?: StepProgress;
  /** Steps that run by themselves. */
  readonly waiting: readonly StepProgress[];
}

/**
 * How far a bench is with everything it has to do, in the order of the timetable where there is one, else of the plan.
 *
 * @param works those that this bench takes part in.
 */
export function benchProgress(
  day: Pick<LabDay, 'entries' | 'timetable'>,
  works: readonly Work[],
  bench: Bench,
): BenchProgress {
  const starts = new Map(day.timetable?.tasks.map(({ id, startMin }) => [id, startMin]));
  const steps = works
    .flatMap((work) => stepsOf(day, work, bench, starts))
    .map((one, at) => ({ one, at }))
    .sort((a, b) => (a.one.plannedMin ?? a.at) - (b.one.plannedMin ?? b.at) || a.at - b.at)
    .map(({ one }) => one);
  const waiting = steps.filter(({ state, step }) => state === 'begun' && !step.attended);
  const underHand = steps.filter(({ state, step }) => state === 'begun' && step.attended);
  const ready = steps.filter(({ state, unmet }) => state === 'to do' && unmet.length === 0);
  const others = steps.filter(({ state, unmet }) => state === 'to do' && unmet.length > 0);
  const [current, next] = [...underHand, ...ready, ...others];
  return { steps, waiting, ...(current && { current }), ...(next && { next }) };
}

function stepsOf(
  { entries }: Pick<LabDay, 'entries'>,
  work: Work,
  bench: Bench,
  starts: ReadonlyMap<string, number>,
): StepProgress[] {
  const { steps } = work.procedure;
  const marks = steps.map((step) =>
    standingEntries(entries, { workId: work.id, stepId: step.id, groupId: bench.id }).filter(
      ({ record }) => record.kind === 'step',
    ),
  );
  const stateOf = (at: number): StepProgress['state'] => {
    const record = marks[at]?.at(-1)?.record;
    return record?.kind === 'step' ? record.state : 'to do';
  };
  const over = (at: number) => stateOf(at) === 'done' || stateOf(at) === 'skipped';
  const done = new Set(steps.flatMap(({ id }, at) => (over(at) ? [id] : [])));
  return steps.map((step, at): StepProgress => {
    const timeOf = (state: RecordOf<'step'>['state']) =>
      marks[at]?.findLast(({ record }) => record.kind === 'step' && record.state === state)
        ?.recordedAt;
    const [begunAt, endedAt] = [timeOf('begun'), timeOf('done') ?? timeOf('skipped')];
    const plannedMin = starts.get(`${work.id}/${bench.id ?? 'demonstration'}/${step.id}`);
    const state = stateOf(at);
    return {
      work,
      step,
      state,
      ...(begunAt && { begunAt }),
      ...(endedAt && { endedAt }),
      ...(plannedMin !== undefined && { plannedMin }),
      unmet: state === 'to do' ? unmetBefore(steps, step.id, done) : [],
    };
  });
}

/** When a step that runs by itself should be over, as a time in ms; undefined while it has not begun. */
export function waitingSteps(
  progress: BenchProgress,
): readonly { readonly one: StepProgress; readonly overAtMs: number }[] {
  return progress.waiting
    .flatMap((one) =>
      one.begunAt ? [{ one, overAtMs: Date.parse(one.begunAt) + one.step.minutes * 60_000 }] : [],
    )
    .sort((a, b) => a.overAtMs - b.overAtMs);
}
