import { molarMassOf } from '../../matter/formula/molarMass';
import { dissolvingAid } from './dissolvingAids';
import { findSubstance } from '../../matter/substances/findSubstance';

/**
 * The approximate solubility of a shelf substance at 20–25 °C, mol per litre of solution (density taken as 1.0); for a
 * reagent sold as a solution, its strength.
 */
export function solubilityM(substance: string): { formula: string; concentrationM: number } {
  const { substance: row } = findSubstance(substance);
  const grams = row.solubilityGPer100G;
  return {
    formula: row.formula,
    concentrationM:
      row.stock?.concentrationM ?? (1000 * grams) / (100 + grams) / molarMassOf(row.formula),
  };
}

/**
 * The strongest clear solution that can be made up, mol/L: as strong as the bottle, what water dissolves, or what it dissolves
 * with what is put in besides, as iodine with iodide.
 *
 * @throws ChemistryError for an unknown substance.
 */
export function dissolvesM(substance: string): number {
  const { formula, concentrationM } = solubilityM(substance);
  return dissolvingAid(formula)?.dissolvesM ?? concentrationM;
}
