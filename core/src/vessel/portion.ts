import * as z from 'zod';

/** A measured amount of a solution. Ranges are those of hand-held glassware. */
export const portionSchema = z.object({
  substance: z.string().min(1).max(100),
  concentrationM: z
    .number()
    .min(1e-6, 'A concentration is at least 0.000001 mol/L')
    .max(20, 'No solution is above 20 mol/L; check the decimal point'),
  volumeMl: z
    .number()
    .min(0.05, 'A portion is at least one drop, 0.05 mL')
    .max(1000, 'A portion is at most 1000 mL'),
});

export type Portion = z.infer<typeof portionSchema>;
