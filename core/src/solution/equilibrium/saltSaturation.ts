import { molarMassOf } from '../../matter/formula/molarMass';
import { componentsOfSolid } from '../../matter/substances/componentsOf';
import { shelf } from '../../matter/substances/data/shelf';
import { sparinglySoluble } from '../../matter/substances/data/sparinglySoluble';
import type { Substance } from '../../matter/substances/types';
import { waterOfCrystallisation } from '../../matter/formula/molarMass';
import { parseFormula } from '../../matter/formula/parseFormula';
import { countsIn, systemOf } from './system';
import { speciate } from './speciate';

/** A soluble substance that crystallises when its solution is more than saturated. */
export interface Crystal {
  readonly substance: Substance;
  /** The form that settles from water: the one richest in crystal water. */
  readonly formula: string;
}

const listed = new Set<string>(sparinglySoluble.map(({ formula }) => formula.split('·')[0] ?? ''));

/**
 * Chlorides that concentrated hydrochloric acid throws down, for its chloride counts far above its concentration and their cations
 * bind none of it (Vogel; common practice).
 */
export const thrownDownByAcid = new Set(['NaCl', 'KCl', 'NH4Cl', 'BaCl2', 'SrCl2']);

/** Soluble solids whose saturation follows from their solubility; those with a tabulated product are left to it. */
export const crystals: readonly Crystal[] = shelf
  .filter(
    ({ formula, state, solubilityGPer100G: grams }) => !state && grams > 0 && !listed.has(formula),
  )
  .map((substance) => ({ substance, formula: richest(substance) }));

function richest({ forms }: Substance): string {
  const water = (formula: string) => waterOfCrystallisation(parseFormula(formula));
  return forms.map(({ formula }) => formula).reduce((a, b) => (water(b) > water(a) ? b : a));
}

/**
 * Grams that dissolve in 100 g of water at a temperature: on the curve by straight lines, ends held; without a curve
 * the value for room temperature at every temperature.
 */
export function solubilityAt(
  { curve, solubilityGPer100G }: Substance,
  temperatureC: number,
): number {
  const first = curve?.[0];
  const last = curve?.at(-1);
  if (!curve || !first || !last) return solubilityGPer100G;
  if (temperatureC <= first[0]) return first[1];
  if (temperatureC >= last[0]) return last[1];
  const above = curve.findIndex(([t]) => t >= temperatureC);
  const [t1, g1] = curve[above - 1] ?? first;
  const [t2, g2] = curve[above] ?? last;
  return g1 + ((g2 - g1) * (temperatureC - t1)) / (t2 - t1);
}

const products = new Map<string, number | undefined>();

/**
 * log10 of the activity product at which a soluble substance is saturated: that of its own saturated solution in the
 * same model, so that its solubility comes out as tabulated and common ions lower it.
 *
 * @returns undefined when the saturated solution cannot be solved.
 */
export function saturationProduct(
  { substance }: Crystal,
  temperatureC: number,
): number | undefined {
  const key = `${substance.formula} ${temperatureC}`;
  if (!products.has(key)) products.set(key, findProduct(substance, temperatureC));
  return products.get(key);
}

function findProduct(substance: Substance, temperatureC: number): number | undefined {
  const parts = componentsOfSolid(substance.formula);
  if (!parts) return undefined;
  const molPerL = (10 * solubilityAt(substance, temperatureC)) / molarMassOf(substance.formula);
  const names = [...new Set(['H^+', ...Object.keys(parts)])]
    .filter((name) => name !== 'H2O')
    .sort();
  const system = systemOf(names, temperatureC);
  const counts = countsIn(system, parts);
  const solved = speciate(
    system,
    names.map((name) => (parts[name] ?? 0) * molPerL),
    [],
    temperatureC,
  );
  if (!counts || !solved) return undefined;
  return counts.reduce((sum, n, j) => sum + n * (solved.logActivities[j] ?? 0), 0);
}
