import { vantHoff } from '../../solution/equilibrium/temperature';
import { starch } from '../../matter/substances/data/starch';
import { indicators } from '../../matter/substances/data/indicators';
import { layerSpectra } from '../../matter/substances/data/solvents';
import { boundAsMade, spectra } from '../../matter/substances/data/spectra';
import type { AbsorptionBand, ColourPhrase } from '../../matter/substances/types';
import { colourPhrase, hexLook, nameColour, readPhrase } from './colourWords';
import { transmittedHex, wavelengthsNm } from './spectrumColour';

const layerBands = new Map<string, readonly AbsorptionBand[]>(
  layerSpectra.map(({ formula, bands }) => [formula, bands]),
);
const bandsOf = new Map(spectra.map(({ formula, bands }) => [formula, bands]));
const indicatorRows = new Map(indicators.map((row) => [row.name, row]));

/** What a liquid looks like. */
export interface LiquidColour {
  readonly hex: string;
  readonly colour: ColourPhrase;
}

/** Indicator in a liquid: the drops of each, and the pH that decides between its forms. */
export interface Indication {
  readonly drops: Readonly<Record<string, number>>;
  readonly pH: number;
  readonly volumeMl: number;
  readonly temperatureC: number;
}

/**
 * Molar absorptivity of one band, L mol⁻¹ cm⁻¹: a Gaussian in wavenumber about its maximum,
 * half as high at half its width to either side.
 */
export function bandAbsorptivity(band: AbsorptionBand, nm: number): number {
  const distance = 1e7 / nm - 1e7 / band.maximumNm;
  return band.absorptivity * Math.exp(-4 * Math.LN2 * (distance / band.widthPerCm) ** 2);
}

/** Bands of a species; of one that keeps a neighbour from its making, those of the pair. */
function bandsIn(
  formula: string,
  concentrationsM: Readonly<Record<string, number>>,
  put: readonly string[],
): readonly AbsorptionBand[] {
  const bound = boundAsMade.find(
    ({ ion, from, beside }) =>
      ion === formula &&
      from.some((one) => put.includes(one)) &&
      (beside.length === 0 ||
        beside.reduce((sum, one) => sum + (concentrationsM[one] ?? 0), 0) >
          (concentrationsM[formula] ?? 0)),
  );
  return bound?.bands ?? bandsOf.get(formula) ?? [];
}

/**
 * The colour of a solution against white light: absorbances of all species summed (Beer–Lambert) over the path.
 *
 * @param concentrationsM mol/L by species formula. Species without absorption bands count as colourless.
 * @param pathCm optical path through the vessel, cm.
 * @param put substances that were put in, for ions that remember what they were made from.
 */
export function solutionColour(
  concentrationsM: Readonly<Record<string, number>>,
  pathCm: number,
  indication?: Indication,
  put: readonly string[] = [],
): LiquidColour {
  const coloured = Object.entries(concentrationsM).flatMap(([formula, concentration]) =>
    bandsIn(formula, concentrationsM, put).map((band) => ({ band, concentration })),
  );
  if (indication)
    coloured.push(...indicatorBands(indication), ...starchBands(indication, concentrationsM));
  return seenThrough(coloured, pathCm);
}

/** The colour of a second layer, in which halogens show the colour of their vapour. */
export function layerColour(
  concentrationsM: Readonly<Record<string, number>>,
  pathCm: number,
): LiquidColour {
  const coloured = Object.entries(concentrationsM).flatMap(([formula, concentration]) =>
    (layerBands.get(formula) ?? []).map((band) => ({ band, concentration })),
  );
  return seenThrough(coloured, pathCm);
}

/** A band and the concentration of what absorbs in it, mol/L. */
interface Coloured {
  readonly band: AbsorptionBand;
  readonly concentration: number;
}

/** The colour of light that went through absorbing species, each with its concentration, over a path. */
export function seenThrough(coloured: readonly Coloured[], pathCm: number): LiquidColour {
  const hex = hexThrough(coloured, pathCm);
  return { hex, colour: isDark(hex) ? nameOfDark(coloured, pathCm) : nameColour(hex) };
}

/** Lightness (OKLab) below which a liquid looks black until it is held against the light. */
const darkBelow = 0.22;
const isDark = (hex: string): boolean => hexLook(hex).l < darkBelow;
/** Up to this many halvings of the path, the meniscus or a tilted tube shows a hue (common practice). */
const thinnestHalving = 6;
/** Hue angles (OKLCH, degrees) of dark blues that are called blue-black. */
const blueBlack = [235, 312] as const;

/** A liquid too dark to name is held against the light: the thickest part that lets light through shows its hue. */
function nameOfDark(coloured: readonly Coloured[], pathCm: number): ColourPhrase {
  for (let halving = 1; halving <= thinnestHalving; halving += 1) {
    const hex = hexThrough(coloured, pathCm / 2 ** halving);
    if (isDark(hex)) continue;
    const { h, c } = hexLook(hex);
    if (c < leastHue) break;
    if (h > blueBlack[0] && h < blueBlack[1]) return 'blue-black';
    return colourPhrase(readPhrase(nameColour(hex)).word, 'deep');
  }
  return 'black';
}

/** Chroma (OKLCH) below which what is seen against the light has no hue. */
const leastHue = 0.03;

function hexThrough(coloured: readonly Coloured[], pathCm: number): string {
  const transmittance = wavelengthsNm.map((nm) => {
    const absorbance = coloured.reduce(
      (sum, { band, concentration }) => sum + bandAbsorptivity(band, nm) * concentration * pathCm,
      0,
    );
    return 10 ** -absorbance;
  });
  return transmittedHex(transmittance);
}

/** Bands of the indicators in a liquid, each with the concentration of its form, mol/L. */
function indicatorBands({ drops, pH, volumeMl }: Indication) {
  return Object.entries(drops).flatMap(([name, count]) => {
    const row = indicatorRows.get(name);
    if (!row || volumeMl === 0) return [];
    const concentrationM = (1000 * count * row.molPerDrop) / volumeMl;
    return formShares(row.pKa, pH).flatMap((share, form) =>
      (row.forms[form] ?? []).map((band) => ({ band, concentration: share * concentrationM })),
    );
  });
}

/**
 * The blue-black of starch with iodine: what its sites hold at the free concentration of iodine and triiodide (one constant
 * for all sites; heat loosens it, by van ’t Hoff). The share that is bound is not taken out of the solution.
 */
function starchBands(
  { drops, volumeMl, temperatureC }: Indication,
  concentrationsM: Readonly<Record<string, number>>,
) {
  const count = drops[starch.name] ?? 0;
  const { 'I3^-': triiodide = 0, I2: iodine = 0 } = concentrationsM;
  const there = triiodide + iodine;
  if (count === 0 || volumeMl === 0 || there === 0) return [];
  const strength = 10 ** vantHoff(starch.logK, starch.enthalpyKJPerMol, temperatureC);
  const sitesM = (1000 * count * starch.sitesPerDrop) / volumeMl;
  const bound = (sitesM * strength * there) / (1 + strength * there);
  return starch.bands.map((band) => ({ band, concentration: Math.min(there, bound) }));
}

/**
 * Share of each form of an indicator at a pH, from acid to alkaline: each step by its pKa (Henderson–Hasselbalch).
 *
 * @example formShares([4, 8], 6) // nearly all in the middle form
 */
export function formShares(pKa: readonly number[], pH: number): number[] {
  const weights = [1];
  for (const step of pKa) weights.push((weights.at(-1) ?? 1) * 10 ** (pH - step));
  const total = weights.reduce((sum, weight) => sum + weight, 0);
  return weights.map((weight) => weight / total);
}
