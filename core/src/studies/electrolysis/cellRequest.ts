import * as z from 'zod';

const electrodeName = z.string().trim().min(1, 'Name what the electrode is made of').max(40);

/** What is electrolysed: a solution of one or several substances, or one molten salt. */
export const electrolyteSchema = z.union([
  z
    .array(
      z.object({
        substance: z.string().trim().min(1, 'Name a substance').max(100),
        concentrationM: z
          .number()
          .min(1e-5, 'A concentration is at least 0.00001 mol/L')
          .max(20, 'No electrolyte is above 20 mol/L; check the decimal point'),
      }),
    )
    .min(1, 'Dissolve at least one substance')
    .max(6, 'At most six substances in one electrolyte'),
  z.object({ molten: z.string().trim().min(1, 'Name a salt').max(100) }),
]);
export type Electrolyte = z.infer<typeof electrolyteSchema>;

/** The schools that predict what is discharged. */
export const schoolSchema = z.enum(['potentials', 'ruleOfThumb']);

/** How a current is told: amperes, never below nothing. */
export const currentSchema = z
  .number()
  .positive('A current is above 0 A; where the ammeter shows minus, its leads are swapped')
  .max(1000, 'A current is at most 1000 A; check whether it was read in mA');

/** A cell: what is in it, what it is connected by, and how large it is. */
export const cellSchema = z.object({
  electrolyte: electrolyteSchema,
  cathode: electrodeName,
  anode: electrodeName,
  temperatureC: z
    .number()
    .min(0, 'A cell is at 0 °C or above')
    .max(3000, 'No melt of the tables is above 3000 °C')
    .optional(),
  /** Of the whole liquid, mL. */
  volumeMl: z.number().min(0.05, 'A cell holds at least a drop, 0.05 mL').max(100_000).optional(),
  /** Wetted area of each electrode, cm². */
  areaCm2: z.number().min(0.001, 'An area is above 0 cm²').max(100_000).optional(),
  /** Between the electrodes, cm. */
  gapCm: z.number().min(0.01, 'Electrodes must not touch').max(100).optional(),
  mixing: z.enum(['still', 'stirred', 'divided']).optional(),
  indicator: z.string().trim().max(60).optional(),
});
export type CellRequest = z.infer<typeof cellSchema>;
