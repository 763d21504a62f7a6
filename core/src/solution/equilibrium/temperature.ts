/** Molar gas constant, J mol⁻¹ K⁻¹ (SI 2019, exact to the figures given). */
export const gasConstant = 8.314462618;
/** Faraday constant, C/mol (SI 2019). */
export const faraday = 96485.33212;

const referenceK = 298.15;

/** Absolute temperature in K. */
export function kelvin(temperatureC: number): number {
  return temperatureC + 273.15;
}

/**
 * Moves an equilibrium constant from 25 °C to another temperature by van ’t Hoff’s equation, taking ΔH° as constant.
 * Without an enthalpy the constant stays as it is.
 *
 * @returns log10 K at `temperatureC`.
 */
export function vantHoff(
  logK: number,
  enthalpyKJPerMol: number | undefined,
  temperatureC: number,
): number {
  if (enthalpyKJPerMol === undefined || temperatureC === 25) return logK;
  const slope = (1000 * enthalpyKJPerMol) / (gasConstant * Math.LN10);
  return logK - slope * (1 / kelvin(temperatureC) - 1 / referenceK);
}
