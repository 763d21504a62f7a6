import { ChemistryError } from '../../common/errors';
import { normaliseText } from '../formula/normaliseText';
import { readFormula } from '../substances/readFormula';
import type { Species } from '../formula/species';

/** The two sides of an equation, each species once. Coefficients that were written are ignored. */
export interface EquationSides {
  readonly reactants: readonly Species[];
  readonly products: readonly Species[];
}

/**
 * A plus between two species: one after a space, after a charge, or close before a formula. Any other belongs to a charge, as in
 * `Fe3+ + SCN-`; one before a state does, too.
 */
const separator = /(?:\s+\+\s*|(?<=[+-])\+\s*|\+)(?!\((?:s|l|g|aq)\))(?=[A-Z\d([{e]|\^\d+[A-Z])/;
const arrow = /\s--+>|<?->|<?=>|→|⟶|⇌|⇄|=/u;

/**
 * Reads an equation. The sides stand apart by `→`, `->`, `=>`, `⇌` or `=`; species by `+`.
 *
 * @throws ChemistryError when there are not two sides, or a formula cannot be read.
 */
export function parseEquation(input: string): EquationSides {
  if (input.length > 600) throw ChemistryError.of('tooLong', input);
  const sides = input.split(arrow);
  if (sides.length !== 2) throw ChemistryError.of('notAnEquation', input);
  const [left = '', right = ''] = sides;
  const reactants = readSide(left);
  const products = readSide(right);
  if (reactants.length === 0 || products.length === 0)
    throw ChemistryError.of('notAnEquation', input);
  return { reactants, products };
}

function readSide(text: string): Species[] {
  const pieces = normaliseText(text).split(separator);
  const species = pieces.filter((piece) => piece.trim() !== '').map(readFormula);
  return species.filter(
    (one, index) =>
      species.findIndex(({ formula, state }) => formula === one.formula && state === one.state) ===
      index,
  );
}
