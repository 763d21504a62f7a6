import { ChemistryError } from '../../common/errors';
import { atomicMassGPerMol } from './elements';
import { nuclideMassGPerMol } from './nuclides';
import { parseFormula } from './parseFormula';
import type { Composition, Species } from './species';

/**
 * Molar mass in g/mol: the sum of standard atomic masses (package `chemical-elements`).
 * The mass of gained or lost electrons (5.5e-4 g/mol each) is left out, as tables of ions do.
 *
 * @throws ChemistryError for an element that has no standard atomic mass.
 */
export function molarMassGPerMol(elements: Composition): number {
  let total = 0;
  for (const [symbol, count] of Object.entries(elements)) {
    const mass = atomicMassGPerMol(symbol) ?? nuclideMassGPerMol(symbol);
    if (mass === undefined)
      throw ChemistryError.of('unknownElement', symbol, `${symbol} has no standard atomic mass.`);
    total += mass * count;
  }
  return total;
}

const cache = new Map<string, number>();

/** Molar mass in g/mol of a formula given as text. */
export function molarMassOf(formula: string): number {
  const known = cache.get(formula);
  if (known !== undefined) return known;
  const mass = molarMassGPerMol(parseFormula(formula).elements);
  cache.set(formula, mass);
  return mass;
}

/** Percentage by mass of each element, adding up to 100. */
export function massPercent(elements: Composition): Record<string, number> {
  const total = molarMassGPerMol(elements);
  return Object.fromEntries(
    Object.entries(elements).map(([symbol, count]) => [
      symbol,
      (100 * molarMassGPerMol({ [symbol]: count })) / total,
    ]),
  );
}

/** How many H2O a formula carries as water of crystallisation (0 when none). */
export function waterOfCrystallisation(species: Species): number {
  return species.parts
    .slice(1)
    .filter((part) => isWater(part.nodes))
    .reduce((sum, part) => sum + part.multiplier, 0);
}

/** The formula without its water of crystallisation. */
export function anhydrousFormula(species: Species): string {
  if (waterOfCrystallisation(species) === 0) return species.formula;
  return species.formula
    .split('·')
    .filter((part, index) => index === 0 || !/^[\d.]*H2O$/.test(part))
    .join('·');
}

/** Percentage by mass of water of crystallisation (0 when none). */
export function waterPercent(species: Species): number {
  const water = waterOfCrystallisation(species) * molarMassGPerMol({ H: 2, O: 1 });
  return (100 * water) / molarMassGPerMol(species.elements);
}

function isWater(nodes: Species['parts'][number]['nodes']): boolean {
  const [first, second] = nodes;
  return (
    nodes.length === 2 &&
    first !== undefined &&
    second !== undefined &&
    'element' in first &&
    'element' in second &&
    first.element === 'H' &&
    first.count === 2 &&
    second.element === 'O' &&
    second.count === 1
  );
}
