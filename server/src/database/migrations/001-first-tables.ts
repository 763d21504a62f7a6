/** Lab days with groups, tests, weighings and the bench record; the shelf; the settings. */
export const firstTables = {
  name: '001-first-tables',
  sql: `
    CREATE TABLE lab_days (
      id uuid PRIMARY KEY,
      name text NOT NULL CHECK (name <> ''),
      date date NOT NULL,
      spare_percent double precision NOT NULL CHECK (spare_percent BETWEEN 0 AND 200),
      created_at timestamptz NOT NULL DEFAULT now()
    );
    CREATE INDEX lab_days_date ON lab_days (date);

    CREATE TABLE groups (
      id uuid PRIMARY KEY,
      lab_day_id uuid NOT NULL REFERENCES lab_days ON DELETE CASCADE,
      position integer NOT NULL,
      name text NOT NULL CHECK (name <> '')
    );
    CREATE INDEX groups_lab_day ON groups (lab_day_id, position);

    CREATE TABLE tests (
      id uuid PRIMARY KEY,
      lab_day_id uuid NOT NULL REFERENCES lab_days ON DELETE CASCADE,
      position integer NOT NULL,
      container text NOT NULL,
      a_substance text NOT NULL,
      a_concentration_m double precision NOT NULL CHECK (a_concentration_m > 0),
      a_volume_ml double precision NOT NULL CHECK (a_volume_ml > 0),
      b_substance text NOT NULL,
      b_concentration_m double precision NOT NULL CHECK (b_concentration_m > 0),
      b_volume_ml double precision NOT NULL CHECK (b_volume_ml > 0)
    );
    CREATE INDEX tests_lab_day ON tests (lab_day_id, position);

    CREATE TABLE weighings (
      id uuid PRIMARY KEY,
      lab_day_id uuid NOT NULL REFERENCES lab_days ON DELETE RESTRICT,
      substance text NOT NULL,
      concentration_m double precision NOT NULL CHECK (concentration_m > 0),
      volume_ml double precision NOT NULL CHECK (volume_ml > 0),
      form text NOT NULL,
      purity_percent double precision NOT NULL CHECK (purity_percent > 0 AND purity_percent <= 100),
      actual_g double precision NOT NULL CHECK (actual_g > 0),
      recorded_at timestamptz NOT NULL,
      received_at timestamptz NOT NULL DEFAULT now()
    );
    CREATE INDEX weighings_lab_day ON weighings (lab_day_id);

    CREATE TABLE bench_entries (
      id uuid PRIMARY KEY,
      test_id uuid NOT NULL REFERENCES tests ON DELETE RESTRICT,
      group_id uuid NOT NULL REFERENCES groups ON DELETE RESTRICT,
      kind text,
      record jsonb,
      supersedes uuid REFERENCES bench_entries,
      recorded_at timestamptz NOT NULL,
      received_at timestamptz NOT NULL DEFAULT now(),
      CHECK ((kind IS NULL) = (record IS NULL)),
      CHECK (record IS NOT NULL OR supersedes IS NOT NULL)
    );
    CREATE INDEX bench_entries_test ON bench_entries (test_id, group_id);

    CREATE FUNCTION refuse_change() RETURNS trigger LANGUAGE plpgsql AS $$
      BEGIN RAISE EXCEPTION '% is append-only', TG_TABLE_NAME; END $$;
    CREATE TRIGGER bench_entries_append_only BEFORE UPDATE OR DELETE ON bench_entries
      FOR EACH ROW EXECUTE FUNCTION refuse_change();
    CREATE TRIGGER weighings_append_only BEFORE UPDATE OR DELETE ON weighings
      FOR EACH ROW EXECUTE FUNCTION refuse_change();

    CREATE TABLE shelf_items (
      id uuid PRIMARY KEY,
      substance text NOT NULL,
      form text NOT NULL,
      purity_percent double precision NOT NULL CHECK (purity_percent > 0 AND purity_percent <= 100),
      place text NOT NULL
    );

    CREATE TABLE settings (
      id integer PRIMARY KEY CHECK (id = 1),
      naming text NOT NULL,
      reaction_types text NOT NULL
    );
    INSERT INTO settings VALUES (1, 'stock', 'five');
  `,
} as const;
