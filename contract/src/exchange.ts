import {
  backupType,
  importPlanSchema,
  importRequestSchema,
  restorePlanSchema,
} from '@stoichos/core/report/exchange';
import * as z from 'zod';
import { file, json, route } from './contract';
import { instructor, staff } from './roles';

/** When a class begins, as “18:30”. */
export const clockTime = /^([01]\d|2[0-3]):[0-5]\d$/;
/** A lab day with its record; the largest a class makes has a tenth of it. */
const fileLimitBytes = 32_000_000;
/** A whole installation, which is read as it comes. */
const backupLimitBytes = 2_000_000_000;

/** Data in and out: lab days as files, the whole as a backup, the calendar. */
export const exchange = {
  dayFile: route('/days/:dayId/day.json', {
    method: 'GET',
    roles: instructor,
    owner: 'school',
    answer: file('application/json'),
    rate: 'heavy',
  }),
  dayCalendar: route('/days/:dayId/day.ics', {
    method: 'GET',
    roles: staff,
    owner: 'school',
    query: z.object({
      begins: z.string().regex(clockTime, 'A time of day is written as 18:30').default('09:00'),
    }),
    answer: file('text/calendar'),
  }),
  daysCalendar: route('/days.ics', {
    method: 'GET',
    roles: staff,
    owner: 'school',
    answer: file('text/calendar'),
  }),
  takeIn: route('/import', {
    method: 'POST',
    roles: staff,
    owner: 'school',
    body: importRequestSchema,
    answer: json(importPlanSchema),
    limitBytes: fileLimitBytes,
    rate: 'heavy',
  }),
  backup: route('/backup', {
    method: 'GET',
    roles: instructor,
    owner: 'school',
    answer: file(backupType),
    rate: 'heavy',
  }),
  restore: route('/restore', {
    method: 'POST',
    roles: instructor,
    owner: 'school',
    query: z.object({ apply: z.enum(['true', 'false']) }),
    upload: backupType,
    answer: json(restorePlanSchema),
    limitBytes: backupLimitBytes,
    rate: 'heavy',
  }),
};
