import { dissolvedGases } from './data/dissolvedGases';
import { gasProperties } from './data/gasProperties';
import type { DissolvedGas, GasProperties } from './types';

/** Molar volume of an ideal gas at 25 °C and 1 atm, mL/mmol (R·T/p with the CODATA gas constant). */
export const molarVolumeMlPerMmol = 24.47;

const properties = new Map(gasProperties.map((row) => [row.formula, row]));
const dissolving = new Map<string, DissolvedGas>(dissolvedGases.map((row) => [row.formula, row]));

/** What a gas does on the bench; undefined for one that no row describes. */
export function gasPropertiesOf(formula: string): GasProperties | undefined {
  return properties.get(formula);
}

/** How a gas dissolves in water; undefined for one that no row describes. */
export function dissolvedGas(formula: string): DissolvedGas | undefined {
  return dissolving.get(formula);
}
