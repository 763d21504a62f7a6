import type { HalfReaction, HalfTerm } from '../halfReaction';
import type { ElectrodeSide } from './electrodeSetting';

/** Below this pH hydrogen is written from acid, above from water; the same for oxygen and hydroxide. */
const acidBelow = 4;
const basicAbove = 10;

const part = ({ count, formula, state }: HalfTerm): string =>
  `${count === 1 ? '' : count}${formula}(${state === 'aq' && formula === 'Cl2' ? 'g' : state})`;
const side = (terms: readonly string[]): string => terms.join(' + ');

/**
 * The half-equation of a process as it goes at an electrode: with protons in acid, with water or hydroxide otherwise.
 *
 * @example halfText(hydrogen, 'cathode', 7) // '2H2O(l) + 2e^- → H2(g) + 2OH^-(aq)'
 */
export function halfText(half: HalfReaction, at: ElectrodeSide, pH: number): string {
  const { electrons } = half;
  const gained = electrons === 1 ? 'e^-' : `${electrons}e^-`;
  if (half.oxidised.formula === 'H^+' && pH >= acidBelow)
    return '2H2O(l) + 2e^- → H2(g) + 2OH^-(aq)';
  if (half.oxidised.formula === 'O2' && pH > basicAbove)
    return '4OH^-(aq) → O2(g) + 2H2O(l) + 4e^-';
  return at === 'cathode'
    ? `${side([...half.left.map(part), gained])} → ${side(half.right.map(part))}`
    : `${side(half.right.map(part))} → ${side([...half.left.map(part), gained])}`;
}

/** The product of a process at an electrode: what is set free, deposited or put into solution. */
export function productOf(half: HalfReaction, at: ElectrodeSide): HalfTerm {
  const product = at === 'cathode' ? half.reduced : half.oxidised;
  return product.formula === 'Cl2' ? { ...product, state: 'g' } : product;
}
