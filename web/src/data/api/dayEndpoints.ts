import { labDaySchema, labDaySummarySchema } from '@stoichos/core/labday/day';
import { importPlanSchema, restorePlanSchema } from '@stoichos/core/report/exchange';
import type {
  DayCopy,
  DayProcedure,
  DayTimetable,
  LabDay,
  LabDayInput,
  LabDaySummary,
  Preparation,
  Weighing,
} from '@stoichos/core/labday/day';
import type { ImportPlan, RestorePlan } from '@stoichos/core/report/exchange';
import * as z from 'zod';
import { everything } from './build';
import type { Build } from './build';

const summaries = z.array(labDaySummarySchema);

/** Lab days, their procedures, what is prepared and recorded; files that come in. */
export const dayEndpoints = (build: Build) => ({
  days: build.query<LabDaySummary[], void>({
    query: () => '/days',
    transformResponse: (raw) => summaries.parse(raw),
    providesTags: ['Days'],
  }),
  day: build.query<LabDay, string>({
    query: (id) => `/days/${id}`,
    transformResponse: (raw) => labDaySchema.parse(raw),
    providesTags: (_, __, id) => [{ type: 'Day', id }],
  }),
  saveDay: build.mutation<LabDay, LabDayInput>({
    query: (day) => ({ url: `/days/${day.id}`, method: 'PUT', body: day }),
    invalidatesTags: (_, __, { id }) => ['Days', { type: 'Day', id }],
  }),
  copyDays: build.mutation<void, readonly DayCopy[]>({
    query: (copies) => ({ url: '/day-copies', method: 'POST', body: { copies } }),
    invalidatesTags: ['Days'],
  }),
  archiveDay: build.mutation<void, { dayId: string; archived: boolean }>({
    query: ({ dayId, archived }) => ({
      url: `/days/${dayId}/archive`,
      method: 'PUT',
      body: { archived },
    }),
    invalidatesTags: ['Days'],
  }),
  saveDayProcedure: build.mutation<LabDay, { dayId: string; planned: DayProcedure }>({
    query: ({ dayId, planned }) => ({
      url: `/days/${dayId}/procedures/${planned.id}`,
      method: 'PUT',
      body: planned,
    }),
    invalidatesTags: (_, __, { dayId }) => ['Days', { type: 'Day', id: dayId }],
  }),
  removeDayProcedure: build.mutation<LabDay, { dayId: string; id: string }>({
    query: ({ dayId, id }) => ({ url: `/days/${dayId}/procedures/${id}`, method: 'DELETE' }),
    invalidatesTags: (_, __, { dayId }) => ['Days', { type: 'Day', id: dayId }],
  }),
  saveDayProcedures: build.mutation<LabDay, { dayId: string; procedures: readonly DayProcedure[] }>(
    {
      query: ({ dayId, procedures }) => ({
        url: `/days/${dayId}/procedures`,
        method: 'PUT',
        body: { procedures },
      }),
      invalidatesTags: (_, __, { dayId }) => ['Days', { type: 'Day', id: dayId }],
    },
  ),
  saveTimetable: build.mutation<LabDay, { dayId: string; timetable: DayTimetable | null }>({
    query: ({ dayId, timetable }) => ({
      url: `/days/${dayId}/timetable`,
      method: 'PUT',
      body: { timetable },
    }),
    invalidatesTags: (_, __, { dayId }) => [{ type: 'Day', id: dayId }],
  }),
  confirmPreparation: build.mutation<LabDay, { dayId: string; preparation: Preparation }>({
    query: ({ dayId, preparation }) => ({
      url: `/days/${dayId}/preparations`,
      method: 'POST',
      body: preparation,
    }),
    invalidatesTags: (_, __, { dayId }) => ['Shelf', { type: 'Day', id: dayId }],
  }),
  undoPreparation: build.mutation<LabDay, { dayId: string; id: string }>({
    query: ({ id }) => ({ url: `/preparations/${id}`, method: 'DELETE' }),
    invalidatesTags: (_, __, { dayId }) => ['Shelf', { type: 'Day', id: dayId }],
  }),
  addWeighing: build.mutation<LabDay, { dayId: string; weighing: Weighing }>({
    query: ({ dayId, weighing }) => ({
      url: `/days/${dayId}/weighings`,
      method: 'POST',
      body: weighing,
    }),
    invalidatesTags: (_, __, { dayId }) => [{ type: 'Day', id: dayId }],
  }),
  takeIn: build.mutation<ImportPlan, { file: unknown; apply: boolean; asAnother?: boolean }>({
    query: (request) => ({ url: '/import', method: 'POST', body: request }),
    transformResponse: (raw) => importPlanSchema.parse(raw),
    invalidatesTags: (_, __, { apply }) => (apply ? ['Days', 'Procedures', 'Shelf'] : []),
  }),
  restore: build.mutation<RestorePlan, { file: unknown; apply: boolean }>({
    query: (request) => ({ url: '/restore', method: 'POST', body: request }),
    transformResponse: (raw) => restorePlanSchema.parse(raw),
    invalidatesTags: (_, __, { apply }) => (apply ? everything : []),
  }),
});
