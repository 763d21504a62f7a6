import { keptRunSchema, ownProcedureSchema } from '@stoichos/core/labday/day';
import { settingsChangeSchema, settingsSchema } from '@stoichos/core/labday/settings';
import { shelfItemSchema } from '@stoichos/core/planning/shelf';
import * as z from 'zod';
import { file, json, nothing, route } from './contract';
import { pageOf, pageQuery } from './pages';
import { everybody, known, staff } from './roles';
import { keptAt, readAtQuery, saving } from './versions';

const school = { roles: staff, owner: 'school' } as const;

/** What a shelf file would change or has changed, or what is wrong with it. */
const shelfImportSchema = z.object({
  added: z.number(),
  changed: z.number(),
  unchanged: z.number(),
  problems: z.array(
    z.object({
      line: z.number().optional(),
      column: z.string().optional(),
      value: z.string().optional(),
      message: z.string(),
      remedy: z.string(),
    }),
  ),
});
export type ShelfImport = z.infer<typeof shelfImportSchema>;

/** The kind of file a data sheet is kept as. */
const dataSheetType = 'application/pdf';
/** A data sheet is a few pages of text. */
const dataSheetLimitBytes = 1_500_000;
/** Where the supplier has it. */
const dataSheetLinkSchema = z
  .url({ protocol: /^https?$/, error: 'A link begins with https:// or http://' })
  .max(500, 'A link has at most 500 characters');

/** The supplier’s data sheet of a jar: a link, the name of the PDF that is kept with it, or both. */
export const dataSheetSchema = z.strictObject({
  itemId: z.uuid(),
  link: z.string().nullable(),
  name: z.string().nullable(),
});
export type DataSheet = z.infer<typeof dataSheetSchema>;

/** What the school keeps beside its lab days: the shelf, procedures, kept sequences, settings. */
export const library = {
  health: route('/health', {
    method: 'GET',
    roles: everybody,
    owner: 'nothing',
    answer: json(z.object({ status: z.literal('ok') })),
  }),
  settings: route('/settings', {
    method: 'GET',
    roles: known,
    owner: 'nothing',
    answer: json(settingsSchema),
  }),
  changeSettings: route('/settings', {
    ...school,
    method: 'PATCH',
    body: settingsChangeSchema,
    answer: json(settingsSchema),
  }),
  shelf: route('/shelf', {
    ...school,
    method: 'GET',
    answer: json(z.array(keptAt(shelfItemSchema))),
  }),
  shelfFile: route('/shelf.csv', { ...school, method: 'GET', answer: file('text/csv') }),
  saveJar: route('/shelf/:itemId', {
    ...school,
    method: 'PUT',
    body: saving(shelfItemSchema),
    answer: json(keptAt(shelfItemSchema)),
  }),
  dataSheets: route('/shelf/data-sheets', {
    ...school,
    method: 'GET',
    answer: json(z.array(dataSheetSchema)),
  }),
  dataSheet: route('/shelf/:itemId/data-sheet', {
    ...school,
    method: 'GET',
    answer: file(dataSheetType),
  }),
  keepDataSheet: route('/shelf/:itemId/data-sheet', {
    ...school,
    method: 'POST',
    query: z.object({ name: z.string().trim().min(1).max(120) }),
    upload: dataSheetType,
    answer: json(dataSheetSchema),
    limitBytes: dataSheetLimitBytes,
  }),
  linkDataSheet: route('/shelf/:itemId/data-sheet', {
    ...school,
    method: 'PUT',
    body: z.strictObject({ link: dataSheetLinkSchema.nullable() }),
    answer: nothing,
  }),
  dropDataSheet: route('/shelf/:itemId/data-sheet', {
    ...school,
    method: 'DELETE',
    answer: nothing,
  }),
  dropJar: route('/shelf/:itemId', {
    ...school,
    method: 'DELETE',
    query: readAtQuery,
    answer: nothing,
  }),
  importShelf: route('/shelf/import', {
    ...school,
    method: 'POST',
    body: z.object({
      text: z.string(),
      /** Only say what would change. */
      apply: z.boolean(),
    }),
    answer: json(shelfImportSchema),
    rate: 'heavy',
  }),
  procedures: route('/procedures', {
    ...school,
    method: 'GET',
    answer: json(z.array(keptAt(ownProcedureSchema))),
  }),
  saveProcedure: route('/procedures/:procedureId', {
    ...school,
    method: 'PUT',
    body: saving(ownProcedureSchema),
    answer: json(keptAt(ownProcedureSchema)),
  }),
  dropProcedure: route('/procedures/:procedureId', {
    ...school,
    method: 'DELETE',
    query: readAtQuery,
    answer: nothing,
  }),
  runs: route('/runs', {
    ...school,
    method: 'GET',
    query: pageQuery,
    answer: json(pageOf(keptRunSchema)),
  }),
  run: route('/runs/:runId', { ...school, method: 'GET', answer: json(keptRunSchema) }),
  keepRun: route('/runs/:runId', {
    ...school,
    method: 'PUT',
    body: keptRunSchema,
    answer: json(keptRunSchema),
  }),
  dropRun: route('/runs/:runId', { ...school, method: 'DELETE', answer: nothing }),
};
