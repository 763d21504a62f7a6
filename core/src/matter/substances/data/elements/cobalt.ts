import { ammine, complex, complexesFrom, edta } from '../builders/bound';
import { half } from '../builders/couples';
import { formed } from '../builders/formation';
import { decomposes, hydrate } from '../builders/heated';
import { heats, solidsFrom } from '../builders/solids';
import { band, spectraFrom, spectrum } from '../builders/spectra';
import { hydroxo } from '../builders/steps';
import type { ElementData } from '../../types';

/** Cobalt: what is known of it. */
export const cobalt: ElementData = {
  ions: [
    { formula: 'Co(NO2)6^3-', stock: 'hexanitrocobaltate(III)', common: 'cobaltinitrite' },
    { formula: 'Co^2+', stock: 'cobalt(II)', common: 'cobalt' },
    { formula: 'Co^3+', stock: 'cobalt(III)' },
  ],
  acidBase: [
    hydroxo('CoOH^+', 'Co^2+', 1, -9.65, 46),
    hydroxo('Co(OH)3^-', 'Co^2+', 3, -31.5, 160.3),
  ],
  complexes: [
    complex('CoC2H8N2^2+', 'Co^2+', 'C2H8N2', 1, 5.6),
    complex('Co(C2H8N2)2^2+', 'Co^2+', 'C2H8N2', 2, 10.1),
    complex('Co(C2H8N2)3^2+', 'Co^2+', 'C2H8N2', 3, 13.2),
    { ...complex('CoCl^+', 'Co^2+', 'Cl^-', 1, 0.2, { enthalpyKJPerMol: -2.2, source: complexesFrom.inAcid }), ionPair: true },
    complex('CoCl4^2-', 'Co^2+', 'Cl^-', 4, -7.3, { enthalpyKJPerMol: 55, source: complexesFrom.inAcid }),
    { ...complex('CoSCN^+', 'Co^2+', 'SCN^-', 1, 1.72), ionPair: true },
    complex('Co(SCN)4^2-', 'Co^2+', 'SCN^-', 4, 0.3, { source: complexesFrom.concentrated }),
    complex('CoC2O4', 'Co^2+', 'C2O4^2-', 1, 4.7),
    edta('CoC10H12N2O8^2-', 'Co^2+', 18.2),
    ammine('Co(NH3)2^2+', 'Co^2+', 2, 3.5),
    ammine('Co(NH3)4^2+', 'Co^2+', 4, 5.55),
    ammine('Co(NH3)6^2+', 'Co^2+', 6, 4.4),
    complex('CoC6H5O7^-', 'Co^2+', 'C6H5O7^3-', 1, 6.19),
    complex('CoC4H4O6', 'Co^2+', 'C4H4O6^2-', 1, 3.05),
  ],
  solids: [
    { formula: 'Co3(Fe(CN)6)2', ions: { 'Co^2+': 3, 'Fe(CN)6^3-': 2 }, pKsp: 22, colour: 'red', texture: 'flocculent', source: solidsFrom.placed },
    { formula: 'K2NaCo(NO2)6', ions: { 'K^+': 2, 'Na^+': 1, 'Co(NO2)6^3-': 1 }, pKsp: 10.66, colour: 'yellow', texture: 'fine', source: solidsFrom.lange },
    { formula: '(NH4)2NaCo(NO2)6', ions: { 'NH4^+': 2, 'Na^+': 1, 'Co(NO2)6^3-': 1 }, pKsp: 11.4, colour: 'yellow', texture: 'fine', source: solidsFrom.lange },
    { formula: 'Co(OH)2', ions: { 'Co^2+': 1, 'OH^-': 2 }, pKsp: 14.23, colour: 'blue', texture: 'gelatinous', turnsWhenWarm: { to: 'pink', aboveC: 60 }, needsBase: true, inAir: 'the blue solid turns pink on standing, then browns in air', ...heats(21.5), source: solidsFrom.crc },
    { formula: 'CoCO3', ions: { 'Co^2+': 1, 'CO3^2-': 1 }, pKsp: 10.0, colour: 'pale violet', texture: 'flocculent', ...heats(-9.4), source: solidsFrom.crc },
    { formula: 'Co3(PO4)2', ions: { 'Co^2+': 3, 'PO4^3-': 2 }, pKsp: 34.69, colour: 'pale violet', texture: 'flocculent', source: solidsFrom.crc },
    { formula: 'Co2Fe(CN)6', ions: { 'Co^2+': 2, 'Fe(CN)6^4-': 1 }, pKsp: 14.74, colour: 'green', texture: 'gelatinous', source: solidsFrom.lange },
    { formula: 'CoS', ions: { 'Co^2+': 1, 'S^2-': 1 }, pKsp: 20.31, colour: 'black', texture: 'flocculent', ...heats(58), source: solidsFrom.sulfides },
    { formula: 'Co(OH)3', ions: { 'Co^3+': 1, 'OH^-': 3 }, pKsp: 44.3, colour: 'brown', texture: 'gelatinous', source: solidsFrom.lange },
    { formula: 'CoO', ions: { 'Co^2+': 1, 'OH^-': 2 }, pKsp: 14.43, colour: 'deep green', texture: 'fine', asAdded: true, ...heats(5.5), source: solidsFrom.oxides },
    { formula: 'CoC2O4·2H2O', ions: { 'Co^2+': 1, 'C2O4^2-': 1 }, pKsp: 7.2, colour: 'pink', texture: 'fine', source: solidsFrom.lange },
  ],
  couples: [
    half('Co^2+(aq) + 2e^- → Co(s)', -0.28),
    half('Co^3+(aq) + e^- → Co^2+(aq)', 1.92),
    half('Co(OH)3(s) + H^+(aq) + e^- → Co(OH)2(s) + H2O(l)', 0.998),
  ],
  spectra: [
    spectrum('Co(NO2)6^3-', spectraFrom.lever, band(482, 180, 4600), band(360, 4800, 5200)),
    spectrum('Co^2+', spectraFrom.lever, band(512, 4.8, 3300), band(470, 2.2, 3000)),
    spectrum('CoCl^+', spectraFrom.estimated, band(520, 6, 3300), band(475, 3, 3000)),
    spectrum('CoCl4^2-', spectraFrom.lever, band(690, 400, 1500), band(660, 280, 1600), band(614, 275, 3300)),
    spectrum('CoSCN^+', spectraFrom.lever, band(510, 12, 3300), band(470, 6, 3000)),
    spectrum('Co(SCN)4^2-', spectraFrom.analysis, band(620, 1700, 2200), band(580, 700, 2400)),
    spectrum('CoC2O4', spectraFrom.lever, band(520, 12, 3500)),
    spectrum('Co(OH)3^-', spectraFrom.lever, band(590, 60, 3500)),
    spectrum('Co(NH3)2^2+', spectraFrom.estimated, band(500, 8, 3500)),
    spectrum('Co(NH3)4^2+', spectraFrom.estimated, band(490, 9, 3500)),
    spectrum('Co(NH3)6^2+', spectraFrom.lever, band(474, 10, 3600)),
    spectrum('CoC10H12N2O8^2-', spectraFrom.analysis, band(500, 14, 3500), band(465, 11, 3000)),
    spectrum('Co^3+', spectraFrom.lever, band(605, 35, 3400), band(400, 40, 3500)),
    spectrum('CoC6H5O7^-', spectraFrom.estimated, band(515, 10, 3400), band(470, 4, 3000)),
    spectrum('CoC4H4O6', spectraFrom.estimated, band(515, 9, 3400), band(470, 4, 3000)),
  ],
  heated: [
    hydrate('CoCl2·6H2O(s) → CoCl2·2H2O(s) + 4 H2O(g)', 52),
    hydrate('CoCl2·2H2O(s) → CoCl2(s) + 2 H2O(g)', 140),
    hydrate('CoSO4·7H2O(s) → CoSO4·6H2O(s) + H2O(g)', 42),
    hydrate('CoSO4·6H2O(s) → CoSO4·H2O(s) + 5 H2O(g)', 120),
    hydrate('CoSO4·H2O(s) → CoSO4(s) + H2O(g)', 250),
    decomposes('Co(OH)2(s) → CoO(s) + H2O(g)', 170),
    decomposes('2 Co(NO3)2·6H2O(s) → 2 CoO(s) + 4 NO2(g) + O2(g) + 12 H2O(g)', 110),
  ],
  formation: [
    ...formed('aq', {
      'Co^2+': -58.2,
    }),
    ...formed('s', {
      CoO: -237.9, 'Co(OH)2': -539.7, 'CoCl2·2H2O': -923, 'CoSO4·6H2O': -2683.6, 'CoSO4·7H2O': -2979.9, CoCl2: -312.5, 'CoCl2·6H2O': -2115.4, CoSO4: -888.3,
    }),
  ],
};
