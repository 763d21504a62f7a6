import { keyOf, partsOfTerm } from './change';
import type { Change, PhaseTerm, RawEquation, Terms } from './change';
import type { Components } from '../matter/substances/componentsOf';
import { protonSource } from './protonRoutes';

const water: PhaseTerm = { formula: 'H2O', state: 'l' };

/** What balances of itself: protons through the acid or base that is there, and water. */
const balancing = new Set(['H^+', 'H2O']);

/** How much less a term counts that would bring other components along. */
const bringsOthers = 0.8;

/**
 * The term through which a component came in or went out: of all that hold it and moved that way, the one that moved most
 * of it, with preference for one that holds nothing else.
 */
function carrier(change: Change, component: string, sign: 1 | -1): PhaseTerm | undefined {
  let best: PhaseTerm | undefined;
  let most = 0;
  for (const { term, amount } of change.gained.values()) {
    if (sign * amount <= 0) continue;
    const parts = partsOfTerm(term);
    const count = parts[component] ?? 0;
    const alone = Object.keys(parts).every((name) => name === component || balancing.has(name));
    const moved = sign * amount * count * (alone ? 1 : bringsOthers);
    if (count > 0 && moved > most) [best, most] = [term, moved];
  }
  return best;
}

/** What an equation is written around. */
export interface Around {
  /** What stands on the right in any case, with coefficients. */
  readonly made?: Terms;
  /** What stands on the left in any case. */
  readonly used?: Terms;
  /** Components changed into others by electron transfer, per equation. */
  readonly handedOver?: Components;
  /** How often the equation goes, mmol, so that protons are taken from what can give as many. */
  readonly extentMmol: number;
}

/**
 * Writes the equation in which terms are made and others given, in the forms the vessel really held: every component is
 * drawn from what lost most of it, what is left over goes to what gained most of it, protons move through the acid or
 * base that moved, and water balances the rest.
 *
 * @returns undefined when a component came from nowhere in sight.
 */
export function equationAround(
  change: Change,
  { made = [], used = [], handedOver = {}, extentMmol }: Around,
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
    for (const [name] of open) {
      // What was drawn for one component may have settled another already.
      const n = owed[name] ?? 0;
      if (Math.abs(n) < 1e-9) continue;
      const from = carrier(change, name, n > 0 ? -1 : 1);
      if (!from) return undefined;
      put(n > 0 ? left : right, from, Math.abs(n) / (partsOfTerm(from)[name] ?? 1));
    }
  }
  if (Object.entries(owed).some(([name, n]) => !balancing.has(name) && Math.abs(n) > 1e-9))
    return undefined;
  const protons = owed['H^+'] ?? 0;
  if (Math.abs(protons) > 1e-9) {
    const side = protons > 0 ? 'given' : 'taken';
    const {
      acid,
      base,
      protons: each,
    } = protonSource(
      change,
      side,
      Math.abs(protons) * extentMmol,
      [...left.values()].map(({ term }) => term.formula),
    );
    const count = Math.abs(protons) / each;
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
