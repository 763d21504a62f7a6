import type { StationJudgement } from '@stoichos/core/labday/judge';

/** Benches needed before one of them can stand alone. */
const enough = 3;
/** Share of the class that has to say the same. */
const most = 0.6;

/** Cells whose verdict differs from that of most of the class at the same step. */
export function oddOnes(judgements: readonly StationJudgement[]): ReadonlySet<StationJudgement> {
  const rows = new Map<string, StationJudgement[]>();
  for (const one of judgements) {
    if (one.seen.length === 0) continue;
    const key = `${one.work.id} ${one.step.id} ${one.station.vessel}`;
    rows.set(key, [...(rows.get(key) ?? []), one]);
  }
  return new Set(
    [...rows.values()].flatMap((row) => {
      const counts = new Map<string, number>();
      for (const { verdict } of row) counts.set(verdict, (counts.get(verdict) ?? 0) + 1);
      const [usual, count = 0] = [...counts].sort((a, b) => b[1] - a[1])[0] ?? [];
      if (row.length < enough || count < most * row.length) return [];
      return row.filter(({ verdict }) => verdict !== usual && verdict !== 'incomplete');
    }),
  );
}
