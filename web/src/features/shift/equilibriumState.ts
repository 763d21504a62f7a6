import { meansSchema, readySystems, watchedSchema, wishSchema } from '@stoichos/core/studies/shift';
import { actionSchema, vesselSchema } from '@stoichos/core/vessel';
import type { ReadySystem } from '@stoichos/core/studies/shift';
import * as z from 'zod';

/** Something done, with the range of amounts that show the same where a plan found it. */
export const doneSchema = z.object({
  action: actionSchema,
  range: z.tuple([z.number(), z.number()]).optional(),
});

/** The study as this browser keeps it. */
export const equilibriumSchema = z.object({
  /** Id of a ready-made system; `own` for a mixture composed here. */
  system: z.string(),
  vessel: vesselSchema,
  means: z.array(meansSchema).max(6),
  watched: watchedSchema.optional(),
  wishes: z.array(wishSchema).max(8),
  done: z.array(doneSchema).max(60),
  /** Taken back, newest last, to be done again. */
  undone: z.array(doneSchema).max(60),
});
export type EquilibriumState = z.output<typeof equilibriumSchema>;
export type Done = z.output<typeof doneSchema>;

/** A ready-made system as it stands on the bench. */
export function ofSystem({ id, vessel, means, watched, wishes }: ReadySystem): EquilibriumState {
  return {
    system: id,
    vessel,
    means: [...means],
    watched: watched[0],
    wishes: [...wishes],
    done: [],
    undone: [],
  };
}

/** An empty beaker for a mixture of one’s own. */
export const ownMixture: EquilibriumState = {
  system: 'own',
  vessel: { container: 'beaker', contents: [] },
  means: [{ water: true }, { warmth: true }],
  wishes: [],
  done: [],
  undone: [],
};

/** The study begins with the first system. */
export const firstState: EquilibriumState = readySystems[0]
  ? ofSystem(readySystems[0])
  : ownMixture;
