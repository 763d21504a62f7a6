/** Timetables: tasks, kit and people fitted together, and how short no timetable can be. */
export { brokenRules } from './brokenRules';
export type { Broken } from './brokenRules';
export { schedule } from './schedule';
export type { ScheduleRequest, Task, TimedTask, Timetable } from './timetable';
