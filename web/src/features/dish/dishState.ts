import { dishMarkSchema } from '@stoichos/core/studies/dish';
import * as z from 'zod';

const heap = z.object({
  substance: z.string(),
  massG: z.number(),
  fromCentre: z.number(),
  angleDeg: z.number(),
});

/**
 * The study as this browser keeps it: the dish, and what the class saw in it. Settings that cannot be run are kept all the same, so
 * that a slip costs nothing; they are refused when the dish is run.
 */
export const dishStateSchema = z.object({
  dish: z.object({
    diameterMm: z.number(),
    depthMm: z.number(),
    heaps: z.tuple([heap, heap]),
    across: z.number(),
    follows: z.number(),
  }),
  marks: z.array(dishMarkSchema).max(40),
});
export type DishState = z.output<typeof dishStateSchema>;

export const firstDish: DishState = {
  dish: {
    diameterMm: 85,
    depthMm: 4,
    heaps: [
      { substance: 'Pb(NO3)2', massG: 0.15, fromCentre: 0.85, angleDeg: 180 },
      { substance: 'KI', massG: 0.15, fromCentre: 0.85, angleDeg: 0 },
    ],
    across: 160,
    follows: 4,
  },
  marks: [],
};
