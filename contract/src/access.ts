import {
  auditLineSchema,
  newPassphraseSchema,
  sessionStateSchema,
  signInSchema,
} from '@stoichos/core/labday/access';
import * as z from 'zod';
import { json, nothing, route } from './contract';
import { pageOf } from './pages';
import { everybody, instructor, staff } from './roles';

/** Signing in and out, passphrases, and the list of who went through which door. */
export const access = {
  session: route('/session', {
    method: 'GET',
    roles: everybody,
    owner: 'nothing',
    answer: json(sessionStateSchema),
  }),
  signIn: route('/sign-in', {
    method: 'POST',
    roles: everybody,
    owner: 'nothing',
    body: signInSchema,
    answer: nothing,
    rate: 'guess',
  }),
  signOut: route('/sign-out', {
    method: 'POST',
    roles: everybody,
    owner: 'nothing',
    answer: nothing,
  }),
  signOutEverywhere: route('/sign-out-everywhere', {
    method: 'POST',
    roles: staff,
    owner: 'school',
    answer: nothing,
  }),
  setPassphrase: route('/accounts/:role', {
    method: 'PUT',
    roles: instructor,
    owner: 'school',
    params: { role: z.enum(['instructor', 'technician']) },
    body: newPassphraseSchema,
    answer: nothing,
    rate: 'guess',
  }),
  audit: route('/audit', {
    method: 'GET',
    roles: instructor,
    owner: 'school',
    query: z.strictObject({
      after: z
        .string()
        .regex(/^\d{1,18}$/)
        .optional(),
    }),
    answer: json(pageOf(auditLineSchema)),
  }),
};
