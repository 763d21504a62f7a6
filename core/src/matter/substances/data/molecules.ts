import type { Molecule } from '../types';

/**
 * Neutral molecules that are components of solution chemistry of their own: nothing in the tables of acids and
 * complexes makes them from ions. `inert` ones only dissolve; they neither give nor take protons here.
 */
export const molecules = [
  { formula: 'H2O2' },
  { formula: 'H2' },
  { formula: 'O2' },
  { formula: 'N2' },
  { formula: 'NO' },
  { formula: 'NO2' },
  { formula: 'N2O' },
  { formula: 'CO' },
  { formula: 'CH4' },
  { formula: 'C2H6' },
  { formula: 'C2H4' },
  { formula: 'C2H2' },
  { formula: 'C3H8' },
  { formula: 'C3H6' },
  { formula: 'C4H10' },
  { formula: 'H4SiO4' },
  { formula: 'C2H5OH' },
  { formula: 'C3H6O' },
  { formula: 'C6H12O6' },
  { formula: 'C12H22O11' },
  { formula: 'C16H19N3S' },
  { formula: 'CO(NH2)2' },
  { formula: 'C2H8N2' },
  { formula: 'CH3CHO' },
  { formula: 'C6H6O6' },
  { formula: 'C3H8O3' },
  { formula: 'C6H12' },
  { formula: 'C6H14' },
  { formula: 'C8H18' },
  { formula: 'C16H34' },
  { formula: 'CH2Cl2' },
] as const satisfies readonly Molecule[];
