import type { Message, MessageInput, Release, SealedUnknown } from '@stoichos/core';
import { literal } from 'sequelize';
import { Problem, notFound } from '../problem';
import type { Database } from './connect';

/** What is released of a day. */
export async function releasesOf({ releases }: Database, dayId: string): Promise<Release[]> {
  const rows = await releases.findAll({ where: { labDayId: dayId } });
  return rows.map(({ workId, shown }) => ({ workId, when: shown }));
}

/** Releases what is expected of a piece of work, or takes it back. @throws Problem 404. */
export async function release(
  database: Database,
  dayId: string,
  { workId, when }: Release,
): Promise<void> {
  const { tests, dayProcedures, releases } = database;
  const where = { where: { id: workId, labDayId: dayId } };
  if (!(await tests.findOne(where)) && !(await dayProcedures.findOne(where)))
    throw notFound('test or procedure in this day', 'workId', workId);
  await releases.upsert({ workId, labDayId: dayId, shown: when });
}

/** What was sent to the groups of a day, in the order it was sent. */
export async function messagesOf({ messages }: Database, dayId: string): Promise<Message[]> {
  const rows = await messages.findAll({ where: { labDayId: dayId }, order: [literal('arrived')] });
  return rows.map(({ id, groupId, kind, workId, stepId, text, sentAt }) => ({
    id,
    groupId,
    kind,
    workId,
    stepId,
    text,
    sentAt: sentAt.toISOString(),
  }));
}

/** Sends a message, once however often it is asked to. @throws Problem 400 or 404. */
export async function sendMessage(
  database: Database,
  dayId: string,
  message: MessageInput,
): Promise<void> {
  const { days, groups, messages } = database;
  if (!(await days.findByPk(dayId))) throw notFound('lab day', 'dayId', dayId);
  const { groupId } = message;
  if (groupId !== null && !(await groups.findOne({ where: { id: groupId, labDayId: dayId } })))
    throw notFound('group in this lab day', 'groupId', groupId);
  if (message.kind === 'message' && message.text === '')
    throw new Problem(400, 'emptyMessage', 'The message has no words.', 'text', 'Write some.');
  await messages.findOrCreate({
    where: { id: message.id },
    defaults: { ...message, labDayId: dayId, sentAt: new Date() },
  });
}

/** The unknowns of a day with their keys, for the instructor’s eyes. */
export async function sealedUnknowns(
  { unknowns }: Database,
  dayId: string,
): Promise<SealedUnknown[]> {
  const rows = await unknowns.findAll({ where: { labDayId: dayId }, order: ['code'] });
  return rows.map(({ groupId, code, sealedKey }) => ({ groupId, code, key: sealedKey }));
}

/** The labels of the unknowns of a day. */
export async function labelsOfUnknowns(
  database: Database,
  dayId: string,
): Promise<{ groupId: string; code: string }[]> {
  return (await sealedUnknowns(database, dayId)).map(({ groupId, code }) => ({ groupId, code }));
}

/** Gives a group its unknown, or another. @throws Problem 404. */
export async function assignUnknown(
  { groups, unknowns }: Database,
  dayId: string,
  { groupId, code, key }: SealedUnknown,
): Promise<void> {
  if (!(await groups.findOne({ where: { id: groupId, labDayId: dayId } })))
    throw notFound('group in this lab day', 'groupId', groupId);
  await unknowns.upsert({ groupId, labDayId: dayId, code, sealedKey: key });
}
