/**
 * Guesses are counted before they are looked at, in lanes of their own; devices that were signed in on are known again; and every end of a
 * session is told to all servers, however it came about.
 */
export const guesses = {
  name: '012-guesses',
  sql: `
    DROP TABLE attempts;
    CREATE TABLE guess_lanes (
      kind text NOT NULL,
      lane text NOT NULL,
      tries integer NOT NULL,
      since timestamptz NOT NULL,
      next_at timestamptz NOT NULL,
      PRIMARY KEY (kind, lane)
    );
    CREATE INDEX guess_lanes_since ON guess_lanes (since);
    -- How long after a try the next one is looked at: the first few at once, then slower and slower.
    CREATE FUNCTION guess_delay(tries integer, at_once integer) RETURNS interval LANGUAGE sql IMMUTABLE AS $$
      SELECT interval '1 second' * CASE
        WHEN tries < at_once THEN 0
        WHEN tries < at_once + 15 THEN 1
        WHEN tries < at_once + 50 THEN 5
        ELSE 30 END
    $$;

    CREATE TABLE devices (
      token_hash text PRIMARY KEY,
      role text NOT NULL CHECK (role IN ('instructor', 'technician')),
      seen_at timestamptz NOT NULL DEFAULT now()
    );

    CREATE FUNCTION tell_of_end() RETURNS trigger LANGUAGE plpgsql AS $$
      BEGIN
        PERFORM pg_notify('stoichos', json_build_object('ended', OLD.id)::text);
        RETURN NULL;
      END $$;
    CREATE TRIGGER sessions_ended AFTER DELETE ON sessions
      FOR EACH ROW EXECUTE FUNCTION tell_of_end();

    CREATE FUNCTION tell_of_all_ends() RETURNS trigger LANGUAGE plpgsql AS $$
      BEGIN
        PERFORM pg_notify('stoichos', json_build_object('ended', TG_ARGV[0])::text);
        RETURN NULL;
      END $$;
    CREATE TRIGGER sessions_emptied AFTER TRUNCATE ON sessions
      FOR EACH STATEMENT EXECUTE FUNCTION tell_of_all_ends('all');
    -- Who was taken for the instructor without signing in has to, once there is a passphrase.
    CREATE TRIGGER accounts_changed AFTER INSERT OR UPDATE OR TRUNCATE ON accounts
      FOR EACH STATEMENT EXECUTE FUNCTION tell_of_all_ends('open');
  `,
} as const;
