/** The school of discharge at electrodes; electrolyses that are run, with their record line by line. */
export const electrolysis = {
  name: '005-electrolysis',
  sql: `
    ALTER TABLE settings
      ADD COLUMN discharge text NOT NULL DEFAULT 'potentials';

    CREATE TABLE cell_runs (
      id uuid PRIMARY KEY,
      name text NOT NULL CHECK (name <> ''),
      setup jsonb NOT NULL,
      made_at timestamptz NOT NULL
    );
    CREATE INDEX cell_runs_made_at ON cell_runs (made_at DESC);

    CREATE TABLE cell_entries (
      id uuid PRIMARY KEY,
      run_id uuid NOT NULL REFERENCES cell_runs ON DELETE RESTRICT,
      kind text,
      record jsonb,
      supersedes uuid REFERENCES cell_entries,
      recorded_at timestamptz NOT NULL,
      received_at timestamptz NOT NULL DEFAULT now(),
      arrived bigint GENERATED ALWAYS AS IDENTITY,
      CHECK ((kind IS NULL) = (record IS NULL)),
      CHECK (record IS NOT NULL OR supersedes IS NOT NULL)
    );
    CREATE INDEX cell_entries_run ON cell_entries (run_id, arrived);
    CREATE TRIGGER cell_entries_append_only BEFORE UPDATE OR DELETE ON cell_entries
      FOR EACH ROW EXECUTE FUNCTION refuse_change();
  `,
} as const;
