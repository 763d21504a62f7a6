import { apart } from './problem';
import type { Problem, Resource } from './problem';

/** How much of a resource is free over time: from `times[k]` on, `free[k]`. */
interface Profile {
  readonly times: number[];
  readonly free: number[];
}

/** Start of every task, ticks. */
export type Starts = Int32Array;

/** Tries over again at most this often when a longest wait cannot be kept. */
const mostRestarts = 40;

/**
 * Places the tasks one after the other, each as early as lags and resources let it, in the order of their keys (smallest first).
 * Where a longest wait would be broken, the task that waits is held back by as much and all are placed anew.
 *
 * @returns the starts, or undefined when the waits could not be kept this way.
 */
export function place(problem: Problem, keys: ArrayLike<number>): Starts | undefined {
  const { ids, size, distance } = problem;
  const held = new Int32Array(ids.length);
  ids.forEach((_, task) => {
    held[task] = Math.max(0, distance[ids.length * size + task] ?? 0);
  });
  for (let restart = 0; restart < mostRestarts; restart += 1) {
    const outcome = placeOnce(problem, keys, held);
    if (outcome.starts) return outcome.starts;
    const { late, task } = outcome;
    let moved = false;
    for (const { other, start } of outcome.binding) {
      // A task that is held at its minute cannot be moved.
      const latest = -(distance[other * size + ids.length] ?? apart);
      if (start + late > latest) continue;
      held[other] = Math.max(held[other] ?? 0, start + late);
      moved = true;
    }
    if (!moved || task < 0) return undefined;
  }
  return undefined;
}

interface Placing {
  readonly starts?: Starts;
  readonly task: number;
  /** By how much the latest start was missed, ticks. */
  readonly late: number;
  readonly binding: readonly { readonly other: number; readonly start: number }[];
}

function placeOnce(problem: Problem, keys: ArrayLike<number>, held: Int32Array): Placing {
  const { ids, ticks, size, distance, kin, before, resources } = problem;
  const count = ids.length;
  const starts = new Int32Array(count).fill(-1);
  const waiting = Int32Array.from(before, (earlier) => earlier.length);
  const profiles = resources.map(({ capacity }): Profile => ({ times: [0], free: [capacity] }));
  const ready = ids.map((_, task) => task).filter((task) => waiting[task] === 0);
  const urgent = new Uint8Array(count);
  for (let placed = 0; placed < count; placed += 1) {
    let at = 0;
    for (let k = 1; k < ready.length; k += 1)
      if (goesFirst(ready[k] ?? 0, ready[at] ?? 0, keys, urgent)) at = k;
    const task = ready[at] ?? 0;
    ready[at] = ready[ready.length - 1] ?? 0;
    ready.pop();
    let from = held[task] ?? 0;
    let to = -(distance[task * size + count] ?? apart);
    for (const other of kin[task] ?? []) {
      const start = starts[other] ?? -1;
      if (start < 0) continue;
      const there = distance[other * size + task] ?? apart;
      const back = distance[task * size + other] ?? apart;
      if (there !== apart) from = Math.max(from, start + there);
      if (back !== apart) to = Math.min(to, start - back);
    }
    const start = earliest(problem, profiles, task, from);
    if (start > to) {
      const binding = (kin[task] ?? [])
        .map((other) => ({ other, start: starts[other] ?? -1 }))
        .filter(({ other, start: begun }) => {
          const back = distance[task * size + other] ?? apart;
          return begun >= 0 && back !== apart && begun - back < start;
        });
      return { task, late: start - to, binding };
    }
    starts[task] = start;
    resources.forEach(({ use }, k) =>
      take(profiles[k] as Profile, start, ticks[task] ?? 0, use[task] ?? 0),
    );
    for (const other of kin[task] ?? []) {
      if ((starts[other] ?? -1) >= 0) continue;
      // Whoever must follow within a time goes next, before others take the place.
      if ((distance[other * size + task] ?? apart) !== apart) urgent[other] = 1;
      if (before[other]?.includes(task)) {
        waiting[other] = (waiting[other] ?? 0) - 1;
        if (waiting[other] === 0) ready.push(other);
      }
    }
  }
  return { starts, task: -1, late: 0, binding: [] };
}

function goesFirst(
  one: number,
  other: number,
  keys: ArrayLike<number>,
  urgent: Uint8Array,
): boolean {
  const [a, b] = [urgent[one] ?? 0, urgent[other] ?? 0];
  return a !== b ? a > b : (keys[one] ?? 0) < (keys[other] ?? 0);
}

/** The first moment from which everything a task uses is free for its whole length. */
function earliest(
  { ticks, resources }: Problem,
  profiles: readonly Profile[],
  task: number,
  from: number,
): number {
  const length = ticks[task] ?? 0;
  if (length === 0) return from;
  let start = from;
  for (let moved = true; moved;) {
    moved = false;
    for (let k = 0; k < resources.length; k += 1) {
      const need = (resources[k] as Resource).use[task] ?? 0;
      if (need === 0) continue;
      const next = freeFrom(profiles[k] as Profile, start, length, need);
      if (next > start) [start, moved] = [next, true];
    }
  }
  return start;
}

function freeFrom({ times, free }: Profile, from: number, length: number, need: number): number {
  let start = from;
  let k = segmentAt(times, start);
  for (; k < times.length; k += 1) {
    if ((times[k] ?? 0) >= start + length) break;
    if ((free[k] ?? 0) < need) start = times[k + 1] ?? Infinity;
  }
  return start;
}

function segmentAt(times: readonly number[], moment: number): number {
  let [low, high] = [0, times.length - 1];
  while (low < high) {
    const middle = (low + high + 1) >> 1;
    if ((times[middle] ?? 0) <= moment) low = middle;
    else high = middle - 1;
  }
  return low;
}

function take({ times, free }: Profile, start: number, length: number, need: number): void {
  if (length === 0 || need === 0) return;
  const split = (moment: number): number => {
    const k = segmentAt(times, moment);
    if (times[k] === moment) return k;
    times.splice(k + 1, 0, moment);
    free.splice(k + 1, 0, free[k] ?? 0);
    return k + 1;
  };
  const first = split(start);
  const last = split(start + length);
  for (let k = first; k < last; k += 1) free[k] = (free[k] ?? 0) - need;
}

/** When the last task ends, ticks. */
export function makespan({ ticks }: Problem, starts: Starts): number {
  return ticks.reduce((last, length, task) => Math.max(last, (starts[task] ?? 0) + length), 0);
}
