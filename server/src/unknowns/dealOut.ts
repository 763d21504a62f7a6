import { randomInt } from 'node:crypto';

/** A jar with its code, and who gets it. */
export interface Jar {
  readonly groupId: string;
  readonly code: string;
  /** What is in it. */
  readonly key: string;
}

/** What is to be dealt, and to whom. */
export interface Deal {
  /** Groups in the order in which they sit. */
  readonly groups: readonly string[];
  /** Unknowns of which each group gets one; used as evenly as they can be. */
  readonly candidates: readonly string[];
  /** Pairs that no test at hand tells apart: only one of them is dealt out. */
  readonly inseparable: readonly (readonly [string, string])[];
}

/** What was dealt, and what was left in the cupboard because no test would tell it from another. */
export interface Dealt {
  readonly jars: readonly Jar[];
  readonly leftOut: readonly string[];
}

/** Letters and digits that are not mistaken for one another on a wet label. */
const letters = 'ACEFHKLMNPRTUVWXY';

/**
 * Deals unknowns out: each about equally often, neighbours never the same while there are two, and of those that no test tells apart
 * only one. Every draw comes from the system’s random source, so no code and no key tells anything of another: whoever knows this
 * program and all jars but one knows nothing of that one but what evenness leaves.
 *
 * @param deal at least one candidate and one group.
 */
export function dealOut({ groups, candidates, inseparable }: Deal): Dealt {
  const distinct = shuffled([...new Set(candidates)]);
  const kept: string[] = [];
  for (const candidate of distinct)
    if (
      !kept.some((one) =>
        inseparable.some((pair) => pair.includes(one) && pair.includes(candidate)),
      )
    )
      kept.push(candidate);
  const codes = codesFor(groups.length);
  const uses = new Map(kept.map((candidate) => [candidate, 0]));
  let before: string | undefined;
  const jars = groups.map((groupId, at): Jar => {
    const fewest = shuffled(kept)
      .filter((candidate) => candidate !== before || kept.length === 1)
      .sort((one, other) => (uses.get(one) ?? 0) - (uses.get(other) ?? 0));
    const key = fewest[0] ?? kept[0] ?? '';
    uses.set(key, (uses.get(key) ?? 0) + 1);
    before = key;
    return { groupId, code: codes[at] ?? '', key };
  });
  return { jars, leftOut: distinct.filter((one) => !kept.includes(one)).sort() };
}

function codesFor(count: number): string[] {
  const found = new Set<string>();
  while (found.size < count)
    found.add(`${letters[randomInt(letters.length)] ?? 'X'}-${randomInt(10, 100)}`);
  return [...found];
}

/** A Fisher–Yates shuffle of a copy. */
function shuffled<T>(all: readonly T[]): T[] {
  const copy = [...all];
  for (let at = copy.length - 1; at > 0; at -= 1) {
    const to = randomInt(at + 1);
    [copy[at], copy[to]] = [copy[to] as T, copy[at] as T];
  }
  return copy;
}
