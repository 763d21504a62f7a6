import type { CellEntry, CellRun, CellRunWithRecord } from '@stoichos/core/labday/cells';
import { isDeepStrictEqual } from 'node:util';
import { literal } from 'sequelize';
import { idTaken, notFound } from '../problem';
import type { Database } from './connect';
import { pageFrom, pageLength } from './pages';
import type { CellEntryRow, CellRunRow } from './models';

/** A page of the runs of electrolyses, the newest first. */
export async function listCellRuns({ cellRuns }: Database, after: string | undefined) {
  const rows = await cellRuns.findAll({
    ...(after !== undefined && {
      where: literal('(made_at, id) < (SELECT made_at, id FROM cell_runs WHERE id = :after)'),
      replacements: { after },
    }),
    order: [
      ['madeAt', 'DESC'],
      ['id', 'DESC'],
    ],
    limit: pageLength + 1,
  });
  return pageFrom(rows.map(readRun), ({ id }) => id);
}

/** A run with its record, in the order the lines came in. @throws Problem 404. */
export async function loadCellRun(
  { cellRuns, cellEntries }: Database,
  id: string,
): Promise<CellRunWithRecord> {
  const run = await cellRuns.findByPk(id);
  if (!run) throw notFound('run of an electrolysis', 'runId', id);
  const rows = await cellEntries.findAll({ where: { runId: id }, order: [['arrived', 'ASC']] });
  return { ...readRun(run), entries: rows.map(readCellEntry) };
}

/** Writes a run; sending the same one again changes nothing more. @throws Problem 409 for another one under its id: a record hangs on it. */
export async function saveCellRun({ cellRuns }: Database, run: CellRun): Promise<void> {
  const [row] = await cellRuns.findOrCreate({
    where: { id: run.id },
    defaults: { ...run, madeAt: new Date(run.madeAt) },
  });
  if (!isDeepStrictEqual(readRun(row), run)) throw idTaken(run.id);
}

/**
 * Adds one line to the record of a run, once however often it is sent.
 *
 * @throws Problem 404 for an unknown run or superseded line, 409 when the id already stands for something else.
 */
export async function appendCellEntry(database: Database, entry: CellEntry): Promise<CellEntry> {
  const { cellRuns, cellEntries, sequelize } = database;
  return sequelize.transaction(async (transaction) => {
    if (!(await cellRuns.findByPk(entry.runId, { transaction })))
      throw notFound('run of an electrolysis', 'runId', entry.runId);
    if (entry.supersedes !== null) {
      const earlier = await cellEntries.findByPk(entry.supersedes, { transaction });
      if (earlier?.runId !== entry.runId)
        throw notFound('earlier line of this run', 'supersedes', entry.supersedes);
    }
    const [row, created] = await cellEntries.findOrCreate({
      where: { id: entry.id },
      defaults: {
        ...entry,
        kind: entry.record?.kind ?? null,
        recordedAt: new Date(entry.recordedAt),
      },
      transaction,
    });
    const stored = readCellEntry(row);
    if (!created && (stored.runId !== entry.runId || !sameRecord(stored, entry)))
      throw idTaken(entry.id);
    return stored;
  });
}

function sameRecord(one: CellEntry, other: CellEntry): boolean {
  const essence = ({ record, supersedes }: CellEntry) =>
    JSON.stringify([supersedes, record && Object.entries(record).sort()]);
  return essence(one) === essence(other);
}

function readRun({ id, name, setup, madeAt }: CellRunRow): CellRun {
  return { id, name, setup, madeAt: madeAt.toISOString() };
}

function readCellEntry({ id, runId, record, supersedes, recordedAt }: CellEntryRow): CellEntry {
  return { id, runId, record, supersedes, recordedAt: recordedAt.toISOString() };
}
