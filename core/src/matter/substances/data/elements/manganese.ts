import { shown } from '../../shown';
import { complex, edta } from '../builders/bound';
import { couplesFrom, half } from '../builders/couples';
import { flame } from '../builders/flames';
import { formed } from '../builders/formation';
import { decomposes, hydrate } from '../builders/heated';
import { heats, solidsFrom } from '../builders/solids';
import { band, spectraFrom, spectrum } from '../builders/spectra';
import { hydroxo } from '../builders/steps';
import type { ElementData } from '../../types';

/** Manganese: what is known of it. */
export const manganese: ElementData = {
  ions: [
    { formula: 'Mn^2+', stock: 'manganese(II)', common: 'manganese' },
    { formula: 'MnO4^-', stock: 'permanganate', oxo: 'tetraoxomanganate(VII)' },
    { formula: 'Mn^3+', stock: 'manganese(III)' },
    { formula: 'MnO4^2-', stock: 'manganate', oxo: 'tetraoxomanganate(VI)' },
  ],
  acidBase: [
    hydroxo('MnOH^+', 'Mn^2+', 1, -10.59, 60.2),
  ],
  complexes: [
    { ...complex('MnC2O4', 'Mn^2+', 'C2O4^2-', 1, 3.9), ionPair: true },
    edta('MnC10H12N2O8^2-', 'Mn^2+', 15.6, { enthalpyKJPerMol: -19.2 }),
    complex('MnC6H5O7^-', 'Mn^2+', 'C6H5O7^3-', 1, 4.15),
  ],
  solids: [
    { formula: 'Mn(OH)2', ions: { 'Mn^2+': 1, 'OH^-': 2 }, pKsp: 12.7, colour: 'white', texture: 'gelatinous', needsBase: true, inAir: 'turns brown in air within minutes', ...heats(14.5), source: solidsFrom.lange },
    { formula: 'MnCO3', ions: { 'Mn^2+': 1, 'CO3^2-': 1 }, pKsp: 10.65, colour: 'white', texture: 'fine', inAir: 'slowly browns in air', ...heats(-6), source: solidsFrom.crc },
    { formula: 'MnC2O4·2H2O', ions: { 'Mn^2+': 1, 'C2O4^2-': 1 }, pKsp: 6.77, colour: 'white', texture: 'crystalline', source: solidsFrom.crc },
    { formula: 'MnS', ions: { 'Mn^2+': 1, 'S^2-': 1 }, pKsp: 10.5, colour: 'pale pink', texture: 'gelatinous', ...heats(26.5), source: solidsFrom.sulfides },
    { formula: 'MnO', ions: { 'Mn^2+': 1, 'OH^-': 2 }, pKsp: 10.07, colour: 'green', texture: 'fine', asAdded: true, ...heats(-9.8), source: solidsFrom.oxides },
    { formula: 'MnNH4PO4·H2O', ions: { 'Mn^2+': 1, 'NH4^+': 1, 'PO4^3-': 1 }, pKsp: 12, colour: 'pale pink', texture: 'crystalline', source: solidsFrom.lange },
    { formula: 'Mn3(PO4)2', ions: { 'Mn^2+': 3, 'PO4^3-': 2 }, pKsp: 23.83, colour: 'pale pink', texture: 'flocculent', source: solidsFrom.estimated },
  ],
  couples: [
    half('Mn^2+(aq) + 2e^- → Mn(s)', -1.185),
    half('Mn^3+(aq) + e^- → Mn^2+(aq)', 1.509),
    half('MnO4^-(aq) + 8H^+(aq) + 5e^- → Mn^2+(aq) + 4H2O(l)', 1.507),
    half('MnO4^-(aq) + 4H^+(aq) + 3e^- → MnO2(s) + 2H2O(l)', 1.679),
    half('MnO4^-(aq) + e^- → MnO4^2-(aq)', 0.558),
    half('MnO4^2-(aq) + 4H^+(aq) + 2e^- → MnO2(s) + 2H2O(l)', 2.24, couplesFrom.bard),
    half('MnO2(s) + 4H^+(aq) + 2e^- → Mn^2+(aq) + 2H2O(l)', 1.224),
    half('MnO2(s) + 2H^+(aq) + 2e^- → Mn(OH)2(s)', 0.771, couplesFrom.bard),
  ],
  spectra: [
    spectrum('Mn^2+', spectraFrom.lever, band(401, 0.03, 2000)),
    spectrum('MnO4^-', spectraFrom.lever, band(525, 2200, 2850), band(490, 500, 3000), band(310, 1800, 5000)),
    spectrum('MnO4^2-', spectraFrom.lever, band(610, 1530, 2850), band(439, 1160, 3600), band(347, 1530, 4050)),
  ],
  flames: [
    flame('Mn^2+', 'pale green', 'faint yellowish green', 2),
  ],
  heated: [
    hydrate('MnSO4·4H2O(s) → MnSO4·H2O(s) + 3 H2O(g)', 100),
    hydrate('MnSO4·H2O(s) → MnSO4(s) + H2O(g)', 280),
    decomposes('2 KMnO4(s) → K2MnO4(s) + MnO2(s) + O2(g)', 240, shown('crackles')),
  ],
  formation: [
    ...formed('aq', {
      'Mn^2+': -220.8, 'MnO4^-': -541.4, 'MnO4^2-': -653,
    }),
    ...formed('s', {
      MnO: -385.2, MnO2: -520, Mn3O4: -1384.5, 'Mn(OH)2': -695.4, 'MnSO4·H2O': -1376.5, 'MnSO4·4H2O': -2258.1, MnCl2: -481.3, MnSO4: -1065.3, MnS: -214.2,
      MnCO3: -894.1, KMnO4: -837.2,
    }),
  ],
};
