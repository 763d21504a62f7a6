import { classPlanOf, planKey } from '@stoichos/core/labday/day';
import { taskOrigins } from '@stoichos/core/planning/procedure';
import type { LabDay, LabDaySummary } from '@stoichos/core/labday/day';
import ical from 'ical-generator';

/** When a class begins, as “18:30”. */
export const clockTime = /^([01]\d|2[0-3]):[0-5]\d$/;

/** Lab days as an iCalendar file (RFC 5545), each a whole day. */
export function daysCalendar(days: readonly LabDaySummary[]): string {
  const calendar = ical({ name: 'Lab days' });
  for (const { id, name, date, groups, procedureCount } of days)
    calendar.createEvent({
      id: `${id}@stoichos`,
      summary: name,
      start: date,
      allDay: true,
      floating: true,
      description: `${procedureCount} procedures, ${groups.length} groups`,
    });
  return calendar.toString();
}

/**
 * One lab day with its timetable as an iCalendar file: the class, and every task at its time. Times float: they are those of the wall clock
 * where the class is.
 *
 * @param begins the wall clock at the first step, “18:30”.
 */
export function dayCalendar(day: Omit<LabDay, 'entries'>, begins: string): string {
  const calendar = ical({ name: day.name });
  const at = (minute: number): string => {
    const start = new Date(`${day.date}T${begins}:00Z`).getTime() + minute * 60_000;
    return new Date(start).toISOString().slice(0, 19);
  };
  calendar.createEvent({
    id: `${day.id}@stoichos`,
    summary: day.name,
    start: at(0),
    end: at(day.lengthMin),
    floating: true,
    description: day.groups.map(({ name }) => name).join(', '),
  });
  const plan = classPlanOf(day);
  // A timetable that was made for another plan would name steps that are gone.
  if (day.timetable?.planKey !== planKey(plan)) return calendar.toString();
  const origins = new Map(taskOrigins(plan).map((origin) => [origin.taskId, origin]));
  for (const { id, startMin, endMin } of day.timetable.tasks) {
    const origin = origins.get(id);
    if (!origin) continue;
    const bench = day.groups.find(({ id: own }) => own === origin.groupId)?.name ?? 'Shown to all';
    calendar.createEvent({
      id: `${day.id}-${id}@stoichos`,
      summary: `${bench}: ${origin.step.text}`,
      start: at(startMin),
      end: at(endMin),
      floating: true,
    });
  }
  return calendar.toString();
}
