import { complex, edta } from '../builders/bound';
import { couplesFrom, half } from '../builders/couples';
import { flame } from '../builders/flames';
import { formed } from '../builders/formation';
import { solidsFrom } from '../builders/solids';
import { band, spectraFrom, spectrum } from '../builders/spectra';
import { hydroxo } from '../builders/steps';
import type { ElementData } from '../../types';

/** Bismuth: what is known of it. */
export const bismuth: ElementData = {
  ions: [
    { formula: 'Bi^3+', stock: 'bismuth(III)', common: 'bismuth' },
  ],
  acidBase: [
    hydroxo('BiOH^2+', 'Bi^3+', 1, -1.09, 17.2),
    hydroxo('Bi(OH)2^+', 'Bi^3+', 2, -4),
    hydroxo('Bi(OH)3', 'Bi^3+', 3, -8.86),
  ],
  complexes: [
    { ...complex('BiCl^2+', 'Bi^3+', 'Cl^-', 1, 3.5), ionPair: true },
    complex('BiCl4^-', 'Bi^3+', 'Cl^-', 4, 6.8),
    complex('BiI4^-', 'Bi^3+', 'I^-', 4, 15),
    complex('BiI6^3-', 'Bi^3+', 'I^-', 6, 19.1),
    edta('BiC10H12N2O8^-', 'Bi^3+', 29.2),
  ],
  solids: [
    { formula: 'BiI3', ions: { 'Bi^3+': 1, 'I^-': 3 }, pKsp: 18.11, colour: 'black', texture: 'fine', source: solidsFrom.crc },
    { formula: 'BiOCl', ions: { 'Bi^3+': 1, 'Cl^-': 1, 'OH^-': 2 }, pKsp: 35.6, colour: 'white', texture: 'fine', source: solidsFrom.electrode },
    { formula: 'BiONO3', ions: { 'Bi^3+': 1, 'NO3^-': 1, 'OH^-': 2 }, pKsp: 28.6, colour: 'white', texture: 'crystalline', source: solidsFrom.estimated },
    { formula: '(BiO)2(OH)NO3', ions: { 'Bi^3+': 2, 'NO3^-': 1, 'OH^-': 5 }, pKsp: 71.9, colour: 'white', texture: 'crystalline', source: solidsFrom.placed },
    { formula: 'Bi2S3', ions: { 'Bi^3+': 2, 'S^2-': 3 }, pKsp: 97, colour: 'brown', texture: 'flocculent', source: solidsFrom.sulfides },
    { formula: 'Bi(OH)3', ions: { 'Bi^3+': 1, 'OH^-': 3 }, pKsp: 38, colour: 'white', texture: 'gelatinous', source: solidsFrom.baes },
    { formula: '(BiO)2CrO4', ions: { 'Bi^3+': 2, 'OH^-': 4, 'CrO4^2-': 1 }, pKsp: 66, colour: 'orange', texture: 'fine', source: solidsFrom.placed },
    { formula: 'BiPO4', ions: { 'Bi^3+': 1, 'PO4^3-': 1 }, pKsp: 22.9, colour: 'white', texture: 'fine', source: solidsFrom.lange },
  ],
  couples: [
    half('Bi^3+(aq) + 3e^- → Bi(s)', 0.308),
    half('BiOCl(s) + 2H^+(aq) + 3e^- → Bi(s) + Cl^-(aq) + H2O(l)', 0.1583),
    half('NaBiO3(s) + 6H^+(aq) + 2e^- → Bi^3+(aq) + Na^+(aq) + 3H2O(l)', 1.8, couplesFrom.bard),
    half('Bi(OH)3(s) + 3H^+(aq) + 3e^- → Bi(s) + 3H2O(l)', 0.387, couplesFrom.bard),
  ],
  spectra: [
    spectrum('BiI4^-', spectraFrom.analysis, band(460, 9000, 4600), band(337, 12000, 5000)),
    spectrum('BiI6^3-', spectraFrom.analysis, band(465, 9500, 4600), band(337, 12000, 5000)),
  ],
  flames: [
    flame('Bi^3+', 'pale blue', 'faint pale blue', 2),
  ],
  formation: [
    ...formed('s', {
      Bi2O3: -573.9,
    }),
  ],
};
