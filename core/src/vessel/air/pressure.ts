import { kelvin } from '../../solution/equilibrium/temperature';
import { molarVolumeMlPerMmol } from '../../matter/substances/gas';
import { containers } from '../containers';
import { layerVolumeMl } from '../layer';
import type { Vessel } from '../vessel';

/** Gas that has left a vessel’s liquid or solids, mmol. */
export const gasIn = ({ phases }: Vessel): number =>
  Object.values(phases.gas).reduce((sum, n) => sum + n, 0);

/**
 * Pressure in a closed vessel, atm: the air shut in, warmed, with the gas that came since and the vapour of the water
 * (ideal gas; Antoine equation for water, constants of the NIST Chemistry WebBook, recalled from memory).
 */
export function pressureAtm(vessel: Vessel): number {
  const { stopper, temperatureC, container, volumeMl, phases } = vessel;
  if (!stopper) return 1;
  const roomMl = Math.max(1, containers[container].brimMl - volumeMl - layerVolumeMl(phases.layer));
  const warmer = kelvin(temperatureC) / kelvin(25);
  const gas = ((gasIn(vessel) - stopper.gasMmol) * molarVolumeMlPerMmol * warmer) / roomMl;
  const vapour = volumeMl > 0 ? vapourAtm(temperatureC) - vapourAtm(stopper.atC) : 0;
  return kelvin(temperatureC) / kelvin(stopper.atC) + gas + vapour;
}

/** Vapour pressure of water, atm, from 0 to 100 °C (Antoine equation). */
export function vapourAtm(temperatureC: number): number {
  return 10 ** (8.07131 - 1730.63 / (233.426 + temperatureC)) / 760;
}
