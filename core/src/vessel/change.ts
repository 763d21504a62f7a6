import { componentsOfSolid, componentsOfSpecies, formedSpecies } from '../substances/componentsOf';
import type { Components } from '../substances/componentsOf';
import { chargeOf } from '../substances/ionsOf';
import type { Phases } from './vessel';

/** A substance in one phase, as equations write it. */
export interface PhaseTerm {
  readonly formula: string;
  readonly state: 's' | 'l' | 'g' | 'aq';
}

/** One side of an equation: coefficients by term. */
export type Terms = readonly (readonly [PhaseTerm, number])[];

/** How much of everything came and went between two states of a vessel, mmol; used up as reactions claim their share. */
export interface Change {
  readonly gained: ReadonlyMap<string, { readonly term: PhaseTerm; amount: number }>;
}

const keyOf = ({ formula, state }: PhaseTerm): string => `${formula}(${state})`;
const phaseState = { solution: 'aq', solids: 's', gas: 'g' } as const;

/** Species told as the ions they are loosely made of: ion pairs, first hydrolysis products, hydrogensulfate. */
const toldAsIons = new Map<string, Components>(
  formedSpecies
    .filter(
      ({ formula, ionPair, from }) => ionPair || formula === 'HSO4^-' || isFirstHydrolysis(from),
    )
    .map(({ formula }) => [formula, componentsOfSpecies(formula) ?? {}]),
);
/** Where electrons move, the trihalides count as halogen and halide. */
const trihalides = new Map<string, Components>(
  ['I3^-', 'Br3^-'].map((formula) => [formula, componentsOfSpecies(formula) ?? {}]),
);

function isFirstHydrolysis(from: Readonly<Record<string, number>>): boolean {
  const metals = Object.keys(from).filter((name) => name !== 'H^+');
  const metal = metals[0] ?? '';
  const perMetal = (from['H^+'] ?? 0) / (from[metal] ?? 1);
  return (
    metals.length === 1 &&
    chargeOf(metal) > 1 &&
    (perMetal === -1 || perMetal === -2) &&
    chargeOf(metal) + perMetal > 0
  );
}

/**
 * What changed from one set of phases to another. Water is left out: it balances whatever is left. Loose pairs are told as
 * their ions, and a gas that bubbles off is told together with the share of it that stayed dissolved.
 *
 * @param electronsMove tells triiodide as iodine and iodide.
 */
export function changeBetween(before: Phases, after: Phases, electronsMove = false): Change {
  const gained = new Map<string, { term: PhaseTerm; amount: number }>();
  const add = (term: PhaseTerm, amount: number) => {
    const key = keyOf(term);
    const entry = gained.get(key);
    if (entry) entry.amount += amount;
    else gained.set(key, { term, amount });
  };
  for (const phase of ['solution', 'solids', 'gas'] as const)
    for (const formula of new Set([...Object.keys(before[phase]), ...Object.keys(after[phase])])) {
      const amount = (after[phase][formula] ?? 0) - (before[phase][formula] ?? 0);
      const state = phaseState[phase];
      const pieces =
        phase === 'solution'
          ? (toldAsIons.get(formula) ?? (electronsMove ? trihalides.get(formula) : undefined))
          : undefined;
      if (pieces)
        for (const [name, n] of Object.entries(pieces))
          add({ formula: name, state: 'aq' }, n * amount);
      else add({ formula, state }, amount);
    }
  gained.delete('H2O(aq)');
  for (const entry of gained.values()) {
    const dissolved = gained.get(keyOf({ formula: entry.term.formula, state: 'aq' }));
    if (entry.term.state !== 'g' || entry.amount <= 0 || !dissolved || dissolved.amount <= 0)
      continue;
    entry.amount += dissolved.amount;
    dissolved.amount = 0;
  }
  return { gained };
}

/** A term in components, by its phase. */
export function partsOfTerm({ formula, state }: PhaseTerm): Components {
  const parts = state === 's' ? componentsOfSolid(formula) : componentsOfSpecies(formula);
  if (!parts) throw new Error(`No components for ${formula}.`);
  return parts;
}

/** What balances of itself: protons through the acid or base that is there, and water. */
const balancing = new Set(['H^+', 'H2O']);

/**
 * The term through which a component came in or went out: of all that hold it and moved that way, the one that moved most
 * of it.
 */
function carrier(change: Change, component: string, sign: 1 | -1): PhaseTerm | undefined {
  let best: PhaseTerm | undefined;
  let most = 0;
  for (const { term, amount } of change.gained.values()) {
    const count = partsOfTerm(term)[component] ?? 0;
    const moved = sign * amount * count;
    if (count > 0 && moved > most) [best, most] = [term, moved];
  }
  return best;
}

/** A conjugate pair: the acid has one proton more than the base. */
interface ProtonPair {
  readonly acid: string;
  readonly base: string;
}

/** Strong acids hand over their proton as H⁺ for the equation’s purpose. */
const strongAcids = new Set(['HSO4^-', 'HS2O3^-', 'HIO3']);
const pairs: readonly ProtonPair[] = protonPairs();

function protonPairs(): ProtonPair[] {
  const rows = formedSpecies.filter(({ from }) => 'H^+' in from && isAcidOrBase(from));
  const formulae = rows.flatMap(({ formula, from }) => [formula, ...Object.keys(from)]);
  const all = [...new Set(formulae)].filter((formula) => formula !== 'H^+' && formula !== 'OH^-');
  const vectors = all.map((formula) => ({ formula, parts: componentsOfSpecies(formula) ?? {} }));
  return vectors.flatMap((acid) =>
    vectors.flatMap((base) =>
      acid !== base && !strongAcids.has(acid.formula) && differByProton(acid.parts, base.parts)
        ? [{ acid: acid.formula, base: base.formula }]
        : [],
    ),
  );
}

/** One component besides protons, no metal ion: an acid or base and not a complex. */
function isAcidOrBase(from: Readonly<Record<string, number>>): boolean {
  const others = Object.entries(from).filter(([name]) => name !== 'H^+');
  const [name = '', count] = others[0] ?? [];
  return others.length === 1 && count === 1 && (chargeOf(name) <= 0 || name === 'NH4^+');
}

function differByProton(acid: Components, base: Components): boolean {
  const names = new Set([...Object.keys(acid), ...Object.keys(base)]);
  for (const name of names) {
    if (name === 'H2O') continue;
    const difference = (acid[name] ?? 0) - (base[name] ?? 0);
    if (difference !== (name === 'H^+' ? 1 : 0)) return false;
  }
  return true;
}

const aqueous = (formula: string): PhaseTerm => ({ formula, state: 'aq' });
const moved = (change: Change, formula: string): number =>
  change.gained.get(keyOf(aqueous(formula)))?.amount ?? 0;

/** A pair through which protons moved, and how many mmol went. */
export interface ProtonRoute {
  readonly acid: PhaseTerm;
  readonly base: PhaseTerm;
  readonly amount: number;
}

const water: PhaseTerm = { formula: 'H2O', state: 'l' };

/** Pairs that gave protons away, the most generous first. */
export function protonDonors(change: Change): ProtonRoute[] {
  const own: ProtonRoute[] = [
    { acid: aqueous('H^+'), base: water, amount: -moved(change, 'H^+') },
    { acid: water, base: aqueous('OH^-'), amount: moved(change, 'OH^-') },
  ];
  return routes(own, change, -1);
}

/** Pairs that took protons up, the most eager first. */
export function protonAcceptors(change: Change): ProtonRoute[] {
  const own: ProtonRoute[] = [
    { acid: water, base: aqueous('OH^-'), amount: -moved(change, 'OH^-') },
    { acid: aqueous('H^+'), base: water, amount: moved(change, 'H^+') },
  ];
  return routes(own, change, 1);
}

function routes(own: readonly ProtonRoute[], change: Change, sign: 1 | -1): ProtonRoute[] {
  const conjugate = pairs.map(({ acid, base }) => ({
    acid: aqueous(acid),
    base: aqueous(base),
    // Both partners must have moved; a pair in the middle of a polyprotic acid counts what went through.
    amount: Math.min(
      Math.max(0, sign * moved(change, acid)),
      Math.max(0, -sign * moved(change, base)),
    ),
  }));
  return [...own, ...conjugate]
    .filter(({ amount }) => amount > 0)
    .sort((a, b) => b.amount - a.amount);
}

/** An equation between phases, in coefficients that may still be fractions. */
export interface RawEquation {
  readonly left: Terms;
  readonly right: Terms;
}

/**
 * Writes the equation in which terms are made and others given, in the forms the vessel really held: every component is
 * drawn from what lost most of it, what is left over goes to what gained most of it, protons move through the acid or
 * base that moved, and water balances the rest.
 *
 * @param made what stands on the right in any case, with coefficients.
 * @param used what stands on the left in any case.
 * @param handedOver components changed into others by electron transfer, per equation.
 * @returns undefined when a component came from nowhere in sight.
 */
export function writeThrough(
  change: Change,
  made: Terms,
  used: Terms = [],
  handedOver: Components = {},
): RawEquation | undefined {
  const left = new Map<string, { term: PhaseTerm; count: number }>();
  const right = new Map<string, { term: PhaseTerm; count: number }>();
  const owed: Record<string, number> = Object.fromEntries(
    Object.entries(handedOver).map(([name, n]) => [name, -n]),
  );
  const put = (side: typeof left, term: PhaseTerm, count: number) => {
    const key = keyOf(term);
    const before = side.get(key)?.count ?? 0;
    side.set(key, { term, count: before + count });
    const sign = side === right ? 1 : -1;
    for (const [name, n] of Object.entries(partsOfTerm(term)))
      owed[name] = (owed[name] ?? 0) + sign * n * count;
  };
  made.forEach(([term, count]) => put(right, term, count));
  used.forEach(([term, count]) => put(left, term, count));
  // Each pass may bring in other components (the chloride of a dissolving silver chloride), so it is repeated.
  for (let pass = 0; pass < 6; pass += 1) {
    const open = Object.entries(owed).filter(
      ([name, n]) => !balancing.has(name) && Math.abs(n) > 1e-9,
    );
    if (open.length === 0) break;
    for (const [name, n] of open) {
      if (Math.abs(owed[name] ?? 0) < 1e-9) continue;
      const from = carrier(change, name, n > 0 ? -1 : 1);
      if (!from) return undefined;
      put(n > 0 ? left : right, from, Math.abs(n) / (partsOfTerm(from)[name] ?? 1));
    }
  }
  if (Object.entries(owed).some(([name, n]) => !balancing.has(name) && Math.abs(n) > 1e-9))
    return undefined;
  const protons = owed['H^+'] ?? 0;
  if (Math.abs(protons) > 1e-9) {
    const [route] = protons > 0 ? protonDonors(change) : protonAcceptors(change);
    const acid = route?.acid ?? aqueous('H^+');
    const base = route?.base ?? water;
    const count = Math.abs(protons);
    const [given, got] = protons > 0 ? [acid, base] : [base, acid];
    if (given.formula !== 'H2O') put(left, given, count);
    if (got.formula !== 'H2O') put(right, got, count);
  }
  const waters = owed.H2O ?? 0;
  if (Math.abs(waters) > 1e-9) put(waters > 0 ? left : right, water, Math.abs(waters));
  return { left: cancelled(left, right), right: cancelled(right, left) };
}

/** One side less what stands on the other too. */
function cancelled(
  side: ReadonlyMap<string, { term: PhaseTerm; count: number }>,
  other: ReadonlyMap<string, { count: number }>,
): Terms {
  return [...side]
    .map(([key, { term, count }]) => [term, count - (other.get(key)?.count ?? 0)] as const)
    .filter(([, count]) => count > 1e-9);
}

/** Takes a reaction’s share out of a change, so that the next one is written from what is left. */
export function claim(change: Change, { left, right }: RawEquation, extentMmol: number): void {
  const take = (side: Terms, sign: 1 | -1) => {
    for (const [term, count] of side) {
      const entry = change.gained.get(keyOf(term));
      if (entry) entry.amount += sign * count * extentMmol;
    }
  };
  take(left, 1);
  take(right, -1);
}

/** The amount by which a term changed and has not been claimed yet, mmol. */
export function unclaimed(change: Change, term: PhaseTerm): number {
  return change.gained.get(keyOf(term))?.amount ?? 0;
}

/** Everything that changed, with what is left of the change. */
export function openChanges(
  change: Change,
): { readonly term: PhaseTerm; readonly amount: number }[] {
  return [...change.gained.values()];
}
