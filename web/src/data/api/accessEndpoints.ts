import { contracts } from '@stoichos/contract';
import type { DealInput } from '@stoichos/contract';
import type { AnswerInput, MessageInput, Release } from '@stoichos/core/labday/access';
import { everything, unasked } from './build';
import type { Build } from './build';

/** Who may have a passphrase. */
type Staff = 'instructor' | 'technician';

/** Who is there: sessions and passphrases. */
export const accessEndpoints = ({ read, write }: Build) => ({
  session: read(contracts.session, unasked, { providesTags: ['Access'] }),
  signIn: write(
    contracts.signIn,
    (body: { readonly role: Staff; readonly passphrase: string }) => ({ body }),
    { invalidatesTags: everything },
  ),
  signOut: write(contracts.signOut, unasked, { invalidatesTags: everything }),
  signOutEverywhere: write(contracts.signOutEverywhere, unasked, {
    invalidatesTags: everything,
  }),
  setPassphrase: write(
    contracts.setPassphrase,
    ({
      role,
      ...body
    }: {
      readonly role: Staff;
      readonly passphrase: string;
      readonly openHere?: boolean;
      /** The instructor’s as it stands, where one is set. */
      readonly current?: string;
    }) => ({ params: { role }, body }),
    { invalidatesTags: ['Access', 'Audit'] },
  ),
  audit: read(contracts.audit, (after: string | undefined) => ({ query: { after } }), {
    providesTags: ['Audit'],
  }),
});

const dayOf = (dayId: string) => ({ params: { dayId } });
const groupTag = (id: string) => ({ type: 'Group', id }) as const;

/** The groups of a day: joining, what is released, said and dealt out, and what is handed in. */
export const groupEndpoints = ({ read, write }: Build) => ({
  joinable: read(contracts.joinable, (code: string) => ({ params: { code } }), {
    keepUnusedDataFor: 0,
  }),
  join: write(
    contracts.join,
    (body: { readonly code: string; readonly groupId: string }) => ({ body }),
    { invalidatesTags: everything },
  ),
  leave: write(contracts.leave, unasked, { invalidatesTags: everything }),
  group: read(contracts.group, unasked, { providesTags: ['Group'] }),
  oversight: read(contracts.oversight, dayOf, {
    providesTags: (_, __, id) => [groupTag(id)],
  }),
  renewCode: write(contracts.renewCode, dayOf, {
    invalidatesTags: (_, __, id) => [groupTag(id), 'Audit'],
  }),
  putOut: write(
    contracts.putOut,
    (params: { readonly dayId: string; readonly tabletId: string }) => ({ params }),
    { invalidatesTags: (_, __, { dayId }) => [groupTag(dayId), 'Audit'] },
  ),
  release: write(
    contracts.release,
    ({ dayId, release }: { readonly dayId: string; readonly release: Release }) => ({
      params: { dayId },
      body: release,
    }),
    { invalidatesTags: (_, __, { dayId }) => [groupTag(dayId)] },
  ),
  keys: read(contracts.keys, dayOf, {
    providesTags: (_, __, id) => [groupTag(id)],
    keepUnusedDataFor: 0,
  }),
  dealUnknowns: write(
    contracts.dealUnknowns,
    ({ dayId, ...body }: { readonly dayId: string } & DealInput) => ({ params: { dayId }, body }),
    { invalidatesTags: (_, __, { dayId }) => [groupTag(dayId), 'Audit', 'Days'] },
  ),
  answers: read(contracts.answers, dayOf, {
    providesTags: (_, __, id) => [groupTag(id)],
  }),
  handIn: write(contracts.handIn, (body: AnswerInput) => ({ body }), {
    invalidatesTags: ['Group'],
  }),
  sendMessage: write(
    contracts.sendMessage,
    ({ dayId, message }: { readonly dayId: string; readonly message: MessageInput }) => ({
      params: { dayId },
      body: message,
    }),
    { invalidatesTags: (_, __, { dayId }) => [groupTag(dayId)] },
  ),
});
