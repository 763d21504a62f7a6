import * as z from 'zod';

/** A measured amount of a solution. Ranges are those of hand-held glassware. */
export const portionSchema = z.object({
  substance: z.string().min(1).max(100),
  concentrationM: z.number().min(1e-6).max(20),
  volumeMl: z.number().min(0.05).max(1000),
});

export type Portion = z.infer<typeof portionSchema>;
