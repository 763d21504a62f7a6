/** Whether a school measures small volumes with graduated pipettes, which decides how small an amount a recipe may ask for. */
export const measuring = {
  name: '015-measuring',
  sql: `
    ALTER TABLE settings ADD COLUMN pipettes boolean NOT NULL DEFAULT true;
  `,
} as const;
