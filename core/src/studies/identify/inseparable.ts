import type { Model } from './model';
import { inseparablePairs } from './setCheck';

/** Pairs of a model that no test at hand tells apart, for dealing out. */
export function inseparableIn(model: Model, canDo: (test: string) => boolean): [string, string][] {
  return inseparablePairs({ ...model, tests: model.tests.filter(({ name }) => canDo(name)) });
}
