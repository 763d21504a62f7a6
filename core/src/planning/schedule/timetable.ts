import * as z from 'zod';

const id = z.string().min(1, 'A task needs a name of its own').max(120);
const minutes = z
  .number()
  .min(0, 'A time is 0 minutes or more')
  .max(10_000, 'A time is at most 10 000 minutes');

/** A task that must end before another begins, and how long the pause between them may be, min. */
const afterSchema = z.union([
  id,
  z.object({ id, minWaitMin: minutes.optional(), maxWaitMin: minutes.optional() }),
]);

/** One task: a person stays with an attended one for its length; a waiting one runs by itself. */
export const taskSchema = z.object({
  id,
  minutes,
  attended: z.boolean(),
  /** Kit in use while it runs, by name. */
  uses: z.record(z.string().min(1).max(80), z.number().int().min(0).max(1000)).optional(),
  after: z.array(afterSchema).max(60).optional(),
  group: z.string().min(1).max(80).optional(),
  /** Held at this minute, as when it was put there by hand. */
  startMin: minutes.optional(),
});
export type Task = z.infer<typeof taskSchema>;

export const scheduleSchema = z.object({
  tasks: z.array(taskSchema).max(600, 'A timetable holds at most 600 tasks'),
  /** How many of each kind may be in use at once. */
  kit: z.record(z.string().min(1).max(80), z.number().int().min(0).max(1000)).default({}),
  /** How many people there are for attended tasks. */
  people: z.number().int().min(0).max(1000),
});
export type ScheduleRequest = z.input<typeof scheduleSchema>;

/** When one task runs, minutes from the start. */
export interface TimedTask {
  readonly id: string;
  readonly startMin: number;
  readonly endMin: number;
}

/** A timetable, and how far it can be from the shortest there is. */
export interface Timetable {
  readonly tasks: readonly TimedTask[];
  readonly makespanMin: number;
  /** No timetable of these tasks is shorter, proven. */
  readonly lowerBoundMin: number;
  readonly optimal: boolean;
}
