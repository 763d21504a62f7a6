import { createApi, fetchBaseQuery } from '@reduxjs/toolkit/query/react';
import {
  auditLineSchema,
  cellEntrySchema,
  cellRunSchema,
  groupViewSchema,
  joinableSchema,
  oversightSchema,
  sealedUnknownSchema,
  unknownAnswerSchema,
  sessionStateSchema,
  cellRunWithRecordSchema,
  logLineSchema,
  instrumentSchema,
  importPlanSchema,
  keptRunSchema,
  restorePlanSchema,
  readingSchema,
  labDaySchema,
  ownProcedureSchema,
  labDaySummarySchema,
  settingsSchema,
  shelfItemSchema,
  entrySchema,
} from '@stoichos/core';
import type {
  AnswerInput,
  UnknownAnswer,
  AuditLine,
  BenchEntry,
  CellEntry,
  CellRun,
  CellRunWithRecord,
  DayCopy,
  DayProcedure,
  DayTimetable,
  Follow,
  GroupView,
  ImportPlan,
  RestorePlan,
  Joinable,
  MessageInput,
  Oversight,
  Release,
  SealedUnknown,
  SessionState,
  InstrumentInfo,
  InstrumentReading,
  KeptRun,
  LabDay,
  LabDayInput,
  LabDaySummary,
  OwnProcedure,
  PlannedTest,
  Preparation,
  QuantityName,
  Settings,
  SettingsChange,
  ShelfItem,
  Weighing,
} from '@stoichos/core';
import * as z from 'zod';

const summaries = z.array(labDaySummarySchema);
const shelf = z.array(shelfItemSchema);
const instruments = z.array(instrumentSchema);
const runs = z.array(keptRunSchema);
const cellRuns = z.array(cellRunSchema);
/** A line of a log as the instruments read it; the browser adds the time where the supply keeps none. */
const cellReading = logLineSchema.partial({ timeS: true });
export type CellReading = z.infer<typeof cellReading>;
const ownProcedures = z.array(ownProcedureSchema);
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
/** What a shelf file would change, or what is wrong with it. */
export type ShelfImport = z.infer<typeof shelfImportSchema>;

const tags = [
  'Access',
  'Audit',
  'Cells',
  'Group',
  'Days',
  'Day',
  'Instruments',
  'Procedures',
  'Runs',
  'Settings',
  'Shelf',
] as const;
/** Whoever signs in or out sees other things altogether. */
const everything = [...tags];

/** The server as the application sees it. Every answer is checked against the shared schema. */
export const api = createApi({
  // A server that went away in the middle of an answer would be waited for without end.
  baseQuery: fetchBaseQuery({ baseUrl: '/api', timeout: 20_000 }),
  tagTypes: tags,
  // News from the bench does not wait for a request that hangs.
  invalidationBehavior: 'immediately',
  refetchOnReconnect: true,
  refetchOnFocus: true,
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
        dispatch(
          api.util.updateQueryData('group', undefined, (view) => {
            if (!view.entries.some(({ id }) => id === data.id)) view.entries.push(data);
          }),
        );
      },
      invalidatesTags: ['Days'],
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
    addCellEntry: build.mutation<CellEntry, CellEntry>({
      query: (entry) => ({ url: '/cell-entries', method: 'POST', body: entry }),
      transformResponse: (raw) => cellEntrySchema.parse(raw),
      onQueryStarted: async ({ runId }, { dispatch, queryFulfilled }) => {
        const { data } = await queryFulfilled;
        dispatch(
          api.util.updateQueryData('cell', runId, (run) => {
            if (!run.entries.some(({ id }) => id === data.id)) run.entries.push(data);
          }),
        );
      },
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
    shelf: build.query<ShelfItem[], void>({
      query: () => '/shelf',
      transformResponse: (raw) => shelf.parse(raw),
      providesTags: ['Shelf'],
    }),
    saveJar: build.mutation<ShelfItem, ShelfItem>({
      query: (jar) => ({ url: `/shelf/${jar.id}`, method: 'PUT', body: jar }),
      invalidatesTags: ['Shelf'],
    }),
    dropJar: build.mutation<void, string>({
      query: (id) => ({ url: `/shelf/${id}`, method: 'DELETE' }),
      invalidatesTags: ['Shelf'],
    }),
    importShelf: build.mutation<ShelfImport, { text: string; apply: boolean }>({
      query: (body) => ({ url: '/shelf/import', method: 'POST', body }),
      transformResponse: (raw) => shelfImportSchema.parse(raw),
      invalidatesTags: (_, __, { apply }) => (apply ? ['Shelf'] : []),
    }),
    procedures: build.query<OwnProcedure[], void>({
      query: () => '/procedures',
      transformResponse: (raw) => ownProcedures.parse(raw),
      providesTags: ['Procedures'],
    }),
    saveProcedure: build.mutation<OwnProcedure, OwnProcedure>({
      query: (own) => ({ url: `/procedures/${own.id}`, method: 'PUT', body: own }),
      transformResponse: (raw) => ownProcedureSchema.parse(raw),
      invalidatesTags: ['Procedures'],
    }),
    dropProcedure: build.mutation<void, string>({
      query: (id) => ({ url: `/procedures/${id}`, method: 'DELETE' }),
      invalidatesTags: ['Procedures'],
    }),
    saveDayProcedures: build.mutation<
      LabDay,
      { dayId: string; procedures: readonly DayProcedure[] }
    >({
      query: ({ dayId, procedures }) => ({
        url: `/days/${dayId}/procedures`,
        method: 'PUT',
        body: { procedures },
      }),
      invalidatesTags: (_, __, { dayId }) => ['Days', { type: 'Day', id: dayId }],
    }),
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
    instruments: build.query<InstrumentInfo[], void>({
      query: () => '/instruments',
      transformResponse: (raw) => instruments.parse(raw),
      providesTags: ['Instruments'],
    }),
    reading: build.query<InstrumentReading, { id: string; quantity: QuantityName }>({
      query: ({ id, quantity }) => `/instruments/${id}/reading?quantity=${quantity}`,
      transformResponse: (raw) => readingSchema.parse(raw),
      keepUnusedDataFor: 0,
    }),
    tellInstrument: build.mutation<void, { id: string; command: string; value?: number }>({
      query: ({ id, ...body }) => ({ url: `/instruments/${id}/commands`, method: 'POST', body }),
    }),
    putToVessel: build.mutation<void, { id: string; follow: Follow }>({
      query: ({ id, follow }) => ({
        url: `/instruments/${id}/follow`,
        method: 'POST',
        body: follow,
      }),
    }),
    clearInstrument: build.mutation<void, string>({
      query: (id) => ({ url: `/instruments/${id}/clear`, method: 'POST', body: {} }),
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
    session: build.query<SessionState, void>({
      query: () => '/session',
      transformResponse: (raw) => sessionStateSchema.parse(raw),
      providesTags: ['Access'],
    }),
    signIn: build.mutation<void, { role: 'instructor' | 'technician'; passphrase: string }>({
      query: (body) => ({ url: '/sign-in', method: 'POST', body }),
      invalidatesTags: everything,
    }),
    signOut: build.mutation<void, { everywhere: boolean }>({
      query: ({ everywhere }) => ({
        url: everywhere ? '/sign-out-everywhere' : '/sign-out',
        method: 'POST',
        body: {},
      }),
      invalidatesTags: everything,
    }),
    setPassphrase: build.mutation<
      void,
      { role: 'instructor' | 'technician'; passphrase: string; openHere?: boolean }
    >({
      query: ({ role, ...body }) => ({ url: `/accounts/${role}`, method: 'PUT', body }),
      invalidatesTags: ['Access', 'Audit'],
    }),
    audit: build.query<AuditLine[], void>({
      query: () => '/audit',
      transformResponse: (raw) => z.array(auditLineSchema).parse(raw),
      providesTags: ['Audit'],
    }),
    joinable: build.query<Joinable, string>({
      query: (code) => `/join/${encodeURIComponent(code)}`,
      transformResponse: (raw) => joinableSchema.parse(raw),
      keepUnusedDataFor: 0,
    }),
    join: build.mutation<void, { code: string; groupId: string }>({
      query: (body) => ({ url: '/join', method: 'POST', body }),
      invalidatesTags: everything,
    }),
    leave: build.mutation<void, void>({
      query: () => ({ url: '/leave', method: 'POST', body: {} }),
      invalidatesTags: everything,
    }),
    group: build.query<GroupView, void>({
      query: () => '/group',
      transformResponse: (raw) => groupViewSchema.parse(raw),
      providesTags: ['Group'],
    }),
    oversight: build.query<Oversight, string>({
      query: (dayId) => `/days/${dayId}/oversight`,
      transformResponse: (raw) => oversightSchema.parse(raw),
      providesTags: (_, __, id) => [{ type: 'Group', id }],
    }),
    renewCode: build.mutation<Oversight, string>({
      query: (dayId) => ({ url: `/days/${dayId}/code`, method: 'POST', body: {} }),
      invalidatesTags: (_, __, id) => [{ type: 'Group', id }, 'Audit'],
    }),
    putOut: build.mutation<Oversight, { dayId: string; tabletId: string }>({
      query: ({ dayId, tabletId }) => ({
        url: `/days/${dayId}/tablets/${tabletId}`,
        method: 'DELETE',
      }),
      invalidatesTags: (_, __, { dayId }) => [{ type: 'Group', id: dayId }, 'Audit'],
    }),
    release: build.mutation<Oversight, { dayId: string; release: Release }>({
      query: ({ dayId, release }) => ({
        url: `/days/${dayId}/releases`,
        method: 'PUT',
        body: release,
      }),
      invalidatesTags: (_, __, { dayId }) => [{ type: 'Group', id: dayId }],
    }),
    keys: build.query<SealedUnknown[], string>({
      query: (dayId) => `/days/${dayId}/keys`,
      transformResponse: (raw) => z.array(sealedUnknownSchema).parse(raw),
      providesTags: (_, __, id) => [{ type: 'Group', id }],
      keepUnusedDataFor: 0,
    }),
    dealUnknowns: build.mutation<Oversight, { dayId: string; unknowns: readonly SealedUnknown[] }>({
      query: ({ dayId, unknowns }) => ({
        url: `/days/${dayId}/unknowns`,
        method: 'PUT',
        body: { unknowns },
      }),
      invalidatesTags: (_, __, { dayId }) => [{ type: 'Group', id: dayId }, 'Audit'],
    }),
    answers: build.query<UnknownAnswer[], string>({
      query: (dayId) => `/days/${dayId}/answers`,
      transformResponse: (raw) => z.array(unknownAnswerSchema).parse(raw),
      providesTags: (_, __, id) => [{ type: 'Group', id }],
    }),
    handIn: build.mutation<void, AnswerInput>({
      query: (answer) => ({ url: '/group/answer', method: 'POST', body: answer }),
      invalidatesTags: ['Group'],
    }),
    sendMessage: build.mutation<Oversight, { dayId: string; message: MessageInput }>({
      query: ({ dayId, message }) => ({
        url: `/days/${dayId}/messages`,
        method: 'POST',
        body: message,
      }),
      invalidatesTags: (_, __, { dayId }) => [{ type: 'Group', id: dayId }],
    }),
    settings: build.query<Settings, void>({
      query: () => '/settings',
      transformResponse: (raw) => settingsSchema.parse(raw),
      providesTags: ['Settings'],
    }),
    changeSettings: build.mutation<Settings, SettingsChange>({
      query: (change) => ({ url: '/settings', method: 'PATCH', body: change }),
      invalidatesTags: ['Settings'],
    }),
  }),
});

export const {
  useSessionQuery,
  useSignInMutation,
  useSignOutMutation,
  useSetPassphraseMutation,
  useAuditQuery,
  useJoinableQuery,
  useJoinMutation,
  useLeaveMutation,
  useGroupQuery,
  useOversightQuery,
  useRenewCodeMutation,
  usePutOutMutation,
  useReleaseMutation,
  useSendMessageMutation,
  useKeysQuery,
  useAnswersQuery,
  useCopyDaysMutation,
  useArchiveDayMutation,
  useTakeInMutation,
  useRestoreMutation,
  useDealUnknownsMutation,
  useHandInMutation,
  useDaysQuery,
  useDayQuery,
  useSaveDayMutation,
  useSaveTestMutation,
  useRemoveTestMutation,
  useAddWeighingMutation,
  useShelfQuery,
  useSaveJarMutation,
  useDropJarMutation,
  useImportShelfMutation,
  useProceduresQuery,
  useSaveProcedureMutation,
  useDropProcedureMutation,
  useSaveDayProceduresMutation,
  useSaveTimetableMutation,
  useConfirmPreparationMutation,
  useUndoPreparationMutation,
  useInstrumentsQuery,
  useReadingQuery,
  useTellInstrumentMutation,
  usePutToVesselMutation,
  useClearInstrumentMutation,
  useRunsQuery,
  useKeepRunMutation,
  useDropRunMutation,
  useCellsQuery,
  useCellQuery,
  useSaveCellMutation,
  useSimulateCellMutation,
  useCellReadingMutation,
  useSettingsQuery,
  useChangeSettingsMutation,
} = api;
