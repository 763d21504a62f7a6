import { ChemistryError } from '../../common/errors';
import { greatestCommonDivisor } from '../../matter/formula/greatestCommonDivisor';
import type { ScheduleRequest, Task } from './timetable';

/** Something of which only so much is in use at once: a kind of kit, or the people. */
export interface Resource {
  readonly name: string;
  readonly capacity: number;
  /** What each task takes of it. */
  readonly use: readonly number[];
}

/** Start of `to` is at least start of `from` plus `ticks`; a longest wait is one that points back. */
export interface Lag {
  readonly from: number;
  readonly to: number;
  readonly ticks: number;
}

/**
 * A scheduling problem in whole ticks. Its last two nodes are the start and the end of the day.
 * `distance[i * size + j]` is the longest chain of lags from i to j, or `apart` where there is none.
 */
export interface Problem {
  readonly ids: readonly string[];
  readonly ticks: readonly number[];
  readonly resources: readonly Resource[];
  readonly size: number;
  readonly distance: Int32Array;
  /** Tasks bound to each task by lags in either direction, itself left out. */
  readonly kin: readonly (readonly number[])[];
  /** Tasks that must have been placed before each task is. */
  readonly before: readonly (readonly number[])[];
  readonly isPinned: boolean;
  readonly minutesPerTick: number;
}

/** No chain of lags leads there. */
export const apart = -(2 ** 30);
/** Times are kept to a thousandth of a minute. */
const perMinute = 1000;

export const startNode = ({ ids }: Problem): number => ids.length;
export const endNode = ({ ids }: Problem): number => ids.length + 1;

const refuse = (field: string, message: string): never => {
  throw ChemistryError.of('noTimetable', message).in(field);
};

/**
 * Reads a request into whole ticks: the largest unit of time that all its times are multiples of.
 *
 * @throws ChemistryError `noTimetable` for a task that names what is not there, needs more than there is, or waits for itself.
 */
export function readProblem({ tasks, kit = {}, people }: ScheduleRequest): Problem {
  const index = indexTasks(tasks);
  const raw = (min: number): number => Math.round(min * perMinute);
  const lags = tasks.flatMap((task, to) => lagsOf(task, to, index, tasks, raw));
  const times = [...tasks.map(({ minutes }) => raw(minutes)), ...lags.map(({ ticks }) => ticks)];
  const unit = times.reduce((sum, time) => greatestCommonDivisor(sum, Math.abs(time)), 0) || 1;
  const ticks = tasks.map(({ minutes }) => raw(minutes) / unit);
  const size = tasks.length + 2;
  const distance = new Int32Array(size * size).fill(apart);
  const [first, last] = [tasks.length, tasks.length + 1];
  const link = (from: number, to: number, length: number): void => {
    distance[from * size + to] = Math.max(distance[from * size + to] ?? apart, length);
  };
  for (let node = 0; node < size; node += 1) link(node, node, 0);
  ticks.forEach((length, task) => {
    link(first, task, 0);
    link(task, last, length);
  });
  link(first, last, 0);
  for (const { from, to, ticks: length } of lags)
    link(from < 0 ? first : from, to < 0 ? first : to, length / unit);
  closeDistances(distance, size, tasks);
  const ids = tasks.map(({ id }) => id);
  return {
    ids,
    ticks,
    size,
    distance,
    resources: readResources(tasks, kit, people),
    ...relatives(distance, size, tasks.length),
    isPinned: tasks.some(({ startMin }) => startMin !== undefined),
    minutesPerTick: unit / perMinute,
  };
}

function indexTasks(tasks: readonly Task[]): ReadonlyMap<string, number> {
  const index = new Map<string, number>();
  tasks.forEach(({ id }, at) => {
    if (index.has(id)) refuse(`tasks.${at}.id`, `Two tasks are called “${id}”.`);
    index.set(id, at);
  });
  return index;
}

/** The lags of one task; −1 stands for the start of the day. */
function lagsOf(
  task: Task,
  to: number,
  index: ReadonlyMap<string, number>,
  tasks: readonly Task[],
  raw: (min: number) => number,
): Lag[] {
  const found: Lag[] = [];
  for (const [at, entry] of (task.after ?? []).entries()) {
    const { id, minWaitMin = 0, maxWaitMin } = typeof entry === 'string' ? { id: entry } : entry;
    const field = `tasks.${to}.after.${at}`;
    const from = index.get(id) ?? -1;
    const length = raw(tasks[from]?.minutes ?? 0);
    if (from < 0) refuse(field, `“${task.id}” waits for “${id}”, which is no task.`);
    if (maxWaitMin !== undefined && maxWaitMin < minWaitMin)
      refuse(field, `“${task.id}” waits at least ${minWaitMin} and at most ${maxWaitMin} minutes.`);
    found.push({ from, to, ticks: length + raw(minWaitMin) });
    if (maxWaitMin !== undefined)
      found.push({ from: to, to: from, ticks: -(length + raw(maxWaitMin)) });
  }
  if (task.startMin !== undefined)
    found.push(
      { from: -1, to, ticks: raw(task.startMin) },
      { from: to, to: -1, ticks: -raw(task.startMin) },
    );
  return found;
}

/** Longest chains between all pairs (Floyd–Warshall). */
function closeDistances(distance: Int32Array, size: number, tasks: readonly Task[]): void {
  for (let via = 0; via < size; via += 1)
    for (let from = 0; from < size; from += 1) {
      const head = distance[from * size + via] ?? apart;
      if (head === apart) continue;
      for (let to = 0; to < size; to += 1) {
        const tail = distance[via * size + to] ?? apart;
        if (tail !== apart && head + tail > (distance[from * size + to] ?? apart))
          distance[from * size + to] = head + tail;
      }
    }
  const looped = tasks.findIndex((_, node) => (distance[node * size + node] ?? 0) > 0);
  if (looped >= 0)
    refuse(
      `tasks.${looped}.after`,
      `“${tasks[looped]?.id}” cannot keep its links: they wait for each other, or a longest wait is shorter than what lies between.`,
    );
}

function readResources(
  tasks: readonly Task[],
  kit: Readonly<Record<string, number>>,
  people: number,
): Resource[] {
  tasks.forEach((task, at) => {
    for (const [name, count] of Object.entries(task.uses ?? {})) {
      const there = kit[name];
      if (there === undefined)
        refuse(`tasks.${at}.uses`, `“${task.id}” uses ${name}, which is not in the kit.`);
      else if (count > there)
        refuse(
          `tasks.${at}.uses`,
          `“${task.id}” uses ${count} of ${name}; there ${there === 1 ? 'is' : 'are'} ${there}.`,
        );
    }
    if (task.attended && task.minutes > 0 && people < 1)
      refuse('people', `“${task.id}” needs a person, and there is none.`);
  });
  const all = [
    { name: 'people', capacity: people, use: tasks.map(({ attended }) => (attended ? 1 : 0)) },
    ...Object.entries(kit).map(([name, capacity]) => ({
      name,
      capacity,
      use: tasks.map(({ uses }) => uses?.[name] ?? 0),
    })),
  ];
  // What can never run short needs no watching.
  return all.filter(
    ({ capacity, use }) => use.reduce<number>((sum, one) => sum + one, 0) > capacity,
  );
}

function relatives(distance: Int32Array, size: number, count: number) {
  const kin: number[][] = [];
  const before: number[][] = [];
  const start = count;
  for (let task = 0; task < count; task += 1) {
    const near: number[] = [];
    const earlier: number[] = [];
    for (let other = 0; other < size - 1; other += 1) {
      if (other === task) continue;
      const [there, back] = [
        distance[other * size + task] ?? apart,
        distance[task * size + other] ?? apart,
      ];
      if (other !== start && (there !== apart || back !== apart)) near.push(other);
      // A task of no length may be bound to the same moment both ways; then the first listed goes first.
      if (other !== start && there >= 0 && (back < 0 || other < task)) earlier.push(other);
    }
    kin.push(near);
    before.push(earlier);
  }
  return { kin, before };
}
