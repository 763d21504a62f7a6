import { endNode, startNode } from './problem';
import type { Problem, Resource } from './problem';

/** Ticks that surely pass before a task can start and after it has begun, from the chains of lags. */
export interface Windows {
  readonly heads: readonly number[];
  /** From the start of the task to the end of the day. */
  readonly tails: readonly number[];
}

/** The windows that chains of lags leave. */
export function windowsOf(problem: Problem, distance: Int32Array = problem.distance): Windows {
  const { ids, size } = problem;
  const [start, end] = [startNode(problem), endNode(problem)];
  return {
    heads: ids.map((_, task) => distance[start * size + task] ?? 0),
    tails: ids.map((_, task) => distance[task * size + end] ?? 0),
  };
}

/**
 * Resources and what follows from them: of tasks that each take more than one part in k + 1 of a resource, at most k run
 * at once, so for these it counts as k machines of which each takes one.
 */
export function strengthened(resources: readonly Resource[]): Resource[] {
  const found: Resource[] = [];
  const seen = new Set<string>();
  for (const { name, capacity, use } of resources) {
    found.push({ name, capacity, use });
    const most = Math.min(6, capacity);
    for (let machines = 1; machines <= most; machines += 1) {
      const big = use.map((need) => (need * (machines + 1) > capacity ? 1 : 0));
      const key = `${machines} ${big.join('')}`;
      if (seen.has(key) || big.reduce<number>((sum, one) => sum + one, 0) <= machines) continue;
      seen.add(key);
      found.push({ name, capacity: machines, use: big });
    }
  }
  return found;
}

/**
 * A length no timetable can be under, ticks: the longest chain; and, for every resource, the work of the tasks that cannot
 * begin before some moment and end at least some time before the end (the single-machine bound of Carlier, 1982, over capacities).
 */
export function workBound(
  problem: Problem,
  resources: readonly Resource[],
  windows: Windows,
  distance: Int32Array = problem.distance,
): number {
  const { ticks, size } = problem;
  let bound = distance[startNode(problem) * size + endNode(problem)] ?? 0;
  const { heads, tails } = windows;
  const after = (task: number): number => (tails[task] ?? 0) - (ticks[task] ?? 0);
  for (const { capacity, use } of resources) {
    const tasks = use
      .map((need, task) => (need > 0 && (ticks[task] ?? 0) > 0 ? task : -1))
      .filter((task) => task >= 0)
      .sort((one, other) => after(other) - after(one));
    for (const from of new Set(tasks.map((task) => heads[task] ?? 0))) {
      let work = 0;
      for (const task of tasks) {
        if ((heads[task] ?? 0) < from) continue;
        work += (use[task] ?? 0) * (ticks[task] ?? 0);
        bound = Math.max(bound, from + Math.ceil(work / capacity) + after(task));
      }
    }
  }
  return bound;
}

/**
 * Whether the work that must fall into some stretch of time exceeds what a resource can do there, if the day were to last
 * `length` ticks (energetic reasoning, Erschler and Lopez 1990). True proves that it lasts longer.
 */
export function isTooShort(
  { ticks }: Problem,
  resources: readonly Resource[],
  { heads, tails }: Windows,
  length: number,
): boolean {
  if (heads.some((head, task) => head + (tails[task] ?? 0) > length)) return true;
  for (const { capacity, use } of resources) {
    const tasks = use.flatMap((need, task) => {
      const time = ticks[task] ?? 0;
      if (need === 0 || time === 0) return [];
      return [{ need, time, first: heads[task] ?? 0, last: length - (tails[task] ?? 0) }];
    });
    const begins = [...new Set(tasks.flatMap(({ first, last }) => [first, last]))];
    const ends = [
      ...new Set(tasks.flatMap(({ first, last, time }) => [last + time, first + time])),
    ];
    for (const from of begins)
      for (const to of ends) {
        if (to <= from) continue;
        let work = 0;
        for (const { need, time, first, last } of tasks)
          work += need * Math.max(0, Math.min(time, to - from, first + time - from, to - last));
        if (work > capacity * (to - from)) return true;
      }
  }
  return false;
}

/** Above this many tasks the finest bound takes too long. */
const mostForEnergy = 120;

/** The best length proven to be too short plus one, between a bound known and a timetable found, ticks. */
export function lowerBound(problem: Problem, found: number): number {
  const resources = strengthened(problem.resources);
  const windows = windowsOf(problem);
  let low = Math.max(0, workBound(problem, resources, windows));
  if (problem.ids.length > mostForEnergy) return low;
  let high = found;
  while (low < high) {
    const middle = Math.floor((low + high) / 2);
    if (isTooShort(problem, resources, windows, middle)) low = middle + 1;
    else high = middle;
  }
  return low;
}
