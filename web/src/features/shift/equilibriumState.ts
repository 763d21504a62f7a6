import {
  stressSchema,
  readySystems,
  watchedSchema,
  targetSchema,
} from '@stoichos/core/studies/shift';
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
  stresses: z.array(stressSchema).max(6),
  watched: watchedSchema.optional(),
  targets: z.array(targetSchema).max(8),
  done: z.array(doneSchema).max(60),
  /** Taken back, newest last, to be done again. */
  undone: z.array(doneSchema).max(60),
});
export type EquilibriumState = z.output<typeof equilibriumSchema>;
export type Done = z.output<typeof doneSchema>;

/** A ready-made system as it stands on the bench. */
export function ofSystem({
  id,
  vessel,
  stresses,
  watched,
  targets,
}: ReadySystem): EquilibriumState {
  return {
    system: id,
    vessel,
    stresses: [...stresses],
    watched: watched[0],
    targets: [...targets],
    done: [],
    undone: [],
  };
}

/** An empty beaker for a mixture of one’s own. */
export const ownMixture: EquilibriumState = {
  system: 'own',
  vessel: { container: 'beaker', contents: [] },
  stresses: [{ water: true }, { warmth: true }],
  targets: [],
  done: [],
  undone: [],
};

/** The study begins with the first system. */
export const firstState: EquilibriumState = readySystems[0]
  ? ofSystem(readySystems[0])
  : ownMixture;
