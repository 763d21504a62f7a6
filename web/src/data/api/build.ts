import type { EndpointBuilder } from '@reduxjs/toolkit/query/react';
import { fetchBaseQuery } from '@reduxjs/toolkit/query/react';

export const tags = [
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
export const everything = [...tags];

// A server that went away in the middle of an answer would be waited for without end.
export const ask = fetchBaseQuery({ baseUrl: '/api', timeout: 20_000 });

/** What endpoints are made with. Every answer is checked against the shared schema. */
export type Build = EndpointBuilder<typeof ask, (typeof tags)[number], 'api'>;
