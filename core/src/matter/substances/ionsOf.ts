import { parseFormula } from '../formula/parseFormula';
import { anhydrousFormula } from '../formula/molarMass';
import type { Composition } from '../formula/species';
import { ions } from './data/ions';
import { shelf } from './data/shelf';
import { sparinglySoluble } from './data/sparinglySoluble';
import type { Ion } from './types';
import { greatestCommonDivisor } from '../formula/greatestCommonDivisor';

interface KnownIon {
  readonly ion: Ion;
  readonly elements: Composition;
  readonly charge: number;
}

const known: readonly KnownIon[] = ions.map((ion) => {
  const { elements, charge } = parseFormula(ion.formula);
  return { ion, elements, charge };
});
const byFormula = new Map(known.map((entry) => [entry.ion.formula, entry]));
const cations = known.filter(({ charge }) => charge > 0);
const anions = known.filter(({ charge }) => charge < 0);
const fromRows = new Map<string, Readonly<Record<string, number>>>(
  [...shelf, ...sparinglySoluble]
    .map((row): [string, Readonly<Record<string, number>>] => [row.formula, row.ions])
    .filter(([, content]) => Object.keys(content).every((part) => chargeOf(part) !== 0)),
);

/** The table row of an ion, or undefined. */
export function findIon(formula: string): Ion | undefined {
  return byFormula.get(formula)?.ion;
}

/** The charge of an ion or species formula, 0 for a neutral one. */
export function chargeOf(formula: string): number {
  return byFormula.get(formula)?.charge ?? parseFormula(formula).charge;
}

const cache = new Map<string, Readonly<Record<string, number>> | undefined>();

/**
 * The ions a compound consists of, by its composition: one table cation with one table anion,
 * or the ions of its own row. Water of crystallisation is set aside.
 *
 * @returns counts by ion formula, or undefined when no pair of table ions makes the compound up.
 */
export function ionsOf(formula: string): Readonly<Record<string, number>> | undefined {
  if (!cache.has(formula)) cache.set(formula, findIons(formula));
  return cache.get(formula);
}

/** The ions that a solid or a melt holds: an oxide, of which water makes hydroxide, holds oxide ions. */
export function ionsHeld(formula: string): Readonly<Record<string, number>> | undefined {
  const ions = ionsOf(formula);
  if (!ions) return undefined;
  const { 'OH^-': hydroxide = 0, ...others } = ions;
  return hydroxide > 0 && !parseFormula(formula).elements.H
    ? { ...others, 'O^2-': hydroxide / 2 }
    : ions;
}

function findIons(formula: string): Readonly<Record<string, number>> | undefined {
  const row = fromRows.get(formula);
  if (row) return row;
  const whole = parseFormula(formula);
  const dry = anhydrousFormula(whole);
  const dryRow = fromRows.get(dry);
  if (dryRow) return dryRow;
  const { elements, charge } = parseFormula(dry);
  if (charge !== 0 || dry === 'H2O' || dry === 'H2O2') return undefined;
  const possible = (ion: KnownIon) =>
    Object.keys(ion.elements).every((symbol) => symbol in elements);
  const partners = anions.filter(possible);
  for (const cation of cations.filter(possible))
    for (const anion of partners) {
      // An acid is read as fully ionised: H2SO4 is two protons and sulfate.
      if (cation.ion.formula === 'H^+' && anion.elements.H && anion.ion.formula !== 'CH3COO^-')
        continue;
      const common = greatestCommonDivisor(cation.charge, -anion.charge);
      const cationCount = -anion.charge / common;
      const anionCount = cation.charge / common;
      const unit = addUp([
        [cation.elements, cationCount],
        [anion.elements, anionCount],
      ]);
      if (sameComposition(unit, elements))
        return { [cation.ion.formula]: cationCount, [anion.ion.formula]: anionCount };
    }
  return undefined;
}

function addUp(terms: readonly (readonly [Composition, number])[]): Composition {
  const total: Record<string, number> = {};
  for (const [elements, factor] of terms)
    for (const [symbol, count] of Object.entries(elements))
      total[symbol] = (total[symbol] ?? 0) + factor * count;
  return total;
}

function sameComposition(a: Composition, b: Composition): boolean {
  const keys = Object.keys(a);
  return keys.length === Object.keys(b).length && keys.every((key) => a[key] === b[key]);
}
