import { ChemistryError, inField } from '@stoichos/core/common';
import { findSubstance } from '@stoichos/core/matter/substances';
import { mixingSchema } from '@stoichos/core/planning/procedure';
import type { MixingPrediction } from '@stoichos/core/seeing/rack';
import type { Failure } from '../../data/worker/chemistry';
import { useAnswer } from '../../data/worker/useAnswer';
import type { MixingDraft, PlannedMixing } from './useMixingDraft';

/** What is wrong with a draft, by field path such as `a.concentrationM`. */
export type DraftErrors = Readonly<Record<string, string>>;

/** A draft read: two valid solutions with their prediction, or what is still missing or wrong. */
export interface DraftOutcome {
  readonly mixing?: PlannedMixing;
  readonly prediction?: MixingPrediction;
  readonly errors: DraftErrors;
}

/** A draft read, with what the chemistry says of it as soon as it is calculated. */
export function useDraftOutcome(draft: MixingDraft): DraftOutcome {
  const read = readDraft(draft);
  const { mixing } = read;
  const asked = mixing && ([mixing.a, mixing.b, mixing.container] as const);
  const { value, of, failure } = useAnswer('mixing', asked && [...asked]);
  if (mixing && failure)
    return { errors: { [fieldOf(failure)]: `${failure.message} ${failure.remedy}` } };
  const isOfThis = JSON.stringify(asked) === JSON.stringify(of);
  return { ...read, ...(isOfThis && value && { prediction: value }) };
}

/** Reads a draft. Fields not filled in yet count as missing, not as wrong. */
function readDraft(draft: MixingDraft): Omit<DraftOutcome, 'prediction'> {
  const parsed = mixingSchema.safeParse(draft);
  if (!parsed.success) {
    const filled = parsed.error.issues.filter(({ path }) => valueAt(draft, path) !== '');
    return {
      errors: Object.fromEntries(filled.map(({ path, message }) => [path.join('.'), message])),
    };
  }
  const { a, b, container } = parsed.data;
  const known = (side: 'a' | 'b', portion: typeof a) => ({
    ...portion,
    substance: inField(`${side}.substance`, () => findSubstance(portion.substance)).substance
      .formula,
  });
  try {
    return { mixing: { id: draft.id, a: known('a', a), b: known('b', b), container }, errors: {} };
  } catch (error) {
    if (!(error instanceof ChemistryError)) throw error;
    return { errors: { [fieldOf(error)]: `${error.message} ${error.remedy}` } };
  }
}

const fieldOf = ({ field }: { readonly field?: Failure['field'] | undefined }): string =>
  field?.replace('.portion', '') ?? 'a.substance';

function valueAt(draft: MixingDraft, path: readonly PropertyKey[]): unknown {
  return path.reduce<unknown>(
    (inner, key) =>
      typeof inner === 'object' && inner !== null ? Reflect.get(inner, key) : undefined,
    draft,
  );
}
