/** What a class has at hand and its timetable; procedures; what is in the jars, and what preparations take from them. */
export const planAndPrepare = {
  name: '003-plan-and-prepare',
  sql: `
    ALTER TABLE lab_days
      ADD COLUMN length_min integer NOT NULL DEFAULT 90 CHECK (length_min BETWEEN 10 AND 600),
      ADD COLUMN group_size integer NOT NULL DEFAULT 3 CHECK (group_size BETWEEN 1 AND 12),
      ADD COLUMN staff jsonb NOT NULL DEFAULT '["Instructor"]',
      ADD COLUMN kit jsonb NOT NULL DEFAULT '{}',
      ADD COLUMN balance_g double precision NOT NULL DEFAULT 0.01 CHECK (balance_g > 0),
      ADD COLUMN timetable jsonb;

    CREATE TABLE own_procedures (
      id uuid PRIMARY KEY,
      name text NOT NULL CHECK (name <> ''),
      kind text NOT NULL,
      adapted_from text,
      body jsonb NOT NULL,
      saved_at timestamptz NOT NULL
    );
    CREATE INDEX own_procedures_name ON own_procedures (name);

    CREATE TABLE day_procedures (
      id uuid PRIMARY KEY,
      lab_day_id uuid NOT NULL REFERENCES lab_days ON DELETE CASCADE,
      position integer NOT NULL,
      name text NOT NULL,
      manner text NOT NULL CHECK (manner IN ('groups', 'demonstration')),
      body jsonb NOT NULL
    );
    CREATE INDEX day_procedures_lab_day ON day_procedures (lab_day_id, position);

    ALTER TABLE shelf_items
      ADD COLUMN amount double precision NOT NULL DEFAULT 0 CHECK (amount >= 0),
      ADD COLUMN unit text NOT NULL DEFAULT 'g' CHECK (unit IN ('g', 'mL')),
      ADD COLUMN least double precision NOT NULL DEFAULT 0 CHECK (least >= 0),
      ADD COLUMN expires date;

    CREATE TABLE preparations (
      id uuid PRIMARY KEY,
      lab_day_id uuid NOT NULL REFERENCES lab_days ON DELETE CASCADE,
      key text NOT NULL,
      made_by text NOT NULL,
      confirmed_at timestamptz NOT NULL,
      undone_at timestamptz
    );
    CREATE UNIQUE INDEX preparations_stand ON preparations (lab_day_id, key) WHERE undone_at IS NULL;

    CREATE TABLE stock_moves (
      id uuid PRIMARY KEY,
      item_id uuid NOT NULL REFERENCES shelf_items ON DELETE CASCADE,
      preparation_id uuid REFERENCES preparations ON DELETE CASCADE,
      change double precision NOT NULL,
      reason text NOT NULL,
      undoes uuid REFERENCES stock_moves ON DELETE CASCADE,
      moved_at timestamptz NOT NULL DEFAULT now()
    );
    CREATE INDEX stock_moves_item ON stock_moves (item_id, moved_at);
    CREATE INDEX stock_moves_preparation ON stock_moves (preparation_id);
  `,
} as const;
