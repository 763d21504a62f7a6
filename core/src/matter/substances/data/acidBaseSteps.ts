import { asRead } from '../readSource';
import { handbook } from '../source';
import type { FormedSpecies } from '../types';

const crc = handbook('CRC Handbook of Chemistry and Physics', 'dissociation constants of acids, 25 °C');
const smith = handbook('Smith and Martell, Critical Stability Constants', 'protonation constants, 25 °C, zero ionic strength where given');
const dye = handbook('Bishop, Indicators', 'indigo carmine turns from blue at pH 11.4 to yellow at pH 13.0, which at the ionic strength of such solutions puts its constant near 10^-13, ±0.4 in the logarithm');
const baes = handbook('Baes and Mesmer, The Hydrolysis of Cations', 'hydrolysis constants, 25 °C');
const lange = handbook('Lange’s Handbook of Chemistry', 'constants of hydrogen sulfide as used with its table of sulfides (K1 K2 = 10^-20.9); newer work puts the second step lower');
const fitted = handbook('Lange’s Handbook of Chemistry', 'tin(IV) hydroxide dissolves in excess of base; constant placed to agree, ±1 in the logarithm');

/** pKw of water at 25 °C and zero ionic strength; ΔH° of H2O ⇌ H⁺ + OH⁻ is 55.8 kJ/mol. */
export const waterIonisation = { pKw: 13.995, enthalpyKJPerMol: 55.8, source: crc } as const;

/** base + n H⁺ ⇌ acid, log10 of the overall constant and, where known, ΔH° of the overall step in kJ/mol. */
const acid = (formula: string, base: string, protons: number, logBeta: number, enthalpyKJPerMol?: number, source = crc): FormedSpecies => ({
  formula, from: { [base]: 1, 'H^+': protons }, logBeta, ...(enthalpyKJPerMol !== undefined && { enthalpyKJPerMol }), source,
});
/** M + n H2O ⇌ M(OH)n + n H⁺. */
const hydroxo = (formula: string, metal: string, protonsLost: number, logBeta: number, enthalpyKJPerMol?: number, metals = 1, source = baes): FormedSpecies => ({
  formula, from: { [metal]: metals, 'H^+': -protonsLost }, logBeta, ...(enthalpyKJPerMol !== undefined && { enthalpyKJPerMol }), source,
});

/** Acids as base plus protons, hydrolysed cations as cation less protons. Every row is one acid–base step or a sum of steps. */
const rows: readonly FormedSpecies[] = [
  { formula: 'OH^-', from: { 'H^+': -1 }, logBeta: -waterIonisation.pKw, enthalpyKJPerMol: waterIonisation.enthalpyKJPerMol, source: crc },
  // Acids of one step
  acid('HF', 'F^-', 1, 3.17, 13.3),
  acid('CH3COOH', 'CH3COO^-', 1, 4.756, 0.41),
  acid('HCOOH', 'HCOO^-', 1, 3.75, 0.2),
  acid('C6H5COOH', 'C6H5COO^-', 1, 4.2, -0.6),
  acid('C6H5OH', 'C6H5O^-', 1, 9.99, -23.6),
  acid('C17H35COOH', 'C17H35COO^-', 1, 4.95),
  acid('HC8H4O4^-', 'C8H4O4^2-', 1, 5.41),
  acid('H2C8H4O4', 'C8H4O4^2-', 2, 8.36),
  acid('C6H12O7', 'C6H11O7^-', 1, 3.86),
  acid('HC6H7O6', 'C6H7O6^-', 1, 4.17),
  acid('HCN', 'CN^-', 1, 9.21, -43.6),
  acid('HN3', 'N3^-', 1, 4.7, -15),
  acid('HNO2', 'NO2^-', 1, 3.22, -14.7),
  acid('HIO3', 'IO3^-', 1, 0.78),
  acid('HSO4^-', 'SO4^2-', 1, 1.99, 22.4),
  acid('HS2O3^-', 'S2O3^2-', 1, 1.7),
  acid('HFe(CN)6^3-', 'Fe(CN)6^4-', 1, 4.31, undefined, smith),
  acid('C4H8N2O2', 'C4H7N2O2^-', 1, 10.66, undefined, smith),
  { formula: 'NH3', from: { 'NH4^+': 1, 'H^+': -1 }, logBeta: -9.25, enthalpyKJPerMol: 52.2, source: crc },
  { formula: 'HO2^-', from: { H2O2: 1, 'H^+': -1 }, logBeta: -11.65, enthalpyKJPerMol: 30.8, source: crc },
  { formula: 'B(OH)3', from: { 'B(OH)4^-': 1, 'H^+': 1 }, logBeta: 9.24, enthalpyKJPerMol: -13.8, source: crc },
  // Acids of several steps
  acid('HCO3^-', 'CO3^2-', 1, 10.33, -14.9),
  acid('CO2', 'CO3^2-', 2, 16.68, -24.0),
  acid('HSO3^-', 'SO3^2-', 1, 7.19, 3.7),
  acid('SO2', 'SO3^2-', 2, 9.04, 21.5),
  acid('HS^-', 'S^2-', 1, 13.9, -50, lange),
  acid('H2S', 'S^2-', 2, 20.9, -72, lange),
  acid('HPO4^2-', 'PO4^3-', 1, 12.35, -14.6),
  acid('H2PO4^-', 'PO4^3-', 2, 19.55, -18.2),
  acid('H3PO4', 'PO4^3-', 3, 21.7, -10.2),
  acid('HC2O4^-', 'C2O4^2-', 1, 4.27, 6.7),
  acid('H2C2O4', 'C2O4^2-', 2, 5.52, 10.6),
  acid('HCrO4^-', 'CrO4^2-', 1, 6.51, 2.9),
  { formula: 'Cr2O7^2-', from: { 'CrO4^2-': 2, 'H^+': 2 }, logBeta: 14.56, enthalpyKJPerMol: -15, source: smith },
  acid('HC4H4O6^-', 'C4H4O6^2-', 1, 4.37, -4.2),
  acid('H2C4H4O6', 'C4H4O6^2-', 2, 7.4, -4),
  acid('HC6H5O7^2-', 'C6H5O7^3-', 1, 6.4, 3.3),
  acid('H2C6H5O7^-', 'C6H5O7^3-', 2, 11.16, 0.8),
  acid('H3C6H5O7', 'C6H5O7^3-', 3, 14.29, -3.4),
  { formula: 'C16H7N2O8S2^3-', from: { 'C16H8N2O8S2^2-': 1, 'H^+': -1 }, logBeta: -13, source: dye },
  acid('HC10H12N2O8^3-', 'C10H12N2O8^4-', 1, 10.95, -23, smith),
  acid('H2C10H12N2O8^2-', 'C10H12N2O8^4-', 2, 17.22, -41, smith),
  acid('H3C10H12N2O8^-', 'C10H12N2O8^4-', 3, 20.34, -35, smith),
  acid('H4C10H12N2O8', 'C10H12N2O8^4-', 4, 22.5, -34.3, smith),
  acid('HMoO4^-', 'MoO4^2-', 1, 4.3, undefined, smith),
  { formula: 'H3SiO4^-', from: { H4SiO4: 1, 'H^+': -1 }, logBeta: -9.84, enthalpyKJPerMol: 25.6, source: smith },
  { formula: 'H2SiO4^2-', from: { H4SiO4: 1, 'H^+': -2 }, logBeta: -23.04, enthalpyKJPerMol: 75, source: smith },
  // Hypohalites and their acids, and the halogens they make with halide in acid: XO⁻ + X⁻ + 2 H⁺ ⇌ X2 + H2O
  acid('HClO', 'ClO^-', 1, 7.54, -13.3),
  { formula: 'Cl2', from: { 'ClO^-': 1, 'Cl^-': 1, 'H^+': 2 }, logBeta: 10.94, enthalpyKJPerMol: -38, source: crc },
  acid('HBrO', 'BrO^-', 1, 8.62),
  // ΔH°: bromine by formationEnthalpies.ts (−72.7); iodine so that I2 + I⁻ gives the −17 of Smith and Martell with the −116 that llnl.dat and Thermoddem
  // have for I3⁻ over this path (by formationEnthalpies.ts −100.5 and −119.4).
  { formula: 'Br2', from: { 'BrO^-': 1, 'Br^-': 1, 'H^+': 2 }, logBeta: 16.86, enthalpyKJPerMol: -73, source: crc },
  acid('HIO', 'IO^-', 1, 10.6),
  { formula: 'I2', from: { 'IO^-': 1, 'I^-': 1, 'H^+': 2 }, logBeta: 22.9, enthalpyKJPerMol: -99, source: crc },
  // Vanadium(V): the acid cation and the vanadate
  { formula: 'H2VO4^-', from: { 'VO2^+': 1, 'H^+': -2 }, logBeta: -7.09, source: baes },
  { formula: 'HVO4^2-', from: { 'VO2^+': 1, 'H^+': -3 }, logBeta: -15.2, source: baes },
  // Cations with water
  hydroxo('MgOH^+', 'Mg^2+', 1, -11.44, 66.7), hydroxo('CaOH^+', 'Ca^2+', 1, -12.85, 64.1), hydroxo('SrOH^+', 'Sr^2+', 1, -13.29, 60.8),
  hydroxo('BaOH^+', 'Ba^2+', 1, -13.47, 60.8), hydroxo('MnOH^+', 'Mn^2+', 1, -10.59, 60.2),
  hydroxo('FeOH^+', 'Fe^2+', 1, -9.5, 55.2), hydroxo('Fe(OH)3^-', 'Fe^2+', 3, -31, 126.8),
  hydroxo('FeOH^2+', 'Fe^3+', 1, -2.19, 43.5), hydroxo('Fe(OH)2^+', 'Fe^3+', 2, -5.67, 71.5), hydroxo('Fe(OH)4^-', 'Fe^3+', 4, -21.6, 133.5),
  hydroxo('Fe2(OH)2^4+', 'Fe^3+', 2, -2.95, 56.5, 2),
  hydroxo('CoOH^+', 'Co^2+', 1, -9.65, 46), hydroxo('Co(OH)3^-', 'Co^2+', 3, -31.5, 160.3),
  hydroxo('NiOH^+', 'Ni^2+', 1, -9.86, 51.9), hydroxo('Ni(OH)3^-', 'Ni^2+', 3, -30, 128.8),
  hydroxo('CuOH^+', 'Cu^2+', 1, -8, 36), hydroxo('Cu2(OH)2^2+', 'Cu^2+', 2, -10.36, 73.4, 2), hydroxo('Cu(OH)4^2-', 'Cu^2+', 4, -39.6, 194.7),
  hydroxo('ZnOH^+', 'Zn^2+', 1, -8.96, 56.1), hydroxo('Zn(OH)3^-', 'Zn^2+', 3, -28.4, 144.8), hydroxo('Zn(OH)4^2-', 'Zn^2+', 4, -41.2, 172.4),
  hydroxo('CdOH^+', 'Cd^2+', 1, -10.08, 54.8), hydroxo('Cd(OH)4^2-', 'Cd^2+', 4, -47.35, 229.6),
  hydroxo('PbOH^+', 'Pb^2+', 1, -7.71, 53.9), hydroxo('Pb(OH)3^-', 'Pb^2+', 3, -28.06, 130.5), hydroxo('Pb4(OH)4^4+', 'Pb^2+', 4, -20.88, 82, 4),
  hydroxo('AlOH^2+', 'Al^3+', 1, -4.97, 48.1), hydroxo('Al(OH)2^+', 'Al^3+', 2, -10.1, 112.5), hydroxo('Al(OH)4^-', 'Al^3+', 4, -22.87, 177),
  hydroxo('AgOH', 'Ag^+', 1, -12, 47.2), hydroxo('Ag(OH)2^-', 'Ag^+', 2, -24, 111.6),
  hydroxo('CrOH^2+', 'Cr^3+', 1, -4, 51.7), hydroxo('Cr(OH)2^+', 'Cr^3+', 2, -9.7), hydroxo('Cr(OH)4^-', 'Cr^3+', 4, -27.4),
  hydroxo('HgOH^+', 'Hg^2+', 1, -3.4, 30.2), hydroxo('Hg(OH)2', 'Hg^2+', 2, -6.17, 50.3),
  hydroxo('SnOH^+', 'Sn^2+', 1, -3.4, 18.6), hydroxo('Sn(OH)2', 'Sn^2+', 2, -7.06, 40.8), hydroxo('Sn(OH)3^-', 'Sn^2+', 3, -16.61, 89.2),
  hydroxo('Sn(OH)6^2-', 'Sn^4+', 6, -28.3, undefined, 1, fitted),
  hydroxo('BiOH^2+', 'Bi^3+', 1, -1.09, 17.2), hydroxo('Bi(OH)2^+', 'Bi^3+', 2, -4), hydroxo('Bi(OH)3', 'Bi^3+', 3, -8.86),
  hydroxo('VOOH^+', 'VO^2+', 1, -5.67, 29.1), hydroxo('VOH^2+', 'V^3+', 1, -2.26, 47.4), hydroxo('CeOH^3+', 'Ce^4+', 1, 0.3),
];
export const acidBaseSteps = asRead('acidBaseSteps', rows, ({ formula }) => formula);
