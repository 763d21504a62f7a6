/** Debye–Hückel constant A for water at 25 °C, in (L/mol)^½ (Davies, Ion Association, 1962). */
const debyeHuckelA = 0.509;
/** Beyond this ionic strength the Davies equation is held at its value here, and results are called approximate. */
export const daviesLimitM = 0.5;

/**
 * log10 of the activity coefficient of an ion by the Davies equation,
 * −A z² (√I/(1+√I) − 0.3 I), 25 °C. Neutral species get 0.
 *
 * @param ionicStrengthM in mol/L; values above {@link daviesLimitM} are held there.
 */
export function logActivityCoefficient(charge: number, ionicStrengthM: number): number {
  const held = Math.min(ionicStrengthM, daviesLimitM);
  const root = Math.sqrt(held);
  return -debyeHuckelA * charge * charge * (root / (1 + root) - 0.3 * held);
}

/** Ionic strength ½ Σ c z² in mol/L. */
export function ionicStrengthM(
  species: readonly { readonly concentrationM: number; readonly charge: number }[],
): number {
  return (
    0.5 * species.reduce((sum, { concentrationM, charge }) => sum + concentrationM * charge ** 2, 0)
  );
}
