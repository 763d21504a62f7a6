import { commonPractice } from '../../matter/substances/source';
import type { Attempt } from './attempt';

/** How fast a gas comes. */
export type Pace = 'violent' | 'brisk' | 'steady' | 'slow' | 'stops';

export const paceSource = commonPractice('how metals and carbonates go with dilute and weak acids');

/** Metals with a dilute strong acid. */
const metalPaces: Readonly<Record<string, Pace>> = {
  K: 'violent',
  Na: 'violent',
  Li: 'violent',
  Ca: 'brisk',
  Mg: 'brisk',
  Mn: 'brisk',
  Zn: 'steady',
  Al: 'steady',
  Fe: 'slow',
  Cr: 'slow',
  Ni: 'slow',
  Co: 'slow',
  Sn: 'slow',
  Pb: 'slow',
};
/** Words for metals that start late. */
const startsLate: Readonly<Record<string, string>> = {
  Al: 'its oxide must go first: clean it, or warm to start',
  Fe: 'filings and warmth help',
  Zn: 'very pure zinc is slow: a drop of copper sulfate helps',
};
const weakAcids = new Set(['CH3COOH', 'HCOOH', 'H3C6H5O7', 'H2C4H4O6', 'H3PO4']);
/** Solids that give their gas as fast as acid comes to them: lumps, and sulfites onto which acid is dropped. Soluble carbonates go all at once. */
const lumps = new Set([
  'CaCO3',
  'MgCO3',
  'SrCO3',
  'BaCO3',
  'ZnCO3',
  'PbCO3',
  'FeS',
  'ZnS',
  'MnCO3',
  'NiCO3',
  'CoCO3',
  'Cu2(OH)2CO3',
  'Li2CO3',
  'Na2SO3',
  'NaHSO3',
  'Na2S2O5',
  'Na2S2O3',
]);
const slower: Readonly<Record<Pace, Pace>> = {
  violent: 'violent',
  brisk: 'steady',
  steady: 'slow',
  slow: 'slow',
  stops: 'stops',
};

/** How fast a mixture of liquid and solid gives its gas, and what is said of it. */
export function paceOf({ reagents, heatedToC }: Attempt): { pace: Pace; words?: string } {
  const names = reagents.map(({ substance }) => substance);
  const metal = names.find((name) => name in metalPaces);
  const isWet = names.includes('H2O');
  const isWeak = names.some((name) => weakAcids.has(name));
  const base: Pace =
    metal !== undefined
      ? (metalPaces[metal] ?? 'steady')
      : names.includes('CaC2') || names.includes('CaH2')
        ? 'brisk'
        : names.some((name) => lumps.has(name)) || heatedToC !== undefined
          ? 'steady'
          : names.includes('MnO2')
            ? 'steady'
            : 'brisk';
  const isQuicker = names.includes('NaOH') || names.includes('KOH') || isWet;
  const pace = isWeak ? slower[base] : base === 'brisk' && isQuicker && metal ? 'steady' : base;
  const words = metal !== undefined && !isWet ? startsLate[metal] : undefined;
  return { pace, ...(words && { words }) };
}
