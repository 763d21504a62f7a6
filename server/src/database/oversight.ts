import type {
  AnswerInput,
  AssignedUnknown,
  Message,
  MessageInput,
  Release,
  SealedUnknown,
  UnknownAnswer,
} from '@stoichos/core/labday/access';
import { literal } from 'sequelize';
import { Problem, notFound } from '../problem';
import { dealOut } from '../unknowns/dealOut';
import type { Deal, Dealt } from '../unknowns/dealOut';
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
  const { dayProcedures, releases } = database;
  const where = { where: { id: workId, labDayId: dayId } };
  if (!(await dayProcedures.findOne(where)))
    throw notFound('procedure in this day', 'workId', workId);
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
  return rows.map(({ groupId, code, kind, sealedKey }) => ({
    groupId,
    code,
    kind,
    key: sealedKey,
  }));
}

/** The labels of the unknowns of a day. */
export async function labelsOfUnknowns(
  database: Database,
  dayId: string,
): Promise<AssignedUnknown[]> {
  return (await sealedUnknowns(database, dayId)).map(({ groupId, code, kind }) => ({
    groupId,
    code,
    kind,
  }));
}

/** Deals an unknown to every group of a day, or another one. @throws Problem 404. */
export async function dealUnknowns(
  { groups, unknowns, sequelize }: Database,
  dayId: string,
  { kind, ...deal }: Omit<Deal, 'groups'> & Pick<SealedUnknown, 'kind'>,
): Promise<Dealt> {
  return sequelize.transaction(async (transaction) => {
    const rows = await groups.findAll({
      where: { labDayId: dayId },
      order: ['position'],
      transaction,
    });
    if (rows.length === 0) throw notFound('lab day', 'dayId', dayId);
    const dealt = dealOut({ ...deal, groups: rows.map(({ id }) => id) });
    for (const { groupId, code, key } of dealt.jars)
      await unknowns.upsert(
        { groupId, labDayId: dayId, code, kind, sealedKey: key },
        { transaction },
      );
    return dealt;
  });
}

/** What was handed in on a day, in the order it came. */
export async function answersOf(
  { unknownAnswers }: Database,
  dayId: string,
): Promise<UnknownAnswer[]> {
  const rows = await unknownAnswers.findAll({
    where: { labDayId: dayId },
    order: [literal('arrived')],
  });
  return rows.map(({ id, groupId, code, answer, results, sentAt }) => ({
    id,
    groupId,
    code,
    answer,
    results,
    sentAt: sentAt.toISOString(),
  }));
}

/** Takes what a group hands in for its unknown, once however often it is sent. @throws Problem 404 without an unknown. */
export async function handIn(
  { unknowns, unknownAnswers }: Database,
  { dayId, groupId }: { readonly dayId: string; readonly groupId: string },
  { id, answer, results }: AnswerInput,
): Promise<void> {
  const own = await unknowns.findOne({ where: { groupId, labDayId: dayId } });
  if (!own) throw notFound('unknown for this group', 'groupId', groupId);
  await unknownAnswers.findOrCreate({
    where: { id },
    defaults: {
      id,
      labDayId: dayId,
      groupId,
      code: own.code,
      answer,
      results,
      sentAt: new Date(),
    },
  });
}
