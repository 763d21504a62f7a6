import { commonPractice, handbook } from '../../source';
import type { AbsorptionBand, Spectrum } from '../../types';

const lever = handbook('Lever, Inorganic Electronic Spectroscopy', 'band maxima and absorptivities in water, maxima moved by up to 20 nm; widths, and weak bands that stand for a flank, set so that the solution looks as at the bench');
const halogens = handbook('Awtrey and Connick; Troy and Margerum (halogens in water)', 'band maxima and absorptivities, maxima moved by up to 20 nm; widths, and weak bands that stand for a flank, set so that the solution looks as at the bench');
const analysis = handbook('Sandell, Colorimetric Determination of Traces of Metals', 'maximum and absorptivity of the coloured complex, rounded; widths chosen');
const dyes = handbook('Bishop, Indicators', 'band maxima of redox dyes and their reduced forms, rounded; absorptivities and widths set so that each form has its known colour');
const nitrosyl = handbook('Wanat et al., Inorganic Chemistry 41 (2002) 4', 'bands of the pentaaquanitrosyl of iron');
/** Values of our own: moved until the colour has the words that textbooks use for it. */
const fittedToWords = commonPractice('position, height and width of bands set so that the solution has its textbook colour; not a published spectrum');
const estimated = handbook('Lever, Inorganic Electronic Spectroscopy', 'estimated from the neighbouring complexes of the same metal, absorptivity ±40 %');
export const band = (maximumNm: number, absorptivity: number, widthPerCm: number): AbsorptionBand => ({ maximumNm, absorptivity, widthPerCm });
export const spectrum = (formula: string, source: Spectrum['source'], ...bands: AbsorptionBand[]): Spectrum => ({ formula, bands, source });

/** Where rows of this kind come from, where that is not the usual work. */
export const spectraFrom = { lever, halogens, analysis, dyes, fittedToWords, estimated, nitrosyl };
