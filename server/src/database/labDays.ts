import type { Kept, Saving } from '@stoichos/contract';
import { labDayInputSchema } from '@stoichos/core/labday/day';
import type { DayCopy, LabDayInput } from '@stoichos/core/labday/day';
import * as z from 'zod';
import type { Transaction } from 'sequelize';
import { isDeepStrictEqual } from 'node:util';
import { Problem, notFound, stale } from '../problem';
import type { Database } from './connect';
import type { DayRow } from './models';

type DaySettings = Omit<LabDayInput, 'groups'>;
/** What is set of a day itself: everything a person types of it but the groups, which have a table of their own. */
const settingNames = labDayInputSchema.omit({ groups: true }).keyof().options;

/** The settings of a day from its row, a file or what was typed, and nothing else of it. */
export function settingsOfDay(day: Readonly<DaySettings>): DaySettings {
  return Object.fromEntries(settingNames.map((name) => [name, day[name]])) as DaySettings;
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
