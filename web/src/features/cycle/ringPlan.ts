import { arcMeansSchema, rings } from '@stoichos/core/studies/cycle';
import type { RingPlan } from '@stoichos/core/studies/cycle';
import * as z from 'zod';

/** A ring of one’s own, as far as it has come. */
export const ownRing = z.object({
  start: z.string(),
  arcs: z.array(z.object({ to: z.string(), means: arcMeansSchema })).max(10),
});

/** The ring that is shown: a ready one by its id, or one’s own once it has an arrow. */
export function ringPlanOf(id: string, own: z.output<typeof ownRing>): RingPlan | undefined {
  if (id !== 'own') return rings.find((one) => one.id === id);
  if (own.arcs.length === 0) return undefined;
  return {
    id: 'own',
    name: `From ${[own.start, ...own.arcs.map(({ to }) => to)].join(' to ')}`,
    ...own,
  };
}
