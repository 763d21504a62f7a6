import { kelvin } from './temperature';

/** Beyond this ionic strength the Davies equation is held at its value here, and results are called approximate. */
export const daviesLimitM = 0.5;

/**
 * Debye–Hückel constant A for water, (L/mol)^½: 1.825e6 (εT)^−1.5 with the relative permittivity of water
 * 87.74 − 0.4008 t + 9.398e-4 t² − 1.41e-6 t³ (Malmberg and Maryott, 1956; recalled from memory). 0.509 at 25 °C.
 */
export function debyeHuckelA(temperatureC: number): number {
  const t = temperatureC;
  const permittivity = 87.74 - 0.4008 * t + 9.398e-4 * t * t - 1.41e-6 * t ** 3;
  return 1.825e6 * (permittivity * kelvin(t)) ** -1.5;
}

/**
 * log10 of the activity coefficient of an ion by the Davies equation, −A z² (√I/(1+√I) − 0.3 I)
 * (Davies, Ion Association, 1962). Neutral species get 0.
 *
 * @param ionicStrengthM in mol/L; values above {@link daviesLimitM} are held there.
 */
export function logActivityCoefficient(
  charge: number,
  ionicStrengthM: number,
  temperatureC = 25,
): number {
  const held = Math.min(ionicStrengthM, daviesLimitM);
  const root = Math.sqrt(held);
  return -debyeHuckelA(temperatureC) * charge * charge * (root / (1 + root) - 0.3 * held);
}
