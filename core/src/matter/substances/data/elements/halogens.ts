import { complexesFrom } from '../builders/bound';
import { couplesFrom, half } from '../builders/couples';
import { formed } from '../builders/formation';
import { heats, solidsFrom } from '../builders/solids';
import { band, spectraFrom, spectrum } from '../builders/spectra';
import { acid, stepsFrom } from '../builders/steps';
import type { ElementData } from '../../types';

/** Fluorine, chlorine, bromine and iodine: what is known of it. */
export const halogens: ElementData = {
  ions: [
    { formula: 'F^-', stock: 'fluoride' },
    { formula: 'Cl^-', stock: 'chloride' },
    { formula: 'Br^-', stock: 'bromide' },
    { formula: 'I^-', stock: 'iodide' },
    { formula: 'ClO3^-', stock: 'chlorate', oxo: 'trioxochlorate(V)' },
    { formula: 'ClO4^-', stock: 'perchlorate', oxo: 'tetraoxochlorate(VII)' },
    { formula: 'IO3^-', stock: 'iodate', oxo: 'trioxoiodate(V)' },
    { formula: 'ClO^-', stock: 'hypochlorite', oxo: 'monooxochlorate(I)' },
    { formula: 'BrO^-', stock: 'hypobromite', oxo: 'monooxobromate(I)' },
    { formula: 'IO^-', stock: 'hypoiodite', oxo: 'monooxoiodate(I)' },
    { formula: 'BrO3^-', stock: 'bromate', oxo: 'trioxobromate(V)' },
  ],
  acidBase: [
    acid('HF', 'F^-', 1, 3.17, 13.3),
    acid('HIO3', 'IO3^-', 1, 0.78),
    // Hypohalites and their acids, and the halogens they make with halide in acid: XO⁻ + X⁻ + 2 H⁺ ⇌ X2 + H2O
    acid('HClO', 'ClO^-', 1, 7.54, -13.3),
    { formula: 'Cl2', from: { 'ClO^-': 1, 'Cl^-': 1, 'H^+': 2 }, logBeta: 10.94, enthalpyKJPerMol: -38, source: stepsFrom.crc },
    acid('HBrO', 'BrO^-', 1, 8.62),
    // ΔH°: bromine by formationEnthalpies.ts (−72.7); iodine so that I2 + I⁻ gives the −17 of Smith and Martell with the −116 that llnl.dat and Thermoddem
    // have for I3⁻ over this path (by formationEnthalpies.ts −100.5 and −119.4).
    { formula: 'Br2', from: { 'BrO^-': 1, 'Br^-': 1, 'H^+': 2 }, logBeta: 16.86, enthalpyKJPerMol: -73, source: stepsFrom.crc },
    acid('HIO', 'IO^-', 1, 10.6),
    { formula: 'I2', from: { 'IO^-': 1, 'I^-': 1, 'H^+': 2 }, logBeta: 22.9, enthalpyKJPerMol: -99, source: stepsFrom.crc },
  ],
  complexes: [
    // Halogen taken up by halide, log K 2.85 and 1.2; the halogen itself is counted as hypohalite and halide
    { formula: 'I3^-', from: { 'IO^-': 1, 'I^-': 2, 'H^+': 2 }, logBeta: 25.75, enthalpyKJPerMol: -116, source: complexesFrom.smith },
    // ΔH° of Br3⁻: that of bromine, and −6 for Br2 + Br⁻ (Smith and Martell, recalled from memory).
    { formula: 'Br3^-', from: { 'BrO^-': 1, 'Br^-': 2, 'H^+': 2 }, logBeta: 18.06, enthalpyKJPerMol: -79, source: complexesFrom.smith },
  ],
  solids: [
    { formula: 'I2', ions: { I2: 1 }, pKsp: 2.88, colour: 'black', texture: 'crystalline', ...heats(22), elementary: true, source: solidsFrom.crc },
  ],
  couples: [
    half('Cl2(aq) + 2e^- → 2Cl^-(aq)', 1.396, couplesFrom.bard),
    half('Br2(aq) + 2e^- → 2Br^-(aq)', 1.0873),
    half('I2(aq) + 2e^- → 2I^-(aq)', 0.62, couplesFrom.bard),
    half('I3^-(aq) + 2e^- → 3I^-(aq)', 0.536),
    half('HClO(aq) + H^+(aq) + 2e^- → Cl^-(aq) + H2O(l)', 1.482),
    half('ClO^-(aq) + 2H^+(aq) + 2e^- → Cl^-(aq) + H2O(l)', 1.715, couplesFrom.bard),
    half('HBrO(aq) + H^+(aq) + 2e^- → Br^-(aq) + H2O(l)', 1.331),
    half('HIO(aq) + H^+(aq) + 2e^- → I^-(aq) + H2O(l)', 0.987),
    half('IO^-(aq) + 2H^+(aq) + 2e^- → I^-(aq) + H2O(l)', 1.3, couplesFrom.bard),
    half('2IO3^-(aq) + 12H^+(aq) + 10e^- → I2(aq) + 6H2O(l)', 1.178, couplesFrom.bard),
    half('IO3^-(aq) + 4H^+(aq) + 4e^- → IO^-(aq) + 2H2O(l)', 0.997, couplesFrom.bard),
    half('2BrO3^-(aq) + 12H^+(aq) + 10e^- → Br2(aq) + 6H2O(l)', 1.478, couplesFrom.bard),
    half('ClO3^-(aq) + 6H^+(aq) + 6e^- → Cl^-(aq) + 3H2O(l)', 1.451),
    half('2ClO3^-(aq) + 12H^+(aq) + 10e^- → Cl2(aq) + 6H2O(l)', 1.468, couplesFrom.bard),
    half('ClO4^-(aq) + 8H^+(aq) + 8e^- → Cl^-(aq) + 4H2O(l)', 1.389),
  ],
  spectra: [
    spectrum('Cl2', spectraFrom.halogens, band(327, 71.7, 7100)),
    spectrum('Br2', spectraFrom.halogens, band(393, 175, 6000), band(490, 16, 5200)),
    spectrum('Br3^-', spectraFrom.halogens, band(266, 35000, 6500), band(390, 860, 5800)),
    spectrum('I2', spectraFrom.halogens, band(460, 746, 4300)),
    spectrum('I3^-', spectraFrom.halogens, band(353, 25300, 5100), band(387, 354, 10800)),
  ],
  formation: [
    ...formed('aq', {
      'F^-': -332.6, 'Cl^-': -167.2, 'Br^-': -121.6, 'I^-': -55.2, 'ClO^-': -107.1, 'ClO3^-': -104, 'ClO4^-': -129.3, 'BrO^-': -94.1, 'BrO3^-': -67.1,
      'IO^-': -107.5, 'IO3^-': -221.3, 'I3^-': -51.5, HF: -321.5, Cl2: -23.4, Br2: -2.6, I2: 22.6, HClO: -120.9, HBrO: -113, HIO: -138.1,
    }),
    ...formed('g', {
      Cl2: 0, HCl: -92.3, HBr: -36.3, HI: 26.5, HF: -273.3, Br2: 30.9, I2: 62.4,
    }),
    ...formed('l', {
      Br2: 0, CH2Cl2: -124.2,
    }),
  ],
};
