import type { Species } from '../formula/species';
import { formatEquation, withState } from './formatEquation';
import { netIonic } from './netIonic';
import { oxidationChanges } from './oxidationNumbers';
import type { OxidationChange } from './oxidationNumbers';
import { questionsOn } from '../substances/readFormula';
import { parseEquation } from './parseEquation';
import { reactionTypes } from './reactionType';
import type { ReactionTypes } from './reactionType';
import { solveCoefficients } from './solveCoefficients';

/** A formula with its whole-number coefficient. */
export interface BalancedTerm {
  readonly formula: string;
  readonly coefficient: number;
}

/** A balanced equation and what follows from it. Parts that the tables cannot settle are left out. */
export interface BalancedEquation {
  readonly equation: string;
  readonly reactants: readonly BalancedTerm[];
  readonly products: readonly BalancedTerm[];
  readonly unique: boolean;
  /** Independent ways to balance, when there is more than one. */
  readonly solutions?: readonly string[];
  readonly netIonic?: string;
  readonly spectators?: readonly string[];
  readonly oxidationChanges?: readonly OxidationChange[];
  readonly types: ReactionTypes;
  /** What should be asked about its formulae: a charge that is missing, numbers that no substance of the tables has. */
  readonly questions?: readonly string[];
}

/**
 * Balances an equation given as text, and works out its net ionic form, oxidation-number changes and type.
 *
 * @example balance('KMnO4 + HCl -> KCl + MnCl2 + H2O + Cl2').equation
 * // '2 KMnO4 + 16 HCl → 2 KCl + 2 MnCl2 + 8 H2O + 5 Cl2'
 * @throws ChemistryError when the text is no equation, or nothing balances it.
 */
export function balance(text: string): BalancedEquation {
  const { reactants, products } = parseEquation(text);
  const { unique, solutions } = solveCoefficients({ reactants, products }, text);
  const [first = []] = solutions;
  const left = withCoefficients(reactants, first, 0);
  const right = withCoefficients(products, first, reactants.length);
  const changes = oxidationChanges(left, right);
  const ionic = netIonic(left, right);
  const questions = [...reactants, ...products].flatMap(questionsOn);
  return {
    equation: written(left, right),
    reactants: terms(left),
    products: terms(right),
    unique,
    ...(!unique && {
      solutions: solutions.map((one) =>
        written(
          withCoefficients(reactants, one, 0),
          withCoefficients(products, one, reactants.length),
        ),
      ),
    }),
    ...(ionic && { netIonic: ionic.equation, spectators: ionic.spectators }),
    ...(changes && { oxidationChanges: changes }),
    types: reactionTypes(reactants, products, changes),
    ...(questions.length > 0 && { questions }),
  };
}

type Terms = readonly (readonly [Species, number])[];

function withCoefficients(side: readonly Species[], all: readonly number[], offset: number): Terms {
  return side.map((species, index) => [species, all[offset + index] ?? 0] as const);
}

function terms(side: Terms): BalancedTerm[] {
  return side.map(([{ formula }, coefficient]) => ({ formula, coefficient }));
}

function written(left: Terms, right: Terms): string {
  const plain = (side: Terms) =>
    side.map(([species, count]) => [withState(species), count] as const);
  return formatEquation(plain(left), plain(right));
}
