import { asRead } from '../readSource';
import { handbook } from '../source';
import type { VolatileAcid } from '../types';

const sander = handbook('Sander, Compilation of Henry’s Law Constants', 'Henry’s law constant at 25 °C with its temperature dependence, as the ions in water');

/**
 * Acids whose vapour stands over their solutions, counted by the ions that they give to water: gas ⇌ H⁺ + A⁻, log10 K in mol²/(L² atm) at
 * 25 °C, and ΔH° of dissolving, kJ/mol. None of them bubbles out of water, which holds far too much.
 */
const rows: readonly VolatileAcid[] = [
  { formula: 'HCl', anion: 'Cl^-', logK: 6.305, enthalpyKJPerMol: -74.8, source: sander },
  { formula: 'HBr', anion: 'Br^-', logK: 8.88, enthalpyKJPerMol: -85.2, source: sander },
  { formula: 'HF', anion: 'F^-', logK: 1.11, enthalpyKJPerMol: -61.5, source: sander },
  { formula: 'HNO3', anion: 'NO3^-', logK: 6.4, enthalpyKJPerMol: -72.3, source: sander },
  { formula: 'CH3COOH', anion: 'CH3COO^-', logK: -1.14, enthalpyKJPerMol: -52, source: sander },
];
export const volatileAcids = asRead('volatileAcids', rows, ({ formula }) => formula);
