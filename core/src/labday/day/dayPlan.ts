import { containerInWords } from '../../vessel/containers';
import { scheduleOf } from '../../planning/procedure/classPlan';
import type { ClassPlan } from '../../planning/procedure/classPlan';
import type { ScheduleRequest } from '../../planning/schedule/timetable';
import type { WasteSource } from '../../planning/waste/wastePlan';
import type { LabDay } from './labDay';

/** A lab day as a class to be fitted into its time. */
export function classPlanOf({
  procedures,
  groups,
  groupSize,
  kit,
  staff,
}: Pick<LabDay, 'procedures' | 'groups' | 'groupSize' | 'kit' | 'staff'>): ClassPlan {
  return { procedures, groups, groupSize, kit, staff: staff.length };
}

/** A short name for a plan, by which a timetable knows whether it is still the one it was made for (FNV-1a, 32 bit). */
export function planKey(plan: ClassPlan): string {
  return hash(JSON.stringify(scheduleOf(plan) satisfies ScheduleRequest));
}

function hash(text: string): string {
  let value = 0x811c9dc5;
  for (let at = 0; at < text.length; at += 1)
    value = Math.imul(value ^ text.charCodeAt(at), 0x01000193);
  return (value >>> 0).toString(16).padStart(8, '0');
}

/** A piece of equipment and how many of it the day needs. */
export interface Equipment {
  readonly name: string;
  readonly count: number;
  readonly for: readonly string[];
}

/** Glassware and apparatus of the day: vessels and what goes with each procedure, for every group that does it. */
export function equipmentOf({
  procedures,
  groups,
}: Pick<LabDay, 'procedures' | 'groups'>): Equipment[] {
  const found = new Map<string, Equipment>();
  const add = (name: string, count: number, what: string): void => {
    const before = found.get(name);
    found.set(name, {
      name,
      count: (before?.count ?? 0) + count,
      for: [...new Set([...(before?.for ?? []), what])],
    });
  };
  for (const { procedure, manner } of procedures) {
    const times = manner === 'demonstration' ? 1 : groups.length;
    for (const { container } of procedure.vessels)
      add(containerInWords(container), times, procedure.name);
    for (const { name, count } of procedure.apparatus) add(name, count * times, procedure.name);
  }
  return [...found.values()].sort((one, other) => one.name.localeCompare(other.name));
}

/** What leaves waste behind: every procedure. */
export function wasteSources({
  procedures,
  groups,
}: Pick<LabDay, 'procedures' | 'groups'>): WasteSource[] {
  return procedures.map(({ manner, procedure }) => ({
    name: procedure.name,
    vessels: procedure.vessels,
    steps: procedure.steps,
    times: manner === 'demonstration' ? 1 : groups.length,
  }));
}
