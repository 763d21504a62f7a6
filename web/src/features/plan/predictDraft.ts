import { ChemistryError, inField } from '@stoichos/core/common';
import { findSubstance } from '@stoichos/core/matter/substances';
import { mixingSchema } from '@stoichos/core/planning/procedure';
import { predictMixing } from '@stoichos/core/seeing/rack';
import type { MixingPrediction } from '@stoichos/core/seeing/rack';
import type { MixingDraft, PlannedMixing } from './useMixingDraft';

/** What is wrong with a draft, by field path such as `a.concentrationM`. */
export type DraftErrors = Readonly<Record<string, string>>;

/** A draft read: two valid solutions with their prediction, or what is still missing or wrong. */
export interface DraftOutcome {
  readonly mixing?: PlannedMixing;
  readonly prediction?: MixingPrediction;
  readonly errors: DraftErrors;
}

/** Reads a draft. Fields not filled in yet count as missing, not as wrong. */
export function predictDraft(draft: MixingDraft): DraftOutcome {
  const parsed = mixingSchema.safeParse(draft);
  if (!parsed.success) {
    const filled = parsed.error.issues.filter(({ path }) => valueAt(draft, path) !== '');
    return {
      errors: Object.fromEntries(filled.map(({ path, message }) => [path.join('.'), message])),
    };
  }
  const { a, b, container } = parsed.data;
  try {
    const known = (side: 'a' | 'b', portion: typeof a) => ({
      ...portion,
      substance: inField(`${side}.substance`, () => findSubstance(portion.substance)).substance
        .formula,
    });
    const mixing = { id: draft.id, a: known('a', a), b: known('b', b), container };
    return { mixing, prediction: predictMixing(mixing.a, mixing.b, container), errors: {} };
  } catch (error) {
    if (!(error instanceof ChemistryError)) throw error;
    const field = error.field?.replace('.portion', '') ?? 'a.substance';
    return { errors: { [field]: `${error.message} ${error.remedy}` } };
  }
}

function valueAt(draft: MixingDraft, path: readonly PropertyKey[]): unknown {
  return path.reduce<unknown>(
    (inner, key) =>
      typeof inner === 'object' && inner !== null ? Reflect.get(inner, key) : undefined,
    draft,
  );
}
