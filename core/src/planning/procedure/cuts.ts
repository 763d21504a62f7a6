import { schedule } from '../schedule/schedule';
import type { ClassPlan } from './classPlan';
import { scheduleOf } from './classPlan';
import { formatNumber } from '../../common/formatNumber';

/** A way to make a class fit, with how long it then takes. */
export interface Cut {
  readonly kind: 'shorterWaits' | 'demonstration' | 'split' | 'leaveOut';
  readonly message: string;
  /** Length of the class then; of the longer day where it is split, min. */
  readonly makespanMin: number;
  readonly plan: ClassPlan;
  /** What goes on the second day, where it is split. */
  readonly secondDay?: ClassPlan;
}

/** Share of its time that a step which runs by itself keeps when it is cut short: eight minutes of heating for twelve. */
const keptShare = 2 / 3;
/** A wait shorter than this, min, is not cut. */
const shortestCutMin = 5;
/** Cuts are compared with a quick timetable of each. */
const effort = 0.02;

/**
 * What would make a class shorter, each calculated through: shorter waits, a demonstration in place of group work, leaving a
 * procedure out, two days instead of one.
 *
 * @param watch is told the share done, and stops by answering false; what was found so far is returned.
 * @returns the cuts that help, the one with the shortest class first.
 */
export function cutsFor(
  plan: ClassPlan,
  makespanMin: number,
  watch: (share: number) => boolean = () => true,
): Cut[] {
  const candidates = candidatesOf(plan);
  const found: Cut[] = [];
  for (const [at, { lengthOf, ...cut }] of candidates.entries()) {
    if (!watch(at / candidates.length)) break;
    const length = lengthOf();
    if (length < makespanMin) found.push({ ...cut, makespanMin: length });
  }
  return found.sort((one, other) => one.makespanMin - other.makespanMin);
}

const lengthOf = (plan: ClassPlan): number =>
  schedule(scheduleOf(plan), undefined, { effort }).makespanMin;

type Candidate = Omit<Cut, 'makespanMin'> & { readonly lengthOf: () => number };

function candidatesOf(plan: ClassPlan): Candidate[] {
  const candidates: Candidate[] = [];
  const shorter = withShorterWaits(plan);
  if (shorter.changed.length > 0)
    candidates.push({
      kind: 'shorterWaits',
      message: `Cut the waits by a third: ${shorter.changed.join('; ')}. What is heated or left for less time may not come to its end.`,
      plan: shorter.plan,
      lengthOf: () => lengthOf(shorter.plan),
    });
  for (const { id, manner, procedure } of plan.procedures) {
    if (manner === 'groups' && plan.staff > 0) {
      const shown = {
        ...plan,
        procedures: plan.procedures.map((one) =>
          one.id === id ? { ...one, manner: 'demonstration' as const } : one,
        ),
      };
      candidates.push({
        kind: 'demonstration',
        message: `Show ${procedure.name} instead of having every group do it.`,
        plan: shown,
        lengthOf: () => lengthOf(shown),
      });
    }
    if (plan.procedures.length < 2) continue;
    const without = {
      ...plan,
      procedures: plan.procedures.filter((one) => one.id !== id),
    };
    candidates.push({
      kind: 'leaveOut',
      message: `Leave ${procedure.name} for another day.`,
      plan: without,
      lengthOf: () => lengthOf(without),
    });
  }
  if (plan.procedures.length >= 2) candidates.push(splitInTwo(plan));
  return candidates;
}

function withShorterWaits(plan: ClassPlan) {
  const changed: string[] = [];
  const procedures = plan.procedures.map((planned) => ({
    ...planned,
    procedure: {
      ...planned.procedure,
      steps: planned.procedure.steps.map((step) => {
        if (step.attended || step.minutes < shortestCutMin) return step;
        const minutes = Math.round(step.minutes * keptShare);
        changed.push(`${planned.procedure.name}, ${step.minutes} → ${formatNumber(minutes)} min`);
        return { ...step, minutes };
      }),
    },
  }));
  return { changed, plan: { ...plan, procedures } };
}

/** Half of the work on each of two days, the longest procedures dealt out first. */
function splitInTwo(plan: ClassPlan): Candidate {
  const work = ({ procedure }: ClassPlan['procedures'][number]): number =>
    procedure.steps.reduce((sum, { minutes }) => sum + minutes, 0);
  const days: [ClassPlan['procedures'][number][], ClassPlan['procedures'][number][]] = [[], []];
  const sum = [0, 0];
  for (const planned of [...plan.procedures].sort((one, other) => work(other) - work(one))) {
    const day = (sum[0] ?? 0) <= (sum[1] ?? 0) ? 0 : 1;
    days[day].push(planned);
    sum[day] = (sum[day] ?? 0) + work(planned);
  }
  const inOrder = (chosen: readonly ClassPlan['procedures'][number][]): ClassPlan => ({
    ...plan,
    procedures: plan.procedures.filter((planned) => chosen.includes(planned)),
  });
  const [first, second] = [inOrder(days[0]), inOrder(days[1])];
  const names = second.procedures.map(({ procedure }) => procedure.name).join(', ');
  return {
    kind: 'split',
    message: `Split over two days: ${names} on the second.`,
    plan: first,
    secondDay: second,
    lengthOf: () => Math.max(lengthOf(first), lengthOf(second)),
  };
}
