import { commonPractice, handbook } from '../../source';
import type { FormedSpecies } from '../../types';

const smith = handbook('Smith and Martell, Critical Stability Constants', 'formation constants, 25 °C, zero ionic strength where given');
const concentrated = handbook('Smith and Martell, Critical Stability Constants', 'formation in concentrated bromide or thiocyanate; working constant for activities held at ionic strength 0.5, ±0.7 in the logarithm');
const inAcid = handbook('Smith and Martell, Critical Stability Constants', 'formation in concentrated chloride; working constant for chloride at its activity in hydrochloric acid and other ions held at ionic strength 0.5, ±0.7 in the logarithm');
const bjerrum = handbook('Bjerrum, Metal Ammine Formation in Aqueous Solution', 'stepwise ammine constants, 25 °C');
const lange = handbook('Lange’s Handbook of Chemistry', 'formation constants of complex ions, 25 °C');

const alkaline = commonPractice('complexes that have lost protons of the ligand: order of magnitude, placed so that the alkaline copper reagents and antimonyl tartrate stay clear; not a published constant');
const polynuclear = commonPractice('order of magnitude, placed so that cold iron(III) acetate stays red and clear and hot settles; not a published constant');
const nitrosyl = handbook('Kustin, Taub and Weinstock, Inorganic Chemistry 5 (1966) 1079', 'binding of nitrogen monoxide by iron(II), 25 °C');

interface Extra {
  readonly enthalpyKJPerMol?: number;
  readonly source?: FormedSpecies['source'];
}
/** metal + n ligand ⇌ complex, log10 of the overall constant. */
export const complex = (formula: string, metal: string, ligand: string, count: number, logBeta: number, extra: Extra = {}): FormedSpecies => ({
  formula, from: { [metal]: 1, [ligand]: count }, logBeta, source: smith, ...extra,
});
/** Loosely bound ions: they matter to solubility, but nobody at the bench would call them a reaction. */
export const ionPair = (formula: string, metal: string, ligand: string, logBeta: number, extra: Extra = {}): FormedSpecies => ({
  ...complex(formula, metal, ligand, 1, logBeta, extra), ionPair: true,
});
/** Ammonia is counted as ammonium less a proton (pKa 9.25), so that its protonation competes by itself. */
export const ammine = (formula: string, metal: string, count: number, logBeta: number, extra: Extra = {}): FormedSpecies => ({
  formula, from: { [metal]: 1, 'NH4^+': count, 'H^+': -count }, logBeta: logBeta - 9.25 * count, source: bjerrum, ...extra,
});
export const edta = (formula: string, metal: string, logBeta: number, extra: Extra = {}): FormedSpecies => complex(formula, metal, 'C10H12N2O8^4-', 1, logBeta, extra);

/** Where rows of this kind come from, where that is not the usual work. */
export const complexesFrom = { smith, concentrated, inAcid, lange, alkaline, polynuclear, nitrosyl };
