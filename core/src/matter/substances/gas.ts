import { dissolvedGases } from './data/dissolvedGases';
import { gasProperties } from './data/gasProperties';
import { molarMassOf } from '../formula/molarMass';
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

/**
 * Density of a gas, g/L, by the ideal gas law; within a few per cent for the gases of the bench.
 *
 * @param temperatureC °C, 25 unless said otherwise.
 * @param pressureAtm atm, 1 unless said otherwise.
 */
export function gasDensityGPerL(formula: string, temperatureC = 25, pressureAtm = 1): number {
  const warmer = (temperatureC + 273.15) / 298.15;
  return (molarMassOf(formula) * pressureAtm) / (molarVolumeMlPerMmol * warmer);
}

/** Mean molar mass of dry air, g/mol (CRC Handbook, recalled from memory). */
export const airGPerMol = 28.96;

/** How heavy a gas is against air at the same temperature and pressure: above 1 it sinks. */
export function densityAgainstAir(formula: string): number {
  return molarMassOf(formula) / airGPerMol;
}
