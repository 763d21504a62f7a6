import {
  commandSchema,
  followSchema,
  instrumentSchema,
  readingSchema,
} from '@stoichos/core/labday/bench';
import {
  cellEntrySchema,
  cellRunSchema,
  cellRunWithRecordSchema,
} from '@stoichos/core/labday/cells';
import { quantityNames } from '@stoichos/core/planning/procedure';
import { logLineSchema } from '@stoichos/core/studies/electrolysis';
import * as z from 'zod';
import { json, nothing, route } from './contract';
import { pageOf, pageQuery } from './pages';
import { staff } from './roles';

const school = { roles: staff, owner: 'school' } as const;
/** Instruments have names, not ids. */
const params = { instrumentId: z.string().min(1).max(60) };

/** A line of a log as the instruments read it; the browser adds the time where the supply keeps none. */
const cellReadingSchema = logLineSchema.partial({ timeS: true });
export type CellReading = z.infer<typeof cellReadingSchema>;

/** The instruments of the bench, and electrolyses that are run with them. */
export const instruments = {
  instruments: route('/instruments', {
    ...school,
    method: 'GET',
    answer: json(z.array(instrumentSchema)),
  }),
  reading: route('/instruments/:instrumentId/reading', {
    ...school,
    method: 'GET',
    params,
    query: z.object({ quantity: z.enum(quantityNames).optional() }),
    answer: json(readingSchema),
  }),
  tellInstrument: route('/instruments/:instrumentId/commands', {
    ...school,
    method: 'POST',
    params,
    body: commandSchema,
    answer: nothing,
  }),
  putToVessel: route('/instruments/:instrumentId/follow', {
    ...school,
    method: 'POST',
    params,
    body: followSchema,
    answer: nothing,
  }),
  clearInstrument: route('/instruments/:instrumentId/clear', {
    ...school,
    method: 'POST',
    params,
    answer: nothing,
  }),
  cells: route('/cells', {
    ...school,
    method: 'GET',
    query: pageQuery,
    answer: json(pageOf(cellRunSchema)),
  }),
  cell: route('/cells/:runId', {
    ...school,
    method: 'GET',
    answer: json(cellRunWithRecordSchema),
  }),
  saveCell: route('/cells/:runId', {
    ...school,
    method: 'PUT',
    body: cellRunSchema,
    answer: json(cellRunSchema),
  }),
  addCellEntry: route('/cell-entries', {
    ...school,
    method: 'POST',
    body: cellEntrySchema,
    answer: json(cellEntrySchema),
    makes: true,
  }),
  simulateCell: route('/cells/:runId/simulate', {
    ...school,
    method: 'POST',
    /** How fast the simulated instruments live. */
    body: z.object({
      speed: z.number().min(1, 'A simulated run is at least as fast as a real one').max(2000),
    }),
    answer: nothing,
  }),
  cellReading: route('/cells/:runId/reading', {
    ...school,
    method: 'GET',
    answer: json(cellReadingSchema),
  }),
};
