import type { Species } from '../formula/species';

/** A formula with its coefficient. */
export type Term = readonly [formula: string, coefficient: number];

const side = (terms: readonly Term[]): string =>
  terms
    .map(([formula, coefficient]) => (coefficient === 1 ? formula : `${coefficient} ${formula}`))
    .join(' + ');

/** `2 H2 + O2 → 2 H2O`. */
export function formatEquation(reactants: readonly Term[], products: readonly Term[]): string {
  return `${side(reactants)} → ${side(products)}`;
}

/** A formula followed by its state where one was given: `AgCl(s)`. */
export function withState({ formula, state }: Pick<Species, 'formula' | 'state'>): string {
  return state ? `${formula}(${state})` : formula;
}
