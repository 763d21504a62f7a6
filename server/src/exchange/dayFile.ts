import { likelyAuthor } from '@stoichos/core/labday/access';
import { dayFileSchema, fileVersion } from '@stoichos/core/report/exchange';
import type { DayFile } from '@stoichos/core/report/exchange';
import type { Transaction } from 'sequelize';
import type { Database } from '../database/connect';
import { settingsOfDay } from '../database/labDays';
import { loadDay } from '../database/loadDay';
import { answersOf, messagesOf, releasesOf, sealedUnknowns } from '../database/oversight';

/** A lab day as a file, with everything that belongs to it. @throws Problem 404. */
export async function writeDayFile(database: Database, dayId: string): Promise<DayFile> {
  const day = await loadDay(database, dayId);
  const taken = new Set(
    day.preparations.flatMap(({ takings }) => takings.map((one) => one.itemId)),
  );
  const jars = await database.shelf.findAll({ where: { id: [...taken] }, order: ['id'] });
  // Read through the schema, every file has its fields in one order.
  return dayFileSchema.parse({
    format: 'stoichos/lab-day',
    version: fileVersion,
    day,
    releases: (await releasesOf(database, dayId)).sort((a, b) => a.workId.localeCompare(b.workId)),
    messages: await messagesOf(database, dayId),
    unknowns: await sealedUnknowns(database, dayId),
    answers: await answersOf(database, dayId),
    jars: jars.map((jar) => jar.get({ plain: true })),
  });
}

/**
 * Writes a lab day that is not there yet, as it stands in a file. The shelf is left as it is but for jars that are missing: what the
 * preparations took is taken from them already.
 */
export async function insertDay(
  database: Database,
  file: DayFile,
  transaction: Transaction,
): Promise<void> {
  const { day, jars } = file;
  const labDayId = day.id;
  const shared = { transaction };
  const { groups, procedures, preparations, weighings, entries, timetable } = day;
  await database.days.create({ ...settingsOfDay(day), timetable, archivedAt: null }, shared);
  await database.groups.bulkCreate(
    groups.map((group, position) => ({ ...group, labDayId, position })),
    shared,
  );
  await database.dayProcedures.bulkCreate(
    procedures.map(({ id: plannedId, manner, procedure }, position) => ({
      id: plannedId,
      labDayId,
      position,
      name: procedure.name,
      manner,
      body: procedure,
    })),
    shared,
  );
  await database.weighings.bulkCreate(
    weighings.map((one) => ({ ...one, labDayId, recordedAt: new Date(one.recordedAt) })),
    shared,
  );
  await insertEntries(database, labDayId, entries, transaction);
  await database.shelf.bulkCreate(jars, { ...shared, ignoreDuplicates: true });
  for (const preparation of preparations)
    await insertPreparation(database, day, preparation, transaction);
  await insertOversight(database, labDayId, file, transaction);
}

/** The bench record, line by line: a correction comes after what it corrects, each line a moment later than the one before. */
async function insertEntries(
  database: Database,
  labDayId: string,
  entries: DayFile['day']['entries'],
  transaction: Transaction,
): Promise<void> {
  for (const [at, entry] of entries.entries())
    await database.sequelize.query(
      `INSERT INTO bench_entries (id, lab_day_id, work_id, step_id, vessel, part, group_id, kind, record,
         supersedes, recorded_at, author, received_at)
       VALUES (:id, :labDayId, :workId, :stepId, :vessel, :part, :groupId, :kind, :record, :supersedes,
         :recordedAt, :author, now() + :at * interval '1 microsecond')`,
      {
        replacements: {
          ...entry,
          labDayId,
          author: entry.author ?? likelyAuthor(entry),
          kind: entry.record?.kind ?? null,
          record: entry.record && JSON.stringify(entry.record),
          at,
        },
        transaction,
      },
    );
}

/** What was made, and what it took from the jars. */
async function insertPreparation(
  database: Database,
  { id: labDayId, name }: DayFile['day'],
  { id: preparationId, key, madeBy, confirmedAt, takings }: DayFile['day']['preparations'][number],
  transaction: Transaction,
): Promise<void> {
  const shared = { transaction };
  await database.preparations.create(
    {
      id: preparationId,
      labDayId,
      key,
      madeBy,
      confirmedAt: new Date(confirmedAt),
      undoneAt: null,
    },
    shared,
  );
  await database.stockMoves.bulkCreate(
    takings.map(({ itemId, amount }) => ({
      id: crypto.randomUUID(),
      itemId,
      preparationId,
      change: -amount,
      reason: `${key} for ${name}`,
      undoes: null,
      movedAt: new Date(confirmedAt),
    })),
    shared,
  );
}

/** What was released, said and dealt to the groups, and what they handed in. */
async function insertOversight(
  database: Database,
  labDayId: string,
  { releases, messages, unknowns, answers }: DayFile,
  transaction: Transaction,
): Promise<void> {
  const shared = { transaction };
  await database.releases.bulkCreate(
    releases.map(({ workId, when }) => ({ workId, labDayId, shown: when })),
    shared,
  );
  for (const message of messages)
    await database.messages.create(
      { ...message, labDayId, sentAt: new Date(message.sentAt) },
      shared,
    );
  await database.unknowns.bulkCreate(
    unknowns.map(({ groupId, code, kind, key }) => ({
      groupId,
      labDayId,
      code,
      kind,
      sealedKey: key,
    })),
    shared,
  );
  for (const answer of answers)
    await database.unknownAnswers.create(
      { ...answer, labDayId, sentAt: new Date(answer.sentAt) },
      shared,
    );
}

/** The same day with ids of its own throughout, so that it can stand beside the one it came from. Jars of the shelf stay what they are. */
export function withNewIds(file: DayFile): DayFile {
  const { day, messages, answers } = file;
  const own = [
    day.id,
    ...[day.groups, day.procedures, day.preparations, day.weighings, day.entries].flatMap((rows) =>
      rows.map(({ id }) => id),
    ),
    ...messages.map(({ id }) => id),
    ...answers.map(({ id }) => id),
  ];
  const text = own.reduce(
    (before, id) => before.replaceAll(id, crypto.randomUUID()),
    JSON.stringify(file),
  );
  return dayFileSchema.parse(JSON.parse(text));
}
