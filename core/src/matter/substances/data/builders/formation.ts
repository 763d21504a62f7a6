import { handbook } from '../../source';
import type { FormationEnthalpy } from '../../types';

const nbs = handbook('NBS Tables of Chemical Thermodynamic Properties', 'ΔfH° at 25 °C, kJ/mol; ions against ΔfH°(H⁺, aq) = 0; ±1 kJ/mol for most, ±5 for hydrates of many waters');

export const formed = (state: FormationEnthalpy['state'], values: Readonly<Record<string, number>>): FormationEnthalpy[] =>
  Object.entries(values).map(([formula, kJPerMol]) => ({ formula, state, kJPerMol, source: nbs }));
