import { shown } from '../../shown';
import { ammine, complex, complexesFrom, edta } from '../builders/bound';
import { half } from '../builders/couples';
import { formed } from '../builders/formation';
import { decomposes } from '../builders/heated';
import { heats, solidsFrom } from '../builders/solids';
import { hydroxo } from '../builders/steps';
import type { ElementData } from '../../types';

/** Silver: what is known of it. */
export const silver: ElementData = {
  ions: [
    { formula: 'Ag^+', stock: 'silver' },
  ],
  acidBase: [
    hydroxo('AgOH', 'Ag^+', 1, -12, 47.2),
    hydroxo('Ag(OH)2^-', 'Ag^+', 2, -24, 111.6),
  ],
  complexes: [
    complex('AgCl', 'Ag^+', 'Cl^-', 1, 3.31, { enthalpyKJPerMol: -12, source: complexesFrom.lange }),
    complex('AgCl2^-', 'Ag^+', 'Cl^-', 2, 5.25, { enthalpyKJPerMol: -16 }),
    complex('AgBr2^-', 'Ag^+', 'Br^-', 2, 7.5, { enthalpyKJPerMol: -45.3 }),
    complex('AgI2^-', 'Ag^+', 'I^-', 2, 11.7, { enthalpyKJPerMol: -76.6 }),
    complex('AgI3^2-', 'Ag^+', 'I^-', 3, 13.3, { enthalpyKJPerMol: -113.1 }),
    complex('Ag(SCN)2^-', 'Ag^+', 'SCN^-', 2, 8.2),
    complex('Ag(SCN)3^2-', 'Ag^+', 'SCN^-', 3, 9.08, { source: complexesFrom.lange }),
    complex('Ag(SCN)4^3-', 'Ag^+', 'SCN^-', 4, 10.08, { source: complexesFrom.lange }),
    complex('Ag(CN)2^-', 'Ag^+', 'CN^-', 2, 20.48, { enthalpyKJPerMol: -137 }),
    complex('AgS2O3^-', 'Ag^+', 'S2O3^2-', 1, 9.23, { enthalpyKJPerMol: -59 }),
    complex('Ag(S2O3)2^3-', 'Ag^+', 'S2O3^2-', 2, 13.64, { enthalpyKJPerMol: -86.9 }),
    edta('AgC10H12N2O8^3-', 'Ag^+', 8.1, { enthalpyKJPerMol: -31.4 }),
    ammine('Ag(NH3)^+', 'Ag^+', 1, 3.31, { enthalpyKJPerMol: 32.4 }),
    ammine('Ag(NH3)2^+', 'Ag^+', 2, 7.22, { enthalpyKJPerMol: 48.8 }),
  ],
  solids: [
    { formula: 'Ag2S2O3', ions: { 'Ag^+': 2, 'S2O3^2-': 1 }, pKsp: 15.5, colour: 'white', texture: 'fine', inAir: 'turns yellow, brown and black within a minute, as it becomes silver sulfide', source: solidsFrom.placed },
    { formula: 'AgCl', ions: { 'Ag^+': 1, 'Cl^-': 1 }, pKsp: 9.75, colour: 'white', texture: 'curdy', darkensInLight: { to: 'grey', minutes: 5 }, ...heats(65.7), source: solidsFrom.crc },
    { formula: 'AgBr', ions: { 'Ag^+': 1, 'Br^-': 1 }, pKsp: 12.27, colour: 'cream', texture: 'curdy', darkensInLight: { to: 'grey', minutes: 15 }, ...heats(84.4), source: solidsFrom.crc },
    { formula: 'AgI', ions: { 'Ag^+': 1, 'I^-': 1 }, pKsp: 16.07, colour: 'pale yellow', texture: 'curdy', darkensInLight: { to: 'grey', minutes: 120 }, ...heats(111), source: solidsFrom.crc },
    { formula: 'AgSCN', ions: { 'Ag^+': 1, 'SCN^-': 1 }, pKsp: 11.99, colour: 'white', texture: 'curdy', ...heats(88), source: solidsFrom.crc },
    { formula: 'Ag2SO4', ions: { 'Ag^+': 2, 'SO4^2-': 1 }, pKsp: 4.92, colour: 'white', texture: 'crystalline', ...heats(17), source: solidsFrom.crc },
    // Hydroxides (silver’s loses water at once and settles as the oxide)
    { formula: 'Ag2O', ions: { 'Ag^+': 2, 'OH^-': 2 }, pKsp: 15.42, colour: 'brown', texture: 'fine', ...heats(68.1), source: solidsFrom.lange },
    { formula: 'Ag2CO3', ions: { 'Ag^+': 2, 'CO3^2-': 1 }, pKsp: 11.07, colour: 'pale yellow', texture: 'fine', ...heats(39.9), source: solidsFrom.crc },
    { formula: 'Ag2CrO4', ions: { 'Ag^+': 2, 'CrO4^2-': 1 }, pKsp: 11.95, colour: 'red-brown', texture: 'fine', ...heats(62), source: solidsFrom.crc },
    { formula: 'Ag3PO4', ions: { 'Ag^+': 3, 'PO4^3-': 1 }, pKsp: 17.55, colour: 'yellow', texture: 'fine', darkensInLight: { to: 'brown', minutes: 10 }, source: solidsFrom.martell },
    { formula: 'Ag2C2O4', ions: { 'Ag^+': 2, 'C2O4^2-': 1 }, pKsp: 11.27, colour: 'white', texture: 'fine', source: solidsFrom.crc },
    { formula: 'Ag4Fe(CN)6', ions: { 'Ag^+': 4, 'Fe(CN)6^4-': 1 }, pKsp: 44.07, colour: 'white', texture: 'gelatinous', source: solidsFrom.lange },
    { formula: 'AgCN', ions: { 'Ag^+': 1, 'CN^-': 1 }, pKsp: 16.22, colour: 'white', texture: 'curdy', ...heats(110.3), source: solidsFrom.crc },
    { formula: 'AgN3', ions: { 'Ag^+': 1, 'N3^-': 1 }, pKsp: 8.55, colour: 'white', texture: 'curdy', source: solidsFrom.lange },
    { formula: 'AgCH3COO', ions: { 'Ag^+': 1, 'CH3COO^-': 1 }, pKsp: 2.71, colour: 'white', texture: 'crystalline', source: solidsFrom.crc },
    { formula: 'AgNO2', ions: { 'Ag^+': 1, 'NO2^-': 1 }, pKsp: 3.22, colour: 'pale yellow', texture: 'crystalline', source: solidsFrom.lange },
    { formula: 'AgBrO3', ions: { 'Ag^+': 1, 'BrO3^-': 1 }, pKsp: 4.27, colour: 'white', texture: 'crystalline', ...heats(49), source: solidsFrom.crc },
    { formula: 'AgIO3', ions: { 'Ag^+': 1, 'IO3^-': 1 }, pKsp: 7.5, colour: 'white', texture: 'curdy', ...heats(55.4), source: solidsFrom.crc },
    { formula: 'Ag2SO3', ions: { 'Ag^+': 2, 'SO3^2-': 1 }, pKsp: 13.82, colour: 'white', texture: 'curdy', source: solidsFrom.crc },
    { formula: 'Ag3Fe(CN)6', ions: { 'Ag^+': 3, 'Fe(CN)6^3-': 1 }, pKsp: 29.19, colour: 'orange', texture: 'flocculent', source: solidsFrom.estimated },
    { formula: 'AgC6H5COO', ions: { 'Ag^+': 1, 'C6H5COO^-': 1 }, pKsp: 4.6, colour: 'white', texture: 'crystalline', source: solidsFrom.lange },
    { formula: 'Ag2S', ions: { 'Ag^+': 2, 'S^2-': 1 }, pKsp: 48.97, colour: 'black', texture: 'flocculent', ...heats(276), source: solidsFrom.sulfides },
    { formula: 'Ag2MoO4', ions: { 'Ag^+': 2, 'MoO4^2-': 1 }, pKsp: 11.55, colour: 'pale yellow', texture: 'fine', ...heats(52.7), source: solidsFrom.lange },
  ],
  couples: [
    half('Ag^+(aq) + e^- → Ag(s)', 0.7996),
    // Metals in their complexes and solids (they close cycles with formation constants and solubility products)
    half('AgCl(s) + e^- → Ag(s) + Cl^-(aq)', 0.2223),
    half('AgBr(s) + e^- → Ag(s) + Br^-(aq)', 0.0713),
    half('AgI(s) + e^- → Ag(s) + I^-(aq)', -0.1522),
    half('Ag2O(s) + 2H^+(aq) + 2e^- → 2Ag(s) + H2O(l)', 1.17),
    half('Ag2CrO4(s) + 2e^- → 2Ag(s) + CrO4^2-(aq)', 0.447),
    half('Ag(NH3)2^+(aq) + e^- → Ag(s) + 2NH3(aq)', 0.373),
    half('Ag(CN)2^-(aq) + e^- → Ag(s) + 2CN^-(aq)', -0.41),
  ],
  heated: [
    decomposes('2 Ag2CO3(s) → 4 Ag(s) + 2 CO2(g) + O2(g)', 220),
    decomposes('2 AgNO3(s) → 2 Ag(s) + 2 NO2(g) + O2(g)', 440, shown('melts at 212 °C', 'melts')),
    decomposes('2 Ag2O(s) → 4 Ag(s) + O2(g)', 230),
  ],
  formation: [
    ...formed('aq', {
      'Ag^+': 105.6, 'Ag(NH3)2^+': -111.3, 'Ag(CN)2^-': 270.3,
    }),
    ...formed('s', {
      Ag2O: -31.1, AgCl: -127, AgBr: -100.4, AgI: -61.8, Ag2SO4: -715.9, Ag2S: -31.6, AgNO3: -124.4, Ag2CO3: -505.8, Ag2CrO4: -731.7,
    }),
  ],
};
