import * as z from 'zod';
import { ChemistryError } from '../../common/errors';

/**
 * Everything of an installation as lines of JSON (NDJSON), so that neither side has to hold it whole: a head, then table by table its name, its
 * rows and a line that counts and sums them, then a line that counts and sums all before it. Sums are SHA-256 over the lines as they stand, each
 * with its line end.
 */

/** The version of backups; versions 1 and 2 were one JSON text. */
export const backupVersion = 3;
export const backupFormat = 'stoichos/backup';
/** Lines of JSON, as they are sent. */
export const backupType = 'application/x-ndjson';

const sha256 = z.string().regex(/^[0-9a-f]{64}$/, 'A SHA-256 sum has 64 hexadecimal digits');
const count = z.int().min(0);

/** The first line. */
export const backupHeadSchema = z.strictObject({
  format: z.literal(backupFormat),
  version: z.literal(backupVersion),
  madeAt: z.iso.datetime(),
  /** The last migration of the database it was made from: it is restored into the same only. */
  tablesAt: z.string().max(80),
});
export type BackupHead = z.infer<typeof backupHeadSchema>;

/** A row of a table as the database holds it. */
export const backupRowSchema = z.strictObject({ row: z.record(z.string(), z.unknown()) });
/** What stands before the rows of a table. */
export const backupTableSchema = z.strictObject({ table: z.string().max(80) });
/** What stands behind them: their number, and the sum of their lines. */
export const backupRowsSchema = z.strictObject({ rows: count, sha256 });
/** The last line: the sum of all lines before it. */
export const backupEndSchema = z.strictObject({ tables: count, rows: count, sha256 });

/** What a line after the first may be. */
export const backupLineSchema = z.union([
  backupTableSchema,
  backupRowSchema,
  backupRowsSchema,
  backupEndSchema,
]);
export type BackupLine = z.infer<typeof backupLineSchema>;

const said = z.looseObject({ format: z.literal(backupFormat), version: z.unknown() });

/** Whether a file that begins with this line is a backup, of whatever version. */
export const isBackup = (firstLine: string): boolean => said.safeParse(parsed(firstLine)).success;

/** Reads the first line of a backup. @throws ChemistryError in words for another file, or one of another version. */
export function readBackupHead(line: string): BackupHead {
  const content = parsed(line);
  const file = said.safeParse(content);
  if (!file.success)
    throw ChemistryError.of(
      'badFile',
      'This file is no backup, or one that an earlier version of the application made, which that version restores.',
    );
  if (file.data.version !== backupVersion)
    throw ChemistryError.of(
      'badFile',
      `It is a backup of version ${String(file.data.version).slice(0, 20)}; this application restores version ${backupVersion}. Restore it with the version of the application that made it.`,
    );
  const head = backupHeadSchema.safeParse(content);
  if (head.success) return head.data;
  const [issue] = head.error.issues;
  throw ChemistryError.of(
    'badFile',
    `The first line of the backup is wrong: ${issue?.path.join('.') ?? ''}: ${issue?.message ?? 'not valid'}.`,
  );
}

function parsed(line: string): unknown {
  try {
    return JSON.parse(line);
  } catch {
    return undefined;
  }
}
