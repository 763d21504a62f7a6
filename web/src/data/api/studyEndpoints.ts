import { cellRunSchema, cellRunWithRecordSchema } from '@stoichos/core/labday/cells';
import { keptRunSchema } from '@stoichos/core/labday/day';
import { logLineSchema } from '@stoichos/core/studies/electrolysis';
import type { CellRun, CellRunWithRecord } from '@stoichos/core/labday/cells';
import type { KeptRun } from '@stoichos/core/labday/day';
import * as z from 'zod';
import type { Build } from './build';

const runs = z.array(keptRunSchema);
const cellRuns = z.array(cellRunSchema);
/** A line of a log as the instruments read it; the browser adds the time where the supply keeps none. */
const cellReading = logLineSchema.partial({ timeS: true });
export type CellReading = z.infer<typeof cellReading>;

/** Kept sequences, and electrolyses that are run. */
export const studyEndpoints = (build: Build) => ({
  runs: build.query<KeptRun[], void>({
    query: () => '/runs',
    transformResponse: (raw) => runs.parse(raw),
    providesTags: ['Runs'],
  }),
  keepRun: build.mutation<KeptRun, KeptRun>({
    query: (run) => ({ url: `/runs/${run.id}`, method: 'PUT', body: run }),
    transformResponse: (raw) => keptRunSchema.parse(raw),
    invalidatesTags: ['Runs'],
  }),
  dropRun: build.mutation<void, string>({
    query: (id) => ({ url: `/runs/${id}`, method: 'DELETE' }),
    invalidatesTags: ['Runs'],
  }),
  cells: build.query<CellRun[], void>({
    query: () => '/cells',
    transformResponse: (raw) => cellRuns.parse(raw),
    providesTags: ['Cells'],
  }),
  cell: build.query<CellRunWithRecord, string>({
    query: (id) => `/cells/${id}`,
    transformResponse: (raw) => cellRunWithRecordSchema.parse(raw),
    providesTags: (_, __, id) => [{ type: 'Cells', id }],
  }),
  saveCell: build.mutation<CellRun, CellRun>({
    query: (run) => ({ url: `/cells/${run.id}`, method: 'PUT', body: run }),
    invalidatesTags: ['Cells'],
  }),
  simulateCell: build.mutation<void, { runId: string; speed: number }>({
    query: ({ runId, speed }) => ({
      url: `/cells/${runId}/simulate`,
      method: 'POST',
      body: { speed },
    }),
  }),
  cellReading: build.mutation<CellReading, string>({
    query: (runId) => `/cells/${runId}/reading`,
    transformResponse: (raw) => cellReading.parse(raw),
  }),
});
