import { chargeOf } from '../../matter/substances/ionsOf';
import { handbook } from '../../matter/substances/source';
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

/** Where the activity of chloride in concentrated acid comes from. */
export const chlorideSource = handbook(
  'Robinson and Stokes, Electrolyte Solutions',
  'mean activity coefficients of hydrochloric acid at 25 °C by molality, brought to the mol/L scale with the densities of the acid',
);

/** Mean activity coefficient of hydrochloric acid at 25 °C against its concentration in mol/L. */
const hydrochloricAcid = [
  [0.5, 0.762],
  [0.98, 0.824],
  [1.93, 1.045],
  [2.83, 1.39],
  [3.7, 1.9],
  [4.54, 2.61],
  [5.35, 3.6],
  [6.87, 6.85],
  [8.28, 12.6],
  [9.59, 21.5],
  [10.8, 35.2],
  [12, 56.6],
] as const satisfies readonly (readonly [concentrationM: number, coefficient: number])[];

/**
 * What concentrated acid adds to log10 of the activity coefficient of chloride, above where the Davies equation is held: as in
 * hydrochloric acid of the same ionic strength, times the share of the acid in it (Harned’s rule with nothing for the other
 * salts, whose coefficients stay near 1). This is why a little concentrated acid shifts chloride complexes so far.
 *
 * @param acidM free hydrogen ions, mol/L.
 */
export function logChlorideExcess(acidM: number, ionicStrengthM: number): number {
  if (acidM <= 0 || ionicStrengthM <= daviesLimitM) return 0;
  return (
    Math.min(1, acidM / ionicStrengthM) *
    Math.log10(coefficientOfAcid(ionicStrengthM) / coefficientOfAcid(daviesLimitM))
  );
}

/** Between the rows of the table by equal factors; held beyond its end. */
function coefficientOfAcid(concentrationM: number): number {
  let [lowM, low]: readonly [number, number] = hydrochloricAcid[0];
  for (const [highM, high] of hydrochloricAcid) {
    if (concentrationM <= highM)
      return highM === lowM
        ? high
        : low * (high / low) ** ((concentrationM - lowM) / (highM - lowM));
    [lowM, low] = [highM, high];
  }
  return low;
}

/** A solution in which activities are read. */
export interface Solution {
  /** mol/L by species. */
  readonly species: Readonly<Record<string, number>>;
  readonly ionicStrengthM: number;
  readonly temperatureC: number;
}

/**
 * log10 of the activity coefficient of a species in a solution at equilibrium: Davies, and for chloride what concentrated acid
 * adds.
 */
export function logCoefficientIn(
  formula: string,
  { species, ionicStrengthM, temperatureC }: Solution,
): number {
  const own = logActivityCoefficient(chargeOf(formula), ionicStrengthM, temperatureC);
  return formula === 'Cl^-' ? own + logChlorideExcess(species['H^+'] ?? 0, ionicStrengthM) : own;
}
