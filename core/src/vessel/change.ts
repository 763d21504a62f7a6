import {
  componentsOfSolid,
  componentsOfSpecies,
  formedSpecies,
} from '../matter/substances/componentsOf';
import type { Components } from '../matter/substances/componentsOf';
import { chargeOf } from '../matter/substances/ionsOf';
import { solventsIn } from './layer';
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
  /** The same before anything was claimed. */
  readonly atFirst: ReadonlyMap<string, number>;
  /** Whether there is more hydroxide than free acid afterwards, so that equations are written with hydroxide. */
  readonly isBasic: boolean;
}

export const keyOf = ({ formula, state }: PhaseTerm): string => `${formula}(${state})`;
const phaseState = { solution: 'aq', layer: 'aq', solids: 's', gas: 'g' } as const;

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
  ['I', 'Br'].map((symbol) => [`${symbol}3^-`, { [`${symbol}2`]: 1, [`${symbol}^-`]: 1 }]),
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
  for (const phase of ['solution', 'layer', 'solids', 'gas'] as const)
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
  for (const formula of Object.keys(solventsIn(after.layer))) gained.delete(`${formula}(aq)`);
  for (const entry of gained.values()) {
    const dissolved = gained.get(keyOf({ formula: entry.term.formula, state: 'aq' }));
    if (entry.term.state !== 'g' || entry.amount <= 0 || !dissolved) continue;
    // Both formed: told together. One went into the other: it only passed through.
    const share = Math.max(dissolved.amount, -entry.amount);
    entry.amount += share;
    dissolved.amount -= share;
  }
  const { 'H^+': acid = 0, 'OH^-': base = 0 } = after.solution;
  const atFirst = new Map([...gained].map(([key, { amount }]) => [key, amount]));
  return { gained, atFirst, isBasic: base > acid };
}

/** A term in components, by its phase. */
export function partsOfTerm({ formula, state }: PhaseTerm): Components {
  const parts = state === 's' ? componentsOfSolid(formula) : componentsOfSpecies(formula);
  if (!parts) throw new Error(`No components for ${formula}.`);
  return parts;
}

/** An equation between phases, in coefficients that may still be fractions. */
export interface RawEquation {
  readonly left: Terms;
  readonly right: Terms;
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
