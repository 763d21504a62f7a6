import { expectedChange } from '../../seeing/judgement/change/expectedChange';
import type { ExpectedChange } from '../../seeing/judgement/change/expectedChange';
import { withAnswers } from '../../seeing/judgement/faults/likelyCauses';
import type { Plan } from '../../seeing/judgement/faults/fault';
import { mergeObservations } from '../../seeing/observation/mergeObservations';
import type { Observation } from '../../seeing/observation/observation';
import type { VesselView } from '../../seeing/appearance/vesselView';
import type { Manner } from '../../planning/procedure/manner';
import { mixingOf } from '../../planning/procedure/mixing';
import type { Procedure, Step } from '../../planning/procedure/procedure';
import { runProcedure } from '../../planning/procedure/runProcedure';
import { worstRoute } from '../../planning/waste/wastePlan';
import type { WasteRoute } from '../../safety/wasteRoute';
import type { ProcedureRun } from '../../planning/procedure/runProcedure';
import type { ContainerKind } from '../../vessel/containers';
import type { Reaction } from '../../vessel/reaction';
import type { LabDay } from './labDay';
import { procedureAsMade } from './solutionsNeeded';

/** Something a lab day runs at the bench: a procedure in its place in the plan. */
export interface Work {
  readonly id: string;
  /** Place in the day, from 1. */
  readonly number: number;
  readonly manner: Manner;
  readonly procedure: Procedure;
  /** The form each solution was weighed out as, by the formula of its substance. */
  readonly forms?: Readonly<Record<string, string>>;
}

/** Whoever stands at it: a group, or everybody. */
export interface Bench {
  readonly id: string | null;
  readonly name: string;
}

const shownToAll: Bench = { id: null, name: 'Shown to all' };

type Planned = Pick<LabDay, 'procedures'>;

/** Everything a day runs, as planned. */
export function worksOf({ procedures }: Planned): Work[] {
  return procedures.map((planned, at) => ({ ...planned, number: at + 1 }));
}

/** Everything a day runs, with the concentrations that were really made and the forms they were made from. */
export function worksAsMade({
  procedures,
  weighings,
}: Planned & Pick<LabDay, 'weighings'>): Work[] {
  const inOrder = [...weighings].sort((a, b) => a.recordedAt.localeCompare(b.recordedAt));
  const forms = Object.fromEntries(inOrder.map(({ substance, form }) => [substance, form]));
  return worksOf({
    procedures: procedures.map((planned) => ({
      ...planned,
      procedure: procedureAsMade(planned.procedure, weighings),
    })),
  }).map((work) => ({ ...work, forms }));
}

/** Whether two solutions are brought together and nothing else: such work is recorded at once, and has no steps to go through. */
export const isMixing = ({ procedure }: Pick<Work, 'procedure'>): boolean =>
  mixingOf(procedure) !== undefined;

/** The bottle for what a piece of work leaves behind; undefined where nothing is left. */
export function wasteOfWork({ procedure }: Pick<Work, 'procedure'>): WasteRoute | undefined {
  return worstRoute({ ...procedure, times: 1 });
}

/** The benches that do a piece of work. */
export function benchesOf({ groups }: Pick<LabDay, 'groups'>, { manner }: Work): readonly Bench[] {
  return manner === 'demonstration' ? [shownToAll] : groups;
}

/** One vessel in one step: what it should show, and how that comes about. */
export interface Station {
  readonly vessel: string;
  readonly container: ContainerKind;
  /** Empty where it is not predicted. */
  readonly expected: readonly Observation[];
  readonly view?: VesselView;
  readonly reactions: readonly Reaction[];
  /** Whether new substances are expected to come. */
  readonly change: ExpectedChange;
  readonly notPredicted: readonly string[];
  /** For running it again with a slip. */
  readonly plan: Plan;
}

const runs = new Map<string, ProcedureRun>();
/** Of more work than several days have. */
const mostRuns = 200;

type Runnable = Pick<Work, 'procedure'>;

const keyOf = ({ procedure: { vessels, steps } }: Runnable): string =>
  JSON.stringify([vessels, steps.map(({ id, events }) => [id, events])]);

/** The engine’s run of a piece of work; asked for again with every tap, and always the same. */
export function runOf(work: Runnable): ProcedureRun {
  return runs.get(keyOf(work)) ?? keepRun(work, runProcedure(work.procedure));
}

/** Whether {@link runOf} knows what it is asked for, and need not calculate it. */
export const isRun = (work: Runnable): boolean => runs.has(keyOf(work));

/** Keeps a run for {@link runOf} that was calculated elsewhere, on another thread say. */
export function keepRun(work: Runnable, run: ProcedureRun): ProcedureRun {
  const [oldest] = runs.keys();
  if (runs.size >= mostRuns && oldest !== undefined) runs.delete(oldest);
  runs.set(keyOf(work), run);
  return run;
}

/** The vessels in which a step does something, each with what it should show at its end. */
export function stationsOf(work: Work, step: Step): Station[] {
  const { vessels, steps } = work.procedure;
  const run = runOf(work).steps.find((one) => one.step.id === step.id);
  if (!run) return [];
  const events = steps.flatMap((one) => one.events);
  const first = steps
    .slice(
      0,
      steps.findIndex(({ id }) => id === step.id),
    )
    .flatMap((one) => one.events).length;
  const names = [...new Set(run.did.map(({ vessel }) => vessel))];
  return names.flatMap((vessel): Station[] => {
    const container = vessels.find(({ name }) => name === vessel)?.container;
    const told = run.did.flatMap((one) => (one.vessel === vessel ? [one.told] : []));
    const last = told.at(-1);
    if (!container || !last) return [];
    const outside = [
      ...new Set([
        ...(step.notPredicted ? [step.notPredicted] : []),
        ...told.flatMap(({ notPredicted }) => notPredicted),
      ]),
    ];
    const merged = mergeObservations(told.map(({ observations }) => observations));
    return [
      {
        vessel,
        container,
        // Where two solutions are brought together the bench asks after a solid every time.
        expected: outside.length > 0 ? [] : isMixing(work) ? withAnswers(merged) : merged,
        ...(outside.length === 0 && { view: last.view }),
        reactions: outside.length > 0 ? [] : told.flatMap(({ reactions }) => reactions),
        change:
          outside.length > 0 ? { change: 'notPredicted', because: outside } : expectedChange(told),
        notPredicted: outside,
        plan: {
          vessels,
          events,
          vessel,
          from: first,
          to: first + run.did.length - 1,
          ...(work.forms && { forms: work.forms }),
        },
      },
    ];
  });
}

/** Why the engine could not run a step at all, where it could not. */
export function refusalOf(work: Work, step: Step): string | undefined {
  const { refused, steps } = runOf(work);
  if (!refused || steps.some((one) => one.step.id === step.id)) return undefined;
  return refused.stepId === step.id
    ? refused.message
    : 'an earlier step could not be predicted, so nothing can be said of this one';
}
