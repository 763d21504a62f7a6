import type { DaysPage, WhichDays } from '@stoichos/contract';
import { labDaySummarySchema } from '@stoichos/core/labday/day';
import type { LabDaySummary } from '@stoichos/core/labday/day';
import { QueryTypes } from 'sequelize';
import * as z from 'zod';
import type { Database } from './connect';
import { pageFrom, pageLength } from './pages';

/** Lab days that a search finds at most. */
const mostFound = 20;

type Order = 'ASC' | 'DESC';

/** How a list is cut out of all lab days, and in which order it stands. */
const lists: Readonly<Record<WhichDays, { readonly where: string; readonly order: Order }>> = {
  coming: { where: 'archived_at IS NULL AND date >= $today::date', order: 'ASC' },
  held: { where: 'archived_at IS NULL AND date < $today::date', order: 'DESC' },
  archived: { where: 'archived_at IS NOT NULL', order: 'DESC' },
};

/** A page of a list of lab days. What came before it, or how long the record is, makes no difference to what it costs. */
export async function daysPage(
  database: Database,
  { which, today, after }: { which: WhichDays; today: string; after?: string | undefined },
): Promise<DaysPage> {
  const { where, order } = lists[which];
  const days = await summaries(database, {
    where: `${where} AND ($after::uuid IS NULL OR (date, created_at, id) ${order === 'ASC' ? '>' : '<'}
      (SELECT date, created_at, id FROM lab_days WHERE id = $after::uuid))`,
    order,
    limit: pageLength + 1,
    bind: { after: after ?? null, ...(where.includes('$today') && { today }) },
  });
  return pageFrom(days, ({ id }) => id);
}

/** Lab days whose names hold every word, or whose date begins with what is typed, the latest first. */
export function findDays(database: Database, text: string): Promise<LabDaySummary[]> {
  return summaries(database, {
    where: `date::text LIKE $date OR NOT EXISTS (
      SELECT FROM unnest($words::text[]) word WHERE strpos(lower(name), word) = 0)`,
    order: 'DESC',
    limit: mostFound,
    bind: {
      date: /^[\d-]+$/.test(text) ? `${text}%` : '',
      words: text.toLowerCase().split(/\s+/),
    },
  });
}

/** Every lab day, for a calendar. */
export const everyDay = (database: Database): Promise<LabDaySummary[]> =>
  summaries(database, { where: 'true', order: 'ASC', limit: null, bind: {} });

/**
 * Lab days as they stand in a list. Whether a place has a record is asked of each place by its index: that takes as long for one with a
 * thousand lines as for one with a single line.
 */
async function summaries(
  { sequelize }: Database,
  {
    where,
    order,
    limit,
    bind,
  }: {
    readonly where: string;
    readonly order: Order;
    readonly limit: number | null;
    readonly bind: Readonly<Record<string, unknown>>;
  },
): Promise<LabDaySummary[]> {
  const inOrder = `ORDER BY date ${order}, created_at ${order}, id ${order}`;
  const rows = await sequelize.query<{ day: unknown }>(
    `WITH listed AS MATERIALIZED (
       SELECT * FROM lab_days WHERE ${where} ${inOrder} LIMIT ${limit ?? 'ALL'})
     SELECT jsonb_build_object(
       'id', d.id, 'name', d.name, 'date', d.date, 'sparePercent', d.spare_percent,
       'lengthMin', d.length_min, 'groupSize', d.group_size, 'staff', d.staff, 'kit', d.kit,
       'balanceG', d.balance_g,
       'archivedAt', to_char(d.archived_at AT TIME ZONE 'UTC', 'YYYY-MM-DD"T"HH24:MI:SS.MS"Z"'),
       'groups', own.groups,
       'procedureCount', work.shared + work.shown,
       'unknownCount', (SELECT count(*) FROM unknowns u WHERE u.lab_day_id = d.id),
       'placeCount', work.shared * jsonb_array_length(own.groups) + work.shown,
       'recordedCount',
         (SELECT count(*) FROM day_procedures p JOIN groups g ON g.lab_day_id = p.lab_day_id
            WHERE p.lab_day_id = d.id AND EXISTS (
              SELECT FROM bench_entries e WHERE e.work_id = p.id AND e.group_id = g.id))
         + (SELECT count(*) FROM day_procedures p
            WHERE p.lab_day_id = d.id AND EXISTS (
              SELECT FROM bench_entries e WHERE e.work_id = p.id AND e.group_id IS NULL))
     ) AS day
     FROM listed d,
       LATERAL (SELECT coalesce(jsonb_agg(jsonb_build_object('id', g.id, 'name', g.name) ORDER BY g.position), '[]') AS groups
         FROM groups g WHERE g.lab_day_id = d.id) own,
       LATERAL (SELECT count(*) FILTER (WHERE p.manner = 'groups') AS shared,
         count(*) FILTER (WHERE p.manner = 'demonstration') AS shown
         FROM day_procedures p WHERE p.lab_day_id = d.id) work
     ${inOrder}`,
    { type: QueryTypes.SELECT, bind: { ...bind } },
  );
  return z.array(labDaySummarySchema).parse(rows.map(({ day }) => day));
}
