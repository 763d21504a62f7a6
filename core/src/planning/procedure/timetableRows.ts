import type { TimedTask } from '../schedule/timetable';
import { handsOf, taskOrigins } from './classPlan';
import type { ClassPlan, TaskOrigin } from './classPlan';
import { shortText } from './orderGuard';

/** One task as a bar: when, which step of which procedure, and whose. */
export interface TimetableBar extends TimedTask {
  readonly origin: TaskOrigin;
  /** Number of the procedure in the day, from 1. */
  readonly procedureNumber: number;
  readonly procedureName: string;
}

/** What one pair of hands does, or what runs by itself at one bench, one after the other. */
export interface TimetableLane {
  readonly kind: 'hands' | 'waiting';
  readonly label: string;
  readonly bars: readonly TimetableBar[];
}

/** One bench, or what is shown to all. */
export interface TimetableRow {
  readonly id: string;
  readonly name: string;
  readonly lanes: readonly TimetableLane[];
}

const shownRow = 'shown';

/** A timetable as benches with lanes: a lane for each pair of hands, and as many as it takes for what runs by itself. */
export function timetableRows(plan: ClassPlan, tasks: readonly TimedTask[]): TimetableRow[] {
  const times = new Map(tasks.map((task) => [task.id, task]));
  const bars = taskOrigins(plan).flatMap((origin): TimetableBar[] => {
    const time = times.get(origin.taskId);
    const at = plan.procedures.findIndex(({ id }) => id === origin.procedureId);
    const procedure = plan.procedures[at]?.procedure;
    return time && procedure
      ? [{ ...time, origin, procedureNumber: at + 1, procedureName: procedure.name }]
      : [];
  });
  const row = (
    id: string,
    name: string,
    own: readonly TimetableBar[],
    hands: number,
  ): TimetableRow => ({
    id,
    name,
    lanes: [
      ...lanesOf(
        own.filter(({ origin }) => origin.step.attended),
        'hands',
        hands,
      ),
      ...lanesOf(
        own.filter(({ origin }) => !origin.step.attended),
        'waiting',
        0,
      ),
    ],
  });
  const shown = bars.filter(({ origin }) => origin.groupId === undefined);
  return [
    ...(shown.length > 0 ? [row(shownRow, 'Shown to all', shown, 1)] : []),
    ...plan.groups.map(({ id, name }) =>
      row(
        id,
        name,
        bars.filter(({ origin }) => origin.groupId === id),
        handsOf(plan),
      ),
    ),
  ];
}

/** Deals bars out to lanes, each to the first that is free. */
function lanesOf(
  bars: readonly TimetableBar[],
  kind: TimetableLane['kind'],
  least: number,
): TimetableLane[] {
  const lanes: TimetableBar[][] = Array.from({ length: least }, () => []);
  for (const bar of [...bars].sort((one, other) => one.startMin - other.startMin)) {
    const free = lanes.find((lane) => (lane.at(-1)?.endMin ?? 0) <= bar.startMin + 1e-6);
    if (free) free.push(bar);
    else lanes.push([bar]);
  }
  return lanes.map((lane, at) => ({
    kind,
    label: kind === 'waiting' ? 'by itself' : `pair ${at + 1}`,
    bars: lane,
  }));
}

/** The same timetable by person: whoever shows things, and each pair at its bench, without what runs by itself. */
export function peopleRows(
  rows: readonly TimetableRow[],
  staff: readonly string[],
): TimetableRow[] {
  return rows.flatMap((row) => {
    const lanes = row.lanes.filter(({ kind }) => kind === 'hands');
    return lanes.map((lane, at) => ({
      id: `${row.id} ${at}`,
      name:
        row.id === shownRow
          ? (staff[at] ?? row.name)
          : lanes.length === 1
            ? row.name
            : `${row.name} · ${at + 1}`,
      lanes: [lane],
    }));
  });
}

/** What a bench does while something there runs by itself. */
export function meanwhile(row: TimetableRow, waiting: TimetableBar): string[] {
  return row.lanes
    .filter(({ kind }) => kind === 'hands')
    .flatMap(({ bars }) => bars)
    .filter(({ startMin, endMin }) => startMin < waiting.endMin && endMin > waiting.startMin)
    .map(({ origin, procedureName }) => `${procedureName}: ${shortText(origin.step)}`);
}
