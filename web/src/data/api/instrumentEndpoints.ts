import { instrumentSchema, readingSchema } from '@stoichos/core/labday/bench';
import type { Follow, InstrumentInfo, InstrumentReading } from '@stoichos/core/labday/bench';
import type { QuantityName } from '@stoichos/core/planning/procedure';
import * as z from 'zod';
import type { Build } from './build';

const instruments = z.array(instrumentSchema);

/** The instruments of the bench. */
export const instrumentEndpoints = (build: Build) => ({
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
});
