import { createHash } from 'node:crypto';
import { mostTelling } from '@stoichos/core/common';
import {
  backupEndSchema,
  backupRowSchema,
  backupRowsSchema,
  backupTableSchema,
  readBackupHead,
} from '@stoichos/core/report/exchange';
import type { BackupHead } from '@stoichos/core/report/exchange';
import { migrations } from '../database/migrations';
import { Problem } from '../problem';
import { backupTables } from './backupTables';
import type { BackupTable } from './backupTables';
import { LineCut, LineTooLong, linesOf } from './lines';

/** The migration at which the tables of this version stand. */
export const tablesAt = migrations.at(-1)?.name ?? '';

/** How the database’s text of a row is wrapped into its line. */
export const lineOfRow = (row: string): string => `{"row":${row}}`;
const rowOfLine = (line: string): string => line.slice('{"row":'.length, -1);

/** A row of a backup that was found right. */
export interface BackupRow {
  readonly table: BackupTable;
  /** As it stands in the file: numbers keep their places. */
  readonly text: string;
}

/**
 * Reads a backup line by line, and yields each row once it was found right. Tables, counts and sums are checked as they are passed: whoever
 * acts on a row has to take it back when this throws later.
 *
 * @throws Problem 400 for anything that is altered, cut, missing or not readable by this application; ChemistryError for what is no backup.
 */
export async function* readBackup(
  source: AsyncIterable<Uint8Array | string>,
): AsyncGenerator<BackupRow, BackupHead> {
  try {
    return yield* readLines(linesOf(source));
  } catch (error) {
    if (error instanceof LineTooLong) throw altered('a line has no end');
    throw error instanceof LineCut ? cut() : error;
  }
}

async function* readLines(lines: AsyncGenerator<string>): AsyncGenerator<BackupRow, BackupHead> {
  const whole = createHash('sha256');
  let [rows, at] = [0, 0];
  const next = async (): Promise<string> => {
    const read = await lines.next();
    if (read.done) throw cut();
    at += 1;
    return read.value;
  };
  /** The next line, which belongs to the sum of the whole. */
  const nextOfWhole = async (): Promise<string> => {
    const line = await next();
    whole.update(`${line}\n`);
    return line;
  };
  const head = readBackupHead(await nextOfWhole());
  refuseOtherTables(head);
  for (const table of backupTables) {
    const begin = backupTableSchema.safeParse(parsed(await nextOfWhole(), at));
    if (begin.data?.table !== table.name)
      throw altered(`the table “${table.name}” is missing at line ${at}`);
    const sum = createHash('sha256');
    let inTable = 0;
    let line = await nextOfWhole();
    let read = parsed(line, at);
    for (; ; line = await nextOfWhole(), read = parsed(line, at)) {
      const row = backupRowSchema.safeParse(read);
      if (!row.success) break;
      sum.update(`${line}\n`);
      checkRow(table, row.data.row, at);
      yield { table, text: rowOfLine(line) };
      inTable += 1;
    }
    const end = backupRowsSchema.safeParse(read);
    if (!end.success) throw altered(`line ${at} is neither a row nor the end of a table`);
    if (end.data.rows !== inTable)
      throw altered(`the table “${table.name}” has ${inTable} rows, and had ${end.data.rows}`);
    if (sum.digest('hex') !== end.data.sha256)
      throw altered(`the rows of the table “${table.name}” were changed`);
    rows += inTable;
  }
  const end = backupEndSchema.safeParse(parsed(await next(), at));
  if (!end.success) throw altered('it does not end as a backup does');
  const { tables, rows: counted, sha256 } = end.data;
  if (tables !== backupTables.length || counted !== rows || whole.digest('hex') !== sha256)
    throw altered('its sum is not that of its lines');
  if (!(await lines.next()).done) throw altered('more stands behind its end');
  return head;
}

function checkRow(table: BackupTable, row: unknown, at: number): void {
  const read = table.row.safeParse(row);
  if (read.success) return;
  const { path, message } = mostTelling(read.error.issues);
  throw new Problem(
    400,
    'unreadableRow',
    `Line ${at} of the backup, a row of “${table.name}”, cannot be read: ${path.join('.') || 'the row'}: ${message}.`,
    'file',
    nothingChanged,
  );
}

function parsed(line: string, at: number): unknown {
  try {
    return JSON.parse(line);
  } catch {
    throw altered(`line ${at} is no JSON`);
  }
}

function refuseOtherTables(head: BackupHead): void {
  if (head.tablesAt !== tablesAt)
    throw new Problem(
      400,
      'otherTables',
      `The backup was made with the tables at ${head.tablesAt}; here they stand at ${tablesAt}.`,
      'file',
      'Restore it with the version that made it, then start this one, which brings the tables up to date.',
    );
}

const nothingChanged = 'Nothing was changed. Take another backup.';

const altered = (what: string): Problem =>
  new Problem(400, 'altered', `The backup was altered: ${what}.`, 'file', nothingChanged);

const cut = (): Problem =>
  new Problem(
    400,
    'cutOff',
    'The backup was cut off: its end is missing.',
    'file',
    'Nothing was changed. Copy the file again, or take another backup.',
  );
