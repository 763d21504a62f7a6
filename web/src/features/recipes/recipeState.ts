import { recipeRequestSchema, strengthUnits } from '@stoichos/core/planning/prep';
import type { RecipeRequest } from '@stoichos/core/planning/prep';
import * as z from 'zod';
import type { Study } from '../../shared/study/useStudy';

/** A recipe as it is being typed; an empty number is '' until something stands there. */
const typed = z.union([z.number(), z.literal('')]);
export const recipeStateSchema = z.object({
  substance: z.string().max(100),
  strength: typed,
  unit: z.enum(strengthUnits),
  volumeMl: typed,
  form: z.string().max(100),
  purityPercent: typed,
  balanceG: z.number(),
});
export type RecipeState = z.output<typeof recipeStateSchema>;

/** The recipe maker as this browser keeps it, and as it stands in the address. */
export const recipeStudy = {
  key: 'stoichos-recipe',
  name: 'recipe',
  schema: recipeStateSchema,
  initial: {
    substance: '',
    strength: 0.1,
    unit: 'M',
    volumeMl: 100,
    form: '',
    purityPercent: 100,
    balanceG: 0.01,
  },
} as const satisfies Study<typeof recipeStateSchema>;

/** The request that was typed, or the first field that is missing or wrong. */
export function requestOf(
  state: RecipeState,
  pipettes: boolean,
): { readonly request: RecipeRequest } | { readonly problem: string; readonly field: string } {
  const { form, strength, purityPercent, ...others } = state;
  const read = recipeRequestSchema.safeParse({
    ...others,
    substance: state.substance.trim(),
    strength: strength === '' ? null : strength,
    ...(form !== '' && { form }),
    ...(purityPercent !== '' && { purityPercent }),
    pipettes,
  });
  if (read.success) return { request: read.data };
  const [issue] = read.error.issues;
  return { problem: issue?.message ?? '', field: String(issue?.path[0] ?? '') };
}
