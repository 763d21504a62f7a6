import {
  answerInputSchema,
  groupViewSchema,
  joinableSchema,
  joinSchema,
  liveEventSchema,
  messageInputSchema,
  oversightSchema,
  releaseSchema,
  sealedUnknownSchema,
  unknownAnswerSchema,
} from '@stoichos/core/labday/access';
import * as z from 'zod';
import { events, json, nothing, route } from './contract';
import { everybody, group, instructor, staff } from './roles';

const key = sealedUnknownSchema.shape.key;
/** What is to be dealt out to the groups of a day: which jar goes where is for the server to draw. */
const dealSchema = z.strictObject({
  kind: sealedUnknownSchema.shape.kind,
  candidates: z.array(key).min(1, 'Choose at least one unknown').max(1000),
  /** Pairs that no test at hand tells apart: only one of them is dealt. */
  inseparable: z
    .array(z.tuple([key, key]))
    .max(20_000)
    .default([]),
});

export type DealInput = z.input<typeof dealSchema>;

/** Groups joining a lab day, what they are shown of it, what is said and dealt to them, and what they hand in. */
export const groups = {
  joinable: route('/join/:code', {
    method: 'GET',
    roles: everybody,
    owner: 'nothing',
    params: { code: z.string().max(200, 'A code has 8 letters and digits') },
    answer: json(joinableSchema),
    rate: 'guess',
  }),
  join: route('/join', {
    method: 'POST',
    roles: everybody,
    owner: 'nothing',
    body: joinSchema,
    answer: nothing,
    rate: 'guess',
  }),
  leave: route('/leave', {
    method: 'POST',
    roles: everybody,
    owner: 'nothing',
    answer: nothing,
  }),
  group: route('/group', {
    method: 'GET',
    roles: group,
    owner: 'ownBench',
    answer: json(groupViewSchema),
  }),
  groupLive: route('/group/live', {
    method: 'GET',
    roles: group,
    owner: 'ownBench',
    answer: events(liveEventSchema),
  }),
  handIn: route('/group/answer', {
    method: 'POST',
    roles: group,
    owner: 'ownBench',
    body: answerInputSchema,
    answer: nothing,
  }),
  dayLive: route('/days/:dayId/live', {
    method: 'GET',
    roles: staff,
    owner: 'school',
    answer: events(liveEventSchema),
  }),
  oversight: route('/days/:dayId/oversight', {
    method: 'GET',
    roles: staff,
    owner: 'school',
    answer: json(oversightSchema),
  }),
  renewCode: route('/days/:dayId/code', {
    method: 'POST',
    roles: instructor,
    owner: 'school',
    answer: json(oversightSchema),
  }),
  putOut: route('/days/:dayId/tablets/:tabletId', {
    method: 'DELETE',
    roles: instructor,
    owner: 'school',
    answer: json(oversightSchema),
  }),
  release: route('/days/:dayId/releases', {
    method: 'PUT',
    roles: instructor,
    owner: 'school',
    body: releaseSchema,
    answer: json(oversightSchema),
  }),
  sendMessage: route('/days/:dayId/messages', {
    method: 'POST',
    roles: instructor,
    owner: 'school',
    body: messageInputSchema,
    answer: json(oversightSchema),
    makes: true,
  }),
  dealUnknowns: route('/days/:dayId/unknowns', {
    method: 'PUT',
    roles: instructor,
    owner: 'school',
    body: dealSchema,
    answer: json(z.strictObject({ leftOut: z.array(z.string()), oversight: oversightSchema })),
  }),
  keys: route('/days/:dayId/keys', {
    method: 'GET',
    roles: instructor,
    owner: 'school',
    answer: json(z.array(sealedUnknownSchema)),
  }),
  answers: route('/days/:dayId/answers', {
    method: 'GET',
    roles: instructor,
    owner: 'school',
    answer: json(z.array(unknownAnswerSchema)),
  }),
};
