import { ChemistryError } from '@stoichos/core/common';
import { recipe } from '@stoichos/core/planning/prep';
import type { Recipe } from '@stoichos/core/planning/prep';
import { useMemo } from 'react';
import type { Failure } from '../../data/worker/chemistry';
import { useSettings } from '../../data/settings/useSettings';
import { useStudy, useStudyAddress } from '../../shared/study/useStudy';
import { recipeStudy, requestOf } from './recipeState';

/** What is typed, and the recipe for it or why there is none. */
export function useRecipe() {
  useStudyAddress(recipeStudy);
  const { state, change } = useStudy(recipeStudy);
  const { pipettes } = useSettings();
  const outcome = useMemo(() => made(state, pipettes), [state, pipettes]);
  return { state, change, ...outcome };
}

type Outcome = { readonly value?: Recipe; readonly failure?: Failure };

function made(state: Parameters<typeof requestOf>[0], pipettes: boolean): Outcome {
  if (state.substance.trim() === '') return {};
  const read = requestOf(state, pipettes);
  if ('problem' in read)
    return { failure: { message: read.problem, remedy: 'Correct that field.', field: read.field } };
  try {
    return { value: recipe(read.request) };
  } catch (error) {
    if (!(error instanceof ChemistryError)) throw error;
    const { message, remedy, field = null } = error;
    return { failure: { message, remedy, field } };
  }
}
