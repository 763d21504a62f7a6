import { ChemistryError } from '../../common/errors';
import { nullSpace } from './nullSpace';
import type { EquationSides } from './parseEquation';

/** Coefficients in the order reactants, then products. Several solutions mean the equation is ambiguous. */
export interface Coefficients {
  readonly unique: boolean;
  readonly solutions: readonly (readonly number[])[];
}

/**
 * Balances atoms and charge exactly, by the null space of the composition matrix.
 *
 * @throws ChemistryError when an element stands on one side only, or no positive solution exists.
 */
export function solveCoefficients(sides: EquationSides, text: string): Coefficients {
  const species = [...sides.reactants, ...sides.products];
  refuseOneSidedElements(sides);
  const sign = (index: number) => (index < sides.reactants.length ? 1 : -1);
  const symbols = [...new Set(species.flatMap(({ elements }) => Object.keys(elements)))];
  // Counts are doubled so that half a water of crystallisation stays a whole number.
  const matrix = [
    ...symbols.map((symbol) =>
      species.map(({ elements }, index) => 2 * sign(index) * (elements[symbol] ?? 0)),
    ),
    species.map(({ charge }, index) => sign(index) * charge),
  ];
  const basis = nullSpace(matrix, species.length);
  if (basis.length === 0) throw ChemistryError.of('cannotBalance', text);
  if (basis.length === 1) {
    const [only = []] = basis;
    const turned = only.every((value) => value <= 0) ? only.map((value) => -value) : only;
    if (!turned.every((value) => value > 0)) throw ChemistryError.of('cannotBalance', text);
    return { unique: true, solutions: [turned] };
  }
  const solutions = positiveSolutions(basis);
  if (solutions.length === 0) throw ChemistryError.of('cannotBalance', text);
  return { unique: false, solutions };
}

function refuseOneSidedElements({ reactants, products }: EquationSides): void {
  const left = new Set(reactants.flatMap(({ elements }) => Object.keys(elements)));
  const right = new Set(products.flatMap(({ elements }) => Object.keys(elements)));
  for (const element of left)
    if (!right.has(element)) throw ChemistryError.of('elementOnOneSide', element, 'reactants');
  for (const element of right)
    if (!left.has(element)) throw ChemistryError.of('elementOnOneSide', element, 'products');
}

/** The smallest independent all-positive combinations of the basis, as many as the basis has vectors. */
function positiveSolutions(basis: readonly (readonly number[])[]): number[][] {
  const reach = basis.length === 2 ? 12 : 4;
  const found: number[][] = [];
  const width = 2 * reach + 1;
  for (let code = 0; code < width ** basis.length; code += 1) {
    const factors = basis.map((_, index) => (Math.floor(code / width ** index) % width) - reach);
    const mix = (basis[0] ?? []).map((_, column) =>
      basis.reduce((sum, vector, index) => sum + (factors[index] ?? 0) * (vector[column] ?? 0), 0),
    );
    if (mix.every((value) => value > 0)) found.push(mix);
  }
  const size = (vector: readonly number[]) => vector.reduce((sum, value) => sum + value, 0);
  const independent: number[][] = [];
  for (const candidate of found.sort((a, b) => size(a) - size(b))) {
    const trial = [...independent, candidate];
    // The vectors are independent when no combination of them vanishes.
    const transposed = candidate.map((_, column) => trial.map((vector) => vector[column] ?? 0));
    if (nullSpace(transposed, trial.length).length === 0) independent.push(candidate);
    if (independent.length === basis.length) break;
  }
  return independent;
}
