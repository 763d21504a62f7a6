/** Levenshtein distance: insertions, deletions and replacements that turn `a` into `b`. */
export function editDistance(a: string, b: string): number {
  let row = Array.from({ length: b.length + 1 }, (_, index) => index);
  for (let i = 1; i <= a.length; i += 1) {
    const next = [i];
    for (let j = 1; j <= b.length; j += 1)
      next.push(
        Math.min(
          (next[j - 1] ?? 0) + 1,
          (row[j] ?? 0) + 1,
          (row[j - 1] ?? 0) + (a[i - 1] === b[j - 1] ? 0 : 1),
        ),
      );
    row = next;
  }
  return row[b.length] ?? 0;
}

/** The name at the smallest edit distance, when that is at most a third of what was typed; empty where none is near. */
export function nearestOf(wanted: string, names: readonly string[]): string {
  let best = '';
  let distance = Math.max(1, Math.floor(wanted.length / 3)) + 1;
  for (const name of names) {
    if (Math.abs(name.length - wanted.length) >= distance) continue;
    const found = editDistance(wanted, name.toLowerCase());
    if (found < distance) [best, distance] = [name, found];
  }
  return best;
}
