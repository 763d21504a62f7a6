import { createApi, fetchBaseQuery } from '@reduxjs/toolkit/query/react';
import {
  keptRunSchema,
  labDaySchema,
  labDaySummarySchema,
  settingsSchema,
  shelfItemSchema,
  entrySchema,
} from '@stoichos/core';
import type {
  BenchEntry,
  KeptRun,
  LabDay,
  LabDayInput,
  LabDaySummary,
  PlannedTest,
  Settings,
  ShelfItem,
  Weighing,
} from '@stoichos/core';
import * as z from 'zod';

const summaries = z.array(labDaySummarySchema);
const shelf = z.array(shelfItemSchema);
const runs = z.array(keptRunSchema);

/** The server as the application sees it. Every answer is checked against the shared schema. */
export const api = createApi({
  baseQuery: fetchBaseQuery({ baseUrl: '/api' }),
  tagTypes: ['Days', 'Day', 'Runs', 'Settings'],
  refetchOnReconnect: true,
  endpoints: (build) => ({
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
    saveTest: build.mutation<LabDay, { dayId: string; test: PlannedTest }>({
      query: ({ dayId, test }) => ({
        url: `/days/${dayId}/tests/${test.id}`,
        method: 'PUT',
        body: test,
      }),
      invalidatesTags: (_, __, { dayId }) => ['Days', { type: 'Day', id: dayId }],
    }),
    removeTest: build.mutation<void, { dayId: string; testId: string }>({
      query: ({ testId }) => ({ url: `/tests/${testId}`, method: 'DELETE' }),
      invalidatesTags: (_, __, { dayId }) => ['Days', { type: 'Day', id: dayId }],
    }),
    addWeighing: build.mutation<LabDay, { dayId: string; weighing: Weighing }>({
      query: ({ dayId, weighing }) => ({
        url: `/days/${dayId}/weighings`,
        method: 'POST',
        body: weighing,
      }),
      invalidatesTags: (_, __, { dayId }) => [{ type: 'Day', id: dayId }],
    }),
    addEntry: build.mutation<BenchEntry, { dayId: string; entry: BenchEntry }>({
      query: ({ entry }) => ({ url: '/entries', method: 'POST', body: entry }),
      transformResponse: (raw) => entrySchema.parse(raw),
      // The line joins the day already held, so that a tap costs one request, not two.
      onQueryStarted: async ({ dayId }, { dispatch, queryFulfilled }) => {
        const { data } = await queryFulfilled;
        dispatch(
          api.util.updateQueryData('day', dayId, (day) => {
            if (!day.entries.some(({ id }) => id === data.id)) day.entries.push(data);
          }),
        );
      },
      invalidatesTags: ['Days'],
    }),
    shelf: build.query<ShelfItem[], void>({
      query: () => '/shelf',
      transformResponse: (raw) => shelf.parse(raw),
    }),
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
    settings: build.query<Settings, void>({
      query: () => '/settings',
      transformResponse: (raw) => settingsSchema.parse(raw),
      providesTags: ['Settings'],
    }),
    saveSettings: build.mutation<Settings, Settings>({
      query: (settings) => ({ url: '/settings', method: 'PUT', body: settings }),
      invalidatesTags: ['Settings'],
    }),
  }),
});

export const {
  useDaysQuery,
  useDayQuery,
  useSaveDayMutation,
  useSaveTestMutation,
  useRemoveTestMutation,
  useAddWeighingMutation,
  useShelfQuery,
  useRunsQuery,
  useKeepRunMutation,
  useDropRunMutation,
  useSettingsQuery,
  useSaveSettingsMutation,
} = api;
