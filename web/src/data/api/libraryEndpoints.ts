import { ownProcedureSchema } from '@stoichos/core/labday/day';
import { shelfItemSchema } from '@stoichos/core/planning/shelf';
import type { OwnProcedure } from '@stoichos/core/labday/day';
import type { ShelfItem } from '@stoichos/core/planning/shelf';
import * as z from 'zod';
import type { Build } from './build';

const shelf = z.array(shelfItemSchema);
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

/** The shelf and the procedures written here. */
export const libraryEndpoints = (build: Build) => ({
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
});
