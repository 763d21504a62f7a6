import type { Observation, ObservationKind } from '../../observation/observation';

/** One point on which expected and seen are set side by side. */
export interface ComparedItem {
  readonly item: string;
  readonly expected: string;
  readonly seen?: string;
  readonly outcome: 'agrees' | 'near' | 'differs' | 'missing';
  /** What a record that answers only half of it lacks. */
  readonly note?: string;
  /** Whether the change itself hangs on it, or only how it looked. */
  readonly decides: boolean;
  /** Something was to be seen: the record of the step hangs on its being answered, one way or the other. */
  readonly tells?: true;
  /** Need not be recorded: without an answer the record still counts as whole. */
  readonly optional?: true;
}

/** A question put to both lists; answers with an item for each thing there is to compare. */
export type Question = (
  expected: readonly Observation[],
  seen: readonly Observation[],
) => readonly ComparedItem[];

export type Of<K extends ObservationKind> = Extract<Observation, { kind: K }>;

/** The last observation of a kind, which is how things stood in the end. */
export function find<K extends ObservationKind>(
  list: readonly Observation[],
  kind: K,
): Of<K> | undefined {
  return list.findLast((one): one is Of<K> => one.kind === kind);
}

export function all<K extends ObservationKind>(list: readonly Observation[], kind: K): Of<K>[] {
  return list.filter((one): one is Of<K> => one.kind === kind);
}

/** “Nothing happened” answers every question about change at once, and “nothing else changed” those that are still open. */
export const nothing = (seen: readonly Observation[]): boolean =>
  find(seen, 'noChange') !== undefined || find(seen, 'nothingElse') !== undefined;
