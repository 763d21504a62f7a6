import { definitions, meaningOf, tellsChange } from './observation';
import type { Observation } from './observation';

/** Where each kind stands in what is told: what happened keeps the order in which it did. */
const firstEvent = definitions.findIndex((one) => one.merge === undefined);
const placeOf = (one: Observation): number =>
  meaningOf(one).merge ? definitions.findIndex(({ kind }) => kind === one.kind) : firstEvent;

/**
 * What is seen over several events in one vessel, told as one: how it looked at first and in the end, and everything that
 * happened on the way. “Nothing happened” is said when nothing did in the end nor on the way to it.
 */
export function mergeObservations(lists: readonly (readonly Observation[])[]): Observation[] {
  const told = lists.filter((list) => list.length > 0);
  const last = told.at(-1) ?? [];
  if (told.length < 2) return [...last];
  const all = told.flat();
  const standing = definitions.flatMap((definition) => {
    const own = (list: readonly Observation[]) =>
      list.filter(({ kind }) => kind === definition.kind);
    return own(all).length > 0 ? (definition.merge?.(own(all), own(last)) ?? []) : [];
  });
  const events = all.filter((one) => !meaningOf(one).merge);
  const merged = unique([...standing, ...events]).sort(
    (one, other) => placeOf(one) - placeOf(other),
  );
  const still = last.filter((one) => meaningOf(one).closes === 'all');
  return merged.some(tellsChange) ? merged : [...merged, ...still];
}

/** Of those that are about the same, the first. */
function unique(list: readonly Observation[]): Observation[] {
  const keyOf = (one: Observation) => `${one.kind} ${meaningOf(one).about?.(one) ?? ''}`;
  return [...new Map(list.toReversed().map((one) => [keyOf(one), one])).values()].toReversed();
}
