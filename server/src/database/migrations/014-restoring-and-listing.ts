/**
 * What a row says of another one of its own table may wait until the end of a transaction, so that a backup is put back in pieces; lab days
 * are listed a page at a time; what was put right is found by what puts it right, and a session by the token it had before.
 */
export const restoringAndListing = {
  name: '014-restoring-and-listing',
  sql: `
    ALTER TABLE bench_entries ALTER CONSTRAINT bench_entries_supersedes_fkey DEFERRABLE INITIALLY IMMEDIATE;
    ALTER TABLE cell_entries ALTER CONSTRAINT cell_entries_supersedes_fkey DEFERRABLE INITIALLY IMMEDIATE;
    ALTER TABLE stock_moves ALTER CONSTRAINT stock_moves_undoes_fkey DEFERRABLE INITIALLY IMMEDIATE;

    DROP INDEX lab_days_date;
    CREATE INDEX lab_days_listed ON lab_days (date DESC, created_at DESC, id);
    CREATE INDEX sessions_previous ON sessions (previous_hash) WHERE previous_hash IS NOT NULL;
    CREATE INDEX bench_entries_putting_right ON bench_entries (supersedes) WHERE supersedes IS NOT NULL;
  `,
} as const;
