import { findSubstance } from '../matter/substances/findSubstance';
import type { RawEquation } from './change';
import { broughtBy } from './molecularEquation';
import { protonsBetween } from './protonRoutes';

/**
 * An equation with acids and bases as the reagents bring them: sulfide in water is hydrogensulfide and hydroxide, but one
 * who pours sodium sulfide writes S²⁻; oxalic acid is half ionised, but one writes H2C2O4. Where an acid form and
 * hydroxide both react, they are told as the anion that was put in; a base form and protons, as the acid that was.
 *
 * @param put substances that were put into the vessel.
 */
export function asReagents({ left, right }: RawEquation, put: readonly string[]): RawEquation {
  const used = counts(left);
  const made = counts(right);
  const take = (side: Counts, formula: string, n: number, state: 'aq' | 'l' = 'aq') => {
    const entry = side.get(formula) ?? { term: { formula, state }, n: 0 };
    side.set(formula, { ...entry, n: entry.n + n });
  };
  const amount = (side: Counts, formula: string) => side.get(formula)?.n ?? 0;
  const dissolved = left.filter(([{ state }]) => state === 'aq').map(([{ formula }]) => formula);
  const anions = put.flatMap((formula) => Object.keys(broughtBy(formula) ?? {}));
  const acids = put.filter((formula) => formula in findSubstance(formula).substance.ions);
  for (const formula of dissolved) {
    for (const anion of anions) {
      const protons = protonsBetween(formula, anion);
      if (protons <= 0) continue;
      const times = Math.min(
        amount(used, formula),
        amount(used, 'OH^-') / protons,
        amount(made, 'H2O') / protons,
      );
      take(used, formula, -times);
      take(used, 'OH^-', -times * protons);
      take(made, 'H2O', -times * protons, 'l');
      take(used, anion, times);
    }
    for (const acid of acids) {
      const protons = protonsBetween(acid, formula);
      if (protons <= 0) continue;
      const times = Math.min(amount(used, formula), amount(used, 'H^+') / protons);
      take(used, formula, -times);
      take(used, 'H^+', -times * protons);
      take(used, acid, times);
    }
  }
  // A halogen in water is partly split, and acts as what it was poured as: HXO + H⁺ + X⁻ is X2 and water.
  for (const [halogen, { acid, halide }] of Object.entries(splitHalogens)) {
    const times = amount(used, acid);
    const acts = times > 0 && amount(used, 'OH^-') === 0 && amount(made, acid) === 0;
    if (!put.includes(halogen) || !acts) continue;
    take(used, acid, -times);
    take(used, halogen, times);
    // What the oxidant becomes is on the right already; what it lacks of acid is let out there.
    const neutralised = Math.min(times, Math.max(0, amount(made, 'OH^-')));
    take(made, 'OH^-', -neutralised);
    take(used, 'H2O', times - neutralised, 'l');
    take(made, 'H^+', times - neutralised);
    take(made, halide, times);
  }
  return { left: less(used, made), right: less(made, used) };
}

/** What halogens in water are split into. */
const splitHalogens = {
  Cl2: { acid: 'HClO', halide: 'Cl^-' },
  Br2: { acid: 'HBrO', halide: 'Br^-' },
} as const;

type Counts = Map<string, { term: RawEquation['left'][number][0]; n: number }>;

const key = (formula: string, state: string): string =>
  state === 's' || state === 'g' ? `${formula}(${state})` : formula;

function counts(side: RawEquation['left']): Counts {
  return new Map(side.map(([term, n]) => [key(term.formula, term.state), { term, n }]));
}

/** One side without what stands on the other as well, which only looks on. */
function less(side: Counts, other: Counts): RawEquation['left'] {
  return [...side]
    .map(([name, { term, n }]) => [term, n - Math.max(0, other.get(name)?.n ?? 0)] as const)
    .filter(([, n]) => n > 1e-9);
}
