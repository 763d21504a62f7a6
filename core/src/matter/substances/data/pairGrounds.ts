import { commonPractice, handbook } from '../source';
import type { PairGround } from '../types';

const rules = handbook('Vogel’s Qualitative Inorganic Analysis', 'solubility rules of the common salts, and what the textbook says of each ion');
const crc = handbook('CRC Handbook of Chemistry and Physics', 'physical constants of inorganic compounds: the salt is listed as soluble');
const forms = commonPractice('one anion and its acid and water forms are counted as one; the table holds one of them');

const alkali = ['H^+', 'Li^+', 'Na^+', 'K^+', 'Rb^+', 'Cs^+', 'NH4^+'];
const alkalineEarths = ['Mg^2+', 'Ca^2+', 'Sr^2+', 'Ba^2+'];
const divalent = ['Mn^2+', 'Fe^2+', 'Co^2+', 'Ni^2+', 'Cu^2+', 'Zn^2+', 'Cd^2+'];
const trivalent = ['Al^3+', 'Cr^3+', 'Fe^3+', 'Ce^3+'];
/** Ions that are all but gone in water but for strong acid, where their hydroxide or basic salt is what settles. */
const hydrolysed = ['Sn^2+', 'Sn^4+', 'Bi^3+', 'SbO^+', 'TiO^2+', 'Ce^4+', 'VO^2+'];
const everyday = [...alkalineEarths, ...divalent, ...trivalent];

/** Anions that are followed as another form of theirs, of which the tables hold the solids. */
export const followedAs: Readonly<Record<string, string>> = {
  'HSO4^-': 'SO4^2-', 'HCO3^-': 'CO3^2-', 'HSO3^-': 'SO3^2-', 'S2O5^2-': 'SO3^2-', 'HPO4^2-': 'PO4^3-', 'H2PO4^-': 'PO4^3-',
  'Cr2O7^2-': 'CrO4^2-', 'HCrO4^-': 'CrO4^2-', 'B4O7^2-': 'B(OH)4^-', 'Mo7O24^6-': 'MoO4^2-', 'HMo7O24^5-': 'MoO4^2-', 'HMoO4^-': 'MoO4^2-',
  'H2VO4^-': 'VO3^-', 'HVO4^2-': 'VO3^-', 'H3SiO4^-': 'SiO3^2-', 'H2SiO4^2-': 'SiO3^2-', 'HS^-': 'S^2-', 'C8H4O4^2-': 'HC8H4O4^-',
  'HC2O4^-': 'C2O4^2-', 'HC4H4O6^-': 'C4H4O6^2-', 'C7H5O3^-': 'C7H4O3^2-',
};

/**
 * Why nothing settles where no solid of a pair of ions stands in the tables. A pair that no row, no solid, no complex and no salt of
 * the shelf covers is not known, and it is not told that nothing happens.
 */
export const pairGrounds: readonly PairGround[] = [
  { cations: alkali, ground: 'the salts of the alkali metals and of ammonium dissolve', source: rules },
  { anions: ['NO3^-', 'CH3COO^-', 'ClO4^-', 'ClO3^-'], ground: 'nitrates, acetates, chlorates and perchlorates dissolve', source: rules },
  { anions: ['OH^-'], ground: 'hydroxides are followed through the steps of each metal ion', source: forms },
  { cations: [...everyday, ...hydrolysed], anions: ['Cl^-', 'Br^-', 'I^-'], ground: 'the halide dissolves', source: rules },
  { cations: [...everyday, 'Sn^2+', 'Sn^4+', 'Hg^2+', 'SbO^+', 'Bi^3+'], anions: ['SO4^2-'], ground: 'the sulfate dissolves, if need be in its own acid', source: rules },
  { cations: [...everyday, 'Ag^+', 'Pb^2+', 'Hg^2+'], anions: ['MnO4^-'], ground: 'permanganates dissolve', source: rules },
  { cations: everyday, anions: ['NO2^-', 'SCN^-', 'BrO3^-'], ground: 'nitrites, thiocyanates and bromates of the common metals dissolve', source: crc },
  { cations: [...everyday, 'Pb^2+'], anions: ['HCOO^-'], ground: 'formates dissolve', source: crc },
  { cations: [...alkalineEarths.filter((one) => one !== 'Ba^2+'), ...divalent], anions: ['S2O3^2-'], ground: 'the thiosulfate dissolves', source: crc },
  { cations: everyday, anions: ['S2O8^2-', 'C6H11O7^-'], ground: 'peroxodisulfates and gluconates dissolve', source: crc },
  { cations: everyday, anions: ['H2PO2^-'], ground: 'hypophosphites dissolve', source: rules },
  { cations: everyday, anions: ['C7H4O3^2-'], ground: 'the salicylate dissolves at test-tube strength', source: crc },
  { cations: ['Mg^2+', 'Ca^2+'], anions: ['CrO4^2-'], ground: 'the chromate dissolves', source: crc },
  { cations: ['Mg^2+', 'Ca^2+', 'Sr^2+', 'Ba^2+'], anions: ['CN^-', 'S^2-', 'N3^-', 'ClO^-'], ground: 'the salt dissolves', source: crc },
  { cations: [...alkalineEarths], anions: ['Fe(CN)6^3-'], ground: 'hexacyanidoferrates(III) of the alkaline earths dissolve', source: rules },
  { cations: ['Mg^2+', 'Ca^2+', 'Sr^2+'], anions: ['Fe(CN)6^4-'], ground: 'hexacyanidoferrates(II) of the alkaline earths dissolve at test-tube strength', source: rules },
  { cations: [...alkalineEarths, 'Mn^2+', 'Co^2+', 'Ni^2+', 'Zn^2+', 'Cd^2+', 'Cu^2+'], anions: ['C6H5COO^-'], ground: 'the benzoate dissolves at test-tube strength', source: crc },
  { cations: ['Al^3+', 'Cr^3+', 'Fe^3+', 'Ce^3+', ...hydrolysed], anions: ['CO3^2-', 'S^2-', 'SiO3^2-', 'B(OH)4^-', 'ClO^-', 'SO3^2-', 'CN^-'], ground: 'the anion is a base, and what settles is the hydroxide', source: rules },
  { cations: [...divalent, 'Ag^+', 'Cr^3+', 'Sn^2+'], anions: ['F^-'], ground: 'the fluoride dissolves at test-tube strength', source: crc },
  { cations: ['Mg^2+'], anions: ['SO3^2-', 'IO3^-', 'MoO4^2-'], ground: 'the salt dissolves', source: crc },
  { anions: ['H2C10H12N2O8^2-'], ground: 'EDTA binds or leaves the ion, and its salts dissolve', source: rules },
  { cations: [...divalent, 'Mg^2+', 'Al^3+', 'Cr^3+', 'Fe^3+'], anions: ['C6H5O7^3-', 'C4H4O6^2-'], ground: 'citrate and tartrate keep it dissolved', source: rules },
  { anions: ['C16H8N2O8S2^2-'], ground: 'a dye in traces', source: forms },
  { cations: ['C16H18N3S^+'], ground: 'a dye in traces', source: forms },
];
