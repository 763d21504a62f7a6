import { commonPractice } from '../source';
import type { Scrubber } from '../types';

const trade = commonPractice('wash bottles: what each liquid takes out of a gas, and which gases it must not meet');

/** What a gas is led through to take something else out of it, gentlest first. */
export const scrubbers = [
  { name: 'water', substance: 'water', takes: ['HCl', 'HBr', 'HI', 'NH3', 'SO3'], alsoTakes: ['SO2', 'NO2'], source: trade },
  { name: 'saturated sodium hydrogencarbonate', substance: 'NaHCO3', takes: ['HCl', 'HBr', 'HI', 'SO2', 'SO3'], alsoTakes: ['Cl2', 'NO2', 'H2S', 'NH3'], source: trade },
  { name: '2 M sodium hydroxide', substance: 'NaOH', takes: ['CO2', 'SO2', 'SO3', 'HCl', 'HBr', 'HI', 'Cl2', 'NO2', 'H2S', 'Br2', 'HCN'], alsoTakes: [], source: trade },
  { name: '1 M sulfuric acid', substance: 'H2SO4', takes: ['NH3'], alsoTakes: [], source: trade },
  { name: '0.1 M copper(II) sulfate', substance: 'CuSO4', takes: ['H2S'], alsoTakes: ['NH3'], source: trade },
  { name: 'iron(II) sulfate solution', substance: 'FeSO4', takes: ['NO'], alsoTakes: ['Cl2', 'NO2', 'NH3'], source: trade },
] as const satisfies readonly Scrubber[];
