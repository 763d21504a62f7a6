import { commonPractice, handbook } from '../source';
import type { Coat } from '../types';

const trade = commonPractice('a crust of the hardly soluble salt seals the lump after a little has reacted');
const text = handbook('Greenwood and Earnshaw, Chemistry of the Elements', 'reactions of the element with acids');

/** Solids that seal themselves: once the coat settles on them, the rest is out of reach. */
export const coats = [
  { solid: 'CaCO3', coat: 'CaSO4·2H2O', source: trade },
  { solid: 'SrCO3', coat: 'SrSO4', source: trade },
  { solid: 'BaCO3', coat: 'BaSO4', source: trade },
  { solid: 'PbCO3', coat: 'PbSO4', source: trade },
  { solid: 'PbCO3', coat: 'PbCl2', source: trade },
  { solid: 'Pb', coat: 'PbSO4', sealsAboveM: { 'SO4^2-': 0.02, 'HSO4^-': 0.02 }, source: text },
  { solid: 'Pb', coat: 'PbCl2', sealsAboveM: { 'Cl^-': 0.3 }, source: text },
] as const satisfies readonly Coat[];

/** Share of a lump that reacts before its coat seals it (common practice: a little gas, then none). */
export const reactsBeforeSealed = 0.1;
