import { dice } from '../../common/dice';
import { windowsOf } from './bound';
import { makespan, place } from './place';
import type { Starts } from './place';
import { apart } from './problem';
import type { Problem } from './problem';

/** Told now and then while a timetable is sought; answering false stops the search with what there is. */
export type Watch = (done: number) => boolean;

/** The same problem with time running backwards. */
function reversed(problem: Problem): Problem {
  const { ids, ticks, size, distance, before, kin } = problem;
  const turned = new Int32Array(size * size).fill(apart);
  const count = ids.length;
  const mirror = (node: number): number =>
    node < count ? node : node === count ? count + 1 : count;
  const length = (node: number): number => (node < count ? (ticks[node] ?? 0) : 0);
  for (let from = 0; from < size; from += 1)
    for (let to = 0; to < size; to += 1) {
      const chain = distance[from * size + to] ?? apart;
      // From start to start becomes from end to end.
      if (chain !== apart)
        turned[mirror(to) * size + mirror(from)] = chain - length(from) + length(to);
    }
  const later: number[][] = before.map(() => []);
  before.forEach((earlier, task) => earlier.forEach((other) => later[other]?.push(task)));
  return { ...problem, distance: turned, before: later, kin };
}

/**
 * Shortens a timetable: the tasks are placed in many orders, each a small change of the best so far, and every new timetable is
 * pushed to the end of the day and back to its beginning (forward–backward improvement, Tormos and Lova 2001).
 *
 * @param target length, ticks, at which there is nothing left to gain.
 * @param mostPlacings how many single tasks are placed before giving up; with 0 the given order stands, or the usual rules.
 * @param order in which to place the tasks first, smallest first.
 */
export function improve(
  problem: Problem,
  target: number,
  mostPlacings: number,
  watch: Watch,
  order?: readonly number[],
): Starts | undefined {
  const count = problem.ids.length;
  const windows = windowsOf(problem);
  const random = dice();
  // A pinned task is bound to the clock, which does not run backwards.
  const mirrored = problem.isPinned ? undefined : reversed(problem);
  let placings = 0;
  let best: Starts | undefined;
  let bestLength = Infinity;
  let current: Float64Array = new Float64Array(0);
  let currentLength = Infinity;

  const build = (keys: ArrayLike<number>): Starts | undefined => {
    placings += count;
    return place(problem, keys);
  };
  const settle = (keys: ArrayLike<number>): Starts | undefined => {
    const starts = build(keys);
    if (!starts || !mirrored) return starts;
    const pushed = pushedBackAndForth(problem, mirrored, starts);
    placings += 2 * count * pushed.rounds;
    return pushed.starts;
  };
  const consider = (keys: ArrayLike<number>): void => {
    const starts = settle(keys);
    if (!starts) return;
    const length = makespan(problem, starts);
    if (length < bestLength) [best, bestLength] = [starts, length];
    if (length <= currentLength) [current, currentLength] = [Float64Array.from(starts), length];
  };

  if (order) {
    // A timetable moved by hand is mended, not made anew.
    best = build(order);
    if (best && mostPlacings === 0) return best;
    consider(order);
  }
  // The usual rules first: least time to the end, longest tail, earliest possible start, listed order.
  const tails = windows.tails;
  consider(tails.map((tail) => -tail));
  consider(windows.heads.map((head, task) => head - (tails[task] ?? 0)));
  consider(windows.heads);
  consider(problem.ids.map((_, task) => task));
  consider(problem.ticks.map((length) => -length));

  let since = 0;
  while (bestLength > target && placings < mostPlacings) {
    if (!watch(placings / mostPlacings)) break;
    const before = bestLength;
    if (!best) {
      consider(problem.ids.map(() => random()));
      continue;
    }
    consider(shaken(problem, current, currentLength, random));
    since = bestLength < before ? 0 : since + 1;
    if (since > 60) {
      // Nowhere left to go from here: start over from the best, or from something quite different.
      since = 0;
      const keys = Float64Array.from(best);
      const far = random() < 0.5;
      currentLength = Infinity;
      consider(far ? keys.map((key) => key * random()) : keys);
    }
  }
  return best;
}

/** A timetable pushed to the end of the day and back to its beginning, as long as that shortens it. */
function pushedBackAndForth(
  problem: Problem,
  mirrored: Problem,
  first: Starts,
): { readonly starts: Starts; readonly rounds: number } {
  const endsOf = (starts: Starts) =>
    Float64Array.from(starts, (start, task) => -(start + (problem.ticks[task] ?? 0)));
  let starts = first;
  for (let rounds = 1; ; rounds += 1) {
    const pushed = place(mirrored, endsOf(starts));
    const back = pushed && place(problem, endsOf(pushed));
    if (!back || makespan(problem, back) >= makespan(problem, starts)) return { starts, rounds };
    starts = back;
  }
}

/** An order a little different from the one before: a stretch of the day, or single tasks, go earlier or later. */
function shaken(
  { ids, ticks }: Problem,
  starts: Float64Array,
  length: number,
  random: () => number,
): Float64Array {
  const keys = starts.slice();
  const count = ids.length;
  if (random() < 0.4) {
    const from = random() * length;
    const reach = length * (0.1 + 0.2 * random());
    for (let task = 0; task < count; task += 1)
      if (Math.abs((keys[task] ?? 0) - from) < reach) keys[task] = from + (random() - 0.5) * reach;
    return keys;
  }
  const moves = 1 + Math.floor(random() * 3);
  for (let move = 0; move < moves; move += 1) {
    const task = Math.floor(random() * count);
    const reach = Math.max(2 * (ticks[task] ?? 0), length * 0.3);
    keys[task] = (keys[task] ?? 0) + (random() - 0.5) * 2 * reach;
  }
  return keys;
}
