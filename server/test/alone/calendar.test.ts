import { classPlanOf, labDaySchema, planKey } from '@stoichos/core/labday/day';
import type { LabDay } from '@stoichos/core/labday/day';
import { library, taskOrigins } from '@stoichos/core/planning/procedure';
import { describe, expect, it } from 'vitest';
import { clockTime, dayCalendar, daysCalendar } from '../../src/exchange/calendar';

const id = (n: number) => `00000000-0000-4000-8000-${String(n).padStart(12, '0')}`;
const [procedure] = library;
if (!procedure) throw new Error('an empty library');
const bare = labDaySchema.parse({
  id: id(1),
  name: 'Silver, lead; and iron',
  date: '2027-02-03',
  lengthMin: 90,
  sparePercent: 20,
  groups: [
    { id: id(2), name: 'Bench Heron' },
    { id: id(3), name: 'Bench Tern' },
  ],
  procedures: [{ id: id(100), manner: 'groups', procedure }],
  timetable: null,
  preparations: [],
  weighings: [],
  entries: [],
});
const plan = classPlanOf(bare);
const tasks = taskOrigins(plan).map(({ taskId }, at) => ({
  id: taskId,
  startMin: 5 * at,
  endMin: 5 * at + 5,
}));
const planned: LabDay = {
  ...bare,
  timetable: {
    tasks,
    makespanMin: 5 * tasks.length,
    lowerBoundMin: 10,
    optimal: false,
    planKey: planKey(plan),
  },
};

/** The lines of a calendar, unfolded (RFC 5545, section 3.1: a line that begins with a space goes on the one before). */
const linesOf = (file: string) => file.replace(/\r\n[ \t]/g, '').split('\r\n');
/** The events of a calendar, each as its properties. */
function eventsOf(file: string): Record<string, string>[] {
  return file
    .split('BEGIN:VEVENT')
    .slice(1)
    .map((event) =>
      Object.fromEntries(
        linesOf(event)
          .filter((line) => line.includes(':'))
          .map((line) => [line.slice(0, line.indexOf(':')), line.slice(line.indexOf(':') + 1)]),
      ),
    );
}

describe('lab days as a calendar', () => {
  const file = daysCalendar([
    {
      id: id(1),
      name: 'Silver, lead; and iron',
      date: '2027-02-03',
      groups: bare.groups,
      procedureCount: 3,
    } as never,
  ]);

  it('is one calendar of RFC 5545, with a line end of two characters', () => {
    const lines = linesOf(file);
    expect(lines[0]).toBe('BEGIN:VCALENDAR');
    expect(lines).toContain('VERSION:2.0');
    expect(lines.filter((line) => line !== '').at(-1)).toBe('END:VCALENDAR');
    expect(file.replaceAll('\r\n', '')).not.toContain('\n');
  });

  it('has each day as a whole day, which every zone reads as that date', () => {
    const [event] = eventsOf(file);
    expect(event?.['DTSTART;VALUE=DATE']).toBe('20270203');
    expect(event?.['UID']).toBe(`${id(1)}@stoichos`);
  });

  it('sets commas and semicolons of a name apart from its own', () => {
    const [event] = eventsOf(file);
    // RFC 5545, section 3.3.11.
    expect(event?.['SUMMARY']).toBe('Silver\\, lead\\; and iron');
    expect(event?.['DESCRIPTION']).toBe('3 procedures\\, 2 groups');
  });

  it('has no line above 75 octets', () => {
    const long = dayCalendar(planned, '18:30');
    for (const line of long.split('\r\n'))
      expect(Buffer.byteLength(line), line).toBeLessThanOrEqual(75);
  });

  it('is empty where there is no day', () => expect(eventsOf(daysCalendar([]))).toEqual([]));
});

describe('a lab day with its timetable as a calendar', () => {
  it('has the class from its beginning for as long as it lasts, by the clock on the wall', () => {
    const [lesson] = eventsOf(dayCalendar(bare, '18:30'));
    expect(lesson?.['DTSTART']).toBe('20270203T183000');
    expect(lesson?.['DTEND']).toBe('20270203T200000');
    expect(lesson?.['DESCRIPTION']).toBe('Bench Heron\\, Bench Tern');
  });

  it('goes on past midnight into the next day', () => {
    const [lesson] = eventsOf(dayCalendar(bare, '23:00'));
    expect(lesson?.['DTEND']).toBe('20270204T003000');
  });

  it('has every task of every bench at its time', () => {
    const [, ...steps] = eventsOf(dayCalendar(planned, '08:00'));
    expect(steps).toHaveLength(tasks.length);
    expect(steps[1]?.['DTSTART']).toBe('20270203T080500');
    expect(steps[1]?.['DTEND']).toBe('20270203T081000');
    expect(new Set(steps.map((step) => step['SUMMARY']?.split(':')[0]))).toEqual(
      new Set(['Bench Heron', 'Bench Tern']),
    );
  });

  it('has an id of its own for every task', () => {
    const ids = eventsOf(dayCalendar(planned, '08:00')).map((event) => event['UID']);
    expect(new Set(ids).size).toBe(ids.length);
  });

  it('leaves out a timetable that was made for another plan', () => {
    const changed = { ...planned, groups: [...planned.groups, { id: id(4), name: 'Bench Knot' }] };
    expect(eventsOf(dayCalendar(changed, '08:00'))).toHaveLength(1);
  });
});

describe('when a class begins', () => {
  it.each(['00:00', '08:05', '18:30', '23:59'])('%s is a time', (text) =>
    expect(clockTime.test(text)).toBe(true),
  );
  it.each(['24:00', '8:05', '18:60', '18.30', '18:30:00', '', '-1:00'])('“%s” is none', (text) =>
    expect(clockTime.test(text)).toBe(false),
  );
});
