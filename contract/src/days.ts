import {
  archiveSchema,
  dayCopiesSchema,
  dayProcedureSchema,
  dayTimetableSchema,
  entrySchema,
  labDayInputSchema,
  labDaySchema,
  labDaySummarySchema,
  preparationSchema,
  weighingSchema,
} from '@stoichos/core/labday/day';
import * as z from 'zod';
import { file, json, nothing, route } from './contract';
import { known, staff } from './roles';
import { keptAt, readAt, readAtQuery, saving, versionsOfDay } from './versions';

const school = { roles: staff, owner: 'school' } as const;

/** A lab day with the versions its parts are saved with. */
const heldDaySchema = labDaySchema.extend({ versions: versionsOfDay });
export type HeldDay = z.infer<typeof heldDaySchema>;

/** Lab days: what is planned, prepared and recorded of them. */
export const days = {
  days: route('/days', {
    ...school,
    method: 'GET',
    answer: json(z.array(labDaySummarySchema)),
  }),
  day: route('/days/:dayId', { ...school, method: 'GET', answer: json(heldDaySchema) }),
  saveDay: route('/days/:dayId', {
    ...school,
    method: 'PUT',
    body: saving(labDayInputSchema),
    answer: json(keptAt(labDayInputSchema)),
  }),
  copyDays: route('/day-copies', {
    ...school,
    method: 'POST',
    body: dayCopiesSchema,
    answer: nothing,
  }),
  archiveDay: route('/days/:dayId/archive', {
    ...school,
    method: 'PUT',
    body: archiveSchema,
    answer: nothing,
  }),
  saveDayProcedure: route('/days/:dayId/procedures/:plannedId', {
    ...school,
    method: 'PUT',
    body: saving(dayProcedureSchema),
    answer: json(keptAt(dayProcedureSchema)),
  }),
  removeDayProcedure: route('/days/:dayId/procedures/:plannedId', {
    ...school,
    method: 'DELETE',
    query: readAtQuery,
    answer: nothing,
  }),
  moveDayProcedure: route('/days/:dayId/procedures/:plannedId/place', {
    ...school,
    method: 'PUT',
    /** The one it is to stand before; null for the end. */
    body: z.strictObject({ before: z.uuid().nullable() }),
    answer: nothing,
  }),
  saveTimetable: route('/days/:dayId/timetable', {
    ...school,
    method: 'PUT',
    body: z.strictObject({ timetable: dayTimetableSchema.nullable(), version: readAt }),
    answer: json(z.strictObject({ version: z.number().int() })),
  }),
  addWeighing: route('/days/:dayId/weighings', {
    ...school,
    method: 'POST',
    body: weighingSchema,
    answer: json(weighingSchema),
    makes: true,
  }),
  confirmPreparation: route('/days/:dayId/preparations', {
    ...school,
    method: 'POST',
    body: preparationSchema,
    answer: json(preparationSchema),
    makes: true,
  }),
  undoPreparation: route('/preparations/:preparationId', {
    ...school,
    method: 'DELETE',
    answer: nothing,
  }),
  addEntry: route('/entries', {
    method: 'POST',
    roles: known,
    owner: 'bodyBench',
    body: entrySchema,
    answer: json(entrySchema),
    makes: true,
  }),
  results: route('/days/:dayId/results.csv', {
    ...school,
    method: 'GET',
    answer: file('text/csv'),
    rate: 'heavy',
  }),
  record: route('/days/:dayId/record.csv', {
    ...school,
    method: 'GET',
    answer: file('text/csv'),
    rate: 'heavy',
  }),
};
