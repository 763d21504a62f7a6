import { waterOfCrystallisation } from '../formula/molarMass';
import { elementOf } from '../formula/nuclides';
import { parseFormula } from '../formula/parseFormula';
import type { Composition, Species } from '../formula/species';
import { ionsHeld } from '../substances/ionsOf';

const fixed: Readonly<Record<string, number>> = {
  F: -1,
  Li: 1,
  Na: 1,
  K: 1,
  Rb: 1,
  Cs: 1,
  Be: 2,
  Mg: 2,
  Ca: 2,
  Sr: 2,
  Ba: 2,
  Al: 3,
  Zn: 2,
  Cd: 2,
};
/** What a non-metal takes when it is the more electronegative partner, most electronegative first. */
const anionic: readonly (readonly [string, number])[] = [
  ['O', -2],
  ['Cl', -1],
  ['Br', -1],
  ['I', -1],
  ['N', -3],
  ['S', -2],
  ['P', -3],
];

/** Atoms of one element that share an oxidation number within a formula unit. */
export interface Site {
  readonly element: string;
  readonly state: number;
  readonly atoms: number;
}

/**
 * Oxidation numbers by the usual order of rules (IUPAC 2016 recommendations): elements 0, ions their charge,
 * fluorine −1, group 1 +1, group 2 +2, hydrogen +1, oxygen −2, then the rest by the total charge. A compound of
 * table ions is read ion by ion, so that mixed valency keeps its two states; atoms of one element within one ion
 * get the mean.
 *
 * @returns sites, or undefined where the rules do not settle them.
 */
export function oxidationSites(species: Species): readonly Site[] | undefined {
  const content = species.charge === 0 ? ionsHeld(species.formula) : undefined;
  if (!content) return within(species, 1);
  const water = waterOfCrystallisation(species);
  const parts = [
    ...Object.entries(content).map(([ion, count]) => within(parseFormula(ion), count)),
    ...(water > 0 ? [within(parseFormula('H2O'), water)] : []),
  ];
  const known = parts.filter((part) => part !== undefined);
  return known.length === parts.length ? known.flat() : undefined;
}

function within(species: Species, count: number): Site[] | undefined {
  const numbers = byRules({ ...species, elements: ofElements(species.elements) });
  return (
    numbers &&
    Object.entries(species.elements).map(([element, atoms]) => ({
      element,
      state: Math.round((numbers[elementOf(element)] ?? 0) * 1e6) / 1e6,
      atoms: atoms * count,
    }))
  );
}

/** Nuclides counted with their element, which has the same chemistry. */
function ofElements(elements: Composition): Composition {
  const total: Record<string, number> = {};
  for (const [symbol, count] of Object.entries(elements))
    total[elementOf(symbol)] = (total[elementOf(symbol)] ?? 0) + count;
  return total;
}

function byRules({ elements, charge }: Species): Readonly<Record<string, number>> | undefined {
  const symbols = Object.keys(elements);
  const [only] = symbols;
  if (only !== undefined && symbols.length === 1) return { [only]: charge / (elements[only] ?? 1) };
  const numbers: Record<string, number> = {};
  const isOpen = (symbol: string) => symbol in elements && !(symbol in numbers);
  const openCount = () => symbols.filter(isOpen).length;
  const rest = () =>
    charge - Object.entries(numbers).reduce((sum, [s, n]) => sum + n * (elements[s] ?? 0), 0);
  const assign = (symbol: string, value: number) => {
    if (isOpen(symbol) && openCount() > 1) numbers[symbol] = value;
  };
  const cyanide = elements.C !== undefined && elements.C === elements.N;
  if (cyanide) {
    assign('N', -3);
    assign('C', 'S' in elements ? 4 : 2);
    assign('S', -2);
  }
  for (const [symbol, value] of Object.entries(fixed)) assign(symbol, value);
  const metalHydride =
    symbols.length === 2 && symbols.some((s) => s !== 'H' && (fixed[s] ?? 0) > 0);
  assign('H', metalHydride ? -1 : 1);
  for (const [symbol, value] of anionic) assign(symbol, value);
  const open = symbols.filter(isOpen);
  const [last] = open;
  if (last !== undefined) {
    if (open.length > 1) return undefined;
    numbers[last] = rest() / (elements[last] ?? 1);
  } else if (rest() !== 0) return undefined;
  return numbers;
}

/** A change of oxidation number of one element across an equation. */
export interface OxidationChange {
  readonly element: string;
  readonly from: number;
  readonly to: number;
}

/**
 * Which elements change their oxidation number, from the coefficients of a balanced equation.
 *
 * @returns the changes, empty when none; undefined where some oxidation number is not settled.
 */
export function oxidationChanges(
  reactants: readonly (readonly [Species, number])[],
  products: readonly (readonly [Species, number])[],
): OxidationChange[] | undefined {
  const left = atomsByState(reactants);
  const right = atomsByState(products);
  if (!left || !right) return undefined;
  const changes: OxidationChange[] = [];
  for (const [element, before] of Object.entries(left)) {
    const after = right[element] ?? new Map<number, number>();
    const gone = [...before].filter(([state, atoms]) => atoms > (after.get(state) ?? 0) + 1e-9);
    const come = [...after].filter(([state, atoms]) => atoms > (before.get(state) ?? 0) + 1e-9);
    for (const [from] of gone) for (const [to] of come) changes.push({ element, from, to });
  }
  return changes;
}

function atomsByState(side: readonly (readonly [Species, number])[]) {
  const states: Record<string, Map<number, number>> = {};
  for (const [species, coefficient] of side) {
    const sites = oxidationSites(species);
    if (!sites) return undefined;
    for (const { element, state, atoms } of sites) {
      const map = (states[element] ??= new Map());
      map.set(state, (map.get(state) ?? 0) + atoms * coefficient);
    }
  }
  return states;
}
