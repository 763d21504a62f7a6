import { ChemistryError } from '../../common/errors';
import { dice } from '../../common/dice';
import type { Model } from './model';
import { inseparablePairs } from './setCheck';

/** A jar with its code, and who gets it. */
export interface Assignment {
  readonly groupId: string;
  readonly code: string;
  /** What is in it. */
  readonly key: string;
}

export interface AssignRequest {
  /** Groups in the order in which they sit. */
  readonly groups: readonly string[];
  /** Unknowns of which each group gets one; used as evenly as they can be. */
  readonly candidates: readonly string[];
  /** The same seed deals the same way. */
  readonly seed: number;
  /** Pairs that no test at hand tells apart: only one of them is dealt out. */
  readonly inseparable?: readonly (readonly [string, string])[];
}

/** What was dealt, and what was left in the cupboard because no test would tell it from another. */
export interface Dealt {
  readonly assignments: readonly Assignment[];
  readonly leftOut: readonly string[];
}

/** Letters and digits that are not mistaken for one another on a wet label. */
const letters = 'ACEFHKLMNPRTUVWXY';

/**
 * Deals unknowns out: each about equally often, neighbours never the same while there are two, and of those that no test tells apart
 * only one. Codes say nothing of what is in the jar.
 *
 * @throws ChemistryError `noCandidates` without an unknown, or without a group.
 */
export function assignUnknowns({
  groups,
  candidates,
  seed,
  inseparable = [],
}: AssignRequest): Dealt {
  const random = dice(seed);
  const distinct = shuffled([...new Set(candidates)], random);
  const kept: string[] = [];
  for (const candidate of distinct)
    if (
      !kept.some((one) =>
        inseparable.some((pair) => pair.includes(one) && pair.includes(candidate)),
      )
    )
      kept.push(candidate);
  if (kept.length === 0)
    throw ChemistryError.of('noCandidates', 'no unknown is chosen').in('candidates');
  if (groups.length === 0)
    throw ChemistryError.of('noCandidates', 'the lab day has no group').in('groups');
  const uses = new Map(kept.map((candidate) => [candidate, 0]));
  const codes = codesFor(groups.length, random);
  let before: string | undefined;
  const assignments = groups.map((groupId, at): Assignment => {
    const fewest = shuffled(kept, random)
      .filter((candidate) => candidate !== before || kept.length === 1)
      .sort((one, other) => (uses.get(one) ?? 0) - (uses.get(other) ?? 0));
    const key = fewest[0] ?? kept[0] ?? '';
    uses.set(key, (uses.get(key) ?? 0) + 1);
    before = key;
    return { groupId, code: codes[at] ?? '', key };
  });
  return { assignments, leftOut: distinct.filter((one) => !kept.includes(one)).sort() };
}

/** Pairs of a model that no test at hand tells apart, for dealing out. */
export function inseparableIn(model: Model, canDo: (test: string) => boolean): [string, string][] {
  return inseparablePairs({ ...model, tests: model.tests.filter(({ name }) => canDo(name)) });
}

function codesFor(count: number, random: () => number): string[] {
  const found = new Set<string>();
  while (found.size < count) {
    const letter = letters[Math.floor(random() * letters.length)] ?? 'X';
    found.add(`${letter}-${10 + Math.floor(random() * 90)}`);
  }
  return [...found];
}

/** A Fisher–Yates shuffle of a copy. */
function shuffled<T>(all: readonly T[], random: () => number): T[] {
  const copy = [...all];
  for (let at = copy.length - 1; at > 0; at -= 1) {
    const to = Math.floor(random() * (at + 1));
    [copy[at], copy[to]] = [copy[to] as T, copy[at] as T];
  }
  return copy;
}
