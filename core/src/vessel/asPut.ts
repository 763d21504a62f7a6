import type { PhaseTerm, RawEquation, Terms } from './change';
import { broughtBy } from './molecularEquation';
import { protonsBetween } from './protonRoutes';

/**
 * An equation with the anions as the reagents bring them: sulfide in water is hydrogensulfide and hydroxide, but one who
 * pours sodium sulfide writes S²⁻. Where an acid form and hydroxide both react, they are told as the anion that was put in.
 *
 * @param put substances that were put into the vessel.
 */
export function asPut(equation: RawEquation, put: readonly string[]): RawEquation {
  const left = new Map(equation.left.map(([term, n]) => [term.formula, { term, n }]));
  const hydroxide = left.get('OH^-');
  const water = equation.right.find(([{ formula }]) => formula === 'H2O');
  if (!hydroxide || !water) return equation;
  const anions = new Set(put.flatMap((formula) => Object.keys(broughtBy(formula) ?? {})));
  let waters = water[1];
  for (const { term, n } of [...left.values()]) {
    if (term.state !== 'aq') continue;
    for (const anion of anions) {
      const protons = protonsBetween(term.formula, anion);
      if (protons <= 0) continue;
      const times = Math.min(n, hydroxide.n / protons, waters / protons);
      if (times <= 1e-9) continue;
      left.set(term.formula, { term, n: n - times });
      hydroxide.n -= times * protons;
      waters -= times * protons;
      const added: PhaseTerm = { formula: anion, state: 'aq' };
      left.set(anion, { term: added, n: (left.get(anion)?.n ?? 0) + times });
      break;
    }
  }
  const right = equation.right.map(
    ([term, n]) => [term, term.formula === 'H2O' ? waters : n] as const,
  );
  const onRight = new Map(right.map(([{ formula }, n]) => [formula, n]));
  const there = ([, n]: Terms[number]) => n > 1e-9;
  return {
    // An anion that now stands on both sides only looks on.
    left: [...left.values()]
      .map(({ term, n }) => [term, n - (onRight.get(term.formula) ?? 0)] as const)
      .filter(there),
    right: right
      .map(([term, n]) => [term, n - (left.get(term.formula)?.n ?? 0)] as const)
      .filter(there),
  };
}
