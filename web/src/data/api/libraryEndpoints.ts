import { contracts } from '@stoichos/contract';
import type { Saving } from '@stoichos/contract';
import type { KeptRun, OwnProcedure } from '@stoichos/core/labday/day';
import type { SettingsChange } from '@stoichos/core/labday/settings';
import type { ShelfItem } from '@stoichos/core/planning/shelf';
import type { Build } from './build';
import { unasked } from './build';

/** Of a long name of a file its end is kept, which says what kind it is. */
const longestFileName = 120;

/** What the school keeps beside its lab days: the shelf, procedures, kept sequences, settings. */
export const libraryEndpoints = ({ read, write }: Build) => ({
  shelf: read(contracts.shelf, unasked, { providesTags: ['Shelf'] }),
  saveJar: write(
    contracts.saveJar,
    (jar: Saving<ShelfItem>) => ({ params: { itemId: jar.id }, body: jar }),
    { invalidatesTags: ['Shelf'] },
  ),
  dropJar: write(
    contracts.dropJar,
    ({ id, version }: { readonly id: string; readonly version: number }) => ({
      params: { itemId: id },
      query: { version },
    }),
    { invalidatesTags: ['Shelf'] },
  ),
  dataSheets: read(contracts.dataSheets, unasked, { providesTags: ['DataSheets'] }),
  keepDataSheet: write(
    contracts.keepDataSheet,
    ({ itemId, file }: { readonly itemId: string; readonly file: File }) => ({
      params: { itemId },
      query: { name: file.name.slice(-longestFileName) },
      upload: file,
    }),
    { invalidatesTags: ['DataSheets'] },
  ),
  linkDataSheet: write(
    contracts.linkDataSheet,
    ({ itemId, link }: { readonly itemId: string; readonly link: string | null }) => ({
      params: { itemId },
      body: { link },
    }),
    { invalidatesTags: ['DataSheets'] },
  ),
  dropDataSheet: write(contracts.dropDataSheet, (itemId: string) => ({ params: { itemId } }), {
    invalidatesTags: ['DataSheets'],
  }),
  importShelf: write(
    contracts.importShelf,
    (body: { readonly text: string; readonly apply: boolean }) => ({ body }),
    { invalidatesTags: (_, __, { apply }) => (apply ? ['Shelf'] : []) },
  ),
  procedures: read(contracts.procedures, unasked, { providesTags: ['Procedures'] }),
  saveProcedure: write(
    contracts.saveProcedure,
    (own: Saving<OwnProcedure>) => ({ params: { procedureId: own.id }, body: own }),
    { invalidatesTags: ['Procedures'] },
  ),
  dropProcedure: write(
    contracts.dropProcedure,
    ({ id, version }: { readonly id: string; readonly version: number }) => ({
      params: { procedureId: id },
      query: { version },
    }),
    { invalidatesTags: ['Procedures'] },
  ),
  runs: read(contracts.runs, (after: string | undefined) => ({ query: { after } }), {
    providesTags: ['Runs'],
  }),
  run: read(contracts.run, (runId: string) => ({ params: { runId } }), { providesTags: ['Runs'] }),
  keepRun: write(contracts.keepRun, (run: KeptRun) => ({ params: { runId: run.id }, body: run }), {
    invalidatesTags: ['Runs'],
  }),
  dropRun: write(contracts.dropRun, (runId: string) => ({ params: { runId } }), {
    invalidatesTags: ['Runs'],
  }),
  settings: read(contracts.settings, unasked, { providesTags: ['Settings'] }),
  changeSettings: write(contracts.changeSettings, (body: SettingsChange) => ({ body }), {
    invalidatesTags: ['Settings'],
  }),
});
