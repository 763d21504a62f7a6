import { handbook } from '../source';
import type { DryingAgent } from '../types';

const vogel = handbook('Vogel’s Textbook of Practical Organic Chemistry', 'drying of gases, and which agent reacts with which gas');

/** What takes water out of a gas, and the gases it takes or changes as well, with the reason. */
export const dryingAgents = [
  {
    name: 'anhydrous calcium chloride', substance: 'CaCl2', vessel: 'tube', source: vogel,
    reactsWith: { NH3: 'it binds ammonia as CaCl2·8NH3' },
  },
  {
    name: 'concentrated sulfuric acid', substance: 'H2SO4', vessel: 'wash bottle', source: vogel,
    reactsWith: {
      NH3: 'acid and base: ammonium sulfate', H2S: 'it oxidises it to sulfur', HBr: 'it oxidises it to bromine', HI: 'it oxidises it to iodine',
      C2H4: 'it adds to the double bond, slowly in the cold', C3H6: 'it adds to the double bond', C2H2: 'it adds water to the triple bond', NO2: 'it dissolves it',
    },
  },
  {
    name: 'calcium oxide or soda lime', substance: 'CaO', vessel: 'tube', source: vogel,
    reactsWith: {
      CO2: 'base and acidic gas: calcium carbonate', SO2: 'base and acidic gas: calcium sulfite', HCl: 'base and acid', HBr: 'base and acid', HI: 'base and acid',
      Cl2: 'it takes chlorine as chloride and hypochlorite', H2S: 'base and acidic gas: calcium sulfide', NO2: 'base and acidic gas: nitrite and nitrate',
    },
  },
  {
    name: 'phosphorus(V) oxide', substance: 'P4O10', vessel: 'tube', source: vogel,
    reactsWith: { NH3: 'acid anhydride and base', HCl: 'slowly gives phosphoryl chloride', HBr: 'gives phosphoryl bromide', C2H2: 'it polymerises it slowly' },
  },
  { name: 'silica gel', substance: 'SiO2', vessel: 'tube', source: vogel, reactsWith: { NH3: 'it holds a good part of it', HF: 'it dissolves in it' } },
] as const satisfies readonly DryingAgent[];
