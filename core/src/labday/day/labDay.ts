import { rackEventSchema } from '../../seeing/rack/rackShape';
import * as z from 'zod';
import { observationSchema } from '../../seeing/observation/observation';
import { quantityNames } from '../../planning/procedure/measures';
import { temperatureScales } from '../../common/reader';
import { portionSchema } from '../../vessel/portion';
import { manners } from '../../planning/procedure/manner';
import { kitKinds, procedureSchema } from '../../planning/procedure/procedure';

/** The shapes of a lab day as server and web exchange them. Every id is a UUID made where the thing was first written. */

const id = z.uuid();
const moment = z.iso.datetime();

export const longestNote = 2000;

export const groupSchema = z.object({ id, name: z.string().trim().min(1).max(40) });
export type Group = z.infer<typeof groupSchema>;

const count = z.number().int('A number of pieces is whole').min(0).max(200);

export const labDayInputSchema = z.object({
  id,
  name: z.string().trim().min(1, 'A lab day needs a name').max(120),
  date: z.iso.date(),
  sparePercent: z.number().min(0).max(200),
  groups: z.array(groupSchema).min(1).max(40, 'A lab day has at most 40 groups'),
  /** From the first step to the last, min. */
  lengthMin: z
    .number()
    .int()
    .min(10, 'A class lasts at least 10 minutes')
    .max(600, 'A class lasts at most 600 minutes')
    .default(90),
  groupSize: z.number().int().min(1).max(12).default(3),
  /** Who is there to help and to demonstrate, the instructor first. */
  staff: z.array(z.string().trim().min(1).max(60)).max(8).default(['Instructor']),
  kit: z.partialRecord(z.enum(kitKinds), count).default({}),
  /** Finest mass the balances show, g. */
  balanceG: z.number().min(0.0001).max(1).default(0.01),
});
export type LabDayInput = z.infer<typeof labDayInputSchema>;

/** What a departure from the written procedure concerns. */
export const departureKinds = [
  'time',
  'amount',
  'temperature',
  'reagent',
  'order',
  'left out',
  'added',
] as const;
const few = z.string().trim().min(1).max(160);

/** What may be recorded at the bench: an observation, a measurement, how far a step is, a departure, a judgement, a note. */
export const recordSchema = z.discriminatedUnion('kind', [
  ...observationSchema.options,
  z.object({
    kind: z.literal('note'),
    text: z.string().trim().min(1).max(longestNote),
  }),
  z.object({
    kind: z.literal('measurement'),
    name: z.string().trim().min(1).max(80),
    quantity: z.enum(quantityNames),
    /** In the unit of the quantity; a temperature in °C. */
    value: z.number().min(-1e6).max(1e6),
    /** Where an amount is approximate on purpose. */
    low: z.number().min(-1e6).max(1e6).optional(),
    high: z.number().min(-1e6).max(1e6).optional(),
    /** As it was read, where that was on another scale than the unit of the quantity. */
    typed: z
      .object({ value: z.number().min(-1e6).max(1e6), unit: z.enum(temperatureScales) })
      .optional(),
    /** Standard uncertainty, in the unit of the quantity. */
    uncertainty: z.number().min(0).max(1e6).optional(),
    /** The instrument that it was read from; left out where a person typed it. */
    instrument: z.string().max(60).optional(),
    /** Since the clock of the step was started, s. */
    elapsedS: z.number().min(0).max(1e6).optional(),
    /** For drops: the one with which a colour first showed, and the one with which it stayed. */
    firstColourAt: z.number().int().min(1).max(10_000).optional(),
    lastingColourAt: z.number().int().min(1).max(10_000).optional(),
  }),
  z.object({
    kind: z.literal('departure'),
    what: z.enum(departureKinds),
    planned: few,
    done: few,
    /** The event of the step that was done otherwise, by its number, and as it was done; null where it was left out. */
    instead: z
      .object({ event: z.number().int().min(0).max(19), done: rackEventSchema.nullable() })
      .optional(),
  }),
  z.object({
    kind: z.literal('step'),
    state: z.enum(['begun', 'done', 'skipped']),
  }),
  z.object({
    kind: z.literal('verdict'),
    verdict: z.enum(['agrees', 'partly', 'differs', 'incomplete']),
    change: z.enum(['chemical', 'physical', 'undecided']).optional(),
    reason: z.string().trim().min(1, 'An overridden verdict needs a reason').max(600),
    by: few,
  }),
  z.object({ kind: z.literal('signOff'), by: few }),
]);
export type BenchRecord = z.infer<typeof recordSchema>;
export type RecordOf<K extends BenchRecord['kind']> = Extract<BenchRecord, { kind: K }>;

/** A test beside its blank, run without the sample, and its control, of which the outcome is known. */
export const parts = ['test', 'blank', 'control'] as const;
export type Part = (typeof parts)[number];

/** One line of the append-only bench record. A correction supersedes an earlier line; null withdraws it. */
export const entrySchema = z.object({
  id,
  /** The procedure of the day. */
  workId: id,
  stepId: z.string().min(1).max(40),
  /** The vessel it is about; null where it is about the step. */
  vessel: z.string().min(1).max(40).nullable(),
  part: z.enum(parts),
  /** Whose it is; null for what is shown to all. */
  groupId: id.nullable(),
  record: recordSchema.nullable(),
  supersedes: id.nullable(),
  recordedAt: moment,
  /** Who wrote it, as the server knows it; what a sender says of it counts for nothing. */
  author: z.enum(['instructor', 'technician', 'group']).optional(),
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

/** Most procedures of one day, the two-solution tests among them. */
export const mostProcedures = 60;

/** A procedure as it is planned for one day: a copy, so that a later change of the original leaves the day as it was. */
export const dayProcedureSchema = z.object({
  id,
  manner: z.enum(manners),
  procedure: procedureSchema,
});
export type DayProcedure = z.infer<typeof dayProcedureSchema>;

/** The timetable of a day, and the plan it was made for. */
export const dayTimetableSchema = z.object({
  tasks: z.array(z.object({ id: z.string(), startMin: z.number(), endMin: z.number() })).max(600),
  makespanMin: z.number(),
  lowerBoundMin: z.number(),
  optimal: z.boolean(),
  /** Of the plan it was made for; another one means that the timetable is out of date. */
  planKey: z.string().max(40),
});
export type DayTimetable = z.infer<typeof dayTimetableSchema>;

/** A line of the prep sheet that was made and put out, with what it took from the shelf. */
export const preparationSchema = z.object({
  id,
  /** Which line: the key of the solution or solid. */
  key: z.string().min(1).max(140),
  takings: z
    .array(z.object({ itemId: id, amount: z.number().positive('An amount taken is above 0') }))
    .max(10),
  madeBy: z.string().trim().max(60),
  confirmedAt: moment,
});
export type Preparation = z.infer<typeof preparationSchema>;

/** Lab days planned again for other dates, all or none: what is planned comes along, what was recorded stays. */
export const dayCopiesSchema = z.strictObject({
  copies: z
    .array(
      z.strictObject({
        /** The day that is planned again. */
        from: id,
        /** Of the new day. */
        id,
        name: labDayInputSchema.shape.name,
        date: labDayInputSchema.shape.date,
      }),
    )
    .min(1, 'Name at least one lab day')
    .max(60, 'At most 60 lab days at once'),
});
export type DayCopy = z.infer<typeof dayCopiesSchema>['copies'][number];

/** Whether a lab day is put away. */
export const archiveSchema = z.strictObject({ archived: z.boolean() });

export const labDaySummarySchema = labDayInputSchema.extend({
  /** When it was put away; null while it is in use. */
  archivedAt: moment.nullable(),
  procedureCount: z.number().int(),
  /** Benches that have an unknown to identify. */
  unknownCount: z.number().int(),
  /** Pieces of work at each bench that does them, and how many of these have a record. */
  placeCount: z.number().int(),
  recordedCount: z.number().int(),
});
export type LabDaySummary = z.infer<typeof labDaySummarySchema>;

export const labDaySchema = labDayInputSchema.extend({
  procedures: z.array(dayProcedureSchema),
  timetable: dayTimetableSchema.nullable(),
  /** Those that were not undone. */
  preparations: z.array(preparationSchema),
  weighings: z.array(weighingSchema),
  entries: z.array(entrySchema),
});
export type LabDay = z.infer<typeof labDaySchema>;
