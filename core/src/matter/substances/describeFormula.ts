import {
  massPercent,
  molarMassGPerMol,
  waterOfCrystallisation,
  waterPercent,
} from '../formula/molarMass';
import type { Composition } from '../formula/species';
import { namesOf } from './naming';
import { questionsOn, readFormula } from './readFormula';
import type { Names } from './naming';

/** All that follows from a formula alone. */
export interface FormulaDescription {
  readonly formula: string;
  readonly charge: number;
  readonly state?: string;
  readonly molarMassGPerMol: number;
  readonly elements: Composition;
  readonly massPercent: Readonly<Record<string, number>>;
  readonly waterPercent?: number;
  readonly names: Names;
  /** What should be asked before it is used, where the tables do not know it and know something like it. */
  readonly questions?: readonly string[];
}

/**
 * Reads a formula and gives its molar mass (g/mol), composition, mass percentages and names.
 *
 * @throws ChemistryError when it cannot be read.
 */
export function describeFormula(text: string): FormulaDescription {
  const species = readFormula(text);
  const questions = questionsOn(species);
  return {
    formula: species.formula,
    charge: species.charge,
    ...(species.state && { state: species.state }),
    molarMassGPerMol: molarMassGPerMol(species.elements),
    elements: species.elements,
    massPercent: massPercent(species.elements),
    ...(waterOfCrystallisation(species) > 0 && { waterPercent: waterPercent(species) }),
    names: namesOf(species.formula),
    ...(questions.length > 0 && { questions }),
  };
}
