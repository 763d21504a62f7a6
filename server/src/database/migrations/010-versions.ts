/** What is saved whole counts its versions, so that nobody writes over what somebody else has changed since. */
export const versions = {
  name: '010-versions',
  sql: `
    ALTER TABLE lab_days
      ADD COLUMN version integer NOT NULL DEFAULT 1,
      ADD COLUMN timetable_version integer NOT NULL DEFAULT 1;
    ALTER TABLE day_procedures ADD COLUMN version integer NOT NULL DEFAULT 1;
    ALTER TABLE own_procedures ADD COLUMN version integer NOT NULL DEFAULT 1;
    ALTER TABLE shelf_items ADD COLUMN version integer NOT NULL DEFAULT 1;

    CREATE FUNCTION count_version() RETURNS trigger LANGUAGE plpgsql AS $$
      BEGIN NEW.version := OLD.version + 1; RETURN NEW; END $$;
    CREATE FUNCTION count_timetable() RETURNS trigger LANGUAGE plpgsql AS $$
      BEGIN NEW.timetable_version := OLD.timetable_version + 1; RETURN NEW; END $$;

    CREATE TRIGGER lab_days_version BEFORE UPDATE ON lab_days FOR EACH ROW
      WHEN ((OLD.name, OLD.date, OLD.spare_percent, OLD.length_min, OLD.group_size, OLD.staff, OLD.kit, OLD.balance_g)
        IS DISTINCT FROM
        (NEW.name, NEW.date, NEW.spare_percent, NEW.length_min, NEW.group_size, NEW.staff, NEW.kit, NEW.balance_g))
      EXECUTE FUNCTION count_version();
    CREATE TRIGGER lab_days_timetable BEFORE UPDATE ON lab_days FOR EACH ROW
      WHEN (OLD.timetable IS DISTINCT FROM NEW.timetable)
      EXECUTE FUNCTION count_timetable();
    CREATE TRIGGER day_procedures_version BEFORE UPDATE ON day_procedures FOR EACH ROW
      WHEN ((OLD.manner, OLD.body) IS DISTINCT FROM (NEW.manner, NEW.body))
      EXECUTE FUNCTION count_version();
    CREATE TRIGGER own_procedures_version BEFORE UPDATE ON own_procedures FOR EACH ROW
      WHEN (OLD.body IS DISTINCT FROM NEW.body)
      EXECUTE FUNCTION count_version();
    CREATE TRIGGER shelf_items_version BEFORE UPDATE ON shelf_items FOR EACH ROW
      WHEN (OLD.* IS DISTINCT FROM NEW.*)
      EXECUTE FUNCTION count_version();

    -- The groups of a day are saved with its settings, so they count with them.
    CREATE FUNCTION count_groups() RETURNS trigger LANGUAGE plpgsql AS $$
      BEGIN
        UPDATE lab_days SET version = version + 1 WHERE id = coalesce(NEW.lab_day_id, OLD.lab_day_id);
        RETURN NULL;
      END $$;
    CREATE TRIGGER groups_version AFTER INSERT OR UPDATE OR DELETE ON groups
      FOR EACH ROW EXECUTE FUNCTION count_groups();
  `,
} as const;
