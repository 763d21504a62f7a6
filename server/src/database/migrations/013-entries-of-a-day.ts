/**
 * A line of the bench record knows its lab day and its place in the order of arrival, so that what one bench wrote is found without looking
 * at the others; and word of a line carries the line itself, where it is not too long for that.
 */
export const entriesOfADay = {
  name: '013-entries-of-a-day',
  sql: `
    ALTER TABLE bench_entries ADD COLUMN lab_day_id uuid, ADD COLUMN arrived bigint;
    -- The lines stay as they were written; they only learn where they are found.
    ALTER TABLE bench_entries DISABLE TRIGGER USER;
    UPDATE bench_entries e SET lab_day_id = p.lab_day_id, arrived = o.place
      FROM day_procedures p,
        (SELECT id, row_number() OVER (ORDER BY received_at, recorded_at, ctid) AS place FROM bench_entries) o
      WHERE p.id = e.work_id AND o.id = e.id;
    ALTER TABLE bench_entries ENABLE TRIGGER USER;
    ALTER TABLE bench_entries
      ALTER COLUMN lab_day_id SET NOT NULL,
      ALTER COLUMN arrived SET NOT NULL,
      ALTER COLUMN arrived ADD GENERATED ALWAYS AS IDENTITY,
      ADD FOREIGN KEY (lab_day_id) REFERENCES lab_days ON DELETE RESTRICT;
    SELECT setval(pg_get_serial_sequence('bench_entries', 'arrived'), coalesce(max(arrived), 0) + 1, false)
      FROM bench_entries;
    CREATE INDEX bench_entries_bench ON bench_entries (lab_day_id, group_id, arrived);
    CREATE INDEX bench_entries_day ON bench_entries (lab_day_id, arrived);

    CREATE OR REPLACE FUNCTION tell_of_entry() RETURNS trigger LANGUAGE plpgsql AS $$
      DECLARE
        head jsonb := jsonb_build_object('day', NEW.lab_day_id, 'group', NEW.group_id);
        whole text := (head || jsonb_build_object('entry', jsonb_build_object(
          'id', NEW.id, 'workId', NEW.work_id, 'stepId', NEW.step_id, 'vessel', NEW.vessel, 'part', NEW.part,
          'groupId', NEW.group_id, 'record', NEW.record, 'supersedes', NEW.supersedes, 'author', NEW.author,
          'recordedAt', to_char(NEW.recorded_at AT TIME ZONE 'UTC', 'YYYY-MM-DD"T"HH24:MI:SS.MS"Z"'))))::text;
      BEGIN
        -- A notice has at most 8000 bytes; of a longer line only its id is told.
        PERFORM pg_notify('stoichos', CASE WHEN octet_length(whole) < 7900 THEN whole
          ELSE (head || jsonb_build_object('entryId', NEW.id))::text END);
        RETURN NEW;
      END $$;
  `,
} as const;
