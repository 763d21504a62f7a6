import { backupSchema, fileVersion, readExchange } from '@stoichos/core/report/exchange';
import type { Backup, RestorePlan } from '@stoichos/core/report/exchange';
import { QueryTypes } from 'sequelize';
import type { Database } from '../database/connect';
import { migrations } from '../database/migrations';
import { Problem } from '../problem';

/**
 * The tables of a backup, each after those it refers to. Who is signed in and who tried to is not in it: after a restore everybody signs in
 * anew.
 */
const tables = [
  'settings',
  'accounts',
  'shelf_items',
  'own_procedures',
  'kept_runs',
  'cell_runs',
  'cell_entries',
  'lab_days',
  'groups',
  'day_procedures',
  'preparations',
  'stock_moves',
  'weighings',
  'bench_entries',
  'join_codes',
  'releases',
  'messages',
  'unknowns',
  'unknown_answers',
  'audit',
] as const;
/** Emptied with the others, for they refer to what goes. */
const passing = ['sessions', 'devices', 'guess_lanes'] as const;
/** Tables whose rows are numbered as they arrive. */
const numbered = ['bench_entries', 'cell_entries', 'messages', 'unknown_answers', 'audit'] as const;

/** The migration at which the tables of this version stand. */
const tablesAt = migrations.at(-1)?.name ?? '';

/** Everything that is kept, as of one moment. */
export async function makeBackup({ sequelize }: Database): Promise<Backup> {
  return sequelize.transaction(async (transaction) => {
    await sequelize.query('SET TRANSACTION ISOLATION LEVEL REPEATABLE READ READ ONLY', {
      transaction,
    });
    const held: Record<string, unknown[]> = {};
    for (const table of tables) {
      const rows = await sequelize.query<{ row: unknown }>(
        `SELECT to_jsonb(t) AS row FROM ${table} t ORDER BY to_jsonb(t)->>'arrived', to_jsonb(t)->>'received_at', t::text`,
        { type: QueryTypes.SELECT, transaction },
      );
      held[table] = rows.map(({ row }) => row);
    }
    return backupSchema.parse({
      format: 'stoichos/backup',
      version: fileVersion,
      madeAt: new Date().toISOString(),
      tablesAt,
      tables: held,
    });
  });
}

/**
 * Tells what restoring a backup would do, and with `apply` puts it in place of everything that is kept: in one transaction, or not at all.
 *
 * @throws ChemistryError for what is no backup; Problem 400 for one of another version, 409 for one that does not hold together.
 */
export async function restoreBackup(
  { sequelize }: Database,
  content: unknown,
  apply: boolean,
): Promise<RestorePlan> {
  const backup = readBackup(content);
  const counts: RestorePlan['tables'] = [];
  for (const name of tables) {
    const [row] = await sequelize.query<{ count: number }>(
      `SELECT count(*)::int AS count FROM ${name}`,
      { type: QueryTypes.SELECT },
    );
    counts.push({ name, now: row?.count ?? 0, inBackup: backup.tables[name]?.length ?? 0 });
  }
  const plan = { madeAt: backup.madeAt, tables: counts };
  if (!apply) return plan;
  try {
    await sequelize.transaction(async (transaction) => {
      const run = (sql: string, bind: unknown[] = []) =>
        sequelize.query(sql, { transaction, bind });
      await run(`TRUNCATE ${[...tables, ...passing].join(', ')}`);
      for (const name of tables) {
        // What is told of new entries is not told of restored ones.
        await run(`ALTER TABLE ${name} DISABLE TRIGGER USER`);
        await run(
          `INSERT INTO ${name} OVERRIDING SYSTEM VALUE
             SELECT * FROM jsonb_populate_recordset(NULL::${name}, $1::jsonb)`,
          [JSON.stringify(backup.tables[name] ?? [])],
        );
        await run(`ALTER TABLE ${name} ENABLE TRIGGER USER`);
      }
      await goOnCounting(run);
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
  return plan;
}

async function goOnCounting(run: (sql: string) => Promise<unknown>): Promise<void> {
  for (const name of numbered)
    await run(
      `SELECT setval(pg_get_serial_sequence('${name}', 'arrived'), coalesce(max(arrived), 0) + 1, false) FROM ${name}`,
    );
}

function readBackup(content: unknown): Backup {
  const file = readExchange(content);
  if (file.format !== 'stoichos/backup')
    throw new Problem(
      400,
      'noBackup',
      'This file is no backup.',
      'file',
      'Take a lab day or a procedure in under Data, Take in a file.',
    );
  if (file.tablesAt !== tablesAt)
    throw new Problem(
      400,
      'otherTables',
      `The backup was made with the tables at ${file.tablesAt}; here they stand at ${tablesAt}.`,
      'file',
      'Restore it with the version that made it, then start this one, which brings the tables up to date.',
    );
  const [strange] = Object.keys(file.tables).filter(
    (name) => !(tables as readonly string[]).includes(name),
  );
  if (strange !== undefined)
    throw new Problem(
      400,
      'strangeTable',
      `The backup holds a table “${strange}”.`,
      'file',
      'Take another backup.',
    );
  return file;
}
