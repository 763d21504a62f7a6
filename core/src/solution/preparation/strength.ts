import { molarMassOf } from '../../matter/formula/molarMass';
import { chargeOf } from '../../matter/substances/ionsOf';
import { findSubstance } from '../../matter/substances/findSubstance';
import { commonPractice } from '../../matter/substances/source';

/** Density of water at 20 °C, g/mL. */
const waterGPerMl = 0.998;
/** Mass that a gram of solute in a millilitre adds to it, g: less for molecules, which take more room than ions. */
const addedByIons = 0.65;
const addedByMolecules = 0.3;
export const densitySource = commonPractice(
  'density of a solution between water and the reagent as sold; 0.65 g/mL more for each g/mL of a salt, 0.3 for a molecule, which errs towards more per cent',
);

/**
 * The density of a solution of a shelf substance at about 20 °C, g/mL, estimated: between those of water and of the reagent as
 * sold where there is one, otherwise by what the solute usually adds.
 *
 * @param concentrationM mol/L, 0 or more.
 * @throws ChemistryError for an unknown substance.
 */
export function densityGPerMl(substance: string, concentrationM: number): number {
  const { formula, stock, ions } = findSubstance(substance).substance;
  if (stock)
    return (
      waterGPerMl +
      ((stock.densityGPerMl - waterGPerMl) * Math.min(concentrationM, stock.concentrationM)) /
        stock.concentrationM
    );
  const gramsPerMl = (concentrationM * molarMassOf(formula)) / 1000;
  const isIonic = Object.keys(ions).some((ion) => chargeOf(ion) !== 0);
  return waterGPerMl + (isIonic ? addedByIons : addedByMolecules) * gramsPerMl;
}

/**
 * Per cent by mass of the dry substance in a solution, at most 100.
 *
 * @throws ChemistryError for an unknown substance.
 * @example percentByMass('NaOH', 1) // 3.9
 */
export function percentByMass(substance: string, concentrationM: number): number {
  const { formula } = findSubstance(substance).substance;
  const gramsPerL = concentrationM * molarMassOf(formula);
  return Math.min(100, gramsPerL / 10 / densityGPerMl(formula, concentrationM));
}

/**
 * The concentration of a solution of so many per cent by mass, mol/L: the inverse of {@link percentByMass}.
 *
 * @param percentWW 0 to 100.
 * @throws ChemistryError for an unknown substance.
 */
export function concentrationOfPercent(substance: string, percentWW: number): number {
  const { formula } = findSubstance(substance).substance;
  let [low, high] = [0, 60];
  for (let step = 0; step < 60; step += 1) {
    const middle = (low + high) / 2;
    if (percentByMass(formula, middle) < percentWW) low = middle;
    else high = middle;
  }
  return (low + high) / 2;
}
