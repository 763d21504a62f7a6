import { handbook } from '../source';
import type { BoundAsMade, Spectrum } from '../types';
import { band } from './builders/spectra';
import { elements } from './elements';

/** Absorption of coloured species in water between 350 and 850 nm. A species without a row is colourless. */
export const spectra: readonly Spectrum[] = elements.flatMap(({ spectra: rows = [] }) => rows);


/**
 * Ions that keep another bound when they are made beside it, and look otherwise for weeks than the same ion dissolved from its salt:
 * chromium(III) from chromium(VI) in sulfuric acid is green, chrome alum dissolved in the cold is violet.
 */
export const boundAsMade = [
  {
    ion: 'Cr^3+', from: ['K2Cr2O7', 'Na2Cr2O7', '(NH4)2Cr2O7', 'K2CrO4', 'Na2CrO4'], beside: ['SO4^2-', 'HSO4^-'],
    bands: [band(440, 23, 5000), band(628, 20, 3700)],
    source: handbook('Cotton and Wilkinson, Advanced Inorganic Chemistry', 'sulfatochromium(III) ions are green and change slowly; maxima near 430 and 600 nm, moved by up to 30 nm, and widths chosen so that the solution is as green as at the bench'),
  },
  {
    ion: 'CrSO4^+', from: ['K2Cr2O7', 'Na2Cr2O7', '(NH4)2Cr2O7', 'K2CrO4', 'Na2CrO4'], beside: [],
    bands: [band(440, 23, 5000), band(628, 20, 3700)],
    source: handbook('Cotton and Wilkinson, Advanced Inorganic Chemistry', 'sulfatochromium(III) ions are green and change slowly; maxima near 430 and 600 nm, moved by up to 30 nm, and widths chosen so that the solution is as green as at the bench'),
  },
  {
    ion: 'Cr^3+', from: ['CrCl3', 'K2Cr2O7', 'Na2Cr2O7', '(NH4)2Cr2O7', 'K2CrO4', 'Na2CrO4'], beside: ['Cl^-'],
    bands: [band(451, 27, 4150), band(634, 25, 4000)],
    source: handbook('Elving and Zemel, J. Am. Chem. Soc. 79 (1957) 1281', 'dichlorotetraaquachromium(III), the green ion of the green chloride: maxima at 450 and 635 nm'),
  },
] as const satisfies readonly BoundAsMade[];
