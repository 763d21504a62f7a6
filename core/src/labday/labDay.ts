import * as z from 'zod';
import { containerKinds } from '../vessel/containers';
import type { ContainerKind } from '../vessel/containers';
import { observationSchema } from '../observation/observation';
import { portionSchema } from '../vessel/portion';

/** The shapes of a lab day as server and web exchange them. Every id is a UUID made where the thing was first written. */

const id = z.uuid();
const moment = z.iso.datetime();

export const longestNote = 2000;

export const testSchema = z.object({
  id,
  a: portionSchema,
  b: portionSchema,
  container: z.enum(containerKinds as [ContainerKind, ...ContainerKind[]]),
});
export type PlannedTest = z.infer<typeof testSchema>;

export const groupSchema = z.object({ id, name: z.string().trim().min(1).max(40) });
export type Group = z.infer<typeof groupSchema>;

export const labDayInputSchema = z.object({
  id,
  name: z.string().trim().min(1, 'A lab day needs a name').max(120),
  date: z.iso.date(),
  sparePercent: z.number().min(0).max(200),
  groups: z.array(groupSchema).min(1).max(24),
});
export type LabDayInput = z.infer<typeof labDayInputSchema>;

/** What a group may record at the bench: an observation, or a note in its own words. */
export const recordSchema = z.discriminatedUnion('kind', [
  ...observationSchema.options,
  z.object({
    kind: z.literal('note'),
    text: z.string().trim().min(1).max(longestNote),
  }),
]);
export type BenchRecord = z.infer<typeof recordSchema>;

/** One line of the append-only bench record. A correction supersedes an earlier line; null withdraws it. */
export const entrySchema = z.object({
  id,
  testId: id,
  groupId: id,
  record: recordSchema.nullable(),
  supersedes: id.nullable(),
  recordedAt: moment,
});
export type BenchEntry = z.infer<typeof entrySchema>;

/** One weighing for one solution; the latest counts. */
export const weighingSchema = z.object({
  id,
  substance: z.string().min(1).max(100),
  concentrationM: portionSchema.shape.concentrationM,
  volumeMl: z.number().min(0.1).max(100_000),
  form: z.string().min(1).max(100),
  purityPercent: z.number().min(1).max(100),
  actualG: z.number().min(0.0001, 'A weighed mass is above 0 g').max(10_000),
  recordedAt: moment,
});
export type Weighing = z.infer<typeof weighingSchema>;

export const labDaySummarySchema = labDayInputSchema.extend({
  testCount: z.number().int(),
  recordedCount: z.number().int(),
});
export type LabDaySummary = z.infer<typeof labDaySummarySchema>;

export const labDaySchema = labDayInputSchema.extend({
  tests: z.array(testSchema),
  weighings: z.array(weighingSchema),
  entries: z.array(entrySchema),
});
export type LabDay = z.infer<typeof labDaySchema>;

export const shelfItemSchema = z.object({
  id,
  substance: z.string(),
  form: z.string(),
  purityPercent: z.number(),
  place: z.string(),
});
export type ShelfItem = z.infer<typeof shelfItemSchema>;

export const settingsSchema = z.object({
  naming: z.enum(['common', 'stock', 'oxo']),
  reactionTypes: z.enum(['five', 'drivingForce']),
});
export type Settings = z.infer<typeof settingsSchema>;

/** How every failed request is answered. */
export const errorSchema = z.object({
  error: z.object({
    code: z.string(),
    message: z.string(),
    field: z.string().nullable(),
    remedy: z.string(),
  }),
});
export type ApiError = z.infer<typeof errorSchema>['error'];
