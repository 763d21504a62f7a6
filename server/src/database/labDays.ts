import type { HeldDay, Kept, Saving } from '@stoichos/contract';
import { labDayInputSchema } from '@stoichos/core/labday/day';
import type { DayCopy, LabDay, LabDayInput, LabDaySummary } from '@stoichos/core/labday/day';
import { procedureSchema } from '@stoichos/core/planning/procedure';
import { QueryTypes, literal } from 'sequelize';
import * as z from 'zod';
import type { Transaction } from 'sequelize';
import { isDeepStrictEqual } from 'node:util';
import { Problem, notFound, stale } from '../problem';
import type { Database } from './connect';
import { standingPreparations } from './preparations';
import type { DayRow, EntryRow, WeighingRow } from './models';

type DaySettings = Omit<LabDayInput, 'groups'>;
/** What is set of a day itself: everything a person types of it but the groups, which have a table of their own. */
const settingNames = labDayInputSchema.omit({ groups: true }).keyof().options;

/** The settings of a day from its row, a file or what was typed, and nothing else of it. */
export function settingsOfDay(day: Readonly<DaySettings>): DaySettings {
  return Object.fromEntries(settingNames.map((name) => [name, day[name]])) as DaySettings;
}

interface DayCounts {
  readonly id: string;
  readonly procedures: number;
  readonly demonstrations: number;
  readonly unknowns: number;
  readonly recorded: number;
}

/** All lab days, the newest date first, with how much is in them. */
export async function listDays({ sequelize, days, groups }: Database): Promise<LabDaySummary[]> {
  const rows = await days.findAll({ order: [['date', 'DESC'], literal('created_at DESC')] });
  const groupRows = await groups.findAll({ order: ['position'] });
  const counts = await sequelize.query<DayCounts>(
    `SELECT d.id,
       (SELECT count(*)::int FROM day_procedures p WHERE p.lab_day_id = d.id) AS procedures,
       (SELECT count(*)::int FROM day_procedures p
          WHERE p.lab_day_id = d.id AND p.manner = 'demonstration') AS demonstrations,
       (SELECT count(*)::int FROM unknowns u WHERE u.lab_day_id = d.id) AS unknowns,
       (SELECT count(DISTINCT (e.work_id, e.group_id))::int FROM bench_entries e
          JOIN day_procedures p ON p.id = e.work_id WHERE p.lab_day_id = d.id) AS recorded
     FROM lab_days d`,
    { type: QueryTypes.SELECT },
  );
  const countsOf = new Map(counts.map((one) => [one.id, one]));
  return rows.map((row) => {
    const own = groupRows.filter(({ labDayId }) => labDayId === row.id);
    const { procedures, demonstrations, unknowns, recorded } = countsOf.get(row.id) ?? none;
    return {
      ...settingsOfDay(row),
      archivedAt: row.archivedAt?.toISOString() ?? null,
      groups: own.map(({ id, name }) => ({ id, name })),
      procedureCount: procedures,
      unknownCount: unknowns,
      placeCount: (procedures - demonstrations) * own.length + demonstrations,
      recordedCount: recorded,
    };
  });
}

/** Of a day that came between the two questions. */
const none = { procedures: 0, demonstrations: 0, unknowns: 0, recorded: 0 };

/** One lab day with everything in it. @throws Problem 404. */
export async function loadDay(database: Database, id: string): Promise<HeldDay> {
  const { days, groups, dayProcedures, weighings, entries, sequelize } = database;
  // One snapshot, so that a procedure and its entries are read as of the same moment.
  return sequelize.transaction(async (transaction) => {
    await sequelize.query('SET TRANSACTION ISOLATION LEVEL REPEATABLE READ READ ONLY', {
      transaction,
    });
    const day = await days.findByPk(id, { transaction });
    if (!day) throw notFound('lab day', 'dayId', id);
    const where = { labDayId: id };
    const groupRows = await groups.findAll({ where, order: ['position'], transaction });
    const procedureRows = await dayProcedures.findAll({ where, order: ['position'], transaction });
    const weighingRows = await weighings.findAll({ where, order: ['recordedAt'], transaction });
    const entryRows = await entries.findAll({
      where,
      // In the order they came in: the clock of a tablet may be wrong, or be put right in the middle of a class.
      order: [literal('arrived')],
      transaction,
    });
    return {
      ...settingsOfDay(day),
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
      entries: entryRows.map(readEntry),
      versions: {
        day: day.version,
        timetable: day.timetableVersion,
        procedures: Object.fromEntries(procedureRows.map((row) => [row.id, row.version])),
      },
    };
  });
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
  const { id, workId, stepId, vessel, part, groupId, record, supersedes, author } = row;
  return {
    id,
    workId,
    stepId,
    vessel,
    part,
    groupId,
    record,
    supersedes,
    recordedAt: row.recordedAt.toISOString(),
    author,
  };
}

/**
 * Makes a lab day, or changes its settings and groups; sending the same again changes nothing more.
 *
 * @throws Problem 404 for one that is gone; 409 when somebody has changed it since it was read, a group that has recorded is left out, or
 * a group belongs to another day.
 */
export async function saveDay(
  database: Database,
  { version, ...input }: Saving<LabDayInput>,
): Promise<Kept<LabDayInput>> {
  const { days, sequelize } = database;
  return sequelize.transaction(async (transaction) => {
    const row = await days.findByPk(input.id, { transaction, lock: true });
    if (!row && version !== null) throw notFound('lab day', 'dayId', input.id);
    if (row) {
      const now = await readInput(database, row, transaction);
      if (isDeepStrictEqual(now, { ...input, version: row.version })) return now;
      if (version !== row.version) throw stale('lab day', now);
      // A timetable that no longer fits stays; it knows the plan it was made for.
      await row.update(settingsOfDay(input), { transaction });
    } else
      await days.create(
        { ...settingsOfDay(input), timetable: null, archivedAt: null },
        { transaction },
      );
    await saveGroups(database, input, transaction);
    const saved = await days.findByPk(input.id, { transaction, rejectOnEmpty: true });
    return readInput(database, saved, transaction);
  });
}

/** What is typed of a day, as it stands. */
async function readInput(
  { groups }: Database,
  row: DayRow,
  transaction: Transaction,
): Promise<Kept<LabDayInput>> {
  const where = { labDayId: row.id };
  const rows = await groups.findAll({ where, order: ['position'], transaction });
  return labDayInputSchema.extend({ version: z.number() }).parse({
    ...settingsOfDay(row),
    groups: rows.map(({ id, name }) => ({ id, name })),
    version: row.version,
  });
}

/**
 * Plans lab days again for other dates, all or none: settings, groups and procedures, without record, preparations and
 * timetable. Sending the same copies again changes nothing more.
 *
 * @throws Problem 404.
 */
export async function copyDays(
  { days, groups, dayProcedures, sequelize }: Database,
  copies: readonly DayCopy[],
): Promise<void> {
  await sequelize.transaction(async (transaction) => {
    for (const { from, id, name, date } of copies) {
      const original = await days.findByPk(from, { transaction });
      if (!original) throw notFound('lab day', 'from', from);
      if (await days.findByPk(id, { transaction })) continue;
      const ofOriginal = { where: { labDayId: from }, transaction, raw: true };
      await days.create(
        { ...settingsOfDay(original), id, name, date, timetable: null, archivedAt: null },
        { transaction },
      );
      const anew = () => ({ id: crypto.randomUUID(), labDayId: id });
      await groups.bulkCreate(
        (await groups.findAll(ofOriginal)).map((row) => ({ ...row, ...anew() })),
        { transaction },
      );
      await dayProcedures.bulkCreate(
        (await dayProcedures.findAll(ofOriginal)).map((row) => ({ ...row, ...anew() })),
        { transaction },
      );
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
  for (const [position, { id, name }] of day.groups.entries()) {
    const own = existing.find((group) => group.id === id);
    if (own) await own.update({ position, name }, { transaction });
    else if (await groups.findByPk(id, { transaction }))
      throw new Problem(
        409,
        'groupOfAnotherDay',
        `The group ${name} belongs to another lab day.`,
        `groups.${position}.id`,
        'Give it an id of its own.',
      );
    else await groups.create({ id, labDayId: day.id, position, name }, { transaction });
  }
}
