import {
  clampChroma,
  converter,
  formatHex,
  inGamut,
  modeOklch,
  modeRgb,
  modeXyz65,
  useMode,
} from 'culori/fn';

[modeRgb, modeXyz65, modeOklch].forEach((mode) => useMode(mode));
const toOklch = converter('oklch');
const isShown = inGamut('rgb');

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
 * Of the light that would pass the liquid, what is left behind two walls of glass: each of the outer surfaces turns back
 * 4 % (Fresnel, refractive index 1.5, normal incidence).
 */
const throughGlass = 0.92;
/** Light of the room that the glass throws back at whoever looks, as a share of white (common practice of photographs): nothing in glass is quite black. */
const veil = 0.005;

/**
 * The sRGB colour (#rrggbb) of a liquid in its glass before a white ground in daylight (D65), from the transmittance of the
 * liquid at {@link wavelengthsNm}. A picture shows no colour at the very edge of what its screen can: see {@link pictured}.
 */
export function transmittedHex(transmittance: readonly number[]): string {
  const [x, y, z] = tristimulus(transmittance).map((value, axis) => {
    const passed = value / (white[axis] ?? 1);
    return (throughGlass * passed + veil) * (srgbWhite[axis] ?? 1);
  }) as [number, number, number];
  return formatHex(clampChroma(pictured(toOklch({ mode: 'xyz65', x, y, z })), 'oklch'));
}

/** Share of the most chroma that sRGB has at a lightness and hue, up to which colours are shown as they are, and to which the strongest come near. */
const shownAsIs = 0.55;
const strongest = 0.9;
/** Most chroma (OKLCH) of any transparent liquid on a bench in daylight, whatever a screen could show (common practice). */
const mostChroma = 0.24;

/**
 * Maps a colour into what a picture shows: hue and lightness stay, and chroma is drawn in the more, the nearer it comes to the
 * edge of sRGB, so that two strong colours stay apart and none looks like a lamp.
 */
function pictured({ l, c, h = 0 }: { l: number; c: number; h?: number }) {
  const most = Math.min(mostChroma, edgeChroma(l, h));
  const [knee, limit] = [shownAsIs * most, strongest * most];
  const room = limit - knee;
  const drawnIn = c <= knee || room <= 0 ? c : knee + room * (1 - Math.exp(-(c - knee) / room));
  return { mode: 'oklch' as const, l, c: Math.min(drawnIn, limit), h };
}

/** The most chroma sRGB has at a lightness and hue, by halving. */
function edgeChroma(l: number, h: number): number {
  let [inside, outside] = [0, 0.4];
  for (let step = 0; step < edgeSteps; step += 1) {
    const c = (inside + outside) / 2;
    if (isShown({ mode: 'oklch', l, c, h })) inside = c;
    else outside = c;
  }
  return inside;
}
const edgeSteps = 9;

/** How water looks in its glass. */
export const colourlessHex = transmittedHex(wavelengthsNm.map(() => 1));
