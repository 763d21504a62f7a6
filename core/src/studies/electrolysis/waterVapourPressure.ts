import { ChemistryError } from '../../common/errors';
import { kelvin } from '../../solution/equilibrium/temperature';
import { waterVapour } from '../../matter/substances/data/waterVapour';
import { formatSetTemperature } from '../../common/temperature';

/**
 * Vapour pressure of water in kPa, between tabulated temperatures by ln p against 1/T (Clausius and Clapeyron).
 *
 * @param temperatureC 0 to 100 °C.
 * @throws ChemistryError `outOfRange` outside the table.
 * @example waterVapourKPa(25) // 3.169
 */
export function waterVapourKPa(temperatureC: number): number {
  for (const [at, [t1, p1]] of waterVapour.entries()) {
    const next = waterVapour[at + 1];
    if (!next || temperatureC < t1 || temperatureC > next[0]) continue;
    const [t2, p2] = next;
    const share = (1 / kelvin(t1) - 1 / kelvin(temperatureC)) / (1 / kelvin(t1) - 1 / kelvin(t2));
    return Math.exp(Math.log(p1) + share * Math.log(p2 / p1));
  }
  throw ChemistryError.of(
    'outOfRange',
    'The temperature',
    `${formatSetTemperature(temperatureC)}`,
    '0 to 100 °C',
  ).in('temperatureC');
}
