import type { DayProcedure, DayTimetable, OwnProcedure } from '@stoichos/core';
import { brokenRules, classPlanOf, planKey, scheduleOf } from '@stoichos/core';
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

/** Writes the procedures of a day, all of them, in their order. @throws Problem 404. */
export async function saveDayProcedures(
  { days, dayProcedures, sequelize }: Database,
  labDayId: string,
  procedures: readonly DayProcedure[],
): Promise<void> {
  await sequelize.transaction(async (transaction) => {
    if (!(await days.findByPk(labDayId, { transaction, lock: true })))
      throw notFound('lab day', 'dayId', labDayId);
    await dayProcedures.destroy({ where: { labDayId }, transaction });
    await dayProcedures.bulkCreate(
      procedures.map(({ id, manner, procedure }, position) => ({
        id,
        labDayId,
        position,
        name: procedure.name,
        manner,
        body: procedure,
      })),
      { transaction },
    );
  });
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
