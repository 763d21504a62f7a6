import {
  auditLineSchema,
  groupViewSchema,
  joinableSchema,
  oversightSchema,
  sealedUnknownSchema,
  unknownAnswerSchema,
  sessionStateSchema,
} from '@stoichos/core/labday/access';
import type {
  AnswerInput,
  UnknownAnswer,
  AuditLine,
  GroupView,
  Joinable,
  MessageInput,
  Oversight,
  Release,
  SealedUnknown,
  SessionState,
} from '@stoichos/core/labday/access';
import * as z from 'zod';
import { everything } from './build';
import type { Build } from './build';

/** Who is there: sessions, groups, what is released, said and dealt out. */
export const accessEndpoints = (build: Build) => ({
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
    invalidatesTags: (_, __, { dayId }) => [{ type: 'Group', id: dayId }, 'Audit', 'Days'],
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
});
