import { componentsOfSpecies, formedSpecies } from '../matter/substances/componentsOf';
import type { Components } from '../matter/substances/componentsOf';
import { chargeOf } from '../matter/substances/ionsOf';
import { keyOf } from './change';
import type { Change, PhaseTerm } from './change';

/** An acid and the base it becomes by giving up protons, one or, down a polyprotic ladder, several. */
interface ProtonPair {
  readonly acid: string;
  readonly base: string;
  readonly protons: number;
}

/** A pair through which protons moved, and how many mmol of it went. */
export interface ProtonRoute {
  readonly acid: PhaseTerm;
  readonly base: PhaseTerm;
  readonly protons: number;
  readonly amount: number;
}

/** Strong acids hand over their proton as H⁺ for the equation’s purpose. */
const strongAcids = new Set(['HSO4^-', 'HS2O3^-', 'HIO3']);
const pairs: readonly ProtonPair[] = protonPairs();

function protonPairs(): ProtonPair[] {
  const rows = formedSpecies.filter(({ from }) => 'H^+' in from && isAcidOrBase(from));
  const formulae = rows.flatMap(({ formula, from }) => [formula, ...Object.keys(from)]);
  const all = [...new Set(formulae)].filter(
    (formula) => formula !== 'H^+' && formula !== 'OH^-' && !strongAcids.has(formula),
  );
  const vectors = all.map((formula) => ({ formula, parts: componentsOfSpecies(formula) ?? {} }));
  return vectors.flatMap((acid) =>
    vectors.flatMap((base) => {
      const protons = difference(acid.parts, base.parts);
      return protons > 0 ? [{ acid: acid.formula, base: base.formula, protons }] : [];
    }),
  );
}

/** One component besides protons, no metal ion: an acid or base and not a complex. */
function isAcidOrBase(from: Readonly<Record<string, number>>): boolean {
  const others = Object.entries(from).filter(([name]) => name !== 'H^+');
  const [name = '', count] = others[0] ?? [];
  return others.length === 1 && count === 1 && (chargeOf(name) <= 0 || name === 'NH4^+');
}

/** How many protons an acid gives up to become a base; 0 when the two are no such pair. */
export function protonsBetween(acid: string, base: string): number {
  return pairs.find((pair) => pair.acid === acid && pair.base === base)?.protons ?? 0;
}

/** How many protons one has more than the other; 0 when they differ in anything else. */
function difference(acid: Components, base: Components): number {
  for (const name of new Set([...Object.keys(acid), ...Object.keys(base)]))
    if (name !== 'H2O' && name !== 'H^+' && acid[name] !== base[name]) return 0;
  return (acid['H^+'] ?? 0) - (base['H^+'] ?? 0);
}

const aqueous = (formula: string): PhaseTerm => ({ formula, state: 'aq' });
const water: PhaseTerm = { formula: 'H2O', state: 'l' };
const gaseous = (formula: string): PhaseTerm => ({ formula, state: 'g' });
/** How much of a species came, dissolved and as bubbles, mmol. */
const moved = (change: Change, formula: string): number =>
  (change.gained.get(keyOf(aqueous(formula)))?.amount ?? 0) +
  (change.gained.get(keyOf(gaseous(formula)))?.amount ?? 0);
/** A species as most of it came: bubbles where it left as such. */
function asMoved(change: Change, formula: string): PhaseTerm {
  const bubbles = change.gained.get(keyOf(gaseous(formula)))?.amount ?? 0;
  const dissolved = change.gained.get(keyOf(aqueous(formula)))?.amount ?? 0;
  return bubbles > Math.abs(dissolved) ? gaseous(formula) : aqueous(formula);
}

/** Pairs that gave protons away, the most generous first. */
export function protonDonors(change: Change): ProtonRoute[] {
  const own = [
    { acid: aqueous('H^+'), base: water, protons: 1, amount: -moved(change, 'H^+') },
    { acid: water, base: aqueous('OH^-'), protons: 1, amount: moved(change, 'OH^-') },
  ];
  return routes(own, change, -1);
}

/** Pairs that took protons up, the most eager first. */
export function protonAcceptors(change: Change): ProtonRoute[] {
  const own = [
    { acid: water, base: aqueous('OH^-'), protons: 1, amount: -moved(change, 'OH^-') },
    { acid: aqueous('H^+'), base: water, protons: 1, amount: moved(change, 'H^+') },
  ];
  return routes(own, change, 1);
}

function routes(own: readonly ProtonRoute[], change: Change, sign: 1 | -1): ProtonRoute[] {
  const conjugate = pairs.map(({ acid, base, protons }) => ({
    acid: asMoved(change, acid),
    base: aqueous(base),
    protons,
    // Both partners must have moved, the one into the other.
    amount: Math.min(sign * moved(change, acid), -sign * moved(change, base)),
  }));
  return [...own, ...conjugate]
    .filter(({ amount }) => amount > 0)
    .sort((a, b) => b.amount * b.protons - a.amount * a.protons);
}

/** Share of the protons an equation needs that a pair must have moved to be written as their carrier. */
const carriesEnough = 0.9;

/**
 * The pair by which an equation that lacks protons on one side takes them from, or gives them to, what is there.
 *
 * @param protonsMmol protons the whole process moved.
 * @param left what the equation uses up so far.
 */
export function protonSource(
  change: Change,
  side: 'given' | 'taken',
  protonsMmol: number,
  left: readonly string[],
): ProtonRoute {
  const moving = side === 'given' ? protonDonors(change) : protonAcceptors(change);
  const spent = side === 'given' ? spentAcids(change, left) : [];
  const enough = ({ amount, protons }: ProtonRoute) =>
    amount * protons >= carriesEnough * protonsMmol;
  const route = moving.find(enough) ?? spent.find(enough);
  if (route) return route;
  return change.isBasic
    ? { acid: water, base: aqueous('OH^-'), protons: 1, amount: 0 }
    : { acid: aqueous('H^+'), base: water, protons: 1, amount: 0 };
}

/** Acids that went although their base went too, bound by something else: ammonium where a metal takes up ammonia. */
function spentAcids(change: Change, left: readonly string[]): ProtonRoute[] {
  return pairs
    .filter(({ acid, base }) => moved(change, acid) < 0 && left.includes(base))
    .map(({ acid, base, protons }) => ({
      acid: aqueous(acid),
      base: aqueous(base),
      protons,
      amount: -moved(change, acid),
    }))
    .sort((a, b) => b.amount - a.amount);
}
