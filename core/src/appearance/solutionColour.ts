import { spectra } from '../substances/data/spectra';
import type { AbsorptionBand } from '../substances/types';
import { nameColour } from './colourWords';
import type { ColourPhrase } from '../substances/types';
import { transmittedHex, wavelengthsNm } from './spectrumColour';

const bandsOf = new Map(spectra.map(({ formula, bands }) => [formula, bands]));

/** What a liquid looks like. */
export interface LiquidColour {
  readonly hex: string;
  readonly colour: ColourPhrase;
}

/**
 * Molar absorptivity of one band, L mol⁻¹ cm⁻¹: a Gaussian in wavenumber about its maximum,
 * half as high at half its width to either side.
 */
export function bandAbsorptivity(band: AbsorptionBand, nm: number): number {
  const distance = 1e7 / nm - 1e7 / band.maximumNm;
  return band.absorptivity * Math.exp(-4 * Math.LN2 * (distance / band.widthPerCm) ** 2);
}

/**
 * The colour of a solution against white light: absorbances of all species summed (Beer–Lambert) over the path.
 *
 * @param concentrationsM mol/L by species formula. Species without absorption bands count as colourless.
 * @param pathCm optical path through the vessel, cm.
 */
export function solutionColour(
  concentrationsM: Readonly<Record<string, number>>,
  pathCm: number,
): LiquidColour {
  const coloured = Object.entries(concentrationsM).flatMap(([formula, concentration]) =>
    (bandsOf.get(formula) ?? []).map((band) => ({ band, concentration })),
  );
  const transmittance = wavelengthsNm.map((nm) => {
    const absorbance = coloured.reduce(
      (sum, { band, concentration }) => sum + bandAbsorptivity(band, nm) * concentration * pathCm,
      0,
    );
    return 10 ** -absorbance;
  });
  const hex = transmittedHex(transmittance);
  return { hex, colour: nameColour(hex) };
}
