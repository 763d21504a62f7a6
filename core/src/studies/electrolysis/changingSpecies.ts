import type { ElectrolysisMoment } from '../../vessel/electrolysis/passCurrent';

/** How many species a chart of a solution still tells apart. */
const mostSpecies = 5;
/** A change smaller than this, mol/L, is none. */
const leastM = 3e-5;

/** The dissolved species whose concentration changes while the current runs, the largest change first, five at most. */
export function changingSpecies(course: readonly Pick<ElectrolysisMoment, 'speciesM'>[]): string[] {
  const start = course[0]?.speciesM ?? {};
  const most = new Map<string, number>();
  for (const { speciesM } of course)
    for (const [formula, molPerL] of Object.entries(speciesM)) {
      const change = Math.abs(molPerL - (start[formula] ?? 0));
      if (formula !== 'H2O') most.set(formula, Math.max(most.get(formula) ?? 0, change));
    }
  return [...most]
    .filter(([, change]) => change > leastM)
    .sort(([, a], [, b]) => b - a)
    .slice(0, mostSpecies)
    .map(([formula]) => formula);
}
