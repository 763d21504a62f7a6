import type { ScheduleRequest, TimedTask } from './timetable';
import { formatNumber } from '../../common/formatNumber';

/** A rule that a timetable breaks, in words. */
export interface Broken {
  readonly taskId: string;
  readonly message: string;
}

/** Slack for sums of decimal minutes. */
const close = 1e-6;

/**
 * Every link, wait, kit and person that a timetable does not keep: empty for a good one. Reads the request afresh and knows
 * nothing of how the timetable was found, so that it can check one that was moved by hand.
 */
export function brokenRules(
  { tasks, kit = {}, people }: ScheduleRequest,
  timed: readonly TimedTask[],
): Broken[] {
  const times = new Map(timed.map((task) => [task.id, task]));
  const broken: Broken[] = [];
  for (const { id, minutes, after = [], startMin } of tasks) {
    const own = times.get(id);
    if (!own) {
      broken.push({ taskId: id, message: `${id} is not in the timetable` });
      continue;
    }
    if (Math.abs(own.endMin - own.startMin - minutes) > close)
      broken.push({ taskId: id, message: `${id} does not last ${formatNumber(minutes)} min` });
    if (startMin !== undefined && Math.abs(own.startMin - startMin) > close)
      broken.push({ taskId: id, message: `${id} does not start at ${formatNumber(startMin)} min` });
    for (const entry of after) {
      const {
        id: first,
        minWaitMin = 0,
        maxWaitMin = Infinity,
      } = typeof entry === 'string' ? { id: entry } : entry;
      const wait = own.startMin - (times.get(first)?.endMin ?? Infinity);
      if (wait < minWaitMin - close)
        broken.push({ taskId: id, message: `${id} starts too soon after ${first}` });
      if (wait > maxWaitMin + close)
        broken.push({ taskId: id, message: `${id} starts too late after ${first}` });
    }
  }
  const asks: readonly (readonly [string, number, (task: (typeof tasks)[number]) => number])[] = [
    ['people', people, ({ attended }) => (attended ? 1 : 0)],
    ...Object.entries(kit).map(
      ([name, count]) =>
        [name, count, ({ uses }: (typeof tasks)[number]) => uses?.[name] ?? 0] as const,
    ),
  ];
  for (const [name, capacity, need] of asks)
    for (const task of tasks) {
      const moment = times.get(task.id)?.startMin ?? 0;
      if (need(task) === 0 || task.minutes === 0) continue;
      const inUse = tasks.reduce((sum, other) => {
        const { startMin = 0, endMin = 0 } = times.get(other.id) ?? {};
        const runs = startMin <= moment + close && endMin > moment + close;
        return sum + (runs ? need(other) : 0);
      }, 0);
      if (inUse > capacity)
        broken.push({
          taskId: task.id,
          message: `${inUse} of ${capacity} ${name} in use when ${task.id} starts`,
        });
    }
  return broken;
}
