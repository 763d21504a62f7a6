import { handbook } from '../../source';
import type { FormedSpecies } from '../../types';

const crc = handbook('CRC Handbook of Chemistry and Physics', 'dissociation constants of acids, 25 °C');
const smith = handbook('Smith and Martell, Critical Stability Constants', 'protonation constants, 25 °C, zero ionic strength where given');
const dye = handbook('Bishop, Indicators', 'indigo carmine turns from blue at pH 11.4 to yellow at pH 13.0, which at the ionic strength of such solutions puts its constant near 10^-13, ±0.4 in the logarithm');
const baes = handbook('Baes and Mesmer, The Hydrolysis of Cations', 'hydrolysis constants, 25 °C');
const lange = handbook('Lange’s Handbook of Chemistry', 'constants of hydrogen sulfide as used with its table of sulfides (K1 K2 = 10^-20.9); newer work puts the second step lower');
const fitted = handbook('Lange’s Handbook of Chemistry', 'tin(IV) hydroxide dissolves in excess of base; constant placed to agree, ±1 in the logarithm');

const minteq = handbook('MINTEQA2 (minteq.v4.dat)', 'hydrolysis constants, 25 °C');

/** pKw of water at 25 °C and zero ionic strength; ΔH° of H2O ⇌ H⁺ + OH⁻ is 55.8 kJ/mol. */
export const waterIonisation = { pKw: 13.995, enthalpyKJPerMol: 55.8, source: crc } as const;

/** base + n H⁺ ⇌ acid, log10 of the overall constant and, where known, ΔH° of the overall step in kJ/mol. */
export const acid = (formula: string, base: string, protons: number, logBeta: number, enthalpyKJPerMol?: number, source = crc): FormedSpecies => ({
  formula, from: { [base]: 1, 'H^+': protons }, logBeta, ...(enthalpyKJPerMol !== undefined && { enthalpyKJPerMol }), source,
});
/** M + n H2O ⇌ M(OH)n + n H⁺. */
export const hydroxo = (formula: string, metal: string, protonsLost: number, logBeta: number, enthalpyKJPerMol?: number, metals = 1, source = baes): FormedSpecies => ({
  formula, from: { [metal]: metals, 'H^+': -protonsLost }, logBeta, ...(enthalpyKJPerMol !== undefined && { enthalpyKJPerMol }), source,
});

/** Where rows of this kind come from, where that is not the usual work. */
export const stepsFrom = { crc, smith, dye, baes, lange, fitted, minteq };
