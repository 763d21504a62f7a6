import type { Joinable, Joining } from '@stoichos/core/labday/access';
import { Op } from 'sequelize';
import { newJoinCode } from '../access/token';
import { notFound } from '../problem';
import type { Database } from './connect';

/** A lab day is over this long after the day it is dated for has begun, h: its evening and the night after. */
const dayLastsH = 30;

/** The code of a day and the tablets on it. @throws Problem 404. */
export async function joiningOf(database: Database, dayId: string): Promise<Joining> {
  const { days, joinCodes, sessions } = database;
  if (!(await days.findByPk(dayId))) throw notFound('lab day', 'dayId', dayId);
  const code = await joinCodes.findOne({
    where: { labDayId: dayId, endsAt: { [Op.gt]: new Date() } },
  });
  const tablets = await sessions.findAll({
    where: { labDayId: dayId, endsAt: { [Op.gt]: new Date() } },
    order: ['madeAt'],
  });
  return {
    code: code?.code ?? null,
    endsAt: code?.endsAt.toISOString() ?? null,
    tablets: tablets.map(({ id, groupId, madeAt, seenAt }) => ({
      id,
      groupId: groupId ?? '',
      joinedAt: madeAt.toISOString(),
      seenAt: seenAt.toISOString(),
    })),
  };
}

/** Makes a code for a day, or a new one; tablets that have joined stay. @throws Problem 404. */
export async function renewCode(database: Database, dayId: string): Promise<void> {
  const day = await database.days.findByPk(dayId);
  if (!day) throw notFound('lab day', 'dayId', dayId);
  const ofDay = new Date(`${day.date}T00:00:00`).getTime() + dayLastsH * 3_600_000;
  // A day that is long past is joined for the time it takes to look at it.
  const endsAt = new Date(Math.max(ofDay, Date.now() + 2 * 3_600_000));
  await database.joinCodes.upsert({ labDayId: dayId, code: newJoinCode(), endsAt });
}

/** The day a code opens, with when it ends; undefined for a code that opens nothing any more. */
export async function dayOfCode(
  { joinCodes, days, groups }: Database,
  code: string,
): Promise<(Joinable & { readonly dayId: string; readonly endsAt: Date }) | undefined> {
  const row = await joinCodes.findOne({ where: { code, endsAt: { [Op.gt]: new Date() } } });
  const day = row && (await days.findByPk(row.labDayId));
  if (!row || !day) return undefined;
  const ofDay = await groups.findAll({ where: { labDayId: day.id }, order: ['position'] });
  return {
    dayId: day.id,
    endsAt: row.endsAt,
    dayName: day.name,
    date: day.date,
    groups: ofDay.map(({ id, name }) => ({ id, name })),
  };
}
