import type {
  DayCopy,
  LabDay,
  LabDayInput,
  LabDaySummary,
  PlannedTest,
} from '@stoichos/core/labday';
import { procedureSchema } from '@stoichos/core/planning/procedure';
import { Op, QueryTypes, literal } from 'sequelize';
import type { Transaction } from 'sequelize';
import { Problem, notFound } from '../problem';
import type { Database } from './connect';
import { standingPreparations } from './preparations';
import type { EntryRow, TestRow, WeighingRow } from './models';

/** All lab days, the newest date first, with how much is in them. */
export async function listDays({ sequelize }: Database): Promise<LabDaySummary[]> {
  return sequelize.query<LabDaySummary>(
    `SELECT d.id, d.name, d.date::text AS date, d.spare_percent AS "sparePercent",
       d.length_min AS "lengthMin", d.group_size AS "groupSize", d.staff, d.kit, d.balance_g AS "balanceG",
       to_char(d.archived_at AT TIME ZONE 'UTC', 'YYYY-MM-DD"T"HH24:MI:SS"Z"') AS "archivedAt",
       (SELECT count(*)::int FROM day_procedures p WHERE p.lab_day_id = d.id) AS "procedureCount",
       (SELECT count(*)::int FROM tests t WHERE t.lab_day_id = d.id) AS "testCount",
       (SELECT count(*)::int FROM unknowns u WHERE u.lab_day_id = d.id) AS "unknownCount",
       ((SELECT count(*) FROM tests t WHERE t.lab_day_id = d.id)
          + (SELECT count(*) FROM day_procedures p WHERE p.lab_day_id = d.id AND p.manner = 'groups'))::int
          * (SELECT count(*)::int FROM groups g WHERE g.lab_day_id = d.id)
          + (SELECT count(*)::int FROM day_procedures p WHERE p.lab_day_id = d.id AND p.manner = 'demonstration')
          AS "placeCount",
       (SELECT count(DISTINCT (coalesce(e.test_id, e.day_procedure_id), e.group_id))::int FROM bench_entries e
          LEFT JOIN tests t ON t.id = e.test_id
          LEFT JOIN day_procedures p ON p.id = e.day_procedure_id
          WHERE coalesce(t.lab_day_id, p.lab_day_id) = d.id) AS "recordedCount",
       (SELECT coalesce(json_agg(json_build_object('id', g.id, 'name', g.name) ORDER BY g.position), '[]')
          FROM groups g WHERE g.lab_day_id = d.id) AS groups
     FROM lab_days d ORDER BY d.date DESC, d.created_at DESC`,
    { type: QueryTypes.SELECT },
  );
}

/** One lab day with everything in it. @throws Problem 404. */
export async function loadDay(database: Database, id: string): Promise<LabDay> {
  const { days, groups, tests, dayProcedures, weighings, entries, sequelize } = database;
  // One snapshot, so that a test and its entries are read as of the same moment.
  return sequelize.transaction(async (transaction) => {
    await sequelize.query('SET TRANSACTION ISOLATION LEVEL REPEATABLE READ READ ONLY', {
      transaction,
    });
    const day = await days.findByPk(id, { transaction });
    if (!day) throw notFound('lab day', 'dayId', id);
    const where = { labDayId: id };
    const groupRows = await groups.findAll({ where, order: ['position'], transaction });
    const testRows = await tests.findAll({ where, order: ['position'], transaction });
    const procedureRows = await dayProcedures.findAll({ where, order: ['position'], transaction });
    const weighingRows = await weighings.findAll({ where, order: ['recordedAt'], transaction });
    const entryRows = await entries.findAll({
      where: {
        [Op.or]: [
          { testId: testRows.map((row) => row.id) },
          { dayProcedureId: procedureRows.map((row) => row.id) },
        ],
      },
      // In the order they came in: the clock of a tablet may be wrong, or be put right in the middle of a class.
      order: [literal('received_at'), 'recordedAt'],
      transaction,
    });
    return {
      id: day.id,
      name: day.name,
      date: day.date,
      sparePercent: day.sparePercent,
      lengthMin: day.lengthMin,
      groupSize: day.groupSize,
      staff: day.staff,
      kit: day.kit,
      balanceG: day.balanceG,
      timetable: day.timetable,
      groups: groupRows.map(({ id: groupId, name }) => ({ id: groupId, name })),
      tests: testRows.map(readTest),
      procedures: procedureRows.map(({ id: own, manner, body }) => ({
        id: own,
        manner,
        // What was kept before a field existed gets that field’s default.
        procedure: procedureSchema.parse(body),
      })),
      preparations: await standingPreparations(database, id, transaction),
      weighings: weighingRows.map(readWeighing),
      entries: entryRows.map(readEntry),
    };
  });
}

export function readTest(row: TestRow): PlannedTest {
  return {
    id: row.id,
    container: row.container,
    a: {
      substance: row.aSubstance,
      concentrationM: row.aConcentrationM,
      volumeMl: row.aVolumeMl,
    },
    b: {
      substance: row.bSubstance,
      concentrationM: row.bConcentrationM,
      volumeMl: row.bVolumeMl,
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

export function readEntry(row: EntryRow): LabDay['entries'][number] {
  const { id, testId, dayProcedureId, stepId, vessel, part, groupId, record, supersedes } = row;
  return {
    id,
    workId: testId ?? dayProcedureId ?? '',
    stepId,
    vessel,
    part,
    groupId,
    record,
    supersedes,
    recordedAt: row.recordedAt.toISOString(),
  };
}

/** Writes a lab day; sending the same one again changes nothing more. */
export async function saveDay(database: Database, input: LabDayInput): Promise<void> {
  const { days, sequelize } = database;
  await sequelize.transaction(async (transaction) => {
    const { id, name, date, sparePercent, lengthMin, groupSize, staff, kit, balanceG } = input;
    const day = { id, name, date, sparePercent, lengthMin, groupSize, staff, kit, balanceG };
    // A timetable that no longer fits stays; it knows the plan it was made for.
    await days.upsert(day, { transaction });
    await saveGroups(database, input, transaction);
  });
}

/**
 * Plans lab days again for other dates, all or none: settings, groups, tests and procedures, without record, preparations and
 * timetable. Sending the same copies again changes nothing more.
 *
 * @throws Problem 404.
 */
export async function copyDays(
  { days, sequelize }: Database,
  copies: readonly DayCopy[],
): Promise<void> {
  await sequelize.transaction(async (transaction) => {
    for (const { from, id, name, date } of copies) {
      if (!(await days.findByPk(from, { transaction }))) throw notFound('lab day', 'from', from);
      if (await days.findByPk(id, { transaction })) continue;
      const copy = (sql: string) =>
        sequelize.query(sql, { replacements: { from, id, name, date }, transaction });
      await copy(`INSERT INTO lab_days (id, name, date, spare_percent, length_min, group_size, staff, kit, balance_g)
        SELECT :id, :name, :date, spare_percent, length_min, group_size, staff, kit, balance_g
        FROM lab_days WHERE id = :from`);
      await copy(`INSERT INTO groups (id, lab_day_id, position, name)
        SELECT gen_random_uuid(), :id, position, name FROM groups WHERE lab_day_id = :from`);
      await copy(`INSERT INTO tests (id, lab_day_id, position, container, a_substance, a_concentration_m, a_volume_ml,
          b_substance, b_concentration_m, b_volume_ml)
        SELECT gen_random_uuid(), :id, position, container, a_substance, a_concentration_m, a_volume_ml,
          b_substance, b_concentration_m, b_volume_ml
        FROM tests WHERE lab_day_id = :from`);
      await copy(`INSERT INTO day_procedures (id, lab_day_id, position, name, manner, body)
        SELECT gen_random_uuid(), :id, position, name, manner, body
        FROM day_procedures WHERE lab_day_id = :from`);
    }
  });
}

/** Puts a lab day away, or takes it out again. @throws Problem 404. */
export async function archiveDay({ days }: Database, id: string, archived: boolean): Promise<void> {
  const [changed] = await days.update(
    { archivedAt: archived ? new Date() : null },
    { where: { id } },
  );
  if (changed === 0) throw notFound('lab day', 'dayId', id);
}

async function saveGroups(
  { groups, entries }: Database,
  day: LabDayInput,
  transaction: Transaction,
): Promise<void> {
  const existing = await groups.findAll({ where: { labDayId: day.id }, transaction });
  const kept = new Set(day.groups.map(({ id }) => id));
  for (const group of existing) {
    if (kept.has(group.id)) continue;
    if ((await entries.count({ where: { groupId: group.id }, transaction })) > 0)
      throw new Problem(
        409,
        'groupHasRecords',
        `${group.name} has recorded observations, so it cannot be taken out.`,
        'groups',
        'Keep the group, or plan a new lab day without it.',
      );
    await group.destroy({ transaction });
  }
  for (const [position, { id, name }] of day.groups.entries())
    await groups.upsert({ id, labDayId: day.id, position, name }, { transaction });
}

/** Writes a planned test into a day, at the end when it is new. @throws Problem 404 or 409. */
export async function saveTest(
  database: Database,
  dayId: string,
  test: PlannedTest,
): Promise<void> {
  const { days, tests, sequelize } = database;
  await sequelize.transaction(async (transaction) => {
    if (!(await days.findByPk(dayId, { transaction, lock: true })))
      throw notFound('lab day', 'dayId', dayId);
    const existing = await tests.findByPk(test.id, { transaction });
    if (existing && existing.labDayId !== dayId) throw notFound('test in this day', 'id', test.id);
    if (existing) await refuseIfRecorded(database, test.id, 'changed', transaction);
    const last = await tests.findOne({
      where: { labDayId: dayId },
      order: [['position', 'DESC']],
      transaction,
    });
    await tests.upsert(
      {
        id: test.id,
        labDayId: dayId,
        position: existing?.position ?? (last?.position ?? 0) + 1,
        container: test.container,
        aSubstance: test.a.substance,
        aConcentrationM: test.a.concentrationM,
        aVolumeMl: test.a.volumeMl,
        bSubstance: test.b.substance,
        bConcentrationM: test.b.concentrationM,
        bVolumeMl: test.b.volumeMl,
      },
      { transaction },
    );
  });
}

/** Takes a test out of the plan. @throws Problem 404, or 409 when observations were recorded for it. */
export async function removeTest(database: Database, testId: string): Promise<void> {
  const { tests, sequelize } = database;
  await sequelize.transaction(async (transaction) => {
    const test = await tests.findByPk(testId, { transaction, lock: true });
    if (!test) throw notFound('test', 'testId', testId);
    await refuseIfRecorded(database, testId, 'taken out', transaction);
    await test.destroy({ transaction });
  });
}

async function refuseIfRecorded(
  { entries }: Database,
  testId: string,
  what: string,
  transaction: Transaction,
): Promise<void> {
  if ((await entries.count({ where: { testId }, transaction })) === 0) return;
  throw new Problem(
    409,
    'testHasRecords',
    `Observations are recorded for this test, so it cannot be ${what}.`,
    'testId',
    'Add another test with the new amounts; the record keeps to what was really done.',
  );
}
