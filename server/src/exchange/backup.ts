import { createHash } from 'node:crypto';
import { backupFormat, backupVersion } from '@stoichos/core/report/exchange';
import type { BackupHead, RestorePlan } from '@stoichos/core/report/exchange';
import { QueryTypes } from 'sequelize';
import type { Transaction } from 'sequelize';
import type { Database } from '../database/connect';
import { Problem } from '../problem';
import { backupTables, numberedTables, passingTables } from './backupTables';
import type { BackupTable } from './backupTables';
import { lineOfRow, readBackup, tablesAt } from './readBackup';

/** Rows that are in memory at a time. */
const batch = 500;
/** And how much of them at most goes to the database at once, characters. */
const batchLength = 2_000_000;

/** Everything that is kept, as of one moment, line by line. */
export async function* makeBackup({ sequelize }: Database, madeAt = new Date()) {
  const transaction = await sequelize.transaction();
  try {
    await sequelize.query('SET TRANSACTION ISOLATION LEVEL REPEATABLE READ READ ONLY', {
      transaction,
    });
    const whole = createHash('sha256');
    const passed = (text: string): string => {
      whole.update(text);
      return text;
    };
    const head: BackupHead = {
      format: backupFormat,
      version: backupVersion,
      madeAt: madeAt.toISOString(),
      tablesAt,
    };
    yield passed(`${JSON.stringify(head)}\n`);
    let rows = 0;
    for (const { name, order, atOnce = batch } of backupTables) {
      yield passed(`${JSON.stringify({ table: name })}\n`);
      const sum = createHash('sha256');
      let inTable = 0;
      for await (const texts of rowsOf(sequelize, transaction, { name, order, atOnce })) {
        const lines = texts.map((row) => `${lineOfRow(row)}\n`).join('');
        sum.update(lines);
        inTable += texts.length;
        yield passed(lines);
      }
      rows += inTable;
      const end = { rows: inTable, sha256: sum.digest('hex') };
      yield passed(`${JSON.stringify(end)}\n`);
    }
    const end = { tables: backupTables.length, rows, sha256: whole.digest('hex') };
    yield `${JSON.stringify(end)}\n`;
  } finally {
    // Nothing was changed, and whoever stopped listening holds no connection.
    await transaction.rollback();
  }
}

async function* rowsOf(
  sequelize: Database['sequelize'],
  transaction: Transaction,
  { name, order, atOnce }: Pick<BackupTable, 'name' | 'order'> & { readonly atOnce: number },
): AsyncGenerator<string[]> {
  const cursor = `of_${name}`;
  await sequelize.query(
    `DECLARE ${cursor} NO SCROLL CURSOR FOR SELECT to_jsonb(t)::text AS row FROM ${name} t ORDER BY ${order}`,
    { transaction },
  );
  for (;;) {
    const rows = await sequelize.query<{ row: string }>(`FETCH ${atOnce} FROM ${cursor}`, {
      type: QueryTypes.SELECT,
      transaction,
    });
    if (rows.length === 0) break;
    yield rows.map(({ row }) => row);
  }
  await sequelize.query(`CLOSE ${cursor}`, { transaction });
}

/** A backup that can be read from its beginning as often as it is asked for. */
export type BackupSource = () => AsyncIterable<Uint8Array | string>;

/**
 * Tells what restoring a backup would do, and with `apply` puts it in place of everything that is kept: in one transaction, or not at all.
 * It is read through and found right before anything is touched, so that a class is not held up by a file that comes slowly.
 *
 * @throws ChemistryError for what is no backup; Problem 400 for one that is altered, cut off or of another version, 409 for one that does
 * not hold together.
 */
export async function restoreBackup(
  database: Database,
  source: BackupSource,
  apply: boolean,
): Promise<RestorePlan> {
  const inBackup = new Map<string, number>();
  const reading = readBackup(source());
  let read = await reading.next();
  for (; !read.done; read = await reading.next()) {
    const { name } = read.value.table;
    inBackup.set(name, (inBackup.get(name) ?? 0) + 1);
  }
  const plan = { madeAt: read.value.madeAt, tables: await standing(database, inBackup) };
  if (apply) await putInPlace(database, source);
  return plan;
}

async function standing(
  { sequelize }: Database,
  inBackup: ReadonlyMap<string, number>,
): Promise<RestorePlan['tables']> {
  const tables = [];
  for (const { name } of backupTables) {
    const [row] = await sequelize.query<{ count: number }>(
      `SELECT count(*)::int AS count FROM ${name}`,
      { type: QueryTypes.SELECT },
    );
    tables.push({ name, now: row?.count ?? 0, inBackup: inBackup.get(name) ?? 0 });
  }
  return tables;
}

async function putInPlace({ sequelize }: Database, source: BackupSource): Promise<void> {
  try {
    await sequelize.transaction(async (transaction) => {
      const run = (sql: string, bind: unknown[] = []) =>
        sequelize.query(sql, { transaction, bind });
      const names = backupTables.map(({ name }) => name);
      await run(`TRUNCATE ${[...names, ...passingTables].join(', ')}`);
      // What is told of new entries is not told of restored ones.
      for (const name of names) await run(`ALTER TABLE ${name} DISABLE TRIGGER USER`);
      // A row may put another one right that comes after it.
      await run('SET CONSTRAINTS ALL DEFERRED');
      for await (const { name, texts } of inBatches(source()))
        await run(
          `INSERT INTO ${name} OVERRIDING SYSTEM VALUE
             SELECT * FROM jsonb_populate_recordset(NULL::${name}, $1::jsonb)`,
          [`[${texts.join(',')}]`],
        );
      await run('SET CONSTRAINTS ALL IMMEDIATE');
      for (const name of names) await run(`ALTER TABLE ${name} ENABLE TRIGGER USER`);
      for (const { name } of numberedTables)
        await run(
          `SELECT setval(pg_get_serial_sequence('${name}', 'arrived'), coalesce(max(arrived), 0) + 1, false) FROM ${name}`,
        );
    });
  } catch (error) {
    if (!(error instanceof Error) || !error.name.startsWith('Sequelize')) throw error;
    throw new Problem(
      409,
      'doesNotFit',
      `The backup does not hold together: ${error.message}.`,
      'file',
      'Nothing was changed. Take an older backup.',
    );
  }
}

/** The rows of a backup, so many of a table together as one statement takes. */
async function* inBatches(source: AsyncIterable<Uint8Array | string>) {
  let [name, texts, length] = ['', [] as string[], 0];
  for await (const { table, text } of readBackup(source)) {
    if (
      texts.length > 0 &&
      (table.name !== name || texts.length === batch || length > batchLength)
    ) {
      yield { name, texts };
      [texts, length] = [[], 0];
    }
    name = table.name;
    texts.push(text);
    length += text.length;
  }
  if (texts.length > 0) yield { name, texts };
}
