import { spectra } from '../../matter/substances/data/spectra';
import type { AbsorptionBand, ColourWord } from '../../matter/substances/types';
import { readPhrase } from './colourWords';
import { bandAbsorptivity, seenThrough } from './solutionColour';
import { wavelengthsNm } from './spectrumColour';

/** Strongest absorbance in the visible at which a colour is told: strong, and not yet black. */
const toldAbsorbance = 1.2;
/** What absorbs less than this anywhere between these wavelengths, L mol⁻¹ cm⁻¹, is called colourless. */
const leastAbsorptivity = 1;
const visible = wavelengthsNm.filter((nm) => nm >= 440 && nm <= 680);

const rows = new Map(spectra.map(({ formula, bands }) => [formula, bands]));
const told = new Map<string, ColourWord | undefined>();

/** The hue that absorption bands give by themselves; undefined when nothing of it is seen. */
export function colourOfBands(bands: readonly AbsorptionBand[]): ColourWord | undefined {
  const strongest = Math.max(
    ...visible.map((nm) => bands.reduce((sum, band) => sum + bandAbsorptivity(band, nm), 0)),
  );
  if (strongest < leastAbsorptivity) return undefined;
  const concentration = toldAbsorbance / strongest;
  const { colour } = seenThrough(
    bands.map((band) => ({ band, concentration })),
    1,
  );
  const { word } = readPhrase(colour);
  return word === 'colourless' ? undefined : word;
}

/** The colour of a dissolved species by itself; undefined for a colourless one. */
export function colourOfSpecies(formula: string): ColourWord | undefined {
  if (!told.has(formula)) told.set(formula, colourOfBands(rows.get(formula) ?? []));
  return told.get(formula);
}
