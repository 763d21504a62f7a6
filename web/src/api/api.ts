import { createApi } from '@reduxjs/toolkit/query/react';
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
