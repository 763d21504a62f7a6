/** What a formula says: elements, charge, hydrate water, molar mass, and how it is set. */
export { parseFormula } from './parseFormula';
export { formulaRuns } from './formatFormula';
export { plainFormula } from './plainFormula';
export type { FormulaRun } from './formatFormula';
export { molarMassOf } from './molarMass';
export type { Composition, Species, State } from './species';
