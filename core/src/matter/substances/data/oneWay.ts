import { commonPractice, handbook } from '../source';
import { shown } from '../shown';
import type { OneWay } from '../types';

const vogel = handbook('Vogel, Qualitative Inorganic Analysis', 'reactions of the ion');
const text = handbook('Greenwood and Earnshaw, Chemistry of the Elements', 'reactions of the element');
const organic = handbook('March, Advanced Organic Chemistry', 'oxidations of this kind');
const trade = commonPractice('what concentrated sulfuric acid is seen to do to this in a test tube; how much of each product comes is a round share');

/** Sulfuric acid that has hardly any water: it fumes acids out, takes water from things and oxidises. */
const inConcentrated = { aboveM: { 'HSO4^-': 8 } } as const;
const acid = { source: trade, when: inConcentrated, heat: 'unknown' } as const;
const fumes = (of: string, more = ''): NonNullable<OneWay['caution']> => ({ code: 'acidFumes', message: `${of} comes off in choking, corrosive fumes${more}: in a hood, and very little.` });
const hot = (temperatureAboveC: number, more: NonNullable<OneWay['when']> = {}): NonNullable<OneWay['when']> => ({ temperatureAboveC, ...more });

/**
 * Reactions that run to their end by steps of their own, which neither a constant nor a potential decides: oxidations of organic
 * substances, what concentrated sulfuric acid drives out, what falls apart. The first that applies goes first.
 */
export const oneWay: readonly OneWay[] = [
  // Concentrated sulfuric acid
  { ...acid, equation: 'Cr2O7^2-(aq) + 4 Cl^-(aq) + 6 H^+(aq) → 2 CrO2Cl2(g) + 3 H2O(l)', caution: fumes('Chromyl chloride', ', toxic and carcinogenic'), source: vogel },
  { ...acid, equation: 'MnO2(s) + 2 Cl^-(aq) + 4 H^+(aq) → Mn^2+(aq) + Cl2(g) + 2 H2O(l)', caution: fumes('Chlorine', ', toxic'), source: vogel },
  { ...acid, equation: 'Cl^-(aq) + H^+(aq) → HCl(g)', caution: fumes('Hydrogen chloride'), source: vogel },
  // Bromide goes first as its acid; what is left is oxidised. Bromine itself is made of bromide for the equilibrium, and is left alone.
  { ...acid, when: { aboveM: { ...inConcentrated.aboveM, 'Br^-': 0.05 } }, share: 0.7, equation: 'Br^-(aq) + H^+(aq) → HBr(g)', caution: fumes('Hydrogen bromide'), source: vogel },
  { ...acid, when: { aboveM: { ...inConcentrated.aboveM, 'Br^-': 0.02 } }, equation: '2 Br^-(aq) + HSO4^-(aq) + 3 H^+(aq) → Br2(aq) + SO2(g) + 2 H2O(l)', caution: fumes('Bromine', ' with sulfur dioxide'), source: vogel },
  { ...acid, equation: '8 I^-(aq) + HSO4^-(aq) + 9 H^+(aq) → 4 I2(s) + H2S(g) + 4 H2O(l)', caution: fumes('Hydrogen sulfide', ' with iodine, very toxic'), source: vogel },
  { ...acid, equation: 'F^-(aq) + H^+(aq) → HF(g)', caution: fumes('Hydrogen fluoride', ', which burns deep and etches the glass'), source: vogel },
  { ...acid, equation: 'Cu(s) + 2 NO3^-(aq) + 4 H^+(aq) → Cu^2+(aq) + 2 NO2(g) + 2 H2O(l)', caution: fumes('Nitrogen dioxide', ', toxic hours later'), source: vogel },
  { ...acid, when: { ...inConcentrated, temperatureAboveC: 60 }, equation: 'NO3^-(aq) + H^+(aq) → HNO3(g)', caution: fumes('Nitric acid', ', brown with nitrogen dioxide'), source: vogel },
  { ...acid, equation: '3 ClO3^-(aq) + 2 H^+(aq) → 2 ClO2(g) + ClO4^-(aq) + H2O(l)', caution: { code: 'chlorineDioxide', message: 'Chlorine dioxide is set free, a yellow gas that explodes: do not do this with a class.' }, source: vogel },
  { ...acid, equation: 'HCOO^-(aq) + H^+(aq) → CO(g) + H2O(l)', caution: { code: 'carbonMonoxide', message: 'Carbon monoxide comes off: toxic, and it has no smell to warn of it. In a hood.' }, source: vogel },
  { ...acid, when: { ...inConcentrated, temperatureAboveC: 60 }, equation: 'H2C2O4(aq) → CO(g) + CO2(g) + H2O(l)', caution: { code: 'carbonMonoxide', message: 'Carbon monoxide comes off: toxic, and it has no smell to warn of it. In a hood.' }, source: vogel },
  { when: inConcentrated, equation: 'C12H22O11(aq) → 12 C(s) + 11 H2O(l)', sees: shown('it browns, blackens and swells up, steaming', 'browns or chars'), caution: { code: 'acidChars', message: 'It chars, gets very hot and rises out of the vessel with choking fumes: in a hood, in a tall beaker.' }, source: trade },
  { when: inConcentrated, equation: 'C6H12O6(aq) → 6 C(s) + 6 H2O(l)', sees: shown('it browns, blackens and swells up, steaming', 'browns or chars'), caution: { code: 'acidChars', message: 'It chars, gets very hot and rises out of the vessel with choking fumes: in a hood, in a tall beaker.' }, source: trade },
  { equation: 'Fe(CN)6^4-(aq) + 6 H^+(aq) → Fe^2+(aq) + 6 HCN(g)', when: hot(70, { aboveM: { 'H^+': 0.5 } }), share: 0.5, caution: { code: 'cyanideWithAcid', message: 'Hydrogen cyanide comes off: it kills. Hexacyanidoferrates are never heated with acid. Stop, leave, ventilate.' }, source: vogel },
  { equation: 'Fe(CN)6^3-(aq) + 6 H^+(aq) → Fe^3+(aq) + 6 HCN(g)', when: hot(70, { aboveM: { 'H^+': 0.5 } }), share: 0.5, caution: { code: 'cyanideWithAcid', message: 'Hydrogen cyanide comes off: it kills. Hexacyanidoferrates are never heated with acid. Stop, leave, ventilate.' }, source: vogel },
  // Sugars, alcohol, ascorbic acid, formate
  { equation: 'C6H12O6(aq) + 2 Cu^2+(aq) + 5 OH^-(aq) → Cu2O(s) + C6H11O7^-(aq) + 3 H2O(l)', when: hot(60, { pHAbove: 10 }), source: organic },
  { equation: 'C6H12O6(aq) + 2 Ag^+(aq) + 3 OH^-(aq) → 2 Ag(s) + C6H11O7^-(aq) + 2 H2O(l)', when: hot(45, { pHAbove: 9, aboveM: { 'Ag(NH3)2^+': 1e-4 } }), source: organic },
  { equation: 'HCOO^-(aq) + 2 Ag^+(aq) + 3 OH^-(aq) → 2 Ag(s) + CO3^2-(aq) + 2 H2O(l)', when: hot(60, { pHAbove: 8, aboveM: { 'Ag(NH3)2^+': 1e-4 } }), source: organic },
  { equation: 'C6H12O6(aq) + 2 MnO4^-(aq) + 3 OH^-(aq) → C6H11O7^-(aq) + 2 MnO4^2-(aq) + 2 H2O(l)', when: { pHAbove: 12 }, source: organic },
  { equation: '3 C2H5OH(aq) + Cr2O7^2-(aq) + 8 H^+(aq) → 3 CH3CHO(aq) + 2 Cr^3+(aq) + 7 H2O(l)', when: hot(40, { pHBelow: 1.5 }), source: organic },
  { equation: 'HC6H7O6(aq) + I2(aq) → C6H6O6(aq) + 2 I^-(aq) + 2 H^+(aq)', source: organic },
  { equation: 'HC6H7O6(aq) + 2 Fe^3+(aq) → C6H6O6(aq) + 2 Fe^2+(aq) + 2 H^+(aq)', when: { pHBelow: 6 }, source: organic },
  { equation: 'HC6H7O6(aq) + 2 Fe(CN)6^3-(aq) → C6H6O6(aq) + 2 Fe(CN)6^4-(aq) + 2 H^+(aq)', source: organic },
  { equation: 'HC6H7O6(aq) + 2 Ag^+(aq) → C6H6O6(aq) + 2 Ag(s) + 2 H^+(aq)', when: { aboveM: { 'Ag^+': 1e-4 } }, source: organic },
  // Nitrogen
  { equation: '2 HNO2(aq) + CO(NH2)2(aq) → 2 N2(g) + CO2(aq) + 3 H2O(l)', when: { pHBelow: 3 }, source: vogel },
  { equation: 'NH4^+(aq) + NO2^-(aq) → N2(g) + 2 H2O(l)', when: hot(65, { pHBelow: 9 }), source: vogel },
  // What water or acid takes apart, and strong oxidants and reductants of the bench
  { equation: 'BH4^-(aq) + H^+(aq) + 3 H2O(l) → B(OH)3(aq) + 4 H2(g)', when: { pHBelow: 9 }, source: text },
  { equation: '2 H2O2(aq) → O2(g) + 2 H2O(l)', when: { pHAbove: 13, aboveM: { 'HO2^-': 0.2 } }, share: 0.5, source: text },
  { equation: 'H2PO2^-(aq) + 4 Ag^+(aq) + 2 H2O(l) → 4 Ag(s) + H3PO4(aq) + 3 H^+(aq)', when: hot(40), source: vogel },
  { equation: 'H2PO2^-(aq) + 2 Cu^2+(aq) + 2 H2O(l) → 2 Cu(s) + H3PO4(aq) + 3 H^+(aq)', when: hot(70), source: vogel },
  { equation: 'H2PO2^-(aq) + 2 Hg^2+(aq) + 2 H2O(l) → 2 Hg(s) + H3PO4(aq) + 3 H^+(aq)', when: hot(40), source: vogel },
  { equation: 'Sn^4+(aq) + 2 H2O(l) → SnO2(s) + 4 H^+(aq)', when: { aboveM: { 'NO3^-': 5, 'H^+': 3 } }, source: vogel },
];
