import { handbook } from '../source';
import type { SparinglySoluble } from '../types';

const crc = handbook('CRC Handbook of Chemistry and Physics', 'solubility product constants, 25 °C');
const lange = handbook('Lange’s Handbook of Chemistry', 'solubility products, 25 °C');
const fresh = handbook(
  'Stumm and Morgan, Aquatic Chemistry',
  'freshly precipitated amorphous hydroxide, 25 °C; reported values run from 37 to 39 as it ages',
);
const martell = handbook(
  'Smith and Martell, Critical Stability Constants',
  'solubility product, 25 °C; tabulated values run from 15.8 to 17.6',
);
const waters = handbook(
  'Stumm and Morgan, Aquatic Chemistry',
  'solubility of basic carbonates, 25 °C, ±0.5 in the logarithm',
);

/** Solids that settle from solution, with the product that decides it and what they look like. */
export const sparinglySoluble = [
  // Halides and pseudohalides
  { formula: 'AgCl', ions: { 'Ag^+': 1, 'Cl^-': 1 }, pKsp: 9.75, colour: 'white', texture: 'curdy', darkensInLight: true, source: crc },
  { formula: 'AgBr', ions: { 'Ag^+': 1, 'Br^-': 1 }, pKsp: 12.27, colour: 'cream', texture: 'curdy', darkensInLight: true, source: crc },
  { formula: 'AgI', ions: { 'Ag^+': 1, 'I^-': 1 }, pKsp: 16.07, colour: 'pale yellow', texture: 'curdy', darkensInLight: true, source: crc },
  { formula: 'AgSCN', ions: { 'Ag^+': 1, 'SCN^-': 1 }, pKsp: 11.99, colour: 'white', texture: 'curdy', source: crc },
  { formula: 'PbCl2', ions: { 'Pb^2+': 1, 'Cl^-': 2 }, pKsp: 4.77, colour: 'white', texture: 'crystalline', source: crc },
  { formula: 'PbBr2', ions: { 'Pb^2+': 1, 'Br^-': 2 }, pKsp: 5.18, colour: 'white', texture: 'crystalline', source: crc },
  { formula: 'PbI2', ions: { 'Pb^2+': 1, 'I^-': 2 }, pKsp: 8.01, colour: 'bright yellow', texture: 'crystalline', source: crc },
  { formula: 'CaF2', ions: { 'Ca^2+': 1, 'F^-': 2 }, pKsp: 10.46, colour: 'white', texture: 'gelatinous', source: crc },
  { formula: 'SrF2', ions: { 'Sr^2+': 1, 'F^-': 2 }, pKsp: 8.36, colour: 'white', texture: 'fine', source: crc },
  { formula: 'BaF2', ions: { 'Ba^2+': 1, 'F^-': 2 }, pKsp: 6.74, colour: 'white', texture: 'fine', source: crc },
  { formula: 'MgF2', ions: { 'Mg^2+': 1, 'F^-': 2 }, pKsp: 10.29, colour: 'white', texture: 'gelatinous', source: crc },
  { formula: 'PbF2', ions: { 'Pb^2+': 1, 'F^-': 2 }, pKsp: 7.48, colour: 'white', texture: 'fine', source: crc },
  // Sulfates
  { formula: 'BaSO4', ions: { 'Ba^2+': 1, 'SO4^2-': 1 }, pKsp: 9.97, colour: 'white', texture: 'fine', source: crc },
  { formula: 'SrSO4', ions: { 'Sr^2+': 1, 'SO4^2-': 1 }, pKsp: 6.46, colour: 'white', texture: 'fine', source: crc },
  { formula: 'PbSO4', ions: { 'Pb^2+': 1, 'SO4^2-': 1 }, pKsp: 7.6, colour: 'white', texture: 'fine', source: crc },
  { formula: 'CaSO4·2H2O', ions: { 'Ca^2+': 1, 'SO4^2-': 1 }, pKsp: 4.5, commonName: 'gypsum', colour: 'white', texture: 'crystalline', source: crc },
  { formula: 'Ag2SO4', ions: { 'Ag^+': 2, 'SO4^2-': 1 }, pKsp: 4.92, colour: 'white', texture: 'crystalline', source: crc },
  // Hydroxides (silver’s loses water at once and settles as the oxide)
  { formula: 'Ag2O', ions: { 'Ag^+': 2, 'OH^-': 2 }, pKsp: 15.42, colour: 'brown', texture: 'fine', source: lange },
  { formula: 'Mg(OH)2', ions: { 'Mg^2+': 1, 'OH^-': 2 }, pKsp: 11.25, colour: 'white', texture: 'gelatinous', source: crc },
  { formula: 'Ca(OH)2', ions: { 'Ca^2+': 1, 'OH^-': 2 }, pKsp: 5.3, commonName: 'slaked lime', colour: 'white', texture: 'fine', source: crc },
  { formula: 'Mn(OH)2', ions: { 'Mn^2+': 1, 'OH^-': 2 }, pKsp: 12.7, colour: 'white', texture: 'gelatinous', inAir: 'turns brown in air within minutes', source: lange },
  { formula: 'Fe(OH)2', ions: { 'Fe^2+': 1, 'OH^-': 2 }, pKsp: 16.31, colour: 'pale green', texture: 'gelatinous', inAir: 'darkens to green-black, then turns rusty brown in air', source: crc },
  { formula: 'Fe(OH)3', ions: { 'Fe^3+': 1, 'OH^-': 3 }, pKsp: 37.0, colour: 'red-brown', texture: 'gelatinous', source: fresh },
  { formula: 'Co(OH)2', ions: { 'Co^2+': 1, 'OH^-': 2 }, pKsp: 14.23, colour: 'blue', texture: 'gelatinous', inAir: 'the blue solid turns pink on standing, then browns in air', source: crc },
  { formula: 'Ni(OH)2', ions: { 'Ni^2+': 1, 'OH^-': 2 }, pKsp: 15.26, colour: 'pale green', texture: 'gelatinous', source: crc },
  { formula: 'Cu(OH)2', ions: { 'Cu^2+': 1, 'OH^-': 2 }, pKsp: 19.66, colour: 'pale blue', texture: 'gelatinous', source: lange },
  { formula: 'Zn(OH)2', ions: { 'Zn^2+': 1, 'OH^-': 2 }, pKsp: 16.5, colour: 'white', texture: 'gelatinous', source: crc },
  { formula: 'Cd(OH)2', ions: { 'Cd^2+': 1, 'OH^-': 2 }, pKsp: 14.14, colour: 'white', texture: 'gelatinous', source: crc },
  { formula: 'Pb(OH)2', ions: { 'Pb^2+': 1, 'OH^-': 2 }, pKsp: 14.9, colour: 'white', texture: 'gelatinous', source: lange },
  { formula: 'Al(OH)3', ions: { 'Al^3+': 1, 'OH^-': 3 }, pKsp: 32.89, colour: 'white', texture: 'gelatinous', source: lange },
  // Carbonates
  { formula: 'Ag2CO3', ions: { 'Ag^+': 2, 'CO3^2-': 1 }, pKsp: 11.07, colour: 'pale yellow', texture: 'fine', source: crc },
  { formula: 'MgCO3·3H2O', ions: { 'Mg^2+': 1, 'CO3^2-': 1 }, pKsp: 5.62, colour: 'white', texture: 'flocculent', source: crc },
  { formula: 'CaCO3', ions: { 'Ca^2+': 1, 'CO3^2-': 1 }, pKsp: 8.47, commonName: 'chalk', colour: 'white', texture: 'fine', source: crc },
  { formula: 'SrCO3', ions: { 'Sr^2+': 1, 'CO3^2-': 1 }, pKsp: 9.25, colour: 'white', texture: 'fine', source: crc },
  { formula: 'BaCO3', ions: { 'Ba^2+': 1, 'CO3^2-': 1 }, pKsp: 8.59, colour: 'white', texture: 'fine', source: crc },
  { formula: 'MnCO3', ions: { 'Mn^2+': 1, 'CO3^2-': 1 }, pKsp: 10.65, colour: 'white', texture: 'fine', inAir: 'slowly browns in air', source: crc },
  { formula: 'FeCO3', ions: { 'Fe^2+': 1, 'CO3^2-': 1 }, pKsp: 10.5, colour: 'white', texture: 'flocculent', inAir: 'turns green, then rusty brown in air', source: crc },
  { formula: 'CoCO3', ions: { 'Co^2+': 1, 'CO3^2-': 1 }, pKsp: 10.0, colour: 'pale violet', texture: 'flocculent', source: crc },
  { formula: 'NiCO3', ions: { 'Ni^2+': 1, 'CO3^2-': 1 }, pKsp: 6.85, colour: 'pale green', texture: 'flocculent', source: crc },
  { formula: 'Cu2(OH)2CO3', ions: { 'Cu^2+': 2, 'OH^-': 2, 'CO3^2-': 1 }, pKsp: 33.3, commonName: 'malachite', colour: 'pale blue-green', texture: 'flocculent', source: waters },
  { formula: 'ZnCO3', ions: { 'Zn^2+': 1, 'CO3^2-': 1 }, pKsp: 9.84, colour: 'white', texture: 'flocculent', source: crc },
  { formula: 'CdCO3', ions: { 'Cd^2+': 1, 'CO3^2-': 1 }, pKsp: 12.0, colour: 'white', texture: 'fine', source: crc },
  { formula: 'PbCO3', ions: { 'Pb^2+': 1, 'CO3^2-': 1 }, pKsp: 13.13, colour: 'white', texture: 'fine', source: crc },
  { formula: 'Li2CO3', ions: { 'Li^+': 2, 'CO3^2-': 1 }, pKsp: 3.09, colour: 'white', texture: 'crystalline', source: crc },
  // Chromates
  { formula: 'Ag2CrO4', ions: { 'Ag^+': 2, 'CrO4^2-': 1 }, pKsp: 11.95, colour: 'red-brown', texture: 'fine', source: crc },
  { formula: 'BaCrO4', ions: { 'Ba^2+': 1, 'CrO4^2-': 1 }, pKsp: 9.93, colour: 'pale yellow', texture: 'fine', source: crc },
  { formula: 'SrCrO4', ions: { 'Sr^2+': 1, 'CrO4^2-': 1 }, pKsp: 4.66, colour: 'yellow', texture: 'crystalline', source: lange },
  { formula: 'PbCrO4', ions: { 'Pb^2+': 1, 'CrO4^2-': 1 }, pKsp: 12.55, colour: 'bright yellow', texture: 'fine', source: lange },
  // Phosphates
  { formula: 'Ag3PO4', ions: { 'Ag^+': 3, 'PO4^3-': 1 }, pKsp: 17.55, colour: 'yellow', texture: 'fine', darkensInLight: true, source: martell },
  { formula: 'Ca3(PO4)2', ions: { 'Ca^2+': 3, 'PO4^3-': 2 }, pKsp: 32.68, colour: 'white', texture: 'flocculent', source: crc },
  { formula: 'CaHPO4·2H2O', ions: { 'Ca^2+': 1, 'H^+': 1, 'PO4^3-': 1 }, pKsp: 18.94, colour: 'white', texture: 'crystalline', source: lange },
  { formula: 'Ba3(PO4)2', ions: { 'Ba^2+': 3, 'PO4^3-': 2 }, pKsp: 22.47, colour: 'white', texture: 'flocculent', source: lange },
  { formula: 'Mg3(PO4)2', ions: { 'Mg^2+': 3, 'PO4^3-': 2 }, pKsp: 23.98, colour: 'white', texture: 'flocculent', source: crc },
  { formula: 'FePO4·2H2O', ions: { 'Fe^3+': 1, 'PO4^3-': 1 }, pKsp: 26.0, colour: 'cream', texture: 'flocculent', source: lange },
  { formula: 'AlPO4', ions: { 'Al^3+': 1, 'PO4^3-': 1 }, pKsp: 20.01, colour: 'white', texture: 'gelatinous', source: crc },
  { formula: 'Cu3(PO4)2', ions: { 'Cu^2+': 3, 'PO4^3-': 2 }, pKsp: 36.85, colour: 'pale blue', texture: 'flocculent', source: crc },
  { formula: 'Zn3(PO4)2', ions: { 'Zn^2+': 3, 'PO4^3-': 2 }, pKsp: 32.04, colour: 'white', texture: 'flocculent', source: lange },
  { formula: 'Co3(PO4)2', ions: { 'Co^2+': 3, 'PO4^3-': 2 }, pKsp: 34.69, colour: 'pale violet', texture: 'flocculent', source: crc },
  { formula: 'Ni3(PO4)2', ions: { 'Ni^2+': 3, 'PO4^3-': 2 }, pKsp: 31.32, colour: 'pale green', texture: 'flocculent', source: crc },
  { formula: 'Pb3(PO4)2', ions: { 'Pb^2+': 3, 'PO4^3-': 2 }, pKsp: 42.1, colour: 'white', texture: 'fine', source: lange },
  // Oxalates
  { formula: 'Ag2C2O4', ions: { 'Ag^+': 2, 'C2O4^2-': 1 }, pKsp: 11.27, colour: 'white', texture: 'fine', source: crc },
  { formula: 'MgC2O4·2H2O', ions: { 'Mg^2+': 1, 'C2O4^2-': 1 }, pKsp: 5.32, colour: 'white', texture: 'crystalline', source: crc },
  { formula: 'CaC2O4·H2O', ions: { 'Ca^2+': 1, 'C2O4^2-': 1 }, pKsp: 8.63, colour: 'white', texture: 'fine', source: crc },
  { formula: 'SrC2O4', ions: { 'Sr^2+': 1, 'C2O4^2-': 1 }, pKsp: 6.8, colour: 'white', texture: 'fine', source: lange },
  { formula: 'BaC2O4', ions: { 'Ba^2+': 1, 'C2O4^2-': 1 }, pKsp: 6.79, colour: 'white', texture: 'crystalline', source: lange },
  { formula: 'MnC2O4·2H2O', ions: { 'Mn^2+': 1, 'C2O4^2-': 1 }, pKsp: 6.77, colour: 'white', texture: 'crystalline', source: crc },
  { formula: 'FeC2O4·2H2O', ions: { 'Fe^2+': 1, 'C2O4^2-': 1 }, pKsp: 6.5, colour: 'yellow', texture: 'fine', source: lange },
  { formula: 'ZnC2O4·2H2O', ions: { 'Zn^2+': 1, 'C2O4^2-': 1 }, pKsp: 8.86, colour: 'white', texture: 'fine', source: crc },
  { formula: 'CuC2O4', ions: { 'Cu^2+': 1, 'C2O4^2-': 1 }, pKsp: 9.35, colour: 'pale blue', texture: 'fine', source: crc },
  { formula: 'PbC2O4', ions: { 'Pb^2+': 1, 'C2O4^2-': 1 }, pKsp: 9.32, colour: 'white', texture: 'fine', source: lange },
  // Hexacyanidoferrates(II)
  { formula: 'Cu2Fe(CN)6', ions: { 'Cu^2+': 2, 'Fe(CN)6^4-': 1 }, pKsp: 15.89, colour: 'red-brown', texture: 'gelatinous', source: lange },
  { formula: 'Zn2Fe(CN)6', ions: { 'Zn^2+': 2, 'Fe(CN)6^4-': 1 }, pKsp: 15.39, colour: 'white', texture: 'gelatinous', source: lange },
  { formula: 'Ag4Fe(CN)6', ions: { 'Ag^+': 4, 'Fe(CN)6^4-': 1 }, pKsp: 44.07, colour: 'white', texture: 'gelatinous', source: lange },
  { formula: 'Fe4(Fe(CN)6)3', ions: { 'Fe^3+': 4, 'Fe(CN)6^4-': 3 }, pKsp: 40.52, commonName: 'Prussian blue', colour: 'deep blue', texture: 'fine', source: lange },
  { formula: 'Ni2Fe(CN)6', ions: { 'Ni^2+': 2, 'Fe(CN)6^4-': 1 }, pKsp: 14.89, colour: 'pale green', texture: 'gelatinous', source: lange },
  { formula: 'Co2Fe(CN)6', ions: { 'Co^2+': 2, 'Fe(CN)6^4-': 1 }, pKsp: 14.74, colour: 'green', texture: 'gelatinous', source: lange },
] as const satisfies readonly SparinglySoluble[];
