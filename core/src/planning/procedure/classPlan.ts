import type { ScheduleRequest, Task } from '../schedule/timetable';
import { shortText } from './orderGuard';
import type { Manner } from './manner';
import { kitKinds } from './procedure';
import type { KitKind, Procedure, Step } from './procedure';

/** What a class has to be fitted into. */
export interface ClassPlan {
  readonly procedures: readonly {
    readonly id: string;
    readonly manner: Manner;
    readonly procedure: Procedure;
  }[];
  readonly groups: readonly { readonly id: string; readonly name: string }[];
  /** Pupils in one group. */
  readonly groupSize: number;
  /** Kit there is, by name; none when left out. */
  readonly kit: Readonly<Partial<Record<KitKind, number>>>;
  /** Instructor and helpers. */
  readonly staff: number;
}

/** Where a task of the timetable comes from. */
export interface TaskOrigin {
  readonly taskId: string;
  readonly procedureId: string;
  readonly step: Step;
  /** Absent for a demonstration. */
  readonly groupId?: string;
}

/** Group to which a demonstration belongs in a task’s name. */
const shown = 'demonstration';

/** How many things one group does at once: two pupils to a test. */
export function handsOf({ groupSize }: Pick<ClassPlan, 'groupSize'>): number {
  return Math.max(1, Math.ceil(groupSize / 2));
}

/** The kit name under which a group’s own hands are booked. */
const handsName = (groupId: string): string => `hands ${groupId}`;

/** Every task of a class with where it comes from, in the order of the procedures and groups. */
export function taskOrigins({ procedures, groups }: ClassPlan): TaskOrigin[] {
  return procedures.flatMap(({ id, manner, procedure }) =>
    (manner === 'demonstration' ? [undefined] : groups).flatMap((group) =>
      procedure.steps.map((step) => ({
        taskId: taskId(id, group?.id, step.id),
        procedureId: id,
        step,
        ...(group && { groupId: group.id }),
      })),
    ),
  );
}

const taskId = (procedureId: string, groupId: string | undefined, stepId: string): string =>
  `${procedureId}/${groupId ?? shown}/${stepId}`;

/**
 * The class as a scheduling problem. A step that somebody stays with takes a pair of hands of its group, or, in a
 * demonstration, one of the staff and everybody’s attention; a step that runs by itself takes only its kit. A step follows the
 * one before it unless it names others, and always what it needs.
 */
export function scheduleOf(plan: ClassPlan): ScheduleRequest {
  const hands = handsOf(plan);
  const kit: Record<string, number> = Object.fromEntries(
    plan.groups.map(({ id }) => [handsName(id), hands]),
  );
  for (const name of kitKinds) kit[name] = plan.kit[name] ?? 0;
  return {
    people: plan.staff,
    kit,
    tasks: plan.procedures.flatMap(({ id, manner, procedure }) =>
      (manner === 'demonstration' ? [undefined] : plan.groups).flatMap((group) =>
        procedure.steps.map((step, at): Task => {
          const watched = plan.groups.map((one) => [handsName(one.id), hands] as const);
          const own = group ? [[handsName(group.id), 1] as const] : watched;
          return {
            id: taskId(id, group?.id, step.id),
            minutes: step.minutes,
            attended: group === undefined && step.attended,
            uses: { ...step.uses, ...(step.attended && Object.fromEntries(own)) },
            after: linksOf(procedure, at).map(({ step: earlier, ...waits }) => ({
              id: taskId(id, group?.id, earlier),
              ...waits,
            })),
            ...(group && { group: group.name }),
          };
        }),
      ),
    ),
  };
}

interface Link {
  readonly step: string;
  readonly minWaitMin?: number | undefined;
  readonly maxWaitMin?: number | undefined;
}

/** What a step follows: what it names, or the step before it, and everything it needs. */
function linksOf({ steps }: Procedure, at: number): Link[] {
  const step = steps[at];
  const before = steps[at - 1];
  if (!step) return [];
  const named: readonly Link[] = step.after ?? (before ? [{ step: before.id }] : []);
  const needed = step.needs
    .filter((need) => !named.some((link) => link.step === need.step))
    .map((need) => ({ step: need.step }));
  return [...named, ...needed];
}

/** Kit that a procedure uses and the class has too little of, in words; empty when all is there. */
export function missingKit({ procedures, kit, staff }: ClassPlan): string[] {
  const found = new Set<string>();
  for (const { procedure, manner } of procedures) {
    if (manner === 'demonstration' && staff < 1)
      found.add(`${procedure.name} is shown to all, and nobody is down to show it`);
    for (const step of procedure.steps)
      for (const [name, count] of Object.entries(step.uses) as [KitKind, number][]) {
        const there = kit[name] ?? 0;
        if (count > there)
          found.add(
            `“${shortText(step)}” in ${procedure.name} needs ${count} ${name}${count === 1 ? '' : 's'}; there ${there === 1 ? 'is' : 'are'} ${there}`,
          );
      }
  }
  return [...found];
}
