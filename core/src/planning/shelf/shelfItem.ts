import * as z from 'zod';

/** What an amount on the shelf is counted in. */
export const stockUnits = ['g', 'mL'] as const;

/** One jar or bottle on the shelf. */
export const shelfItemSchema = z.object({
  id: z.uuid(),
  /** Formula without crystal water. */
  substance: z.string().min(1).max(100),
  /** The form in the jar, hydrate or dry. */
  form: z.string().min(1).max(100),
  purityPercent: z
    .number('A purity is a number, in per cent')
    .min(1, 'A purity is at least 1 %')
    .max(100, 'A purity is at most 100 %'),
  place: z.string().trim().max(80),
  /** How much is left. */
  amount: z.number('An amount is a number').min(0, 'An amount is 0 or more').max(1_000_000),
  unit: z.enum(stockUnits),
  /** Below this it is to be ordered. */
  least: z.number('The amount to order below is a number').min(0).max(1_000_000),
  expires: z.iso.date().nullable(),
});
export type ShelfItem = z.infer<typeof shelfItemSchema>;

/** One taking from a jar, or giving back: append-only, so that a preparation can be undone. */
export const stockMoveSchema = z.object({
  id: z.uuid(),
  itemId: z.uuid(),
  /** Taken out is negative, in the unit of the jar. */
  change: z.number(),
  reason: z.string().trim().min(1).max(120),
  /** The move it takes back. */
  undoes: z.uuid().nullable(),
  movedAt: z.iso.datetime(),
});
export type StockMove = z.infer<typeof stockMoveSchema>;
