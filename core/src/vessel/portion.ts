import * as z from 'zod';

const substance = z.string().min(1).max(100);
const volumeMl = z
  .number()
  .min(0.05, 'A portion is at least one drop, 0.05 mL')
  .max(1000, 'A portion is at most 1000 mL');
const amountMmol = z.number().positive('An amount of gas is above 0 mmol').max(1000);

/** A measured amount of a solution. Ranges are those of hand-held glassware. */
export const portionSchema = z.object({
  substance,
  concentrationM: z
    .number()
    .min(1e-9, 'A concentration is at least 0.000000001 mol/L')
    .max(30, 'No solution is above 30 mol/L; check the decimal point'),
  volumeMl,
});

/** A portion of solution. */
export type Portion = z.infer<typeof portionSchema>;

/** Anything that can be put into a vessel: a solution, a solid by mass, a gas, drops of indicator, a liquid by volume. */
export const anyPortionSchema = z.union([
  portionSchema,
  z.object({
    substance,
    percentWV: z.number().positive().max(100, 'A percentage is at most 100'),
    volumeMl,
  }),
  z.object({
    substance,
    massG: z
      .number()
      .positive('A mass is above 0 g; weigh some out')
      .max(500, 'A mass for a vessel is at most 500 g'),
  }),
  z.object({ gas: substance, amountMmol }),
  z.object({ indicator: substance, drops: z.number().positive().max(100) }),
  // Water, a liquid that forms a layer, or a concentrated reagent as sold. Strict, so that a wrong concentration is not dropped.
  z.strictObject({ substance, volumeMl }),
]);

/** Anything that can be put into a vessel. */
export type AnyPortion = z.infer<typeof anyPortionSchema>;
