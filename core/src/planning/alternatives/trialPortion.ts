import { solubleSubstances } from '../../matter/substances/findSubstance';
import type { Substance } from '../../matter/substances/types';
import type { Bottle } from '../../safety/hazards';
import { dissolvesM } from '../../solution/preparation/solubility';
import type { AnyPortion } from '../../vessel/portion';

/** Solution in a test tube, and how much of each solid: what one takes for a trial. */
export const trial = { concentrationM: 0.1, volumeMl: 3, massG: 0.3 } as const;
/** Dilute acid and alkali are taken stronger than salts (common practice). */
const strongerM: Readonly<Record<string, number>> = {
  HCl: 1,
  HNO3: 1,
  H2SO4: 1,
  CH3COOH: 1,
  NaOH: 1,
  KOH: 1,
  NH3: 1,
  H2O2: 0.9,
};

export function strengthOf({ formula }: Substance): number {
  return strongerM[formula] ?? trial.concentrationM;
}

/** What makes a clear solution of the strength at which it is tried. */
export const solubles = new Set(
  solubleSubstances()
    .filter((row) => dissolvesM(row.formula) >= strengthOf(row))
    .map(({ formula }) => formula),
);

/** How strong a reagent is tried, mol/L: as usual or, where a colour is too deep to name, paler; none for a solid. */
export function strengthTried({ formula }: Substance, paleSolutionM?: number): number | undefined {
  return solubles.has(formula)
    ? (strongerM[formula] ?? paleSolutionM ?? trial.concentrationM)
    : undefined;
}

export function portionOf(row: Substance, paleSolutionM?: number): AnyPortion {
  const concentrationM = strengthTried(row, paleSolutionM);
  return concentrationM === undefined
    ? { substance: row.formula, massG: trial.massG }
    : { substance: row.formula, concentrationM, volumeMl: trial.volumeMl };
}

/** A reagent at the strength at which it is tried. */
export function bottleFor(row: Substance): Bottle {
  return solubles.has(row.formula)
    ? { substance: row.formula, concentrationM: strengthOf(row) }
    : { substance: row.formula };
}
