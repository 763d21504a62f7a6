import { handbook } from '../source';
import type { AbsorptionBand } from '../types';

const source = handbook(
  'Vogel’s Textbook of Quantitative Chemical Analysis; Banks and Greenwood, Starch and its Components',
  'starch takes up about a fifth of its mass of iodine, absorbs near 600 nm, and loses the colour when hot; constant and enthalpy of binding to a factor of three',
);

/** Starch indicator: one drop is 0.05 mL of a 1 % solution. */
export const starch = {
  name: 'starch',
  /** Iodine that a drop can bind, mol. */
  sitesPerDrop: 4e-7,
  /** log10 of the binding constant at 25 °C, L/mol, and ΔH° of binding, kJ/mol. */
  logK: 5.3,
  enthalpyKJPerMol: -70,
  bands: [
    { maximumNm: 600, absorptivity: 38000, widthPerCm: 5200 },
    { maximumNm: 450, absorptivity: 9000, widthPerCm: 6000 },
  ] satisfies readonly AbsorptionBand[],
  source,
} as const;
