/** Records of procedures, step by step and vessel by vessel, with blanks and controls; what is shown to all belongs to no group. */
export const benchAndJudge = {
  name: '004-bench-and-judge',
  sql: `
    ALTER TABLE bench_entries
      ALTER COLUMN test_id DROP NOT NULL,
      ALTER COLUMN group_id DROP NOT NULL,
      ADD COLUMN day_procedure_id uuid REFERENCES day_procedures ON DELETE RESTRICT,
      ADD COLUMN step_id text NOT NULL DEFAULT 'mix' CHECK (step_id <> ''),
      ADD COLUMN vessel text DEFAULT 'vessel',
      ADD COLUMN part text NOT NULL DEFAULT 'test' CHECK (part IN ('test', 'blank', 'control')),
      ADD CHECK (num_nonnulls(test_id, day_procedure_id) = 1);
    ALTER TABLE bench_entries
      ALTER COLUMN step_id DROP DEFAULT,
      ALTER COLUMN vessel DROP DEFAULT,
      ALTER COLUMN part DROP DEFAULT;
    CREATE INDEX bench_entries_procedure ON bench_entries (day_procedure_id, group_id);

    ALTER TABLE settings
      ADD COLUMN temperature text NOT NULL DEFAULT '°C',
      ADD COLUMN heating text NOT NULL DEFAULT 'constantMass';
  `,
} as const;
