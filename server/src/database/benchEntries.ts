import type { BenchEntry, Weighing } from '@stoichos/core';
import { Problem, notFound } from '../problem';
import type { Database } from './connect';
import { readEntry } from './labDays';

/**
 * Adds one line to the bench record. The id is made where the line was first written, so a line that is sent again
 * is stored once; it is on disk before this returns.
 *
 * @throws Problem 404 for an unknown test or group, 409 when the id already stands for something else.
 */
export async function appendEntry(database: Database, entry: BenchEntry): Promise<BenchEntry> {
  const { entries, tests, groups, sequelize } = database;
  return sequelize.transaction(async (transaction) => {
    // The lock keeps the test from being changed or taken out while its first line arrives.
    const test = await tests.findByPk(entry.testId, { transaction, lock: transaction.LOCK.SHARE });
    if (!test) throw notFound('test', 'testId', entry.testId);
    const group = await groups.findOne({
      where: { id: entry.groupId, labDayId: test.labDayId },
      transaction,
    });
    if (!group) throw notFound('group in this lab day', 'groupId', entry.groupId);
    await checkSuperseded(database, entry);
    const [row, created] = await entries.findOrCreate({
      where: { id: entry.id },
      defaults: {
        ...entry,
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

async function checkSuperseded({ entries }: Database, entry: BenchEntry): Promise<void> {
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
  const earlier = await entries.findByPk(entry.supersedes);
  if (!earlier || earlier.testId !== entry.testId || earlier.groupId !== entry.groupId)
    throw notFound('earlier entry of this test and group', 'supersedes', entry.supersedes);
}

function sameEntry(one: BenchEntry, other: BenchEntry): boolean {
  const essence = ({ testId, groupId, supersedes, record }: BenchEntry) =>
    JSON.stringify([testId, groupId, supersedes, record && Object.entries(record).sort()]);
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
