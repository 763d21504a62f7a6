/** Unknowns that are dealt out by kind, what groups hand in, and the school of identifying. */
export const unknowns = {
  name: '007-unknowns',
  sql: `
    ALTER TABLE unknowns ADD COLUMN kind text NOT NULL DEFAULT 'inorganic'
      CHECK (kind IN ('organic', 'inorganic'));

    CREATE TABLE unknown_answers (
      id uuid PRIMARY KEY,
      lab_day_id uuid NOT NULL REFERENCES lab_days ON DELETE RESTRICT,
      group_id uuid NOT NULL REFERENCES groups ON DELETE RESTRICT,
      code text NOT NULL,
      answer text NOT NULL CHECK (answer <> ''),
      results jsonb NOT NULL,
      sent_at timestamptz NOT NULL DEFAULT now(),
      arrived bigint GENERATED ALWAYS AS IDENTITY
    );
    CREATE INDEX unknown_answers_lab_day ON unknown_answers (lab_day_id, arrived);
    CREATE TRIGGER unknown_answers_append_only BEFORE UPDATE OR DELETE ON unknown_answers
      FOR EACH ROW EXECUTE FUNCTION refuse_change();

    ALTER TABLE settings ADD COLUMN unknowns text NOT NULL DEFAULT 'mostInformative'
      CHECK (unknowns IN ('mostInformative', 'solubilityFirst'));
  `,
} as const;
