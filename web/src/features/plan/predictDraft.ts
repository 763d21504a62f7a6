import { ChemistryError } from '@stoichos/core/common';
import { testSchema } from '@stoichos/core/labday';
import { predictMixing } from '@stoichos/core/seeing/rack';
import type { PlannedTest } from '@stoichos/core/labday';
import type { MixingPrediction } from '@stoichos/core/seeing/rack';
import type { TestDraft } from './useTestDraft';

/** What is wrong with a draft, by field path such as `a.concentrationM`. */
export type DraftErrors = Readonly<Record<string, string>>;

/** A draft read: a valid test with its prediction, or what is still missing or wrong. */
export interface DraftOutcome {
  readonly test?: PlannedTest;
  readonly prediction?: MixingPrediction;
  readonly errors: DraftErrors;
}

/** Reads a draft. Fields not filled in yet count as missing, not as wrong. */
export function predictDraft(draft: TestDraft): DraftOutcome {
  const parsed = testSchema.safeParse(draft);
  if (!parsed.success) {
    const filled = parsed.error.issues.filter(({ path }) => valueAt(draft, path) !== '');
    return {
      errors: Object.fromEntries(filled.map(({ path, message }) => [path.join('.'), message])),
    };
  }
  const test = parsed.data;
  try {
    return { test, prediction: predictMixing(test.a, test.b, test.container), errors: {} };
  } catch (error) {
    if (!(error instanceof ChemistryError)) throw error;
    const field = error.field?.replace('.portion', '') ?? 'a.substance';
    return { errors: { [field]: `${error.message} ${error.remedy}` } };
  }
}

function valueAt(draft: TestDraft, path: readonly PropertyKey[]): unknown {
  return path.reduce<unknown>(
    (inner, key) =>
      typeof inner === 'object' && inner !== null ? Reflect.get(inner, key) : undefined,
    draft,
  );
}
