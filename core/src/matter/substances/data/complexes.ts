import { asRead } from '../readSource';
import { handbook } from '../source';
import type { FormedSpecies } from '../types';

const smith = handbook('Smith and Martell, Critical Stability Constants', 'formation constants, 25 °C, zero ionic strength where given');
const concentrated = handbook('Smith and Martell, Critical Stability Constants', 'formation in concentrated bromide or thiocyanate; working constant for activities held at ionic strength 0.5, ±0.7 in the logarithm');
const inAcid = handbook('Smith and Martell, Critical Stability Constants', 'formation in concentrated chloride; working constant for chloride at its activity in hydrochloric acid and other ions held at ionic strength 0.5, ±0.7 in the logarithm');
const bjerrum = handbook('Bjerrum, Metal Ammine Formation in Aqueous Solution', 'stepwise ammine constants, 25 °C');
const lange = handbook('Lange’s Handbook of Chemistry', 'formation constants of complex ions, 25 °C');

interface Extra {
  readonly enthalpyKJPerMol?: number;
  readonly source?: FormedSpecies['source'];
}
/** metal + n ligand ⇌ complex, log10 of the overall constant. */
const complex = (formula: string, metal: string, ligand: string, count: number, logBeta: number, extra: Extra = {}): FormedSpecies => ({
  formula, from: { [metal]: 1, [ligand]: count }, logBeta, source: smith, ...extra,
});
/** Loosely bound ions: they matter to solubility, but nobody at the bench would call them a reaction. */
const ionPair = (formula: string, metal: string, ligand: string, logBeta: number, extra: Extra = {}): FormedSpecies => ({
  ...complex(formula, metal, ligand, 1, logBeta, extra), ionPair: true,
});
/** Ammonia is counted as ammonium less a proton (pKa 9.25), so that its protonation competes by itself. */
const ammine = (formula: string, metal: string, count: number, logBeta: number, extra: Extra = {}): FormedSpecies => ({
  formula, from: { [metal]: 1, 'NH4^+': count, 'H^+': -count }, logBeta: logBeta - 9.25 * count, source: bjerrum, ...extra,
});
const edta = (formula: string, metal: string, logBeta: number, extra: Extra = {}): FormedSpecies => complex(formula, metal, 'C10H12N2O8^4-', 1, logBeta, extra);

/** Complexes formed from a metal ion and ligands. */
const rows: readonly FormedSpecies[] = [
  // Chloride
  complex('AgCl', 'Ag^+', 'Cl^-', 1, 3.31, { enthalpyKJPerMol: -12, source: lange }), complex('AgCl2^-', 'Ag^+', 'Cl^-', 2, 5.25, { enthalpyKJPerMol: -16 }),
  { ...complex('PbCl^+', 'Pb^2+', 'Cl^-', 1, 1.55, { enthalpyKJPerMol: 4.4 }), ionPair: true }, complex('PbCl3^-', 'Pb^2+', 'Cl^-', 3, 1.7, { enthalpyKJPerMol: 7.9 }), complex('PbCl4^2-', 'Pb^2+', 'Cl^-', 4, 1.4, { enthalpyKJPerMol: 1.3, source: inAcid }),
  { ...complex('CdCl^+', 'Cd^2+', 'Cl^-', 1, 1.98, { enthalpyKJPerMol: 2.4 }), ionPair: true }, complex('CdCl2', 'Cd^2+', 'Cl^-', 2, 2.6, { enthalpyKJPerMol: 5.2 }), complex('CdCl3^-', 'Cd^2+', 'Cl^-', 3, 2.4, { enthalpyKJPerMol: 16.1 }),
  { ...complex('FeCl^2+', 'Fe^3+', 'Cl^-', 1, 1.48, { enthalpyKJPerMol: 23 }), ionPair: true }, { ...complex('FeCl2^+', 'Fe^3+', 'Cl^-', 2, 2.13, { enthalpyKJPerMol: 22.2 }), ionPair: true }, complex('FeCl4^-', 'Fe^3+', 'Cl^-', 4, -1, { source: inAcid }),
  { ...complex('CuCl^+', 'Cu^2+', 'Cl^-', 1, 0.4, { enthalpyKJPerMol: 6.4, source: inAcid }), ionPair: true },
  { ...complex('CuCl2', 'Cu^2+', 'Cl^-', 2, 0.16, { enthalpyKJPerMol: 13.6, source: inAcid }), ionPair: true }, complex('CuCl4^2-', 'Cu^2+', 'Cl^-', 4, -4.6, { enthalpyKJPerMol: 32.6, source: inAcid }),
  { ...complex('CoCl^+', 'Co^2+', 'Cl^-', 1, 0.2, { enthalpyKJPerMol: -2.2, source: inAcid }), ionPair: true }, complex('CoCl4^2-', 'Co^2+', 'Cl^-', 4, -7.3, { enthalpyKJPerMol: 55, source: inAcid }),
  complex('CuCl2^-', 'Cu^+', 'Cl^-', 2, 5.5, { enthalpyKJPerMol: -1.8, source: lange }), complex('CuCl3^2-', 'Cu^+', 'Cl^-', 3, 5.7, { enthalpyKJPerMol: 1.1, source: lange }),
  complex('HgCl^+', 'Hg^2+', 'Cl^-', 1, 7.3, { enthalpyKJPerMol: -23 }), complex('HgCl2', 'Hg^2+', 'Cl^-', 2, 14.0, { enthalpyKJPerMol: -52.7 }), complex('HgCl3^-', 'Hg^2+', 'Cl^-', 3, 15.0, { enthalpyKJPerMol: -54.3 }), complex('HgCl4^2-', 'Hg^2+', 'Cl^-', 4, 15.07, { enthalpyKJPerMol: -61 }),
  { ...complex('SnCl^+', 'Sn^2+', 'Cl^-', 1, 1.5, { enthalpyKJPerMol: 12 }), ionPair: true }, { ...complex('SnCl3^-', 'Sn^2+', 'Cl^-', 3, 2.1, { enthalpyKJPerMol: 22.3 }), ionPair: true }, { ...complex('SnCl6^2-', 'Sn^4+', 'Cl^-', 6, 4, { source: lange }), ionPair: true },
  { ...complex('BiCl^2+', 'Bi^3+', 'Cl^-', 1, 3.5), ionPair: true }, complex('BiCl4^-', 'Bi^3+', 'Cl^-', 4, 6.8),
  { ...complex('CrCl^2+', 'Cr^3+', 'Cl^-', 1, 0.11, { enthalpyKJPerMol: 20.9 }), ionPair: true },
  // Bromide and iodide
  complex('AgBr2^-', 'Ag^+', 'Br^-', 2, 7.5, { enthalpyKJPerMol: -45.3 }), complex('PbBr^+', 'Pb^2+', 'Br^-', 1, 1.7, { enthalpyKJPerMol: 12 }), complex('HgBr4^2-', 'Hg^2+', 'Br^-', 4, 21.74, { enthalpyKJPerMol: -114 }), complex('HgBr2', 'Hg^2+', 'Br^-', 2, 18.08, { enthalpyKJPerMol: -87.4 }),
  complex('CuBr2^-', 'Cu^+', 'Br^-', 2, 5.9, { source: lange }), { ...complex('CuBr^+', 'Cu^2+', 'Br^-', 1, 0, { source: concentrated }), ionPair: true },
  complex('AgI2^-', 'Ag^+', 'I^-', 2, 11.7, { enthalpyKJPerMol: -76.6 }), complex('AgI3^2-', 'Ag^+', 'I^-', 3, 13.3, { enthalpyKJPerMol: -113.1 }),
  { ...complex('PbI^+', 'Pb^2+', 'I^-', 1, 1.92, { enthalpyKJPerMol: 3.9 }), ionPair: true }, complex('PbI3^-', 'Pb^2+', 'I^-', 3, 3.81, { enthalpyKJPerMol: 3.2 }), complex('PbI4^2-', 'Pb^2+', 'I^-', 4, 4.5, { enthalpyKJPerMol: -15.6 }),
  { ...complex('CdI^+', 'Cd^2+', 'I^-', 1, 2.28, { enthalpyKJPerMol: -9.6 }), ionPair: true }, complex('CdI4^2-', 'Cd^2+', 'I^-', 4, 5.9, { enthalpyKJPerMol: -75.6 }),
  complex('HgI2', 'Hg^2+', 'I^-', 2, 24.63, { enthalpyKJPerMol: -143 }), complex('HgI3^-', 'Hg^2+', 'I^-', 3, 28.41, { enthalpyKJPerMol: -154.5 }), complex('HgI4^2-', 'Hg^2+', 'I^-', 4, 30.34, { enthalpyKJPerMol: -181 }),
  complex('BiI4^-', 'Bi^3+', 'I^-', 4, 15), complex('BiI6^3-', 'Bi^3+', 'I^-', 6, 19.1), complex('CuI2^-', 'Cu^+', 'I^-', 2, 8.9, { source: lange }),
  // Halogen taken up by halide, log K 2.85 and 1.2; the halogen itself is counted as hypohalite and halide
  { formula: 'I3^-', from: { 'IO^-': 1, 'I^-': 2, 'H^+': 2 }, logBeta: 25.75, enthalpyKJPerMol: -116, source: smith },
  // ΔH° of Br3⁻: that of bromine, and −6 for Br2 + Br⁻ (Smith and Martell, recalled from memory).
  { formula: 'Br3^-', from: { 'BrO^-': 1, 'Br^-': 2, 'H^+': 2 }, logBeta: 18.06, enthalpyKJPerMol: -79, source: smith },
  // Fluoride
  complex('FeF^2+', 'Fe^3+', 'F^-', 1, 6, { enthalpyKJPerMol: 11.3 }), complex('FeF2^+', 'Fe^3+', 'F^-', 2, 10.47, { enthalpyKJPerMol: 20.1 }), complex('FeF3', 'Fe^3+', 'F^-', 3, 13.62, { enthalpyKJPerMol: 22.6 }),
  complex('AlF^2+', 'Al^3+', 'F^-', 1, 7, { enthalpyKJPerMol: 4.5 }), complex('AlF2^+', 'Al^3+', 'F^-', 2, 12.6, { enthalpyKJPerMol: 8.3 }), complex('AlF3', 'Al^3+', 'F^-', 3, 16.7, { enthalpyKJPerMol: 9 }), complex('AlF4^-', 'Al^3+', 'F^-', 4, 19.4, { enthalpyKJPerMol: 9.2 }),
  // Thiocyanate
  complex('Ag(SCN)2^-', 'Ag^+', 'SCN^-', 2, 8.2), complex('FeSCN^2+', 'Fe^3+', 'SCN^-', 1, 3.02, { enthalpyKJPerMol: -6.3 }), complex('Fe(SCN)2^+', 'Fe^3+', 'SCN^-', 2, 4.64),
  { ...complex('CoSCN^+', 'Co^2+', 'SCN^-', 1, 1.72), ionPair: true }, complex('Co(SCN)4^2-', 'Co^2+', 'SCN^-', 4, 0.3, { source: concentrated }), { ...complex('CuSCN^+', 'Cu^2+', 'SCN^-', 1, 2.33), ionPair: true },
  complex('Hg(SCN)2', 'Hg^2+', 'SCN^-', 2, 17.26), complex('Hg(SCN)4^2-', 'Hg^2+', 'SCN^-', 4, 21.7), { ...complex('CrSCN^2+', 'Cr^3+', 'SCN^-', 1, 2.9), ionPair: true },
  // Cyanide
  complex('Ag(CN)2^-', 'Ag^+', 'CN^-', 2, 20.48, { enthalpyKJPerMol: -137 }), complex('Cu(CN)2^-', 'Cu^+', 'CN^-', 2, 23.9, { enthalpyKJPerMol: -121 }), complex('Cu(CN)3^2-', 'Cu^+', 'CN^-', 3, 29.2, { enthalpyKJPerMol: -167.4 }), complex('Cu(CN)4^3-', 'Cu^+', 'CN^-', 4, 30.7, { enthalpyKJPerMol: -214.2 }),
  complex('Zn(CN)4^2-', 'Zn^2+', 'CN^-', 4, 19.6, { enthalpyKJPerMol: -107.3 }), complex('Cd(CN)4^2-', 'Cd^2+', 'CN^-', 4, 17.9, { enthalpyKJPerMol: -112 }), complex('Ni(CN)4^2-', 'Ni^2+', 'CN^-', 4, 30.2, { enthalpyKJPerMol: -180 }), complex('Hg(CN)2', 'Hg^2+', 'CN^-', 2, 34.7, { enthalpyKJPerMol: -194 }), complex('Hg(CN)4^2-', 'Hg^2+', 'CN^-', 4, 41.5, { enthalpyKJPerMol: -249 }),
  // Thiosulfate
  complex('AgS2O3^-', 'Ag^+', 'S2O3^2-', 1, 9.23, { enthalpyKJPerMol: -59 }), complex('Ag(S2O3)2^3-', 'Ag^+', 'S2O3^2-', 2, 13.64, { enthalpyKJPerMol: -86.9 }), complex('Cu(S2O3)2^3-', 'Cu^+', 'S2O3^2-', 2, 12.3), complex('Pb(S2O3)2^2-', 'Pb^2+', 'S2O3^2-', 2, 5.1), complex('FeS2O3^+', 'Fe^3+', 'S2O3^2-', 1, 3.9),
  // Oxalate
  complex('FeC2O4^+', 'Fe^3+', 'C2O4^2-', 1, 9.53), complex('Fe(C2O4)2^-', 'Fe^3+', 'C2O4^2-', 2, 15.75), complex('Fe(C2O4)3^3-', 'Fe^3+', 'C2O4^2-', 3, 20.2),
  complex('Al(C2O4)2^-', 'Al^3+', 'C2O4^2-', 2, 15.39), complex('Al(C2O4)3^3-', 'Al^3+', 'C2O4^2-', 3, 18.3), complex('Cu(C2O4)2^2-', 'Cu^2+', 'C2O4^2-', 2, 9.2),
  complex('Zn(C2O4)2^2-', 'Zn^2+', 'C2O4^2-', 2, 7.6), complex('Ni(C2O4)2^2-', 'Ni^2+', 'C2O4^2-', 2, 7.64, { enthalpyKJPerMol: -7.8 }), complex('NiC2O4', 'Ni^2+', 'C2O4^2-', 1, 5.2), complex('CoC2O4', 'Co^2+', 'C2O4^2-', 1, 4.7),
  { ...complex('MnC2O4', 'Mn^2+', 'C2O4^2-', 1, 3.9), ionPair: true }, complex('Cr(C2O4)3^3-', 'Cr^3+', 'C2O4^2-', 3, 15.4), { ...complex('MgC2O4', 'Mg^2+', 'C2O4^2-', 1, 3.56), ionPair: true },
  // Carboxylates and other organic ligands
  complex('FeCH3COO^2+', 'Fe^3+', 'CH3COO^-', 1, 4.02), complex('Fe(CH3COO)2^+', 'Fe^3+', 'CH3COO^-', 2, 7.57), { ...complex('PbCH3COO^+', 'Pb^2+', 'CH3COO^-', 1, 2.68, { enthalpyKJPerMol: -0.4 }), ionPair: true }, complex('Pb(CH3COO)2', 'Pb^2+', 'CH3COO^-', 2, 4.08, { enthalpyKJPerMol: -0.8 }),
  { ...complex('CuCH3COO^+', 'Cu^2+', 'CH3COO^-', 1, 2.2, { enthalpyKJPerMol: 7.1 }), ionPair: true }, complex('FeC6H5O^2+', 'Fe^3+', 'C6H5O^-', 1, 8.2), complex('FeC6H5O7', 'Fe^3+', 'C6H5O7^3-', 1, 12.65), complex('CuC6H5O7^-', 'Cu^2+', 'C6H5O7^3-', 1, 7.57),
  complex('CaC6H5O7^-', 'Ca^2+', 'C6H5O7^3-', 1, 4.9, { enthalpyKJPerMol: -8.4 }), complex('MgC6H5O7^-', 'Mg^2+', 'C6H5O7^3-', 1, 4.9, { enthalpyKJPerMol: 8.4 }), complex('FeC4H4O6^+', 'Fe^3+', 'C4H4O6^2-', 1, 7.5), complex('CuC4H4O6', 'Cu^2+', 'C4H4O6^2-', 1, 3.9), { ...complex('CaC4H4O6', 'Ca^2+', 'C4H4O6^2-', 1, 2.8), ionPair: true },
  edta('CaC10H12N2O8^2-', 'Ca^2+', 12.42, { enthalpyKJPerMol: -25.5 }), edta('MgC10H12N2O8^2-', 'Mg^2+', 10.57, { enthalpyKJPerMol: 13.8 }), edta('SrC10H12N2O8^2-', 'Sr^2+', 10.44, { enthalpyKJPerMol: -17 }), edta('BaC10H12N2O8^2-', 'Ba^2+', 9.9, { enthalpyKJPerMol: -20.5 }), edta('MnC10H12N2O8^2-', 'Mn^2+', 15.6, { enthalpyKJPerMol: -19.2 }),
  edta('FeC10H12N2O8^2-', 'Fe^2+', 16, { enthalpyKJPerMol: -16.7 }), edta('FeC10H12N2O8^-', 'Fe^3+', 27.7, { enthalpyKJPerMol: -11.3 }), edta('CoC10H12N2O8^2-', 'Co^2+', 18.2), edta('NiC10H12N2O8^2-', 'Ni^2+', 20.1, { enthalpyKJPerMol: -31 }), edta('CuC10H12N2O8^2-', 'Cu^2+', 20.5, { enthalpyKJPerMol: -34.7 }), edta('ZnC10H12N2O8^2-', 'Zn^2+', 18, { enthalpyKJPerMol: -19.2 }), edta('CdC10H12N2O8^2-', 'Cd^2+', 18.2, { enthalpyKJPerMol: -38.1 }),
  edta('PbC10H12N2O8^2-', 'Pb^2+', 19.8, { enthalpyKJPerMol: -54.8 }), edta('HgC10H12N2O8^2-', 'Hg^2+', 23.11, { enthalpyKJPerMol: -85.4 }), edta('AlC10H12N2O8^-', 'Al^3+', 19.1, { enthalpyKJPerMol: 52.7 }), edta('BiC10H12N2O8^-', 'Bi^3+', 29.2), edta('AgC10H12N2O8^3-', 'Ag^+', 8.1, { enthalpyKJPerMol: -31.4 }),
  // Sulfate, phosphate and nitrate pairs that matter to solubility
  ionPair('CaSO4', 'Ca^2+', 'SO4^2-', 2.3, { enthalpyKJPerMol: 5.5 }), ionPair('MgSO4', 'Mg^2+', 'SO4^2-', 2.25, { enthalpyKJPerMol: 5.9 }), ionPair('FeSO4^+', 'Fe^3+', 'SO4^2-', 4.04, { enthalpyKJPerMol: 26 }), ionPair('AlSO4^+', 'Al^3+', 'SO4^2-', 3.5, { enthalpyKJPerMol: 18.9 }), ionPair('NaSO4^-', 'Na^+', 'SO4^2-', 0.7, { enthalpyKJPerMol: 4.7 }), ionPair('CrSO4^+', 'Cr^3+', 'SO4^2-', 3.2, { enthalpyKJPerMol: 31 }),
  { formula: 'FeHPO4^+', from: { 'Fe^3+': 1, 'H^+': 1, 'PO4^3-': 1 }, logBeta: 17.8, source: smith },
  // Peroxide and sulfide
  { formula: 'TiO(H2O2)^2+', from: { 'TiO^2+': 1, H2O2: 1 }, logBeta: 4, source: smith },
  { formula: 'VO(O2)^+', from: { 'VO2^+': 1, H2O2: 1 }, logBeta: 4.6, source: smith },
  { formula: 'HgS2^2-', from: { 'Hg^2+': 1, 'S^2-': 2 }, logBeta: 51.5, source: lange },
  // Ammonia
  ammine('Ag(NH3)^+', 'Ag^+', 1, 3.31, { enthalpyKJPerMol: 32.4 }), ammine('Ag(NH3)2^+', 'Ag^+', 2, 7.22, { enthalpyKJPerMol: 48.8 }), ammine('Cu(NH3)2^+', 'Cu^+', 2, 10.8),
  { ...ammine('Cu(NH3)^2+', 'Cu^2+', 1, 4.31, { enthalpyKJPerMol: 32.4 }), source: lange }, { ...ammine('Cu(NH3)2^2+', 'Cu^2+', 2, 7.98, { enthalpyKJPerMol: 58.7 }), source: lange },
  { ...ammine('Cu(NH3)3^2+', 'Cu^2+', 3, 11.02, { enthalpyKJPerMol: 88.5 }), source: lange }, { ...ammine('Cu(NH3)4^2+', 'Cu^2+', 4, 13.32, { enthalpyKJPerMol: 118 }), source: lange },
  ammine('Ni(NH3)2^2+', 'Ni^2+', 2, 4.89, { enthalpyKJPerMol: 74.1 }), ammine('Ni(NH3)4^2+', 'Ni^2+', 4, 8.38), ammine('Ni(NH3)6^2+', 'Ni^2+', 6, 8.79, { enthalpyKJPerMol: 223.5 }),
  ammine('Co(NH3)2^2+', 'Co^2+', 2, 3.5), ammine('Co(NH3)4^2+', 'Co^2+', 4, 5.55), ammine('Co(NH3)6^2+', 'Co^2+', 6, 4.4),
  ammine('Zn(NH3)2^2+', 'Zn^2+', 2, 4.5), ammine('Zn(NH3)4^2+', 'Zn^2+', 4, 8.9, { enthalpyKJPerMol: 152.8 }), ammine('Cd(NH3)2^2+', 'Cd^2+', 2, 4.89, { enthalpyKJPerMol: 76.2 }), ammine('Cd(NH3)4^2+', 'Cd^2+', 4, 7.34, { enthalpyKJPerMol: 158.6 }), ammine('Hg(NH3)2^2+', 'Hg^2+', 2, 17.81, { enthalpyKJPerMol: 1.8 }), ammine('Hg(NH3)4^2+', 'Hg^2+', 4, 19.1, { enthalpyKJPerMol: 77.6 }),
];
export const complexes = asRead('complexes', rows, ({ formula }) => formula);
