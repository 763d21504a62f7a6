import {
  messageInputSchema,
  releaseWhen,
  sealedUnknownSchema,
  unknownResultSchema,
} from '@stoichos/core/labday/access';
import { cellRecordSchema, cellSetupSchema } from '@stoichos/core/labday/cells';
import {
  dayTimetableSchema,
  entrySchema,
  labDayInputSchema,
  parts,
  recordSchema,
} from '@stoichos/core/labday/day';
import { settingsSchema } from '@stoichos/core/labday/settings';
import { manners, procedureSchema } from '@stoichos/core/planning/procedure';
import { shelfItemSchema } from '@stoichos/core/planning/shelf';
import { rackSchema } from '@stoichos/core/seeing/rack';
import * as z from 'zod';

/** A table in a backup: how its rows are ordered, and what each of them has to be for the application to read it. */
export interface BackupTable {
  readonly name: string;
  /** Columns that order the rows the same way every time. */
  readonly order: string;
  readonly row: z.ZodType;
  /** Rows that are in memory at a time, where they are large. */
  readonly atOnce?: number;
}

const uuid = z.uuid();
const text = z.string();
const named = text.min(1);
/** As the database writes a moment. */
const moment = z.iso.datetime({ offset: true });
const place = z.int().min(0);
const version = z.int().min(1);
const author = entrySchema.shape.author.unwrap();
const day = labDayInputSchema.shape;
const settings = settingsSchema.shape;
const jar = shelfItemSchema.shape;

const ofTable = (
  name: string,
  order: string,
  columns: Readonly<Record<string, z.ZodType>>,
): BackupTable => ({ name, order, row: z.strictObject(columns) });

/**
 * The tables of a backup, each after those it refers to. Who is signed in and who tried to is not in it: after a restore everybody signs in
 * anew.
 */
export const backupTables: readonly BackupTable[] = [
  ofTable('settings', 'id', {
    id: z.literal(1),
    naming: settings.naming,
    reaction_types: settings.reactionTypes,
    temperature: settings.temperature,
    heating: settings.heating,
    discharge: settings.discharge,
    unknowns: settings.unknowns,
    institution: settings.institution,
    decimal_separator: settings.decimalSeparator,
    paper: settings.paper,
    room_c: settings.roomC,
    air_k_pa: settings.airKPa,
    drops_per_ml: settings.dropsPerMl,
    pipettes: settings.pipettes,
  }),
  ofTable('accounts', 'role', {
    role: z.enum(['instructor', 'technician']),
    passphrase_hash: named,
    open_here: z.boolean(),
    changed_at: moment,
  }),
  ofTable('shelf_items', 'id', {
    id: uuid,
    substance: jar.substance,
    form: jar.form,
    purity_percent: jar.purityPercent,
    place: jar.place,
    amount: jar.amount,
    unit: jar.unit,
    least: jar.least,
    expires: jar.expires,
    version,
  }),
  {
    ...ofTable('data_sheets', 'item_id', {
      item_id: uuid,
      link: text.nullable(),
      name: text.nullable(),
      pdf: text.regex(/^\\x[0-9a-f]*$/).nullable(),
      kept_at: moment,
    }),
    atOnce: 4,
  },
  ofTable('own_procedures', 'id', {
    id: uuid,
    name: named,
    kind: named,
    adapted_from: text.nullable(),
    body: procedureSchema,
    saved_at: moment,
    version,
  }),
  ofTable('kept_runs', 'id', { id: uuid, name: named, rack: rackSchema, kept_at: moment }),
  ofTable('cell_runs', 'id', { id: uuid, name: named, setup: cellSetupSchema, made_at: moment }),
  ofTable('cell_entries', 'arrived', {
    id: uuid,
    run_id: uuid,
    kind: text.nullable(),
    record: cellRecordSchema.nullable(),
    supersedes: uuid.nullable(),
    recorded_at: moment,
    received_at: moment,
    arrived: place,
  }),
  ofTable('lab_days', 'id', {
    id: uuid,
    name: day.name,
    date: day.date,
    spare_percent: day.sparePercent,
    length_min: day.lengthMin.unwrap(),
    group_size: day.groupSize.unwrap(),
    staff: day.staff.unwrap(),
    kit: day.kit.unwrap(),
    balance_g: day.balanceG.unwrap(),
    timetable: dayTimetableSchema.nullable(),
    timetable_version: version,
    archived_at: moment.nullable(),
    created_at: moment,
    version,
  }),
  ofTable('risk_words', 'lab_day_id, about', {
    lab_day_id: uuid,
    about: named,
    words: named,
    changed_at: moment,
  }),
  ofTable('groups', 'id', { id: uuid, lab_day_id: uuid, position: place, name: named }),
  ofTable('day_procedures', 'id', {
    id: uuid,
    lab_day_id: uuid,
    position: place,
    name: text,
    manner: z.enum(manners),
    body: procedureSchema,
    version,
  }),
  ofTable('preparations', 'id', {
    id: uuid,
    lab_day_id: uuid,
    key: named,
    made_by: text,
    confirmed_at: moment,
    undone_at: moment.nullable(),
  }),
  ofTable('stock_moves', 'id', {
    id: uuid,
    item_id: uuid,
    preparation_id: uuid.nullable(),
    change: z.number(),
    reason: text,
    undoes: uuid.nullable(),
    moved_at: moment,
  }),
  ofTable('weighings', 'id', {
    id: uuid,
    lab_day_id: uuid,
    substance: named,
    concentration_m: z.number().positive(),
    volume_ml: z.number().positive(),
    form: named,
    purity_percent: jar.purityPercent,
    actual_g: z.number().positive(),
    recorded_at: moment,
    received_at: moment,
  }),
  ofTable('bench_entries', 'arrived', {
    id: uuid,
    lab_day_id: uuid,
    work_id: uuid,
    step_id: named,
    vessel: text.nullable(),
    part: z.enum(parts),
    group_id: uuid.nullable(),
    kind: text.nullable(),
    record: recordSchema.nullable(),
    supersedes: uuid.nullable(),
    recorded_at: moment,
    received_at: moment,
    arrived: place,
    author,
  }),
  ofTable('join_codes', 'lab_day_id', {
    lab_day_id: uuid,
    code: named,
    ends_at: moment,
    made_at: moment,
  }),
  ofTable('releases', 'work_id', { work_id: uuid, lab_day_id: uuid, shown: z.enum(releaseWhen) }),
  ofTable('messages', 'arrived', {
    id: uuid,
    lab_day_id: uuid,
    group_id: uuid.nullable(),
    kind: messageInputSchema.shape.kind,
    work_id: uuid.nullable(),
    step_id: text.nullable(),
    text,
    sent_at: moment,
    arrived: place,
  }),
  ofTable('unknowns', 'group_id', {
    group_id: uuid,
    lab_day_id: uuid,
    code: named,
    kind: sealedUnknownSchema.shape.kind,
    sealed_key: text,
  }),
  ofTable('unknown_answers', 'arrived', {
    id: uuid,
    lab_day_id: uuid,
    group_id: uuid,
    code: text,
    answer: named,
    results: z.array(unknownResultSchema),
    sent_at: moment,
    arrived: place,
  }),
  ofTable('audit', 'arrived', {
    arrived: place,
    at: moment,
    role: text,
    what: text,
    about: text,
  }),
];

/** Emptied with the others, for they refer to what goes. */
export const passingTables = ['sessions', 'devices', 'guess_lanes'] as const;
/** Tables whose rows are numbered as they arrive. */
export const numberedTables = backupTables.filter(({ order }) => order === 'arrived');
