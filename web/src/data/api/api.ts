import { createApi } from '@reduxjs/toolkit/query/react';
import { contracts } from '@stoichos/contract';
import type { HeldDay } from '@stoichos/contract';
import type { BenchEntry } from '@stoichos/core/labday/day';
import type { CellEntry } from '@stoichos/core/labday/cells';
import { accessEndpoints, groupEndpoints } from './accessEndpoints';
import { dayEndpoints, dayTag } from './dayEndpoints';
import { instrumentEndpoints } from './instrumentEndpoints';
import { libraryEndpoints } from './libraryEndpoints';
import { ask, builderOf, tags } from './build';
import { readDay } from './readDay';

export type { CellReading, ShelfImport } from '@stoichos/contract';

/** The server as the application sees it. */
export const api = createApi({
  baseQuery: ask,
  tagTypes: tags,
  // News from the bench does not wait for a request that hangs.
  invalidationBehavior: 'immediately',
  refetchOnReconnect: true,
  refetchOnFocus: true,
  endpoints: (builder) => {
    const build = builderOf(builder);
    return {
      ...dayEndpoints(build),
      ...libraryEndpoints(build),
      ...instrumentEndpoints(build),
      ...accessEndpoints(build),
      ...groupEndpoints(build),
      day: build.gather<HeldDay, string>({
        queryFn: (dayId, { getState }, _, askOne) =>
          readDay(dayId, heldDay(getState(), dayId), (question) =>
            Promise.resolve(askOne(question)),
          ),
        providesTags: (_, __, id) => [dayTag(id)],
      }),
      // These two put what they store into what was read before, so that it stands there at once.
      addEntry: build.write(
        contracts.addEntry,
        ({ entry }: { readonly dayId: string; readonly entry: BenchEntry }) => ({ body: entry }),
        {
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
        },
      ),
      addCellEntry: build.write(contracts.addCellEntry, (body: CellEntry) => ({ body }), {
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
    };
  },
});

/** A lab day as it was last read. */
function heldDay(state: unknown, dayId: string): HeldDay | undefined {
  return api.endpoints.day.select(dayId)(
    state as Parameters<ReturnType<typeof api.endpoints.day.select>>[0],
  ).data;
}

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
  useSignOutEverywhereMutation,
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
  useFindDaysQuery,
  useDayQuery,
  useSaveDayMutation,
  useSaveDayProcedureMutation,
  useRemoveDayProcedureMutation,
  useAddWeighingMutation,
  useShelfQuery,
  useDataSheetsQuery,
  useKeepDataSheetMutation,
  useLinkDataSheetMutation,
  useDropDataSheetMutation,
  useRiskWordsQuery,
  useSaveRiskWordsMutation,
  useSaveJarMutation,
  useDropJarMutation,
  useImportShelfMutation,
  useProceduresQuery,
  useSaveProcedureMutation,
  useDropProcedureMutation,
  useMoveDayProcedureMutation,
  useSaveTimetableMutation,
  useConfirmPreparationMutation,
  useUndoPreparationMutation,
  useInstrumentsQuery,
  useReadingQuery,
  useTellInstrumentMutation,
  usePutToVesselMutation,
  useClearInstrumentMutation,
  useRunsQuery,
  useRunQuery,
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
