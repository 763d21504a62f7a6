import { createApi } from '@reduxjs/toolkit/query/react';
import { cellEntrySchema } from '@stoichos/core/labday/cells';
import { entrySchema } from '@stoichos/core/labday/day';
import type { BenchEntry } from '@stoichos/core/labday/day';
import type { CellEntry } from '@stoichos/core/labday/cells';
import { accessEndpoints } from './accessEndpoints';
import { dayEndpoints } from './dayEndpoints';
import { instrumentEndpoints } from './instrumentEndpoints';
import { libraryEndpoints } from './libraryEndpoints';
import { settingsEndpoints } from './settingsEndpoints';
import { studyEndpoints } from './studyEndpoints';
import { ask, tags } from './build';

export type { CellReading } from './studyEndpoints';
export type { ShelfImport } from './libraryEndpoints';

/** The server as the application sees it. */
export const api = createApi({
  baseQuery: ask,
  tagTypes: tags,
  // News from the bench does not wait for a request that hangs.
  invalidationBehavior: 'immediately',
  refetchOnReconnect: true,
  refetchOnFocus: true,
  endpoints: (build) => ({
    ...dayEndpoints(build),
    ...libraryEndpoints(build),
    ...studyEndpoints(build),
    ...instrumentEndpoints(build),
    ...accessEndpoints(build),
    ...settingsEndpoints(build),
    // These two put what they store into what was read before, so that it stands there at once.
    addEntry: build.mutation<BenchEntry, { dayId: string; entry: BenchEntry }>({
      query: ({ entry }) => ({ url: '/entries', method: 'POST', body: entry }),
      transformResponse: (raw) => entrySchema.parse(raw),
      // The line joins the day already held, so that a tap costs one request, not two.
      onQueryStarted: async ({ dayId }, { dispatch, queryFulfilled }) => {
        const data = await stored(queryFulfilled);
        if (!data) return;
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
    addCellEntry: build.mutation<CellEntry, CellEntry>({
      query: (entry) => ({ url: '/cell-entries', method: 'POST', body: entry }),
      transformResponse: (raw) => cellEntrySchema.parse(raw),
      onQueryStarted: async ({ runId }, { dispatch, queryFulfilled }) => {
        const data = await stored(queryFulfilled);
        if (!data) return;
        dispatch(
          api.util.updateQueryData('cell', runId, (run) => {
            if (!run.entries.some(({ id }) => id === data.id)) run.entries.push(data);
          }),
        );
      },
    }),
  }),
});

/** What the server has stored; undefined where it has not: the outbox keeps it and says why. */
const stored = <T>(answer: Promise<{ readonly data: T }>): Promise<T | undefined> =>
  answer.then(
    ({ data }) => data,
    () => undefined,
  );

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
  useSaveDayProcedureMutation,
  useRemoveDayProcedureMutation,
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
