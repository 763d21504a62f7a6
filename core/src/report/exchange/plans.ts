import * as z from 'zod';

/** A file to take in. Without `apply` only what would change is told. */
export const importRequestSchema = z.strictObject({
  file: z.unknown(),
  apply: z.boolean(),
  /** Takes in as something new what is there already and differs. */
  asAnother: z.boolean().default(false),
});

/** What taking a file in would change, or has changed. */
export const importPlanSchema = z.strictObject({
  what: z.string(),
  name: z.string(),
  /** Not there yet; there just so; or there, and different. */
  standing: z.enum(['new', 'same', 'differs']),
  /** What comes in, a line each. */
  brings: z.array(z.string()),
  /** What differs from what is there. */
  differences: z.array(z.string()),
  /** Where it stands once it was taken in. */
  goTo: z.string().nullable(),
});
export type ImportPlan = z.infer<typeof importPlanSchema>;

/** What restoring a backup would do: rows in each table now and in the backup. */
export const restorePlanSchema = z.strictObject({
  madeAt: z.string(),
  tables: z.array(z.strictObject({ name: z.string(), now: z.number(), inBackup: z.number() })),
});
export type RestorePlan = z.infer<typeof restorePlanSchema>;
