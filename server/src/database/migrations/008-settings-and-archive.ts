/** How numbers and paper are at this school; what the studies begin with; lab days that are put away. */
export const settingsAndArchive = {
  name: '008-settings-and-archive',
  sql: `
    ALTER TABLE settings
      ADD COLUMN institution text NOT NULL DEFAULT '',
      ADD COLUMN decimal_separator text NOT NULL DEFAULT '.' CHECK (decimal_separator IN ('.', ',')),
      ADD COLUMN paper text NOT NULL DEFAULT 'A4' CHECK (paper IN ('A4', 'Letter')),
      ADD COLUMN room_c double precision NOT NULL DEFAULT 21,
      ADD COLUMN air_k_pa double precision NOT NULL DEFAULT 101,
      ADD COLUMN drops_per_ml double precision NOT NULL DEFAULT 20;

    ALTER TABLE lab_days ADD COLUMN archived_at timestamptz;
  `,
} as const;
