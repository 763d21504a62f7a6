import { describeObservation } from '../../seeing/observation/observation';
import { shortText } from '../../planning/procedure/orderGuard';
import type { LabDay } from '../day/labDay';
import { procedureAsMade } from '../day/solutionsNeeded';
import { runOf } from '../day/work';

/** A step that shows something else with a solution as it was really made. */
export interface WeighingEffect {
  readonly where: string;
  readonly planned: string;
  readonly asMade: string;
}

/**
 * What a mass that was really weighed changes in what is seen. Only differences in words count: a temperature a tenth of a
 * degree off does not matter to anyone at the bench.
 */
export function weighingEffects(
  { procedures }: Pick<LabDay, 'procedures'>,
  weighings: LabDay['weighings'],
): WeighingEffect[] {
  return procedures.flatMap(({ procedure }): WeighingEffect[] => {
    const made = procedureAsMade(procedure, weighings);
    if (JSON.stringify(made) === JSON.stringify(procedure)) return [];
    const [before, after] = [runOf({ procedure }), runOf({ procedure: made })];
    return before.steps.flatMap((step, at) =>
      difference(
        procedure.steps.length === 1
          ? procedure.name
          : `${procedure.name}, “${shortText(step.step)}”`,
        step.did.flatMap(({ told }) => told.observations),
        after.steps[at]?.did.flatMap(({ told }) => told.observations) ?? [],
      ),
    );
  });
}

type Seen = readonly Parameters<typeof describeObservation>[0][];

function difference(where: string, planned: Seen, made: Seen): WeighingEffect[] {
  const words = (seen: Seen): string =>
    seen
      .filter(({ kind }) => kind !== 'temperature')
      .map(describeObservation)
      .join('; ');
  const [before, after] = [words(planned), words(made)];
  // Two solids that settle at once may be named in either order.
  const isSame = inOrder(before) === inOrder(after);
  return isSame ? [] : [{ where, planned: before, asMade: after }];
}

const inOrder = (words: string): string => words.split('; ').sort().join('; ');
