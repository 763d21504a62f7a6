/** Sequences of the study that were kept under a name. */
export const keptRuns = {
  name: '002-kept-runs',
  sql: `
    CREATE TABLE kept_runs (
      id uuid PRIMARY KEY,
      name text NOT NULL CHECK (name <> ''),
      rack jsonb NOT NULL,
      kept_at timestamptz NOT NULL
    );
    CREATE INDEX kept_runs_kept_at ON kept_runs (kept_at DESC);
  `,
} as const;
