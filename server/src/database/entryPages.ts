import type { EntriesPage } from '@stoichos/contract';
import type { BenchEntry } from '@stoichos/core/labday/day';
import type { WrittenLine } from '@stoichos/core/report/dayReport';
import { QueryTypes, literal } from 'sequelize';
import type { Transaction } from 'sequelize';
import { notFound } from '../problem';
import type { Database } from './connect';
import type { EntryRow } from './models';

/** Lines that are read at a time. */
const pageLength = 2000;

/** A line of the record as it is told. */
export function readEntry(row: Omit<EntryRow, 'labDayId' | 'kind'>): BenchEntry {
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

/** The record of a day, or of one bench of it, in the order it came in: the clock of a tablet may be wrong, or be put right in a class. */
export async function ownEntries(
  { entries }: Database,
  labDayId: string,
  groupId: string | undefined,
  transaction: Transaction,
): Promise<BenchEntry[]> {
  const rows = await entries.findAll({
    where: { labDayId, ...(groupId !== undefined && { groupId }) },
    order: [literal('arrived')],
    raw: true,
    transaction,
  });
  return rows.map(readEntry);
}

const told = `e.id, e.work_id AS "workId", e.step_id AS "stepId", e.vessel, e.part, e.group_id AS "groupId", e.record, e.supersedes,
  e.recorded_at AS "recordedAt", e.author`;

interface PageRow extends EntryRow {
  readonly isSettled: boolean;
}

/**
 * A page of the record of a day after a line, or from the first.
 *
 * Lines are numbered as they are written, and seen as their transactions end, which may be in another order. A line is settled once every
 * transaction that began before its own has ended: then none with a smaller number can still come to be seen.
 *
 * @throws Problem 404.
 */
export async function entriesPage(
  { sequelize, days, entries }: Database,
  dayId: string,
  after: string | undefined,
): Promise<EntriesPage> {
  if (!(await days.findByPk(dayId, { attributes: ['id'] })))
    throw notFound('lab day', 'dayId', dayId);
  const isKnown =
    after !== undefined && (await entries.count({ where: { id: after, labDayId: dayId } })) > 0;
  const rows = await sequelize.query<PageRow>(
    `WITH oldest AS MATERIALIZED (SELECT pg_snapshot_xmin(pg_current_snapshot())::xid AS xid)
     SELECT ${told}, age(e.xmin) > age(oldest.xid) AS "isSettled"
     FROM bench_entries e, oldest
     WHERE e.lab_day_id = $dayId
       AND ($after::uuid IS NULL OR e.arrived > (SELECT arrived FROM bench_entries WHERE id = $after::uuid))
     ORDER BY e.arrived LIMIT ${pageLength}`,
    { type: QueryTypes.SELECT, bind: { dayId, after: isKnown ? after : null } },
  );
  const firstOpen = rows.findIndex(({ isSettled }) => !isSettled);
  return {
    entries: rows.map(readEntry),
    settled: firstOpen === -1 ? rows.length : firstOpen,
    more: rows.length === pageLength,
    anew: !isKnown,
  };
}

/** The lines of a day with whether each still stands, so many at a time. */
export async function* writtenLines(
  { sequelize }: Database,
  dayId: string,
): AsyncGenerator<WrittenLine[]> {
  let after = '0';
  for (;;) {
    const rows = await sequelize.query<
      EntryRow & { readonly arrived: string; readonly stands: boolean }
    >(
      `SELECT ${told}, e.arrived, e.record IS NOT NULL AND NOT EXISTS (
         SELECT FROM bench_entries later WHERE later.supersedes = e.id
           AND later.vessel IS NOT DISTINCT FROM e.vessel AND later.part = e.part) AS stands
       FROM bench_entries e WHERE e.lab_day_id = $dayId AND e.arrived > $after
       ORDER BY e.arrived LIMIT ${pageLength}`,
      { type: QueryTypes.SELECT, bind: { dayId, after } },
    );
    const last = rows.at(-1);
    if (!last) return;
    after = last.arrived;
    yield rows.map((row) => ({ entry: readEntry(row), stands: row.stands }));
  }
}
