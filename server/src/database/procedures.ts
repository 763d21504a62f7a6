import { classPlanOf, planKey } from '@stoichos/core/labday/day';
import { procedureSchema, scheduleOf } from '@stoichos/core/planning/procedure';
import { brokenRules } from '@stoichos/core/planning/schedule';
import type { DayProcedure, DayTimetable, OwnProcedure } from '@stoichos/core/labday/day';
import type { Procedure } from '@stoichos/core/planning/procedure';
import type { Transaction } from 'sequelize';
import { Problem, notFound } from '../problem';
import type { Database } from './connect';
import { loadDay } from './labDays';

/** Every procedure written here, by name. */
export async function listProcedures({ ownProcedures }: Database): Promise<OwnProcedure[]> {
  const rows = await ownProcedures.findAll({ order: ['name'] });
  return rows.map(({ id, body, savedAt }) => ({
    id,
    procedure: body,
    savedAt: savedAt.toISOString(),
  }));
}

/** Keeps a procedure; sending the same one again changes nothing more. */
export async function saveProcedure(
  { ownProcedures }: Database,
  { id, procedure, savedAt }: OwnProcedure,
): Promise<void> {
  const { name, kind, from } = procedure;
  await ownProcedures.upsert({
    id,
    name,
    kind,
    adaptedFrom: from ?? null,
    body: procedure,
    savedAt: new Date(savedAt),
  });
}

/** Lets a procedure go; days that use it keep their copy. @throws Problem 404. */
export async function dropProcedure({ ownProcedures }: Database, id: string): Promise<void> {
  if ((await ownProcedures.destroy({ where: { id } })) === 0)
    throw notFound('procedure', 'procedureId', id);
}

/**
 * Writes the procedures of a day, all of them, in their order.
 *
 * @throws Problem 404; 409 when one that has a record would be changed or taken out.
 */
export async function saveDayProcedures(
  database: Database,
  labDayId: string,
  procedures: readonly DayProcedure[],
): Promise<void> {
  const { days, dayProcedures, sequelize } = database;
  await sequelize.transaction(async (transaction) => {
    if (!(await days.findByPk(labDayId, { transaction, lock: true })))
      throw notFound('lab day', 'dayId', labDayId);
    const standing = await dayProcedures.findAll({ where: { labDayId }, transaction, lock: true });
    for (const row of standing) {
      const wanted = procedures.find(({ id }) => id === row.id);
      if (wanted && sameProcedure(row, wanted)) continue;
      await refuseIfRecorded(database, row, wanted ? 'changed' : 'taken out', transaction);
      await row.destroy({ transaction });
    }
    for (const [position, { id, manner, procedure }] of procedures.entries()) {
      const { name } = procedure;
      await dayProcedures.upsert(
        { id, labDayId, position, name, manner, body: procedure },
        { transaction },
      );
    }
  });
}

/**
 * Writes one procedure of a day: in its place where it stands there, at the end where it is new. Sending it again changes
 * nothing more.
 *
 * @throws Problem 404; 409 when it has a record and would be changed, or the id is that of another day's.
 */
export async function saveDayProcedure(
  database: Database,
  labDayId: string,
  planned: DayProcedure,
): Promise<void> {
  const { days, dayProcedures, sequelize } = database;
  const { id, manner, procedure } = planned;
  await sequelize.transaction(async (transaction) => {
    if (!(await days.findByPk(labDayId, { transaction, lock: true })))
      throw notFound('lab day', 'dayId', labDayId);
    const standing = await dayProcedures.findByPk(id, { transaction, lock: true });
    if (standing && standing.labDayId !== labDayId)
      throw notFound('procedure in this day', 'plannedId', id);
    if (standing && sameProcedure(standing, planned)) return;
    if (standing) await refuseIfRecorded(database, standing, 'changed', transaction);
    const inDay = { where: { labDayId }, transaction };
    if (!standing && (await dayProcedures.count(inDay)) >= mostProcedures)
      throw new Problem(
        409,
        'dayIsFull',
        `A day holds at most ${mostProcedures} procedures.`,
        'procedure',
        'Take one out first, or plan a second lab day.',
      );
    const last = await dayProcedures.findOne({ ...inDay, order: [['position', 'DESC']] });
    const position = standing?.position ?? (last ? last.position + 1 : 0);
    await dayProcedures.upsert(
      { id, labDayId, position, name: procedure.name, manner, body: procedure },
      { transaction },
    );
  });
}

/** Takes one procedure out of a day. @throws Problem 404, or 409 when observations are recorded for it. */
export async function removeDayProcedure(
  database: Database,
  labDayId: string,
  id: string,
): Promise<void> {
  const { dayProcedures, sequelize } = database;
  await sequelize.transaction(async (transaction) => {
    const row = await dayProcedures.findOne({ where: { id, labDayId }, transaction, lock: true });
    if (!row) throw notFound('procedure in this day', 'plannedId', id);
    await refuseIfRecorded(database, row, 'taken out', transaction);
    await row.destroy({ transaction });
  });
}

/** Most procedures of one day, the two-solution tests among them. */
export const mostProcedures = 60;

function sameProcedure(
  { manner, body }: { readonly manner: string; readonly body: Procedure },
  wanted: DayProcedure,
): boolean {
  // Read through the schema, both have their keys in one order.
  const text = (procedure: Procedure) => JSON.stringify(procedureSchema.parse(procedure));
  return manner === wanted.manner && text(body) === text(wanted.procedure);
}

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
 * @throws Problem 404; 409 when it was made for another plan or breaks a rule, for a timetable that cannot be kept is none.
 */
export async function saveTimetable(
  database: Database,
  labDayId: string,
  timetable: DayTimetable | null,
): Promise<void> {
  const day = await loadDay(database, labDayId);
  if (timetable) {
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
  await database.days.update({ timetable }, { where: { id: labDayId } });
}
