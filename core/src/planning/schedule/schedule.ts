import { ChemistryError } from '../../common/errors';
import { lowerBound } from './bound';
import { search } from './exact';
import { improve } from './improve';
import type { Watch } from './improve';
import { makespan } from './place';
import { readProblem } from './problem';
import type { Problem } from './problem';
import type { ScheduleRequest, TimedTask, Timetable } from './timetable';

/** Up to this many tasks every possibility is looked at; above, only if it is done soon. */
const smallProblem = 16;
const nodesFor = (count: number): number =>
  count <= smallProblem ? 60_000 : count <= 40 ? 4000 : 0;
/** Single tasks placed while a better timetable is sought: a second or two. */
const placingsFor = (count: number): number => (count <= smallProblem ? 12_000 : 600_000);

/** How hard to look, and from where. */
export interface ScheduleOptions {
  /** Share of the usual search, 0 to 1; with 0 only the usual rules are tried. */
  readonly effort?: number;
  /** A timetable to start from: with no effort, its order is kept and only what is broken is mended. */
  readonly startFrom?: readonly TimedTask[];
}

/**
 * Puts tasks into the shortest timetable that keeps every link, longest wait, kit and person: exact where there are few tasks,
 * otherwise as good as a search of fixed size finds, with a bound that proves how far from the shortest it can be.
 * The same request gives the same timetable.
 *
 * @param watch is told the share done, 0 to 1, and stops the search by answering false.
 * @param options how much of the usual search is made, and a timetable whose order is kept where it can be.
 * @throws ChemistryError `noTimetable` naming the task whose links or needs cannot be met.
 * @example schedule({ tasks: [{ id: 'heat', minutes: 8, attended: false }, { id: 'weigh', minutes: 2, attended: true,
 *   after: [{ id: 'heat', minWaitMin: 3 }] }], people: 1 }).makespanMin // 13
 */
export function schedule(
  request: ScheduleRequest,
  watch: Watch = () => true,
  { effort = 1, startFrom = [] }: ScheduleOptions = {},
): Timetable {
  const problem = readProblem(request);
  const count = problem.ids.length;
  if (count === 0) return { tasks: [], makespanMin: 0, lowerBoundMin: 0, optimal: true };
  const bound = lowerBound(problem, sumOfAll(problem));
  const times = new Map(startFrom.map(({ id, startMin }) => [id, startMin]));
  const order =
    startFrom.length > 0 ? problem.ids.map((id) => times.get(id) ?? Infinity) : undefined;
  let starts = improve(problem, bound, effort * placingsFor(count), watch, order);
  let proven = bound;
  const found = starts ? makespan(problem, starts) : sumOfAll(problem) + 1;
  const nodes = Math.round(effort * nodesFor(count));
  if (found > bound && nodes > 0 && watch(1)) {
    const { starts: shorter, complete } = search(problem, found, nodes);
    starts = shorter ?? starts;
    if (complete && starts) proven = makespan(problem, starts);
  }
  if (!starts)
    throw ChemistryError.of(
      'noTimetable',
      'No timetable was found in which every longest wait is kept with this kit and these people.',
    ).in('tasks');
  return told(problem, starts, proven);
}

/** Longer than any timetable without idle time between its lags. */
function sumOfAll({ ticks, distance }: Problem): number {
  const lags = distance.reduce((most, length) => Math.max(most, length), 0);
  return ticks.reduce((sum, length) => sum + length, 0) + lags * ticks.length;
}

function told(problem: Problem, starts: Int32Array, bound: number): Timetable {
  const { ids, ticks, minutesPerTick } = problem;
  const minutes = (time: number): number => Math.round(time * minutesPerTick * 1000) / 1000;
  const length = makespan(problem, starts);
  return {
    tasks: ids.map((id, task) => {
      const start = starts[task] ?? 0;
      return { id, startMin: minutes(start), endMin: minutes(start + (ticks[task] ?? 0)) };
    }),
    makespanMin: minutes(length),
    lowerBoundMin: minutes(bound),
    optimal: length <= bound,
  };
}
