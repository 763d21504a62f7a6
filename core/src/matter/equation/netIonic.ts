import { parseFormula } from '../formula/parseFormula';
import type { Species } from '../formula/species';
import { standingOf } from './dissociate';
import { formatEquation, withState } from './formatEquation';
import { greatestCommonDivisor } from '../formula/greatestCommonDivisor';

/** The net ionic form of an equation and the ions that only look on. */
export interface NetIonic {
  readonly equation: string;
  readonly spectators: readonly string[];
}

type Terms = readonly (readonly [Species, number])[];

/**
 * Writes the strong electrolytes as ions and strikes out what stands on both sides.
 *
 * @returns undefined where the standing of a species in water is not known, or nothing is left.
 */
export function netIonic(reactants: Terms, products: Terms): NetIonic | undefined {
  const left = spread(reactants);
  const right = spread(products);
  if (!left || !right) return undefined;
  const spectators: string[] = [];
  for (const [formula, count] of [...left]) {
    const shared = Math.min(count, right.get(formula) ?? 0);
    if (shared === 0) continue;
    spectators.push(formula);
    reduce(left, formula, shared);
    reduce(right, formula, shared);
  }
  if (left.size === 0 || right.size === 0) return undefined;
  const divisor = [...left.values(), ...right.values()].reduce(greatestCommonDivisor);
  const side = (terms: Map<string, number>) =>
    [...terms].map(([formula, count]) => [formula, count / divisor] as const);
  return {
    equation: formatEquation(side(left), side(right)),
    spectators: spectators
      .map((text) => parseFormula(text))
      .filter(({ charge }) => charge !== 0)
      .map(({ formula }) => formula),
  };
}

function spread(terms: Terms): Map<string, number> | undefined {
  const total = new Map<string, number>();
  const add = (formula: string, count: number) =>
    total.set(formula, (total.get(formula) ?? 0) + count);
  for (const [species, coefficient] of terms) {
    const standing = standingOf(species);
    if (standing.kind === 'unknown') return undefined;
    if (standing.kind === 'ions')
      for (const [ion, count] of Object.entries(standing.ions))
        add(
          withState({ formula: ion, ...(species.state && { state: 'aq' }) }),
          count * coefficient,
        );
    else add(withState(species), coefficient);
  }
  return total;
}

function reduce(terms: Map<string, number>, formula: string, by: number): void {
  const left = (terms.get(formula) ?? 0) - by;
  if (left === 0) terms.delete(formula);
  else terms.set(formula, left);
}
