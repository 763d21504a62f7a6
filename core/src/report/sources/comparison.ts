import { compared } from '../../matter/substances/data/compared';
import { keptBecause } from '../../matter/substances/data/keptBecause';
import { isWork, works } from '../../matter/substances/data/works';
import type { Work } from '../../matter/substances/data/works';

/** What open works say of a value, and why it was kept where they say otherwise. */
export interface Comparison {
  /** The nearest first, each in the unit of the value. */
  readonly others: readonly { readonly work: string; readonly value: number }[];
  readonly keptBecause?: string;
}

const kept = new Map(
  keptBecause.flatMap(({ table, of, because }) =>
    of.map((one) => [`${table} ${one}`, because] as const),
  ),
);

/** A work by its name alone, without its edition or whose it is. */
const shortTitle = (work: Work): string => works[work].title.split(',')[0] ?? works[work].title;

/**
 * The comparison of one value, as the reference run found it.
 *
 * @param table name of the comparison, as in `docs/reference/`; with `Heat` behind it for the heats beside constants.
 * @param asTold turns what was compared into what is told, where a constant is told another way than as its logarithm.
 * @returns undefined where no open work has the value.
 */
export function comparisonOf(
  table: string,
  of: string,
  asTold: (value: number) => number = (value) => value,
): Comparison | undefined {
  const found = compared[table]?.[of];
  if (!found) return undefined;
  const because = kept.get(`${table} ${of}`);
  return {
    others: Object.entries(found).flatMap(([work, value]) =>
      isWork(work) ? [{ work: shortTitle(work), value: asTold(value) }] : [],
    ),
    ...(because !== undefined && { keptBecause: because }),
  };
}
