/** Tests of two solutions become procedures of one step under the same ids, before the procedures of their day; their record goes with them. */
export const oneKindOfWork = {
  name: '009-one-kind-of-work',
  sql: `
    UPDATE day_procedures p SET position = p.position
      + (SELECT count(*) FROM tests t WHERE t.lab_day_id = p.lab_day_id);

    INSERT INTO day_procedures (id, lab_day_id, position, name, manner, body)
    SELECT t.id, t.lab_day_id,
      row_number() OVER (PARTITION BY t.lab_day_id ORDER BY t.position, t.id) - 1,
      t.a_substance || ' with ' || t.b_substance,
      'groups',
      jsonb_build_object(
        'id', t.id,
        'name', t.a_substance || ' with ' || t.b_substance,
        'kind', 'precipitation',
        'purpose', 'What happens when the two are brought together?',
        'vessels', jsonb_build_array(jsonb_build_object('name', 'vessel', 'container', t.container)),
        'apparatus', '[]'::jsonb,
        'steps', jsonb_build_array(jsonb_build_object(
          'id', 'mix',
          'text', 'Put ' || t.a_volume_ml || ' mL ' || t.a_concentration_m || ' M ' || t.a_substance
            || ' in the vessel, note its colour, then pour in ' || t.b_volume_ml || ' mL '
            || t.b_concentration_m || ' M ' || t.b_substance || '.',
          'events', jsonb_build_array(
            jsonb_build_object('vessel', 'vessel', 'action', jsonb_build_object('do', 'add', 'portion',
              jsonb_build_object('substance', t.a_substance, 'concentrationM', t.a_concentration_m,
                'volumeMl', t.a_volume_ml))),
            jsonb_build_object('vessel', 'vessel', 'action', jsonb_build_object('do', 'add', 'portion',
              jsonb_build_object('substance', t.b_substance, 'concentrationM', t.b_concentration_m,
                'volumeMl', t.b_volume_ml)))),
          'ranges', '[]'::jsonb, 'minutes', 3, 'attended', true, 'uses', '{}'::jsonb, 'ready', '[]'::jsonb,
          'needs', '[]'::jsonb, 'record', '[]'::jsonb, 'measures', '[]'::jsonb)),
        'analyses', '[]'::jsonb, 'questions', '[]'::jsonb, 'answers', '[]'::jsonb, 'disposal', '')
    FROM tests t;

    -- The lines stay as they were written; only the table they point into is another one.
    ALTER TABLE bench_entries DISABLE TRIGGER USER;
    UPDATE bench_entries SET day_procedure_id = test_id, test_id = NULL WHERE test_id IS NOT NULL;
    ALTER TABLE bench_entries ENABLE TRIGGER USER;
    ALTER TABLE bench_entries DROP COLUMN test_id;
    ALTER TABLE bench_entries RENAME COLUMN day_procedure_id TO work_id;
    ALTER TABLE bench_entries ALTER COLUMN work_id SET NOT NULL;

    CREATE OR REPLACE FUNCTION tell_of_entry() RETURNS trigger LANGUAGE plpgsql AS $$
      DECLARE day uuid;
      BEGIN
        SELECT lab_day_id INTO day FROM day_procedures WHERE id = NEW.work_id;
        PERFORM pg_notify('stoichos', json_build_object('day', day, 'group', NEW.group_id, 'entry', NEW.id)::text);
        RETURN NEW;
      END $$;

    DROP TABLE tests;
  `,
} as const;
