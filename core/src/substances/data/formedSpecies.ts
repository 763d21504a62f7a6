import { handbook } from '../source';
import type { DissolvedGas, FormedSpecies } from '../types';

const smith = handbook(
  'Smith and Martell, Critical Stability Constants',
  'formation constants, 25 °C, zero ionic strength where given',
);
const crc = handbook(
  'CRC Handbook of Chemistry and Physics',
  'dissociation constants of acids, 25 °C',
);
const baes = handbook('Baes and Mesmer, The Hydrolysis of Cations', 'hydrolysis constants, 25 °C');

/** pKw of water at 25 °C and zero ionic strength. */
export const waterIonisation = { pKw: 13.995, source: crc } as const;

const acid = (formula: string, base: string, protons: number, logBeta: number): FormedSpecies => ({
  formula,
  from: { [base]: 1, 'H^+': protons },
  logBeta,
  source: crc,
});
/** M + n H2O ⇌ M(OH)n + n H⁺. */
const hydroxo = (
  formula: string,
  metal: string,
  protonsLost: number,
  logBeta: number,
  metals = 1,
): FormedSpecies => ({
  formula,
  from: { [metal]: metals, 'H^+': -protonsLost },
  logBeta,
  source: baes,
});
const complex = (
  formula: string,
  metal: string,
  ligand: string,
  count: number,
  logBeta: number,
): FormedSpecies => ({ formula, from: { [metal]: 1, [ligand]: count }, logBeta, source: smith });
const ionPair = (
  formula: string,
  metal: string,
  ligand: string,
  logBeta: number,
): FormedSpecies => ({
  ...complex(formula, metal, ligand, 1, logBeta),
  ionPair: true,
});
/** Ammonia complexes count their ligand as ammonium less a proton, pKa 9.25. */
const ammine = (formula: string, metal: string, count: number, logBeta: number): FormedSpecies => ({
  formula,
  from: { [metal]: 1, 'NH4^+': count, 'H^+': -count },
  logBeta: logBeta - 9.25 * count,
  source: smith,
});

/**
 * Everything that forms from the components in solution. A component is the ion itself; acids are the
 * ion plus protons, hydroxo species the ion less protons, so that one list serves the whole of solution chemistry.
 */
export const formedSpecies: readonly FormedSpecies[] = [
  { formula: 'OH^-', from: { 'H^+': -1 }, logBeta: -waterIonisation.pKw, source: crc },
  // Acids
  acid('HF', 'F^-', 1, 3.17),
  acid('CH3COOH', 'CH3COO^-', 1, 4.76),
  acid('HSO4^-', 'SO4^2-', 1, 1.99),
  acid('HCO3^-', 'CO3^2-', 1, 10.33),
  acid('CO2', 'CO3^2-', 2, 16.68),
  acid('HPO4^2-', 'PO4^3-', 1, 12.35),
  acid('H2PO4^-', 'PO4^3-', 2, 19.55),
  acid('H3PO4', 'PO4^3-', 3, 21.7),
  acid('HC2O4^-', 'C2O4^2-', 1, 4.27),
  acid('H2C2O4', 'C2O4^2-', 2, 5.52),
  acid('HCrO4^-', 'CrO4^2-', 1, 6.51),
  { formula: 'Cr2O7^2-', from: { 'CrO4^2-': 2, 'H^+': 2 }, logBeta: 14.56, source: smith },
  acid('HFe(CN)6^3-', 'Fe(CN)6^4-', 1, 4.2),
  { formula: 'NH3', from: { 'NH4^+': 1, 'H^+': -1 }, logBeta: -9.25, source: crc },
  // Cations with water
  hydroxo('MgOH^+', 'Mg^2+', 1, -11.44),
  hydroxo('CaOH^+', 'Ca^2+', 1, -12.85),
  hydroxo('SrOH^+', 'Sr^2+', 1, -13.29),
  hydroxo('BaOH^+', 'Ba^2+', 1, -13.47),
  hydroxo('MnOH^+', 'Mn^2+', 1, -10.59),
  hydroxo('FeOH^+', 'Fe^2+', 1, -9.5),
  hydroxo('Fe(OH)3^-', 'Fe^2+', 3, -31),
  hydroxo('FeOH^2+', 'Fe^3+', 1, -2.19),
  hydroxo('Fe(OH)2^+', 'Fe^3+', 2, -5.67),
  hydroxo('Fe(OH)4^-', 'Fe^3+', 4, -21.6),
  hydroxo('Fe2(OH)2^4+', 'Fe^3+', 2, -2.95, 2),
  hydroxo('CoOH^+', 'Co^2+', 1, -9.65),
  hydroxo('Co(OH)3^-', 'Co^2+', 3, -31.5),
  hydroxo('NiOH^+', 'Ni^2+', 1, -9.86),
  hydroxo('Ni(OH)3^-', 'Ni^2+', 3, -30),
  hydroxo('CuOH^+', 'Cu^2+', 1, -8),
  hydroxo('Cu2(OH)2^2+', 'Cu^2+', 2, -10.36, 2),
  hydroxo('Cu(OH)4^2-', 'Cu^2+', 4, -39.6),
  hydroxo('ZnOH^+', 'Zn^2+', 1, -8.96),
  hydroxo('Zn(OH)3^-', 'Zn^2+', 3, -28.4),
  hydroxo('Zn(OH)4^2-', 'Zn^2+', 4, -41.2),
  hydroxo('CdOH^+', 'Cd^2+', 1, -10.08),
  hydroxo('Cd(OH)4^2-', 'Cd^2+', 4, -47.35),
  hydroxo('PbOH^+', 'Pb^2+', 1, -7.71),
  hydroxo('Pb(OH)3^-', 'Pb^2+', 3, -28.06),
  hydroxo('Pb4(OH)4^4+', 'Pb^2+', 4, -20.88, 4),
  hydroxo('AlOH^2+', 'Al^3+', 1, -4.97),
  hydroxo('Al(OH)2^+', 'Al^3+', 2, -9.3),
  hydroxo('Al(OH)4^-', 'Al^3+', 4, -23),
  hydroxo('AgOH', 'Ag^+', 1, -12),
  hydroxo('Ag(OH)2^-', 'Ag^+', 2, -24),
  // Halide and pseudohalide complexes
  complex('AgCl2^-', 'Ag^+', 'Cl^-', 2, 5.25),
  complex('AgBr2^-', 'Ag^+', 'Br^-', 2, 7.5),
  complex('AgI2^-', 'Ag^+', 'I^-', 2, 11.7),
  complex('AgI3^2-', 'Ag^+', 'I^-', 3, 13.1),
  complex('Ag(SCN)2^-', 'Ag^+', 'SCN^-', 2, 8.2),
  complex('PbCl^+', 'Pb^2+', 'Cl^-', 1, 1.55),
  complex('PbCl3^-', 'Pb^2+', 'Cl^-', 3, 1.7),
  complex('PbBr^+', 'Pb^2+', 'Br^-', 1, 1.7),
  complex('PbI^+', 'Pb^2+', 'I^-', 1, 1.92),
  complex('PbI3^-', 'Pb^2+', 'I^-', 3, 3.9),
  complex('PbI4^2-', 'Pb^2+', 'I^-', 4, 4.5),
  complex('CdCl^+', 'Cd^2+', 'Cl^-', 1, 1.98),
  complex('CdI^+', 'Cd^2+', 'I^-', 1, 2.28),
  complex('CdI4^2-', 'Cd^2+', 'I^-', 4, 5.9),
  complex('FeCl^2+', 'Fe^3+', 'Cl^-', 1, 1.48),
  complex('FeCl2^+', 'Fe^3+', 'Cl^-', 2, 2.13),
  complex('FeSCN^2+', 'Fe^3+', 'SCN^-', 1, 3.02),
  complex('Fe(SCN)2^+', 'Fe^3+', 'SCN^-', 2, 4.64),
  complex('CoSCN^+', 'Co^2+', 'SCN^-', 1, 1.72),
  complex('CuSCN^+', 'Cu^2+', 'SCN^-', 1, 2.33),
  complex('FeF^2+', 'Fe^3+', 'F^-', 1, 6),
  complex('FeF2^+', 'Fe^3+', 'F^-', 2, 9.2),
  complex('FeF3', 'Fe^3+', 'F^-', 3, 11.7),
  complex('AlF^2+', 'Al^3+', 'F^-', 1, 7),
  complex('AlF2^+', 'Al^3+', 'F^-', 2, 12.6),
  complex('AlF3', 'Al^3+', 'F^-', 3, 16.7),
  complex('AlF4^-', 'Al^3+', 'F^-', 4, 19.4),
  // Oxalate complexes
  complex('FeC2O4^+', 'Fe^3+', 'C2O4^2-', 1, 9.15),
  complex('Fe(C2O4)2^-', 'Fe^3+', 'C2O4^2-', 2, 15.45),
  complex('Fe(C2O4)3^3-', 'Fe^3+', 'C2O4^2-', 3, 19.83),
  complex('Al(C2O4)2^-', 'Al^3+', 'C2O4^2-', 2, 13),
  complex('Al(C2O4)3^3-', 'Al^3+', 'C2O4^2-', 3, 16.3),
  complex('Cu(C2O4)2^2-', 'Cu^2+', 'C2O4^2-', 2, 9.2),
  complex('Zn(C2O4)2^2-', 'Zn^2+', 'C2O4^2-', 2, 7.6),
  complex('Ni(C2O4)2^2-', 'Ni^2+', 'C2O4^2-', 2, 8.2),
  complex('NiC2O4', 'Ni^2+', 'C2O4^2-', 1, 5.2),
  complex('CoC2O4', 'Co^2+', 'C2O4^2-', 1, 4.7),
  // Sulfate ion pairs that matter to the solubility of gypsum and its neighbours
  ionPair('CaSO4', 'Ca^2+', 'SO4^2-', 2.3),
  ionPair('MgSO4', 'Mg^2+', 'SO4^2-', 2.25),
  ionPair('FeSO4^+', 'Fe^3+', 'SO4^2-', 4.04),
  ionPair('AlSO4^+', 'Al^3+', 'SO4^2-', 3.5),
  // Ammines
  ammine('Ag(NH3)2^+', 'Ag^+', 2, 7.22),
  ammine('Cu(NH3)4^2+', 'Cu^2+', 4, 12.6),
  ammine('Zn(NH3)4^2+', 'Zn^2+', 4, 8.9),
  ammine('Ni(NH3)4^2+', 'Ni^2+', 4, 7.67),
  ammine('Ni(NH3)6^2+', 'Ni^2+', 6, 8.3),
  ammine('Cd(NH3)4^2+', 'Cd^2+', 4, 6.9),
];

/** Gases that leave as bubbles once a solution holds more than one atmosphere of them. */
export const dissolvedGases: readonly DissolvedGas[] = [
  {
    formula: 'CO2',
    from: { 'CO3^2-': 1, 'H^+': 2 },
    // Henry's constant 10^-1.47 mol/(L atm), with the CO2 formation constant above.
    logProductAtOneAtm: -16.68 - 1.47,
    source: handbook(
      'CRC Handbook of Chemistry and Physics',
      'solubility of carbon dioxide, 25 °C',
    ),
  },
];
