import { ChemistryError } from '../../common/errors';
import { normaliseText } from '../formula/normaliseText';
import { parseFormula } from '../formula/parseFormula';
import type { Species } from '../formula/species';

/** The two sides of an equation, each species once. Coefficients that were written are ignored. */
export interface EquationSides {
  readonly reactants: readonly Species[];
  readonly products: readonly Species[];
}

const plusBeforeFormula = /\+(?!\((?:s|l|g|aq)\))(?=\s*[A-Z\d([e])/;
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
  const normal = normaliseText(text);
  // “ + ” between spaces separates species; without spaces a plus before a new formula does, not one before a state.
  const pieces = normal.split(/\s\+\s/.test(normal) ? /\s\+\s/ : plusBeforeFormula);
  const species = pieces.filter((piece) => piece.trim() !== '').map((piece) => parseFormula(piece));
  return species.filter(
    (one, index) =>
      species.findIndex(({ formula, state }) => formula === one.formula && state === one.state) ===
      index,
  );
}
