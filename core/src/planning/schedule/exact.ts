import { strengthened, windowsOf, workBound } from './bound';
import { makespan } from './place';
import type { Starts } from './place';
import { apart, endNode, startNode } from './problem';
import type { Problem, Resource } from './problem';

/** What a search found, and whether it looked everywhere. */
export interface Searched {
  readonly starts: Starts | undefined;
  readonly complete: boolean;
}

/** A way out of a conflict: every task of `late` waits for the end of `first`. */
interface Delay {
  readonly first: number;
  readonly late: readonly number[];
}

/**
 * Looks for a timetable shorter than `found` ticks, branch by branch (De Reyck and Herroelen, 1998): start every task as early
 * as the lags let it; at the first moment where a resource runs short, try every smallest set of tasks that could wait, after
 * every task that could go first. Branches whose bound is no better are left out.
 *
 * @param mostNodes how many branches are looked at before giving up.
 */
export function search(problem: Problem, found: number, mostNodes: number): Searched {
  const resources = strengthened(problem.resources);
  const count = problem.ids.length;
  let best = found;
  let starts: Starts | undefined;
  let nodes = 0;
  const visit = (distance: Int32Array): void => {
    nodes += 1;
    if (nodes > mostNodes) return;
    if (!orderPairs(problem, resources, distance, best)) return;
    if (workBound(problem, resources, windowsOf(problem, distance), distance) >= best) return;
    const early = distance.slice(
      startNode(problem) * problem.size,
      startNode(problem) * problem.size + count,
    );
    const conflict = firstConflict(problem, early);
    if (!conflict) {
      const length = makespan(problem, early);
      if (length < best) [best, starts] = [length, early];
      return;
    }
    const branches = waysOut(conflict, problem)
      .map((delay) => delayed(problem, distance, delay))
      .filter((branch) => branch !== undefined)
      .map((branch) => ({ branch, length: lengthOf(problem, branch) }))
      .filter(({ length }) => length < best)
      .sort((one, other) => one.length - other.length);
    for (const { branch, length } of branches) if (length < best) visit(branch);
  };
  visit(problem.distance.slice());
  return { starts, complete: nodes <= mostNodes };
}

const lengthOf = (problem: Problem, distance: Int32Array): number =>
  distance[startNode(problem) * problem.size + endNode(problem)] ?? 0;

/** The tasks that run at the first moment at which they ask more of a resource than there is. */
interface Conflict {
  readonly running: readonly number[];
  readonly resource: Resource;
}

function firstConflict({ ticks, resources }: Problem, starts: Starts): Conflict | undefined {
  const moments = [...new Set(starts)].sort((one, other) => one - other);
  for (const moment of moments)
    for (const resource of resources) {
      const running = ticks.flatMap((length, task) => {
        const start = starts[task] ?? 0;
        const isRunning = start <= moment && start + length > moment;
        return isRunning && (resource.use[task] ?? 0) > 0 ? [task] : [];
      });
      if (needOf(running, resource) > resource.capacity) return { running, resource };
    }
  return undefined;
}

const needOf = (tasks: readonly number[], { use }: Resource): number =>
  tasks.reduce((sum, task) => sum + (use[task] ?? 0), 0);

/** The smallest sets that could wait, each after each of the others. */
function waysOut({ running, resource }: Conflict, { ticks }: Problem): Delay[] {
  const excess = needOf(running, resource) - resource.capacity;
  const sets: number[][] = [];
  const grow = (from: number, chosen: number[], freed: number): void => {
    if (freed >= excess) {
      // Without any one of them it would not be enough, or the set is larger than it need be.
      if (chosen.every((task) => freed - (resource.use[task] ?? 0) < excess)) sets.push(chosen);
      return;
    }
    for (let k = from; k < running.length; k += 1) {
      const task = running[k] ?? 0;
      grow(k + 1, [...chosen, task], freed + (resource.use[task] ?? 0));
    }
  };
  grow(0, [], 0);
  return sets.flatMap((late) => {
    const staying = running.filter((task) => !late.includes(task));
    return staying
      .filter((task) => (ticks[task] ?? 0) > 0)
      .map((first): Delay => ({ first, late }));
  });
}

function delayed(
  { size, ticks }: Problem,
  distance: Int32Array,
  { first, late }: Delay,
): Int32Array | undefined {
  const branch = distance.slice();
  for (const task of late)
    if (!link(branch, size, first, task, ticks[first] ?? 0)) return undefined;
  return branch;
}

/** Adds a lag and every chain it makes longer. @returns false when it closes a circle that cannot be. */
function link(
  distance: Int32Array,
  size: number,
  from: number,
  to: number,
  length: number,
): boolean {
  const back = distance[to * size + from] ?? apart;
  if (back !== apart && back + length > 0) return false;
  if ((distance[from * size + to] ?? apart) >= length) return true;
  for (let one = 0; one < size; one += 1) {
    const head = distance[one * size + from] ?? apart;
    if (head === apart) continue;
    for (let other = 0; other < size; other += 1) {
      const tail = distance[to * size + other] ?? apart;
      if (tail === apart) continue;
      const chain = head + length + tail;
      if (chain > (distance[one * size + other] ?? apart)) distance[one * size + other] = chain;
    }
  }
  return true;
}

/**
 * Two tasks that can never run at once go one before the other; where one order cannot lead to anything better, the other is
 * fixed (Carlier and Pinson, 1989). @returns false when neither order can.
 */
function orderPairs(
  { size, ticks, ids }: Problem,
  resources: readonly Resource[],
  distance: Int32Array,
  best: number,
): boolean {
  const [start, end] = [ids.length, ids.length + 1];
  const at = (from: number, to: number): number => distance[from * size + to] ?? apart;
  const canGo = (first: number, second: number): boolean => {
    const back = at(second, first);
    const length = ticks[first] ?? 0;
    if (back !== apart && back + length > 0) return false;
    return at(start, first) + length + at(second, end) < best;
  };
  for (let changed = true; changed;) {
    changed = false;
    for (const { capacity, use } of resources) {
      if (capacity !== 1) continue;
      const tasks = use.flatMap((need, task) => (need > 0 && (ticks[task] ?? 0) > 0 ? [task] : []));
      for (const [k, one] of tasks.entries())
        for (const other of tasks.slice(k + 1)) {
          if (at(one, other) >= (ticks[one] ?? 0) || at(other, one) >= (ticks[other] ?? 0))
            continue;
          const [forth, back] = [canGo(one, other), canGo(other, one)];
          if (forth && back) continue;
          if (!forth && !back) return false;
          const [first, second] = forth ? [one, other] : [other, one];
          if (!link(distance, size, first, second, ticks[first] ?? 0)) return false;
          changed = true;
        }
    }
  }
  return true;
}
