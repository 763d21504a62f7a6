import { greatestCommonDivisor } from '../../matter/formula/greatestCommonDivisor';
import type { HalfReaction, HalfTerm } from '../halfReaction';

/** Below this pH protons are written, above it water and hydroxide. */
const acidBelow = 4;
const basicAbove = 10;

/**
 * The equation of a whole cell from the half-reactions at its electrodes (both as the table writes them, as reductions): electrons
 * matched, what stands on both sides struck out, protons written as water and hydroxide where the solution is not acid.
 *
 * @returns undefined when nothing is left, as where a metal only goes from one electrode to the other.
 */
export function overallEquation(
  cathode: HalfReaction,
  anode: HalfReaction,
  pH: number,
): string | undefined {
  const common = greatestCommonDivisor(cathode.electrons, anode.electrons);
  const [c, a] = [anode.electrons / common, cathode.electrons / common];
  const counts = new Map<string, number>();
  const add = (terms: readonly HalfTerm[], times: number) => {
    for (const { formula, state, count } of terms) {
      const key = `${formula}(${formula === 'Cl2' ? 'g' : state})`;
      counts.set(key, (counts.get(key) ?? 0) + times * count);
    }
  };
  add(cathode.left, -c);
  add(cathode.right, c);
  add(anode.right, -a);
  add(anode.left, a);
  const protons = counts.get('H^+(aq)') ?? 0;
  if ((protons < 0 && pH >= acidBelow) || (protons > 0 && pH > basicAbove)) {
    counts.set('H^+(aq)', 0);
    counts.set('H2O(l)', (counts.get('H2O(l)') ?? 0) + protons);
    counts.set('OH^-(aq)', (counts.get('OH^-(aq)') ?? 0) - protons);
  }
  const left = [...counts].filter(([, n]) => n < 0);
  const right = [...counts].filter(([, n]) => n > 0);
  if (left.length === 0 || right.length === 0) return undefined;
  const factor = [...left, ...right].reduce(
    (sum, [, n]) => greatestCommonDivisor(sum, Math.abs(n)),
    0,
  );
  const side = (terms: readonly (readonly [string, number])[]) =>
    terms
      .map(([text, n]) => {
        const times = Math.abs(n) / factor;
        return times === 1 ? text : `${times}${text}`;
      })
      .join(' + ');
  return `${side(left)} → ${side(right)}`;
}
