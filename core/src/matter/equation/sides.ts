import { balance } from './balance';

/** Coefficients of an equation by formula. */
export interface Sides {
  readonly used: Readonly<Record<string, number>>;
  readonly made: Readonly<Record<string, number>>;
}

const read = new Map<string, Sides>();

/**
 * The two sides of an equation, as coefficients by formula. Each equation is read once.
 *
 * @throws ChemistryError when it cannot be balanced.
 * @example sidesOf('2 H2(g) + O2(g) → 2 H2O(l)').used // { H2: 2, O2: 1 }
 */
export function sidesOf(equation: string): Sides {
  const known = read.get(equation);
  if (known) return known;
  const { reactants, products } = balance(equation);
  const counts = (side: typeof reactants) =>
    Object.fromEntries(side.map(({ formula, coefficient }) => [formula, coefficient]));
  const sides = { used: counts(reactants), made: counts(products) };
  read.set(equation, sides);
  return sides;
}
