import type { PlannedDay } from '@stoichos/contract';
import type { BenchEntry, LabDay } from '@stoichos/core/labday/day';
import { procedureSchema } from '@stoichos/core/planning/procedure';
import type { Transaction } from 'sequelize';
import { notFound } from '../problem';
import type { Database } from './connect';
import { ownEntries } from './entryPages';
import { settingsOfDay } from './labDays';
import type { WeighingRow } from './models';
import { standingPreparations } from './preparations';

/** One lab day as it is planned and prepared, without its record. @throws Problem 404. */
export const loadPlan = (database: Database, id: string): Promise<PlannedDay> =>
  inOneSnapshot(database, (transaction) => readPlan(database, id, transaction));

/** A lab day with its record: all of it, or what one bench wrote. */
export type LoadedDay = PlannedDay & { readonly entries: BenchEntry[] };

/**
 * One lab day with its record.
 *
 * @param groupId the bench whose lines are wanted; those of all, and of what was shown to all, where it is left out.
 * @throws Problem 404.
 */
export const loadDay = (database: Database, id: string, groupId?: string): Promise<LoadedDay> =>
  inOneSnapshot(database, async (transaction) => ({
    ...(await readPlan(database, id, transaction)),
    entries: await ownEntries(database, id, groupId, transaction),
  }));

/** Reads as of one moment, so that a procedure and its entries belong together. */
function inOneSnapshot<T>(
  { sequelize }: Database,
  work: (transaction: Transaction) => Promise<T>,
): Promise<T> {
  return sequelize.transaction(async (transaction) => {
    await sequelize.query('SET TRANSACTION ISOLATION LEVEL REPEATABLE READ READ ONLY', {
      transaction,
    });
    return work(transaction);
  });
}

async function readPlan(
  database: Database,
  id: string,
  transaction: Transaction,
): Promise<PlannedDay> {
  const { days, groups, dayProcedures, weighings, unknowns } = database;
  const day = await days.findByPk(id, { transaction });
  if (!day) throw notFound('lab day', 'dayId', id);
  const where = { labDayId: id };
  const groupRows = await groups.findAll({ where, order: ['position'], transaction });
  const procedureRows = await dayProcedures.findAll({ where, order: ['position'], transaction });
  const weighingRows = await weighings.findAll({ where, order: ['recordedAt'], transaction });
  return {
    ...settingsOfDay(day),
    archivedAt: day.archivedAt?.toISOString() ?? null,
    unknownCount: await unknowns.count({ where, transaction }),
    timetable: day.timetable,
    groups: groupRows.map(({ id: groupId, name }) => ({ id: groupId, name })),
    procedures: procedureRows.map(({ id: own, manner, body }) => ({
      id: own,
      manner,
      // What was kept before a field existed gets that field’s default.
      procedure: procedureSchema.parse(body),
    })),
    preparations: await standingPreparations(database, id, transaction),
    weighings: weighingRows.map(readWeighing),
    versions: {
      day: day.version,
      timetable: day.timetableVersion,
      procedures: Object.fromEntries(procedureRows.map((row) => [row.id, row.version])),
    },
  };
}

function readWeighing(row: WeighingRow): LabDay['weighings'][number] {
  const { id, substance, concentrationM, volumeMl, form, purityPercent, actualG, recordedAt } = row;
  return {
    id,
    substance,
    concentrationM,
    volumeMl,
    form,
    purityPercent,
    actualG,
    recordedAt: recordedAt.toISOString(),
  };
}
