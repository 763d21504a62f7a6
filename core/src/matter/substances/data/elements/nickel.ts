import { ammine, complex, edta } from '../builders/bound';
import { couplesFrom, half } from '../builders/couples';
import { formed } from '../builders/formation';
import { decomposes, hydrate } from '../builders/heated';
import { heats, solidsFrom } from '../builders/solids';
import { band, spectraFrom, spectrum } from '../builders/spectra';
import { hydroxo } from '../builders/steps';
import type { ElementData } from '../../types';

/** Nickel: what is known of it. */
export const nickel: ElementData = {
  ions: [
    { formula: 'Ni^2+', stock: 'nickel(II)', common: 'nickel' },
  ],
  acidBase: [
    hydroxo('NiOH^+', 'Ni^2+', 1, -9.86, 51.9),
    hydroxo('Ni(OH)3^-', 'Ni^2+', 3, -30, 128.8),
  ],
  complexes: [
    complex('NiC2H8N2^2+', 'Ni^2+', 'C2H8N2', 1, 7.35),
    complex('Ni(C2H8N2)2^2+', 'Ni^2+', 'C2H8N2', 2, 13.54),
    complex('Ni(C2H8N2)3^2+', 'Ni^2+', 'C2H8N2', 3, 17.71),
    complex('Ni(CN)4^2-', 'Ni^2+', 'CN^-', 4, 30.2, { enthalpyKJPerMol: -180 }),
    complex('Ni(C2O4)2^2-', 'Ni^2+', 'C2O4^2-', 2, 7.64, { enthalpyKJPerMol: -7.8 }),
    complex('NiC2O4', 'Ni^2+', 'C2O4^2-', 1, 5.2),
    edta('NiC10H12N2O8^2-', 'Ni^2+', 20.1, { enthalpyKJPerMol: -31 }),
    ammine('Ni(NH3)2^2+', 'Ni^2+', 2, 4.89, { enthalpyKJPerMol: 74.1 }),
    ammine('Ni(NH3)4^2+', 'Ni^2+', 4, 8.38),
    ammine('Ni(NH3)6^2+', 'Ni^2+', 6, 8.79, { enthalpyKJPerMol: 223.5 }),
    complex('NiC6H5O7^-', 'Ni^2+', 'C6H5O7^3-', 1, 6.59, { enthalpyKJPerMol: 16.7 }),
    complex('Ni(C6H5O7)2^4-', 'Ni^2+', 'C6H5O7^3-', 2, 8.77, { enthalpyKJPerMol: 12.6 }),
    complex('NiC4H4O6', 'Ni^2+', 'C4H4O6^2-', 1, 3.46),
  ],
  solids: [
    { formula: 'Ni3(Fe(CN)6)2', ions: { 'Ni^2+': 3, 'Fe(CN)6^3-': 2 }, pKsp: 22, colour: 'pale brown', texture: 'flocculent', source: solidsFrom.placed },
    { formula: 'Ni(OH)2', ions: { 'Ni^2+': 1, 'OH^-': 2 }, pKsp: 15.26, colour: 'pale green', texture: 'gelatinous', needsBase: true, ...heats(15.7), source: solidsFrom.crc },
    { formula: 'NiCO3', ions: { 'Ni^2+': 1, 'CO3^2-': 1 }, pKsp: 6.85, colour: 'pale green', texture: 'flocculent', ...heats(-41.6), source: solidsFrom.crc },
    { formula: 'Ni3(PO4)2', ions: { 'Ni^2+': 3, 'PO4^3-': 2 }, pKsp: 31.32, colour: 'pale green', texture: 'flocculent', source: solidsFrom.crc },
    { formula: 'Ni2Fe(CN)6', ions: { 'Ni^2+': 2, 'Fe(CN)6^4-': 1 }, pKsp: 14.89, colour: 'pale green', texture: 'gelatinous', source: solidsFrom.lange },
    { formula: 'NiS', ions: { 'Ni^2+': 1, 'S^2-': 1 }, pKsp: 18.5, colour: 'black', texture: 'flocculent', ...heats(61.1), source: solidsFrom.sulfides },
    { formula: 'NiO', ions: { 'Ni^2+': 1, 'OH^-': 2 }, pKsp: 15.55, colour: 'green', texture: 'fine', asAdded: true, ...heats(11.6), source: solidsFrom.oxides },
    { formula: 'NiC2O4·2H2O', ions: { 'Ni^2+': 1, 'C2O4^2-': 1 }, pKsp: 9.4, colour: 'pale green', texture: 'fine', source: solidsFrom.lange },
    { formula: 'Ni(C4H7N2O2)2', ions: { 'Ni^2+': 1, 'C4H7N2O2^-': 2 }, pKsp: 23.66, colour: 'red', texture: 'flocculent', commonName: 'nickel dimethylglyoximate', source: solidsFrom.lange },
  ],
  couples: [
    half('Ni^2+(aq) + 2e^- → Ni(s)', -0.257),
    half('NiOOH(s) + H^+(aq) + e^- → Ni(OH)2(s)', 1.35, couplesFrom.latimer),
  ],
  spectra: [
    spectrum('Ni^2+', spectraFrom.lever, band(396, 5.4, 3350), band(652, 1.95, 2900), band(724, 2.11, 3000), band(487, 0.385, 5050)),
    spectrum('NiC2O4', spectraFrom.lever, band(390, 8, 3300), band(650, 5, 3500)),
    spectrum('Ni(C2O4)2^2-', spectraFrom.lever, band(385, 11, 3300), band(630, 7, 3500)),
    spectrum('Ni(NH3)2^2+', spectraFrom.estimated, band(382, 5.6, 3300), band(635, 3.2, 3400)),
    spectrum('Ni(NH3)4^2+', spectraFrom.lever, band(370, 6, 3300), band(600, 4.5, 3500)),
    spectrum('NiC2H8N2^2+', spectraFrom.estimated, band(380, 6, 4400), band(630, 4, 4300)),
    spectrum('Ni(C2H8N2)2^2+', spectraFrom.estimated, band(365, 8, 4300), band(575, 6, 4100)),
    spectrum('Ni(C2H8N2)3^2+', spectraFrom.lever, band(345, 9, 4300), band(545, 7, 4100)),
    spectrum('Ni(NH3)6^2+', spectraFrom.lever, band(360, 6.6, 4300), band(574, 5.3, 4100)),
    spectrum('Ni(CN)4^2-', spectraFrom.lever, band(330, 700, 5400)),
    spectrum('NiC10H12N2O8^2-', spectraFrom.analysis, band(382, 11, 3300), band(590, 7, 3400)),
    spectrum('NiC6H5O7^-', spectraFrom.estimated, band(390, 9, 3300), band(650, 5, 3500)),
    spectrum('Ni(C6H5O7)2^4-', spectraFrom.estimated, band(388, 10, 3300), band(640, 6, 3500)),
    spectrum('NiC4H4O6', spectraFrom.estimated, band(391, 8, 3300), band(652, 4.5, 3500)),
  ],
  heated: [
    hydrate('NiSO4·7H2O(s) → NiSO4·6H2O(s) + H2O(g)', 53),
    hydrate('NiSO4·6H2O(s) → NiSO4·H2O(s) + 5 H2O(g)', 140),
    hydrate('NiSO4·H2O(s) → NiSO4(s) + H2O(g)', 280),
    hydrate('NiCl2·6H2O(s) → NiCl2·2H2O(s) + 4 H2O(g)', 65),
    hydrate('NiCl2·2H2O(s) → NiCl2(s) + 2 H2O(g)', 180),
    decomposes('Ni(OH)2(s) → NiO(s) + H2O(g)', 230),
  ],
  formation: [
    ...formed('aq', {
      'Ni^2+': -54,
    }),
    ...formed('s', {
      NiO: -239.7, 'Ni(OH)2': -529.7, 'NiCl2·2H2O': -922.2, NiCl2: -305.3, 'NiCl2·6H2O': -2103.2, NiSO4: -872.9, 'NiSO4·6H2O': -2682.8,
      'NiSO4·7H2O': -2976.3, NiS: -82,
    }),
  ],
};
