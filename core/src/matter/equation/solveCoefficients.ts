import { ChemistryError } from '../../common/errors';
import { nullSpace } from './nullSpace';
import { oxidationSites } from './oxidationNumbers';
import type { EquationSides } from './parseEquation';

/**
 * Coefficients in the order reactants, then products. Several solutions mean that atoms and charge leave the equation open;
 * where the electrons decide between them, their solution stands first.
 */
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
  const decided = byElectrons(sides, matrix);
  const solutions = positiveSolutions(basis, decided);
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

/**
 * The coefficients that the electrons ask for where one element comes in with two oxidation numbers, as oxygen does in
 * permanganate and peroxide: what comes in higher goes out higher, so that the two do not pass each other on the way
 * (IUPAC’s oxidation numbers; the rule is that of textbooks for chlorate and hydrochloric acid). Undefined where that leaves
 * more than one way.
 */
function byElectrons(sides: EquationSides, matrix: readonly (readonly number[])[]) {
  const species = [...sides.reactants, ...sides.products];
  const sites = species.map((one) => oxidationSites(one));
  if (sites.includes(undefined)) return undefined;
  const isLeft = (index: number) => index < sides.reactants.length;
  const states = (element: string, left: boolean) => [
    ...new Set(
      sites.flatMap((own = [], index) =>
        isLeft(index) === left
          ? own.filter((site) => site.element === element).map(({ state }) => state)
          : [],
      ),
    ),
  ];
  const elements = new Set(sites.flatMap((own = []) => own.map(({ element }) => element)));
  const ways = [...elements].flatMap((element) => {
    const came = states(element, true);
    if (came.length !== 2) return [];
    const higher = Math.max(...came);
    return states(element, false).flatMap((least) => {
      const row = sites.map((own = [], index) =>
        own.reduce((sum, site) => {
          if (site.element !== element) return sum;
          if (isLeft(index)) return sum + (site.state === higher ? 2 * site.atoms : 0);
          return sum - (site.state >= least ? 2 * site.atoms : 0);
        }, 0),
      );
      const [only, ...others] = nullSpace([...matrix, row], species.length);
      if (!only || others.length > 0) return [];
      const turned = only.every((value) => value <= 0) ? only.map((value) => -value) : only;
      return turned.every((value) => value > 0) ? [turned] : [];
    });
  });
  const [first, ...others] = ways;
  const isOne = others.every((way) => way.every((value, index) => value === first?.[index]));
  return isOne ? first : undefined;
}

/** The smallest independent all-positive combinations of the basis, as many as the basis has vectors; what was decided on comes first. */
function positiveSolutions(
  basis: readonly (readonly number[])[],
  decided: readonly number[] | undefined,
): (readonly number[])[] {
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
  const independent: (readonly number[])[] = decided ? [decided] : [];
  for (const candidate of found.sort((a, b) => size(a) - size(b))) {
    const trial = [...independent, candidate];
    // The vectors are independent when no combination of them vanishes.
    const transposed = candidate.map((_, column) => trial.map((vector) => vector[column] ?? 0));
    if (nullSpace(transposed, trial.length).length === 0) independent.push(candidate);
    if (independent.length === basis.length) break;
  }
  return independent;
}
