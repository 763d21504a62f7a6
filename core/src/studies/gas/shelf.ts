import { inField } from '../../common/errors';
import { molarMassOf } from '../../matter/formula/molarMass';
import { solubilityM } from '../../solution/preparation/solubility';
import { findSubstance, shelfSubstances } from '../../matter/substances/findSubstance';
import type { Substance } from '../../matter/substances/types';
import { isWater } from '../../matter/substances/isWater';
import type { AnyPortion } from '../../vessel/portion';
import type { RouteReagent } from './attempt';

/** What there is to make a gas from. */
export interface Shelf {
  /** Rows of the table that are there, in its order. */
  readonly rows: readonly Substance[];
  readonly has: (formula: string) => boolean;
}

/**
 * The reagents there are; water is always there.
 *
 * @param available formulae or names; the whole table when left out.
 * @throws ChemistryError for one that is unknown, naming its place in the list.
 */
export function shelfOf(available?: readonly string[]): Shelf {
  const there =
    available &&
    new Set(
      available.map((one, at) =>
        inField(`available.${at}`, () =>
          isWater(one) ? 'H2O' : findSubstance(one).substance.formula,
        ),
      ),
    );
  const rows = shelfSubstances().filter(({ formula }) => there?.has(formula) ?? true);
  const formulae = new Set(rows.map(({ formula }) => formula));
  return { rows, has: (formula) => formula === 'H2O' || formulae.has(formula) };
}

/** A reagent with the portion it is tried in. */
export interface Tried {
  readonly reagent: RouteReagent;
  readonly portion: AnyPortion;
}

/** So many mmol of a solid, in the form it is kept in. */
export function solidOf(formula: string, amountMmol: number): Tried {
  const { substance } = findSubstance(formula);
  const kept = substance.forms[0].formula;
  return {
    reagent: { substance: substance.formula, kept, use: 'solid' },
    portion: { substance: kept, massG: (amountMmol * molarMassOf(kept)) / 1000 },
  };
}

/** So many mL of a solution of about a strength; weaker where not so much dissolves. */
export function solutionOf(formula: string, wantedM: number, volumeMl: number): Tried {
  const { substance } = findSubstance(formula);
  const most = solubilityM(formula).concentrationM;
  const concentrationM = Number(Math.min(wantedM, 0.9 * most).toPrecision(2));
  return {
    reagent: {
      substance: substance.formula,
      kept: substance.forms[0].formula,
      use: 'solution',
      concentrationM,
    },
    portion: { substance: substance.formula, concentrationM, volumeMl },
  };
}

/** So many mL of a reagent as it is sold. */
export function concentratedOf(formula: string, volumeMl: number): Tried {
  const { stock, forms } = findSubstance(formula).substance;
  return {
    reagent: {
      substance: formula,
      kept: forms[0].formula,
      use: stock ? 'concentrated' : 'liquid',
      ...(stock && { concentrationM: stock.concentrationM }),
    },
    portion: { substance: formula, volumeMl },
  };
}

/** So many mL of water. */
export function waterOf(volumeMl: number): Tried {
  return {
    reagent: { substance: 'H2O', kept: 'H2O', use: 'liquid' },
    portion: { substance: 'water', volumeMl },
  };
}
