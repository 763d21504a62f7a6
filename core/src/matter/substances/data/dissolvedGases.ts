import { asRead } from '../readSource';
import { handbook } from '../source';
import type { DissolvedGas } from '../types';

const crc = handbook('CRC Handbook of Chemistry and Physics', 'solubility of gases in water at 101.325 kPa and 25 °C');
const sander = handbook('Sander, Compilation of Henry’s Law Constants', 'Henry’s law constant at 25 °C with its temperature dependence');

/**
 * Gases with Henry’s constant in mol/(L atm) at 25 °C, ΔH° of dissolving (kJ/mol) and the toxic limit above which an amount
 * set free at the bench is warned of.
 */
const rows: readonly DissolvedGas[] = [
  { formula: 'CO2', henryMPerAtm: 0.034, enthalpyKJPerMol: -20, colour: 'colourless', source: sander },
  { formula: 'H2', henryMPerAtm: 7.8e-4, enthalpyKJPerMol: -4.2, colour: 'colourless', flammable: true, source: sander },
  { formula: 'O2', henryMPerAtm: 1.3e-3, enthalpyKJPerMol: -12, colour: 'colourless', source: sander },
  { formula: 'N2', henryMPerAtm: 6.4e-4, enthalpyKJPerMol: -11, colour: 'colourless', source: sander },
  { formula: 'Cl2', henryMPerAtm: 0.062, enthalpyKJPerMol: -21, colour: 'yellow-green', toxicAboveMmol: 0.2, source: crc },
  { formula: 'SO2', henryMPerAtm: 1.2, enthalpyKJPerMol: -26.2, colour: 'colourless', toxicAboveMmol: 0.2, source: sander },
  { formula: 'H2S', henryMPerAtm: 0.1, enthalpyKJPerMol: -19, colour: 'colourless', toxicAboveMmol: 0.05, source: sander },
  { formula: 'NH3', henryMPerAtm: 59, enthalpyKJPerMol: -35, colour: 'colourless', toxicAboveMmol: 2, source: sander },
  { formula: 'HCN', henryMPerAtm: 9, enthalpyKJPerMol: -42, colour: 'colourless', toxicAboveMmol: 0.001, source: sander },
  { formula: 'NO', henryMPerAtm: 1.9e-3, enthalpyKJPerMol: -12, colour: 'colourless', inAir: { becomes: 'NO2', colour: 'red-brown' }, toxicAboveMmol: 0.2, source: sander },
  { formula: 'NO2', henryMPerAtm: 0.012, enthalpyKJPerMol: -21, colour: 'red-brown', toxicAboveMmol: 0.1, source: sander },
  { formula: 'N2O', henryMPerAtm: 0.024, enthalpyKJPerMol: -21, colour: 'colourless', source: sander },
  { formula: 'CO', henryMPerAtm: 9.8e-4, enthalpyKJPerMol: -11, colour: 'colourless', toxicAboveMmol: 0.1, flammable: true, source: sander },
  { formula: 'CH4', henryMPerAtm: 1.4e-3, enthalpyKJPerMol: -13, colour: 'colourless', flammable: true, source: sander },
  { formula: 'C2H6', henryMPerAtm: 1.9e-3, enthalpyKJPerMol: -19, colour: 'colourless', flammable: true, source: sander },
  { formula: 'C2H4', henryMPerAtm: 4.8e-3, enthalpyKJPerMol: -16.4, colour: 'colourless', flammable: true, source: sander },
  { formula: 'C2H2', henryMPerAtm: 0.041, enthalpyKJPerMol: -15, colour: 'colourless', flammable: true, source: sander },
  { formula: 'C3H8', henryMPerAtm: 1.5e-3, enthalpyKJPerMol: -22, colour: 'colourless', flammable: true, source: sander },
  { formula: 'C3H6', henryMPerAtm: 7.4e-3, enthalpyKJPerMol: -24, colour: 'colourless', flammable: true, source: sander },
  { formula: 'C4H10', henryMPerAtm: 1.1e-3, enthalpyKJPerMol: -26, colour: 'colourless', flammable: true, source: sander },
];
export const dissolvedGases = asRead('dissolvedGases', rows, ({ formula }) => formula);
