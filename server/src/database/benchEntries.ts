import { mayPutRight, mayWrite } from '@stoichos/core/labday/access';
import type { Author } from '@stoichos/core/labday/access';
import { isAt } from '@stoichos/core/labday/day';
import type { BenchEntry, Weighing } from '@stoichos/core/labday/day';
import type { Manner } from '@stoichos/core/planning/procedure';
import type { Transaction } from 'sequelize';
import { Problem, notFound } from '../problem';
import type { Database } from './connect';
import { readEntry } from './labDays';

/**
 * Adds one line to the bench record. The id is made where the line was first written, so a line that is sent again
 * is stored once; it is on disk before this returns.
 *
 * @throws Problem 403 for what is another’s to say or to put right, 404 for an unknown procedure, step, vessel or group, 409 when the id already stands for something else.
 */
export async function appendEntry(
  database: Database,
  entry: BenchEntry,
  author: Author,
): Promise<BenchEntry> {
  const { entries, sequelize } = database;
  return sequelize.transaction(async (transaction) => {
    if (!mayWrite(author, entry.record))
      throw notYours('Verdicts and signatures are the instructor’s.', 'record');
    const work = await findWork(database, entry, transaction);
    await checkGroup(database, entry, work, transaction);
    await checkSuperseded(database, entry, author, transaction);
    const [row, created] = await entries.findOrCreate({
      where: { id: entry.id },
      defaults: {
        ...entry,
        author,
        kind: entry.record?.kind ?? null,
        recordedAt: new Date(entry.recordedAt),
      },
      transaction,
    });
    const stored = readEntry(row);
    if (!created && !sameEntry(stored, entry)) throw idTaken(entry.id);
    return stored;
  });
}

interface FoundWork {
  readonly labDayId: string;
  readonly manner: Manner;
}

/** The procedure of an entry. The lock keeps it from being changed or taken out while its first line arrives. */
async function findWork(
  { dayProcedures }: Database,
  { workId, stepId, vessel }: BenchEntry,
  transaction: Transaction,
): Promise<FoundWork> {
  const planned = await dayProcedures.findByPk(workId, {
    transaction,
    lock: transaction.LOCK.SHARE,
  });
  if (!planned) throw notFound('procedure', 'workId', workId);
  const { body, manner, labDayId } = planned;
  if (!body.steps.some(({ id }) => id === stepId))
    throw notFound('step in this procedure', 'stepId', stepId);
  if (vessel !== null && !body.vessels.some(({ name }) => name === vessel))
    throw notFound('vessel in this procedure', 'vessel', vessel);
  return { labDayId, manner };
}

/** What is shown to all belongs to no group, and everything else to one of its day. */
async function checkGroup(
  { groups }: Database,
  { groupId }: BenchEntry,
  { labDayId, manner }: FoundWork,
  transaction: Transaction,
): Promise<void> {
  const isShown = manner === 'demonstration';
  if (groupId === null && isShown) return;
  if (groupId === null || isShown)
    throw new Problem(
      400,
      'wrongBench',
      isShown
        ? 'This procedure is shown to all, so its record belongs to no group.'
        : 'This is done by every group, so its record belongs to one.',
      'groupId',
      isShown ? 'Send groupId null.' : 'Send the id of the group.',
    );
  const group = await groups.findOne({ where: { id: groupId, labDayId }, transaction });
  if (!group) throw notFound('group in this lab day', 'groupId', groupId);
}

async function checkSuperseded(
  { entries }: Database,
  entry: BenchEntry,
  author: Author,
  transaction: Transaction,
): Promise<void> {
  if (entry.supersedes === null) {
    if (entry.record === null)
      throw new Problem(
        400,
        'nothingToWithdraw',
        'An entry without a record withdraws nothing.',
        'supersedes',
        'Name the entry that it withdraws.',
      );
    return;
  }
  const earlier = await entries.findByPk(entry.supersedes, { transaction });
  const { workId, stepId, groupId } = earlier ? readEntry(earlier) : entry;
  if (!earlier || !isAt(entry, { workId, stepId, groupId }))
    throw notFound('earlier entry of this step and group', 'supersedes', entry.supersedes);
  if (!mayPutRight(author, earlier.author, entry.record))
    throw notYours(`That line was written by the ${earlier.author}.`, 'supersedes');
}

const notYours = (message: string, field: string): Problem =>
  new Problem(403, 'notYours', message, field, 'Write a line of your own, or ask the instructor.');

function sameEntry(one: BenchEntry, other: BenchEntry): boolean {
  const essence = ({ record, ...entry }: BenchEntry) => {
    // A clock may have been put right between two tries.
    const where = Object.entries(entry).filter(
      ([name]) => name !== 'recordedAt' && name !== 'author',
    );
    return JSON.stringify([where.sort(), record && Object.entries(record).sort()]);
  };
  return essence(one) === essence(other);
}

/** Adds one weighing to a day, once however often it is sent. @throws Problem 404 or 409. */
export async function appendWeighing(
  { days, weighings, sequelize }: Database,
  dayId: string,
  weighing: Weighing,
): Promise<void> {
  await sequelize.transaction(async (transaction) => {
    if (!(await days.findByPk(dayId, { transaction }))) throw notFound('lab day', 'dayId', dayId);
    const [row, created] = await weighings.findOrCreate({
      where: { id: weighing.id },
      defaults: { ...weighing, labDayId: dayId, recordedAt: new Date(weighing.recordedAt) },
      transaction,
    });
    const same =
      row.labDayId === dayId && row.actualG === weighing.actualG && row.form === weighing.form;
    if (!created && !same) throw idTaken(weighing.id);
  });
}

function idTaken(id: string): Problem {
  return new Problem(
    409,
    'idTaken',
    `The id ${id} already stands for something else.`,
    'id',
    'Send it again with a new id.',
  );
}
