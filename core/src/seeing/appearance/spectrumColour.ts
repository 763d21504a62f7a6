import { clampChroma, formatHex, modeOklch, modeRgb, modeXyz65, useMode } from 'culori/fn';

[modeRgb, modeXyz65, modeOklch].forEach((mode) => useMode(mode));

/** Relative spectral power of CIE illuminant D65, 380–780 nm in steps of 10 nm (CIE 15, recalled from memory). */
const d65 = [
  49.98, 54.65, 82.75, 91.49, 93.43, 86.68, 104.86, 117.01, 117.81, 114.86, 115.92, 108.81, 109.35,
  107.8, 104.79, 107.69, 104.41, 104.05, 100, 96.33, 95.79, 88.69, 90.01, 89.6, 87.7, 83.29, 83.7,
  80.03, 80.21, 82.28, 78.28, 69.72, 71.61, 74.35, 61.6, 69.89, 75.09, 63.59, 46.42, 66.81, 63.38,
] as const;

/** Wavelengths in nm at which spectra are summed. */
export const wavelengthsNm: readonly number[] = d65.map((_, index) => 380 + 10 * index);

function lobe(nm: number, mean: number, below: number, above: number): number {
  const t = (nm - mean) / (nm < mean ? below : above);
  return Math.exp(-0.5 * t * t);
}

/**
 * CIE 1931 colour-matching functions in the multi-lobe approximation of
 * Wyman, Sloan and Shirley, J. Computer Graphics Techniques 2 (2013) 1 (recalled from memory).
 */
const matching = wavelengthsNm.map((nm) => [
  1.056 * lobe(nm, 599.8, 37.9, 31) +
    0.362 * lobe(nm, 442, 16, 26.7) -
    0.065 * lobe(nm, 501.1, 20.4, 26.2),
  0.821 * lobe(nm, 568.8, 46.9, 40.5) + 0.286 * lobe(nm, 530.9, 16.3, 31.1),
  1.217 * lobe(nm, 437, 11.8, 36) + 0.681 * lobe(nm, 459, 26, 13.8),
]);

const white = tristimulus(wavelengthsNm.map(() => 1));
/** D65 white, CIE 1931 observer (IEC 61966-2-1). */
const srgbWhite = [0.9505, 1, 1.089] as const;

/** CIE 1931 tristimulus values of light from D65 after a transmittance at {@link wavelengthsNm}, not scaled. */
export function tristimulus(transmittance: readonly number[]): [number, number, number] {
  const sum = [0, 0, 0] as [number, number, number];
  transmittance.forEach((t, index) => {
    const power = t * (d65[index] ?? 0);
    for (const axis of [0, 1, 2] as const) sum[axis] += power * (matching[index]?.[axis] ?? 0);
  });
  return sum;
}

/**
 * The sRGB colour (#rrggbb) of light from D65 after passing a transmittance given at {@link wavelengthsNm}, scaled so
 * that full transmittance is white. A colour that sRGB cannot show keeps its hue and lightness and gives up chroma.
 */
export function transmittedHex(transmittance: readonly number[]): string {
  const [x, y, z] = tristimulus(transmittance).map(
    (value, axis) => (value / (white[axis] ?? 1)) * (srgbWhite[axis] ?? 1),
  ) as [number, number, number];
  return formatHex(clampChroma({ mode: 'xyz65', x, y, z }, 'oklch'));
}
