import { handbook } from '../source';
import type { ImmiscibleSolvent } from '../types';

const seidell = handbook('Seidell, Solubilities of Inorganic and Organic Compounds', 'distribution between the solvent and water at 25 °C, rounded, ±20 %');
const colours = handbook('Lever, Inorganic Electronic Spectroscopy', 'halogens in solvents that do not bind them: band maxima and absorptivities, widths chosen');

/** How halogens look in a solvent that does not bind them: iodine is violet there, bromine orange. */
export const layerSpectra = [
  { formula: 'I2', bands: [{ maximumNm: 523, absorptivity: 920, widthPerCm: 3400 }], source: colours },
  { formula: 'Br2', bands: [{ maximumNm: 411, absorptivity: 205, widthPerCm: 5200 }, { maximumNm: 490, absorptivity: 40, widthPerCm: 4600 }], source: colours },
  { formula: 'Cl2', bands: [{ maximumNm: 330, absorptivity: 95, widthPerCm: 6200 }], source: colours },
] as const;

/** Liquids that form a layer of their own, with the concentration in them over that in water. */
export const solvents = [
  { formula: 'C6H12', densityGPerMl: 0.779, partition: { I2: 80, Br2: 25, Cl2: 15 }, source: seidell },
  { formula: 'C6H14', densityGPerMl: 0.659, partition: { I2: 36, Br2: 20, Cl2: 13 }, source: seidell },
  { formula: 'C8H18', densityGPerMl: 0.703, partition: { I2: 34, Br2: 20, Cl2: 13 }, source: seidell },
  { formula: 'C16H34', densityGPerMl: 0.773, partition: { I2: 30, Br2: 18, Cl2: 12 }, source: seidell },
  { formula: 'CH2Cl2', densityGPerMl: 1.325, partition: { I2: 130, Br2: 30, Cl2: 20 }, source: seidell },
] as const satisfies readonly ImmiscibleSolvent[];
