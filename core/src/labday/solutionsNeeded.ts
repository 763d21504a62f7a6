import { concentrationMade } from '../solution/prepare';
import { findSubstance } from '../substances/findSubstance';
import type { Portion } from '../vessel/portion';
import type { LabDay, PlannedTest, Weighing } from './labDay';

/** One solution to make up for the day. */
export interface NeededSolution {
  readonly key: string;
  readonly substance: string;
  readonly concentrationM: number;
  /** Volume all groups use, mL. */
  readonly usedMl: number;
  /** Volume to make up: with the spare, rounded up to 10 mL. */
  readonly makeMl: number;
}

/** Identifies a solution by what it is and how strong. */
export function solutionKey(substance: string, concentrationM: number): string {
  return `${substance} ${concentrationM}`;
}

/** The solutions of a day: volumes summed over tests and groups, plus the spare. */
export function solutionsNeeded(
  day: Pick<LabDay, 'tests' | 'groups' | 'sparePercent'>,
): NeededSolution[] {
  const used = new Map<string, { portion: Portion; usedMl: number }>();
  for (const portion of day.tests.flatMap(({ a, b }) => [a, b])) {
    const substance = findSubstance(portion.substance).substance.formula;
    const key = solutionKey(substance, portion.concentrationM);
    const usedMl = (used.get(key)?.usedMl ?? 0) + portion.volumeMl * day.groups.length;
    used.set(key, { portion: { ...portion, substance }, usedMl });
  }
  return [...used].map(([key, { portion, usedMl }]) => ({
    key,
    substance: portion.substance,
    concentrationM: portion.concentrationM,
    usedMl,
    makeMl: Math.ceil((usedMl * (1 + day.sparePercent / 100)) / 10 - 1e-9) * 10,
  }));
}

/** The latest weighing for a solution, or undefined. */
export function latestWeighing(
  weighings: readonly Weighing[],
  solution: Pick<NeededSolution, 'substance' | 'concentrationM'>,
): Weighing | undefined {
  return weighings
    .filter(
      ({ substance, concentrationM }) =>
        substance === solution.substance && concentrationM === solution.concentrationM,
    )
    .sort((one, other) => one.recordedAt.localeCompare(other.recordedAt))
    .at(-1);
}

/** The concentration, mol/L, that a weighing really made. */
export function concentrationOf({ actualG, form, volumeMl, purityPercent }: Weighing): number {
  return concentrationMade(actualG, form, volumeMl, purityPercent);
}

/** The two portions of a test with the concentrations that were really made, where a weighing says so. */
export function portionsAsMade(
  test: PlannedTest,
  weighings: readonly Weighing[],
): readonly [Portion, Portion] {
  const asMade = (portion: Portion): Portion => {
    const substance = findSubstance(portion.substance).substance.formula;
    const weighing = latestWeighing(weighings, {
      substance,
      concentrationM: portion.concentrationM,
    });
    return weighing ? { ...portion, concentrationM: concentrationOf(weighing) } : portion;
  };
  return [asMade(test.a), asMade(test.b)];
}
