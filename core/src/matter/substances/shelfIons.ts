import { shelf } from './data/shelf';

const byFormula = new Map(shelf.map(({ formula, ions }) => [formula, ions]));

/** What a shelf substance, in any of its forms, brings into a solution; undefined for what is not on the shelf. */
export function shelfIons(formula: string): Readonly<Record<string, number>> | undefined {
  return byFormula.get(formula.split('·')[0] ?? '');
}
