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
const ionPair = (formula: string, metal: string, ligand: string, logBeta: number): FormedSpecies => ({
  ...complex(formula, metal, ligand, 1, logBeta), ionPair: true,
});
/** Ammonia is counted as ammonium less a proton (pKa 9.25), so that its protonation competes by itself. */
const ammine = (formula: string, metal: string, count: number, logBeta: number): FormedSpecies => ({
  formula, from: { [metal]: 1, 'NH4^+': count, 'H^+': -count }, logBeta: logBeta - 9.25 * count, source: bjerrum,
});
const edta = (formula: string, metal: string, logBeta: number): FormedSpecies => complex(formula, metal, 'C10H12N2O8^4-', 1, logBeta);

/** Complexes formed from a metal ion and ligands. */
const rows: readonly FormedSpecies[] = [
  // Chloride
  complex('AgCl', 'Ag^+', 'Cl^-', 1, 3.31, { source: lange }), complex('AgCl2^-', 'Ag^+', 'Cl^-', 2, 5.25, { enthalpyKJPerMol: -16 }),
  { ...complex('PbCl^+', 'Pb^2+', 'Cl^-', 1, 1.55), ionPair: true }, complex('PbCl3^-', 'Pb^2+', 'Cl^-', 3, 1.7), complex('PbCl4^2-', 'Pb^2+', 'Cl^-', 4, 1.4, { source: inAcid }),
  { ...complex('CdCl^+', 'Cd^2+', 'Cl^-', 1, 1.98), ionPair: true }, complex('CdCl2', 'Cd^2+', 'Cl^-', 2, 2.6), complex('CdCl3^-', 'Cd^2+', 'Cl^-', 3, 2.4),
  { ...complex('FeCl^2+', 'Fe^3+', 'Cl^-', 1, 1.48, { enthalpyKJPerMol: 23 }), ionPair: true }, { ...complex('FeCl2^+', 'Fe^3+', 'Cl^-', 2, 2.13), ionPair: true }, complex('FeCl4^-', 'Fe^3+', 'Cl^-', 4, -1, { source: inAcid }),
  { ...complex('CuCl^+', 'Cu^2+', 'Cl^-', 1, 0.4, { enthalpyKJPerMol: 7, source: inAcid }), ionPair: true },
  { ...complex('CuCl2', 'Cu^2+', 'Cl^-', 2, 0.1, { enthalpyKJPerMol: 17, source: inAcid }), ionPair: true }, complex('CuCl4^2-', 'Cu^2+', 'Cl^-', 4, -4.6, { enthalpyKJPerMol: 35, source: inAcid }),
  { ...complex('CoCl^+', 'Co^2+', 'Cl^-', 1, 0.2, { source: inAcid }), ionPair: true }, complex('CoCl4^2-', 'Co^2+', 'Cl^-', 4, -7.3, { enthalpyKJPerMol: 55, source: inAcid }),
  complex('CuCl2^-', 'Cu^+', 'Cl^-', 2, 5.5, { source: lange }), complex('CuCl3^2-', 'Cu^+', 'Cl^-', 3, 5.7, { source: lange }),
  complex('HgCl^+', 'Hg^2+', 'Cl^-', 1, 7.3), complex('HgCl2', 'Hg^2+', 'Cl^-', 2, 14.0), complex('HgCl3^-', 'Hg^2+', 'Cl^-', 3, 15.0), complex('HgCl4^2-', 'Hg^2+', 'Cl^-', 4, 15.07),
  { ...complex('SnCl^+', 'Sn^2+', 'Cl^-', 1, 1.5), ionPair: true }, { ...complex('SnCl3^-', 'Sn^2+', 'Cl^-', 3, 2), ionPair: true }, { ...complex('SnCl6^2-', 'Sn^4+', 'Cl^-', 6, 4, { source: lange }), ionPair: true },
  { ...complex('BiCl^2+', 'Bi^3+', 'Cl^-', 1, 3.5), ionPair: true }, complex('BiCl4^-', 'Bi^3+', 'Cl^-', 4, 6.8),
  { ...complex('CrCl^2+', 'Cr^3+', 'Cl^-', 1, 0.11), ionPair: true },
  // Bromide and iodide
  complex('AgBr2^-', 'Ag^+', 'Br^-', 2, 7.5), complex('PbBr^+', 'Pb^2+', 'Br^-', 1, 1.7), complex('HgBr4^2-', 'Hg^2+', 'Br^-', 4, 21.74), complex('HgBr2', 'Hg^2+', 'Br^-', 2, 18.08),
  complex('CuBr2^-', 'Cu^+', 'Br^-', 2, 5.9, { source: lange }), { ...complex('CuBr^+', 'Cu^2+', 'Br^-', 1, 0, { source: concentrated }), ionPair: true },
  complex('AgI2^-', 'Ag^+', 'I^-', 2, 11.7), complex('AgI3^2-', 'Ag^+', 'I^-', 3, 13.1),
  { ...complex('PbI^+', 'Pb^2+', 'I^-', 1, 1.92), ionPair: true }, complex('PbI3^-', 'Pb^2+', 'I^-', 3, 3.9), complex('PbI4^2-', 'Pb^2+', 'I^-', 4, 4.5),
  { ...complex('CdI^+', 'Cd^2+', 'I^-', 1, 2.28), ionPair: true }, complex('CdI4^2-', 'Cd^2+', 'I^-', 4, 5.9),
  complex('HgI2', 'Hg^2+', 'I^-', 2, 24.63), complex('HgI3^-', 'Hg^2+', 'I^-', 3, 28.41), complex('HgI4^2-', 'Hg^2+', 'I^-', 4, 30.34),
  complex('BiI4^-', 'Bi^3+', 'I^-', 4, 15), complex('BiI6^3-', 'Bi^3+', 'I^-', 6, 19.1), complex('CuI2^-', 'Cu^+', 'I^-', 2, 8.9, { source: lange }),
  // Halogen taken up by halide, log K 2.85 and 1.2; the halogen itself is counted as hypohalite and halide
  { formula: 'I3^-', from: { 'IO^-': 1, 'I^-': 2, 'H^+': 2 }, logBeta: 25.75, enthalpyKJPerMol: -116, source: smith },
  // ΔH° of Br3⁻: that of bromine, and −6 for Br2 + Br⁻ (Smith and Martell, recalled from memory).
  { formula: 'Br3^-', from: { 'BrO^-': 1, 'Br^-': 2, 'H^+': 2 }, logBeta: 18.06, enthalpyKJPerMol: -79, source: smith },
  // Fluoride
  complex('FeF^2+', 'Fe^3+', 'F^-', 1, 6), complex('FeF2^+', 'Fe^3+', 'F^-', 2, 10.47), complex('FeF3', 'Fe^3+', 'F^-', 3, 13.62),
  complex('AlF^2+', 'Al^3+', 'F^-', 1, 7), complex('AlF2^+', 'Al^3+', 'F^-', 2, 12.6), complex('AlF3', 'Al^3+', 'F^-', 3, 16.7), complex('AlF4^-', 'Al^3+', 'F^-', 4, 19.4),
  // Thiocyanate
  complex('Ag(SCN)2^-', 'Ag^+', 'SCN^-', 2, 8.2), complex('FeSCN^2+', 'Fe^3+', 'SCN^-', 1, 3.02, { enthalpyKJPerMol: -6.3 }), complex('Fe(SCN)2^+', 'Fe^3+', 'SCN^-', 2, 4.64),
  { ...complex('CoSCN^+', 'Co^2+', 'SCN^-', 1, 1.72), ionPair: true }, complex('Co(SCN)4^2-', 'Co^2+', 'SCN^-', 4, 0.3, { source: concentrated }), { ...complex('CuSCN^+', 'Cu^2+', 'SCN^-', 1, 2.33), ionPair: true },
  complex('Hg(SCN)2', 'Hg^2+', 'SCN^-', 2, 17.26), complex('Hg(SCN)4^2-', 'Hg^2+', 'SCN^-', 4, 21.7), { ...complex('CrSCN^2+', 'Cr^3+', 'SCN^-', 1, 2.9), ionPair: true },
  // Cyanide
  complex('Ag(CN)2^-', 'Ag^+', 'CN^-', 2, 20.48), complex('Cu(CN)2^-', 'Cu^+', 'CN^-', 2, 23.9), complex('Cu(CN)3^2-', 'Cu^+', 'CN^-', 3, 29.2), complex('Cu(CN)4^3-', 'Cu^+', 'CN^-', 4, 30.7),
  complex('Zn(CN)4^2-', 'Zn^2+', 'CN^-', 4, 19.6), complex('Cd(CN)4^2-', 'Cd^2+', 'CN^-', 4, 17.9), complex('Ni(CN)4^2-', 'Ni^2+', 'CN^-', 4, 30.2), complex('Hg(CN)2', 'Hg^2+', 'CN^-', 2, 34.7), complex('Hg(CN)4^2-', 'Hg^2+', 'CN^-', 4, 41.5),
  // Thiosulfate
  complex('AgS2O3^-', 'Ag^+', 'S2O3^2-', 1, 9.23), complex('Ag(S2O3)2^3-', 'Ag^+', 'S2O3^2-', 2, 13.46), complex('Cu(S2O3)2^3-', 'Cu^+', 'S2O3^2-', 2, 12.3), complex('Pb(S2O3)2^2-', 'Pb^2+', 'S2O3^2-', 2, 5.1), complex('FeS2O3^+', 'Fe^3+', 'S2O3^2-', 1, 3.9),
  // Oxalate
  complex('FeC2O4^+', 'Fe^3+', 'C2O4^2-', 1, 9.53), complex('Fe(C2O4)2^-', 'Fe^3+', 'C2O4^2-', 2, 15.75), complex('Fe(C2O4)3^3-', 'Fe^3+', 'C2O4^2-', 3, 20.2),
  complex('Al(C2O4)2^-', 'Al^3+', 'C2O4^2-', 2, 15.39), complex('Al(C2O4)3^3-', 'Al^3+', 'C2O4^2-', 3, 18.3), complex('Cu(C2O4)2^2-', 'Cu^2+', 'C2O4^2-', 2, 9.2),
  complex('Zn(C2O4)2^2-', 'Zn^2+', 'C2O4^2-', 2, 7.6), complex('Ni(C2O4)2^2-', 'Ni^2+', 'C2O4^2-', 2, 7.64), complex('NiC2O4', 'Ni^2+', 'C2O4^2-', 1, 5.2), complex('CoC2O4', 'Co^2+', 'C2O4^2-', 1, 4.7),
  { ...complex('MnC2O4', 'Mn^2+', 'C2O4^2-', 1, 3.9), ionPair: true }, complex('Cr(C2O4)3^3-', 'Cr^3+', 'C2O4^2-', 3, 15.4), { ...complex('MgC2O4', 'Mg^2+', 'C2O4^2-', 1, 3.4), ionPair: true },
  // Carboxylates and other organic ligands
  complex('FeCH3COO^2+', 'Fe^3+', 'CH3COO^-', 1, 3.9), complex('Fe(CH3COO)2^+', 'Fe^3+', 'CH3COO^-', 2, 7.57), { ...complex('PbCH3COO^+', 'Pb^2+', 'CH3COO^-', 1, 2.68), ionPair: true }, complex('Pb(CH3COO)2', 'Pb^2+', 'CH3COO^-', 2, 4.08),
  { ...complex('CuCH3COO^+', 'Cu^2+', 'CH3COO^-', 1, 2.2), ionPair: true }, complex('FeC6H5O^2+', 'Fe^3+', 'C6H5O^-', 1, 8.2), complex('FeC6H5O7', 'Fe^3+', 'C6H5O7^3-', 1, 12.5), complex('CuC6H5O7^-', 'Cu^2+', 'C6H5O7^3-', 1, 7.57),
  complex('CaC6H5O7^-', 'Ca^2+', 'C6H5O7^3-', 1, 4.9), complex('MgC6H5O7^-', 'Mg^2+', 'C6H5O7^3-', 1, 4.9), complex('FeC4H4O6^+', 'Fe^3+', 'C4H4O6^2-', 1, 7.5), complex('CuC4H4O6', 'Cu^2+', 'C4H4O6^2-', 1, 3.9), { ...complex('CaC4H4O6', 'Ca^2+', 'C4H4O6^2-', 1, 2.8), ionPair: true },
  edta('CaC10H12N2O8^2-', 'Ca^2+', 12.42), edta('MgC10H12N2O8^2-', 'Mg^2+', 10.57), edta('SrC10H12N2O8^2-', 'Sr^2+', 10.5), edta('BaC10H12N2O8^2-', 'Ba^2+', 9.9), edta('MnC10H12N2O8^2-', 'Mn^2+', 15.6),
  edta('FeC10H12N2O8^2-', 'Fe^2+', 16), edta('FeC10H12N2O8^-', 'Fe^3+', 27.7), edta('CoC10H12N2O8^2-', 'Co^2+', 18.2), edta('NiC10H12N2O8^2-', 'Ni^2+', 20.1), edta('CuC10H12N2O8^2-', 'Cu^2+', 20.5), edta('ZnC10H12N2O8^2-', 'Zn^2+', 18), edta('CdC10H12N2O8^2-', 'Cd^2+', 18.2),
  edta('PbC10H12N2O8^2-', 'Pb^2+', 19.8), edta('HgC10H12N2O8^2-', 'Hg^2+', 23.11), edta('AlC10H12N2O8^-', 'Al^3+', 19.1), edta('BiC10H12N2O8^-', 'Bi^3+', 29.2), edta('AgC10H12N2O8^3-', 'Ag^+', 8.1),
  // Sulfate, phosphate and nitrate pairs that matter to solubility
  ionPair('CaSO4', 'Ca^2+', 'SO4^2-', 2.3), ionPair('MgSO4', 'Mg^2+', 'SO4^2-', 2.25), ionPair('FeSO4^+', 'Fe^3+', 'SO4^2-', 4.04), ionPair('AlSO4^+', 'Al^3+', 'SO4^2-', 3.5), ionPair('NaSO4^-', 'Na^+', 'SO4^2-', 0.7), ionPair('CrSO4^+', 'Cr^3+', 'SO4^2-', 3.2),
  { formula: 'FeHPO4^+', from: { 'Fe^3+': 1, 'H^+': 1, 'PO4^3-': 1 }, logBeta: 17.8, source: smith },
  // Peroxide and sulfide
  { formula: 'TiO(H2O2)^2+', from: { 'TiO^2+': 1, H2O2: 1 }, logBeta: 4, source: smith },
  { formula: 'VO(O2)^+', from: { 'VO2^+': 1, H2O2: 1 }, logBeta: 4.6, source: smith },
  { formula: 'HgS2^2-', from: { 'Hg^2+': 1, 'S^2-': 2 }, logBeta: 51.5, source: lange },
  // Ammonia
  ammine('Ag(NH3)^+', 'Ag^+', 1, 3.31), ammine('Ag(NH3)2^+', 'Ag^+', 2, 7.22), ammine('Cu(NH3)2^+', 'Cu^+', 2, 10.8),
  { ...ammine('Cu(NH3)^2+', 'Cu^2+', 1, 4.31), source: lange }, { ...ammine('Cu(NH3)2^2+', 'Cu^2+', 2, 7.98), source: lange },
  { ...ammine('Cu(NH3)3^2+', 'Cu^2+', 3, 11.02), source: lange }, { ...ammine('Cu(NH3)4^2+', 'Cu^2+', 4, 13.32), source: lange },
  ammine('Ni(NH3)2^2+', 'Ni^2+', 2, 4.89), ammine('Ni(NH3)4^2+', 'Ni^2+', 4, 8.38), ammine('Ni(NH3)6^2+', 'Ni^2+', 6, 8.79),
  ammine('Co(NH3)2^2+', 'Co^2+', 2, 3.5), ammine('Co(NH3)4^2+', 'Co^2+', 4, 5.55), ammine('Co(NH3)6^2+', 'Co^2+', 6, 4.4),
  ammine('Zn(NH3)2^2+', 'Zn^2+', 2, 4.5), ammine('Zn(NH3)4^2+', 'Zn^2+', 4, 8.9), ammine('Cd(NH3)2^2+', 'Cd^2+', 2, 4.89), ammine('Cd(NH3)4^2+', 'Cd^2+', 4, 7.34), ammine('Hg(NH3)2^2+', 'Hg^2+', 2, 17.81), ammine('Hg(NH3)4^2+', 'Hg^2+', 4, 19.1),
];
export const complexes = asRead('complexes', rows, ({ formula }) => formula);
