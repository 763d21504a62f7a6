import { classPlanOf, mostProcedures, planKey } from '@stoichos/core/labday/day';
import { procedureSchema, scheduleOf } from '@stoichos/core/planning/procedure';
import { brokenRules } from '@stoichos/core/planning/schedule';
import type { DayProcedure, DayTimetable, LabDay, OwnProcedure } from '@stoichos/core/labday/day';
import type { Kept, Saving } from '@stoichos/contract';
import { isDeepStrictEqual } from 'node:util';
import type { Procedure } from '@stoichos/core/planning/procedure';
import type { Transaction } from 'sequelize';
import { Problem, notFound, stale } from '../problem';
import type { Database } from './connect';
import { loadPlan } from './loadDay';
import type { OwnProcedureRow, PlannedRow } from './models';

/** Every procedure written here, by name. */
export async function listProcedures({ ownProcedures }: Database): Promise<Kept<OwnProcedure>[]> {
  const rows = await ownProcedures.findAll({ order: ['name'] });
  return rows.map(readOwn);
}

const readOwn = ({ id, body, savedAt, version }: OwnProcedureRow): Kept<OwnProcedure> => ({
  id,
  // What was kept before a field existed gets that field’s default.
  procedure: procedureSchema.parse(body),
  savedAt: savedAt.toISOString(),
  version,
});

/**
 * Keeps a procedure; sending the same one again changes nothing more.
 *
 * @throws Problem 404 for one that is gone, 409 when somebody has changed it since it was read.
 */
export async function saveProcedure(
  { ownProcedures, sequelize }: Database,
  { id, procedure, savedAt, version }: Saving<OwnProcedure>,
): Promise<Kept<OwnProcedure>> {
  const { name, kind, from } = procedure;
  const values = {
    name,
    kind,
    adaptedFrom: from ?? null,
    body: procedure,
    savedAt: new Date(savedAt),
  };
  return sequelize.transaction(async (transaction) => {
    const row = await ownProcedures.findByPk(id, { transaction, lock: true });
    if (!row && version !== null) throw notFound('procedure', 'procedureId', id);
    if (!row) return readOwn(await ownProcedures.create({ id, ...values }, { transaction }));
    if (textOf(row.body) === textOf(procedure)) return readOwn(row);
    if (version !== row.version) throw stale('procedure', readOwn(row));
    await row.update(values, { transaction });
    return readOwn(await row.reload({ transaction }));
  });
}

/**
 * Lets a procedure go; days that use it keep their copy.
 *
 * @throws Problem 404; 409 when somebody has changed it since it was read.
 */
export async function dropProcedure(
  { ownProcedures, sequelize }: Database,
  id: string,
  version: number,
): Promise<void> {
  await sequelize.transaction(async (transaction) => {
    const row = await ownProcedures.findByPk(id, { transaction, lock: true });
    if (!row) throw notFound('procedure', 'procedureId', id);
    if (row.version !== version) throw stale('procedure', readOwn(row));
    await row.destroy({ transaction });
  });
}

const readPlanned = ({ id, manner, body, version }: PlannedRow): Kept<DayProcedure> => ({
  id,
  manner,
  procedure: procedureSchema.parse(body),
  version,
});

/**
 * Writes one procedure of a day: in its place where it stands there, at the end where it is new. Sending it again changes nothing more.
 *
 * @throws Problem 404; 409 when somebody has changed it since it was read, when it has a record and would be changed, when the day is
 * full, or when the id is that of another day’s.
 */
export async function saveDayProcedure(
  database: Database,
  labDayId: string,
  planned: Saving<DayProcedure>,
): Promise<Kept<DayProcedure>> {
  const { dayProcedures, sequelize } = database;
  const { id, manner, procedure, version } = planned;
  return sequelize.transaction(async (transaction) => {
    await lockDay(database, labDayId, transaction);
    const standing = await dayProcedures.findByPk(id, { transaction, lock: true });
    if (standing && standing.labDayId !== labDayId)
      throw notFound('procedure in this day', 'plannedId', id);
    if (!standing && version !== null) throw notFound('procedure in this day', 'plannedId', id);
    const values = { name: procedure.name, manner, body: procedure };
    if (standing) {
      if (manner === standing.manner && textOf(standing.body) === textOf(procedure))
        return readPlanned(standing);
      if (version !== standing.version) throw stale('procedure', readPlanned(standing));
      await refuseIfRecorded(database, standing, 'changed', transaction);
      await standing.update(values, { transaction });
      return readPlanned(await standing.reload({ transaction }));
    }
    const inDay = { where: { labDayId }, transaction };
    if ((await dayProcedures.count(inDay)) >= mostProcedures)
      throw new Problem(
        409,
        'dayIsFull',
        `A day holds at most ${mostProcedures} procedures.`,
        'procedure',
        'Take one out first, or plan a second lab day.',
      );
    const last = await dayProcedures.findOne({ ...inDay, order: [['position', 'DESC']] });
    const position = last ? last.position + 1 : 0;
    return readPlanned(
      await dayProcedures.create({ id, labDayId, position, ...values }, { transaction }),
    );
  });
}

/** Whoever changes which procedures a day has takes turns. @throws Problem 404. */
async function lockDay(
  { days }: Database,
  labDayId: string,
  transaction: Transaction,
): Promise<void> {
  if (!(await days.findByPk(labDayId, { transaction, lock: true })))
    throw notFound('lab day', 'dayId', labDayId);
}

/**
 * Takes one procedure out of a day.
 *
 * @throws Problem 404; 409 when observations are recorded for it, or somebody has changed it since it was read.
 */
export async function removeDayProcedure(
  database: Database,
  labDayId: string,
  id: string,
  version: number,
): Promise<void> {
  const { dayProcedures, sequelize } = database;
  await sequelize.transaction(async (transaction) => {
    const row = await dayProcedures.findOne({ where: { id, labDayId }, transaction, lock: true });
    if (!row) throw notFound('procedure in this day', 'plannedId', id);
    if (row.version !== version) throw stale('procedure', readPlanned(row));
    await refuseIfRecorded(database, row, 'taken out', transaction);
    await row.destroy({ transaction });
  });
}

/** Puts one procedure of a day before another, or at the end. @throws Problem 404 when either is not of this day. */
export async function moveDayProcedure(
  database: Database,
  labDayId: string,
  id: string,
  before: string | null,
): Promise<void> {
  const { dayProcedures, sequelize } = database;
  await sequelize.transaction(async (transaction) => {
    await lockDay(database, labDayId, transaction);
    const rows = await dayProcedures.findAll({
      where: { labDayId },
      order: ['position'],
      transaction,
    });
    const moved = rows.find((row) => row.id === id);
    if (!moved) throw notFound('procedure in this day', 'plannedId', id);
    const others = rows.filter((row) => row !== moved);
    const at = before === null ? others.length : others.findIndex((row) => row.id === before);
    if (before !== null && before !== id && at < 0)
      throw notFound('procedure in this day', 'before', before);
    if (before === id) return;
    others.splice(at, 0, moved);
    for (const [position, row] of others.entries())
      if (row.position !== position) await row.update({ position }, { transaction });
  });
}

/** Read through the schema, two procedures have their keys in one order. */
const textOf = (procedure: Procedure): string => JSON.stringify(procedureSchema.parse(procedure));

async function refuseIfRecorded(
  { entries }: Database,
  { id, name }: { readonly id: string; readonly name: string },
  what: string,
  transaction: Transaction,
): Promise<void> {
  if ((await entries.count({ where: { workId: id }, transaction })) === 0) return;
  throw new Problem(
    409,
    'procedureHasRecords',
    `Observations are recorded for “${name}”, so it cannot be ${what}.`,
    'procedures',
    'Record what was done otherwise as a departure, or add the procedure once more with the changes.',
  );
}

/**
 * Keeps the timetable of a day, or lets it go.
 *
 * @returns the version it stands at.
 * @throws Problem 404; 409 when somebody has changed it since it was read, when it was made for another plan or breaks a rule, for a
 * timetable that cannot be kept is none.
 */
export async function saveTimetable(
  database: Database,
  labDayId: string,
  timetable: DayTimetable | null,
  version: number | null,
): Promise<number> {
  const plannedDay = await loadPlan(database, labDayId);
  if (timetable) refuseUnfit(plannedDay, timetable);
  return database.sequelize.transaction(async (transaction) => {
    const row = await database.days.findByPk(labDayId, { transaction, lock: true });
    if (!row) throw notFound('lab day', 'dayId', labDayId);
    if (isDeepStrictEqual(row.timetable, timetable)) return row.timetableVersion;
    if (version !== row.timetableVersion)
      throw stale('timetable', { timetable: row.timetable, version: row.timetableVersion });
    await row.update({ timetable }, { transaction });
    return (await row.reload({ transaction })).timetableVersion;
  });
}

/** @throws Problem 409 for a timetable of another plan, or one that breaks a rule. */
function refuseUnfit(day: Omit<LabDay, 'entries'>, timetable: DayTimetable): void {
  const plan = classPlanOf(day);
  if (planKey(plan) !== timetable.planKey)
    throw new Problem(
      409,
      'planChanged',
      'The plan has changed since this timetable was made.',
      'planKey',
      'Make the timetable again.',
    );
  const [broken] = brokenRules(scheduleOf(plan), timetable.tasks);
  if (broken)
    throw new Problem(
      409,
      'brokenRule',
      `The timetable does not hold: ${broken.message}.`,
      'tasks',
      'Move the task back, or make the timetable again.',
    );
}
