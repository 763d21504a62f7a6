/**
 * The school’s own words in the risk assessment of a lab day, and for each jar the supplier’s data sheet: a link, or the PDF kept
 * with it.
 */
export const safetyPapers = {
  name: '016-safety-papers',
  sql: `
    CREATE TABLE risk_words (
      lab_day_id uuid NOT NULL REFERENCES lab_days ON DELETE CASCADE,
      about text NOT NULL,
      words text NOT NULL,
      changed_at timestamptz NOT NULL DEFAULT now(),
      PRIMARY KEY (lab_day_id, about)
    );
    CREATE TABLE data_sheets (
      item_id uuid PRIMARY KEY REFERENCES shelf_items ON DELETE CASCADE,
      link text,
      name text,
      pdf bytea,
      kept_at timestamptz NOT NULL DEFAULT now(),
      CHECK (link IS NOT NULL OR pdf IS NOT NULL),
      CHECK ((name IS NULL) = (pdf IS NULL))
    );
  `,
} as const;
