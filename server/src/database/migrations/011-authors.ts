/** Every line of the bench record says who wrote it: the instructor, the technician or a group. */
export const authors = {
  name: '011-authors',
  sql: `
    ALTER TABLE bench_entries ADD COLUMN author text;
    -- The lines stay as they were written; what they did not say is filled in.
    ALTER TABLE bench_entries DISABLE TRIGGER USER;
    UPDATE bench_entries SET author = CASE
      WHEN kind IN ('verdict', 'signOff') OR group_id IS NULL THEN 'instructor'
      ELSE 'group' END;
    ALTER TABLE bench_entries ENABLE TRIGGER USER;
    ALTER TABLE bench_entries
      ALTER COLUMN author SET NOT NULL,
      ADD CHECK (author IN ('instructor', 'technician', 'group'));
  `,
} as const;
