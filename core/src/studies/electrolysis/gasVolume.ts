import { ChemistryError } from '../../common/errors';
import { gasConstant, kelvin } from '../../solution/equilibrium/temperature';
import { waterVapourKPa } from './waterVapourPressure';
import { formatNumber } from '../../common/formatNumber';

/** Where a gas is collected. */
export interface GasConditions {
  /** °C. */
  readonly temperatureC: number;
  /** Of the air, kPa. */
  readonly pressureKPa: number;
  /** Collected over water: part of the pressure is water vapour. */
  readonly overWater: boolean;
}

/** A room, with the gas collected dry. */
export const roomConditions: GasConditions = {
  temperatureC: 25,
  pressureKPa: 101.325,
  overWater: false,
};

/** Molar volume of a gas as collected, mL/mmol (ideal gas law; over water at the pressure of the air less that of water vapour, Dalton). */
export function molarVolumeMl({ temperatureC, pressureKPa, overWater }: GasConditions): number {
  const dryKPa = pressureKPa - (overWater ? waterVapourKPa(temperatureC) : 0);
  if (!(dryKPa > 0))
    throw ChemistryError.of(
      'outOfRange',
      'The pressure',
      `${formatNumber(pressureKPa)} kPa`,
      'more than the vapour pressure of water',
    ).in('pressureKPa');
  return (gasConstant * kelvin(temperatureC)) / dryKPa;
}
