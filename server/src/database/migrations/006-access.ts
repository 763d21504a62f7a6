/** Passphrases, sessions, joining, releases, messages, the audit list; and word of every new entry to all servers. */
export const access = {
  name: '006-access',
  sql: `
    CREATE TABLE accounts (
      role text PRIMARY KEY CHECK (role IN ('instructor', 'technician')),
      passphrase_hash text NOT NULL,
      open_here boolean NOT NULL DEFAULT false,
      changed_at timestamptz NOT NULL DEFAULT now()
    );

    CREATE TABLE join_codes (
      lab_day_id uuid PRIMARY KEY REFERENCES lab_days ON DELETE CASCADE,
      code text NOT NULL UNIQUE,
      ends_at timestamptz NOT NULL,
      made_at timestamptz NOT NULL DEFAULT now()
    );

    CREATE TABLE sessions (
      id uuid PRIMARY KEY,
      token_hash text NOT NULL UNIQUE,
      previous_hash text,
      role text NOT NULL CHECK (role IN ('instructor', 'technician', 'group')),
      lab_day_id uuid REFERENCES lab_days ON DELETE CASCADE,
      group_id uuid REFERENCES groups ON DELETE CASCADE,
      made_at timestamptz NOT NULL DEFAULT now(),
      seen_at timestamptz NOT NULL DEFAULT now(),
      rotated_at timestamptz NOT NULL DEFAULT now(),
      ends_at timestamptz NOT NULL,
      CHECK ((role = 'group') = (group_id IS NOT NULL)),
      CHECK ((role = 'group') = (lab_day_id IS NOT NULL))
    );
    CREATE INDEX sessions_lab_day ON sessions (lab_day_id);

    CREATE TABLE attempts (
      kind text NOT NULL,
      address text NOT NULL,
      tried_at timestamptz NOT NULL DEFAULT now()
    );
    CREATE INDEX attempts_when ON attempts (kind, tried_at);

    CREATE TABLE releases (
      work_id uuid PRIMARY KEY,
      lab_day_id uuid NOT NULL REFERENCES lab_days ON DELETE CASCADE,
      shown text NOT NULL CHECK (shown IN ('never', 'afterRecording', 'always'))
    );
    CREATE INDEX releases_lab_day ON releases (lab_day_id);

    CREATE TABLE messages (
      id uuid PRIMARY KEY,
      lab_day_id uuid NOT NULL REFERENCES lab_days ON DELETE RESTRICT,
      group_id uuid REFERENCES groups ON DELETE RESTRICT,
      kind text NOT NULL CHECK (kind IN ('message', 'flag', 'checked')),
      work_id uuid,
      step_id text,
      text text NOT NULL,
      sent_at timestamptz NOT NULL DEFAULT now(),
      arrived bigint GENERATED ALWAYS AS IDENTITY
    );
    CREATE INDEX messages_lab_day ON messages (lab_day_id, arrived);
    CREATE TRIGGER messages_append_only BEFORE UPDATE OR DELETE ON messages
      FOR EACH ROW EXECUTE FUNCTION refuse_change();

    CREATE TABLE unknowns (
      group_id uuid PRIMARY KEY REFERENCES groups ON DELETE CASCADE,
      lab_day_id uuid NOT NULL REFERENCES lab_days ON DELETE CASCADE,
      code text NOT NULL CHECK (code <> ''),
      sealed_key text NOT NULL
    );
    CREATE INDEX unknowns_lab_day ON unknowns (lab_day_id);

    CREATE TABLE audit (
      arrived bigint GENERATED ALWAYS AS IDENTITY PRIMARY KEY,
      at timestamptz NOT NULL DEFAULT now(),
      role text NOT NULL,
      what text NOT NULL,
      about text NOT NULL DEFAULT ''
    );
    CREATE TRIGGER audit_append_only BEFORE UPDATE OR DELETE ON audit
      FOR EACH ROW EXECUTE FUNCTION refuse_change();

    CREATE FUNCTION tell_of_entry() RETURNS trigger LANGUAGE plpgsql AS $$
      DECLARE day uuid;
      BEGIN
        SELECT lab_day_id INTO day FROM tests WHERE id = NEW.test_id;
        IF day IS NULL THEN
          SELECT lab_day_id INTO day FROM day_procedures WHERE id = NEW.day_procedure_id;
        END IF;
        PERFORM pg_notify('stoichos', json_build_object('day', day, 'group', NEW.group_id, 'entry', NEW.id)::text);
        RETURN NEW;
      END $$;
    CREATE TRIGGER bench_entries_told AFTER INSERT ON bench_entries
      FOR EACH ROW EXECUTE FUNCTION tell_of_entry();
  `,
} as const;
