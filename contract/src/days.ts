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
import type { BenchEntry } from '@stoichos/core/labday/day';
import * as z from 'zod';
import { file, json, nothing, route } from './contract';
import { pageOf } from './pages';
import { known, staff } from './roles';
import { keptAt, readAt, readAtQuery, saving, versionsOfDay } from './versions';

const school = { roles: staff, owner: 'school' } as const;

/** A lab day as it is planned and prepared, with the versions its parts are saved with; its record is read in pages. */
const plannedDaySchema = labDaySchema.omit({ entries: true }).extend({
  versions: versionsOfDay,
  archivedAt: labDaySummarySchema.shape.archivedAt,
  unknownCount: labDaySummarySchema.shape.unknownCount,
});
export type PlannedDay = z.infer<typeof plannedDaySchema>;

/**
 * A page of the record of a day, in the order it came in. Of a line that is not settled yet, one that came in before it may still come to be
 * seen: whoever reads on begins again after the last settled one.
 */
const entriesPageSchema = z.strictObject({
  entries: z.array(entrySchema),
  /** How many of them, from the first, are settled. */
  settled: z.number().int().min(0),
  /** Whether there are more. */
  more: z.boolean(),
  /** Nothing is known here of the line that was named: this begins with the first. */
  anew: z.boolean(),
});
export type EntriesPage = z.infer<typeof entriesPageSchema>;

/** A lab day with its record as far as it is known. */
export type HeldDay = PlannedDay & {
  readonly entries: BenchEntry[];
  /** How many of the entries, from the first, are settled: see {@link EntriesPage}. */
  readonly settled: number;
};

/** Which lab days: those to come, the soonest first; those held and those put away, the latest first. */
export const whichDays = ['coming', 'held', 'archived'] as const;
export type WhichDays = (typeof whichDays)[number];

const daysPageSchema = pageOf(labDaySummarySchema);
export type DaysPage = z.infer<typeof daysPageSchema>;

/** Lab days: what is planned, prepared and recorded of them. */
/** The school’s own words in a risk assessment: about one planned procedure, about the unknowns dealt, or about the whole day. */
export const riskWordsSchema = z.strictObject({
  about: z.union([z.enum(['day', 'unknowns']), z.uuid()]),
  words: z.string().trim().max(2000, 'The words are at most 2000 letters'),
});
export type RiskWords = z.infer<typeof riskWordsSchema>;

export const days = {
  days: route('/days', {
    ...school,
    method: 'GET',
    query: z.strictObject({
      which: z.enum(whichDays).default('coming'),
      /** The date where whoever asks is; where it is left out, that of UTC. */
      today: z.iso.date().default(() => new Date().toISOString().slice(0, 10)),
      /** The last of the page before. */
      after: z.uuid().optional(),
    }),
    answer: json(daysPageSchema),
  }),
  findDays: route('/days-called', {
    ...school,
    method: 'GET',
    /** Words that all stand in the name, or the beginning of the date. */
    query: z.strictObject({ text: z.string().trim().min(1).max(80) }),
    answer: json(z.array(labDaySummarySchema)),
  }),
  day: route('/days/:dayId', { ...school, method: 'GET', answer: json(plannedDaySchema) }),
  dayEntries: route('/days/:dayId/entries', {
    ...school,
    method: 'GET',
    /** The line after which to begin; from the first where it is left out. */
    query: z.strictObject({ after: z.uuid().optional() }),
    answer: json(entriesPageSchema),
  }),
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
  riskWords: route('/days/:dayId/risk', {
    ...school,
    method: 'GET',
    answer: json(z.array(riskWordsSchema)),
  }),
  saveRiskWords: route('/days/:dayId/risk', {
    ...school,
    method: 'PUT',
    /** `was` is what stood there when it was read; empty words take them away. */
    body: riskWordsSchema.extend({ was: riskWordsSchema.shape.words }),
    answer: nothing,
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
