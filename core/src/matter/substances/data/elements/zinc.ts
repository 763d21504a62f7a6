import { shown } from '../../shown';
import { ammine, complex, edta } from '../builders/bound';
import { couplesFrom, half } from '../builders/couples';
import { flame } from '../builders/flames';
import { formed } from '../builders/formation';
import { decomposes, hydrate, together } from '../builders/heated';
import { heats, solidsFrom } from '../builders/solids';
import { hydroxo } from '../builders/steps';
import type { ElementData } from '../../types';

/** Zinc: what is known of it. */
export const zinc: ElementData = {
  ions: [
    { formula: 'Zn^2+', stock: 'zinc' },
  ],
  acidBase: [
    hydroxo('ZnOH^+', 'Zn^2+', 1, -8.96, 56.1),
    hydroxo('Zn(OH)3^-', 'Zn^2+', 3, -28.4, 144.8),
    hydroxo('Zn(OH)4^2-', 'Zn^2+', 4, -41.2, 172.4),
  ],
  complexes: [
    complex('ZnC2H8N2^2+', 'Zn^2+', 'C2H8N2', 1, 5.7),
    complex('Zn(C2H8N2)2^2+', 'Zn^2+', 'C2H8N2', 2, 10.62),
    complex('Zn(CN)4^2-', 'Zn^2+', 'CN^-', 4, 19.6, { enthalpyKJPerMol: -107.3 }),
    complex('Zn(C2O4)2^2-', 'Zn^2+', 'C2O4^2-', 2, 7.6),
    edta('ZnC10H12N2O8^2-', 'Zn^2+', 18, { enthalpyKJPerMol: -19.2 }),
    ammine('Zn(NH3)2^2+', 'Zn^2+', 2, 4.5),
    ammine('Zn(NH3)4^2+', 'Zn^2+', 4, 8.9, { enthalpyKJPerMol: 152.8 }),
    complex('ZnC6H5O7^-', 'Zn^2+', 'C6H5O7^3-', 1, 6.21, { enthalpyKJPerMol: 8.4 }),
    complex('Zn(C6H5O7)2^4-', 'Zn^2+', 'C6H5O7^3-', 2, 7.4, { enthalpyKJPerMol: 25.1 }),
    complex('ZnC4H4O6', 'Zn^2+', 'C4H4O6^2-', 1, 3.43),
    complex('Zn(C4H4O6)2^2-', 'Zn^2+', 'C4H4O6^2-', 2, 5.5),
  ],
  solids: [
    { formula: 'Zn2(OH)2CrO4', ions: { 'Zn^2+': 2, 'OH^-': 2, 'CrO4^2-': 1 }, pKsp: 23.5, colour: 'yellow', texture: 'fine', needsBase: true, source: solidsFrom.placed },
    { formula: 'Zn3(Fe(CN)6)2', ions: { 'Zn^2+': 3, 'Fe(CN)6^3-': 2 }, pKsp: 22, colour: 'orange', texture: 'flocculent', source: solidsFrom.placed },
    { formula: 'Zn(OH)2', ions: { 'Zn^2+': 1, 'OH^-': 2 }, pKsp: 15.53, colour: 'white', texture: 'gelatinous', needsBase: true, ...heats(28.4), source: solidsFrom.freshZinc },
    { formula: 'ZnCO3', ions: { 'Zn^2+': 1, 'CO3^2-': 1 }, pKsp: 9.84, colour: 'white', texture: 'flocculent', ...heats(-18.2), source: solidsFrom.crc },
    { formula: 'Zn3(PO4)2', ions: { 'Zn^2+': 3, 'PO4^3-': 2 }, pKsp: 32.04, colour: 'white', texture: 'flocculent', source: solidsFrom.lange },
    { formula: 'ZnC2O4·2H2O', ions: { 'Zn^2+': 1, 'C2O4^2-': 1 }, pKsp: 8.86, colour: 'white', texture: 'fine', source: solidsFrom.crc },
    { formula: 'Zn2Fe(CN)6', ions: { 'Zn^2+': 2, 'Fe(CN)6^4-': 1 }, pKsp: 15.68, colour: 'white', texture: 'gelatinous', source: solidsFrom.lange },
    { formula: 'ZnS', ions: { 'Zn^2+': 1, 'S^2-': 1 }, pKsp: 21.6, colour: 'white', texture: 'flocculent', ...heats(66), source: solidsFrom.sulfides },
    { formula: 'ZnO', ions: { 'Zn^2+': 1, 'OH^-': 2 }, pKsp: 16.7, colour: 'white', texture: 'fine', asAdded: true, ...heats(22.7), source: solidsFrom.oxides },
    { formula: 'ZnMoO4', ions: { 'Zn^2+': 1, 'MoO4^2-': 1 }, pKsp: 10.13, colour: 'white', texture: 'fine', ...heats(-10.7), source: solidsFrom.lange },
  ],
  couples: [
    half('Zn^2+(aq) + 2e^- → Zn(s)', -0.7618),
    half('Zn(OH)4^2-(aq) + 4H^+(aq) + 2e^- → Zn(s) + 4H2O(l)', 0.457, couplesFrom.bard),
  ],
  flames: [
    flame('Zn^2+', 'pale green', 'faint bluish-green flashes', 1),
  ],
  heated: [
    hydrate('ZnSO4·7H2O(s) → ZnSO4·6H2O(s) + H2O(g)', 39),
    hydrate('ZnSO4·6H2O(s) → ZnSO4·H2O(s) + 5 H2O(g)', 100),
    hydrate('ZnSO4·H2O(s) → ZnSO4(s) + H2O(g)', 280),
    hydrate('Zn(NO3)2·6H2O(s) → Zn(NO3)2(s) + 6 H2O(g)', 131, shown('melts in its own water', 'melts')),
    decomposes('ZnCO3(s) → ZnO(s) + CO2(g)', 300),
    decomposes('Zn(OH)2(s) → ZnO(s) + H2O(g)', 125),
    decomposes('2 Zn(NO3)2(s) → 2 ZnO(s) + 4 NO2(g) + O2(g)', 350),
    decomposes('ZnSO4(s) → ZnO(s) + SO3(g)', 740),
    { ...together('Zn(s) + S(s) → ZnS(s)', 300, shown('a flash and smoke', 'burns', 'glows')), lights: true, caution: 'Zinc and sulfur react violently: a spatula tip, on a mat in the hood, from a distance.' },
    together('2 Zn(s) + O2(g) → 2 ZnO(s)', 800, shown('melts at 420 °C, then burns with a bluish flame and white wisps', 'melts', 'burns')),
  ],
  formation: [
    ...formed('aq', {
      'Zn^2+': -153.9,
    }),
    ...formed('s', {
      ZnO: -350.5, 'Zn(OH)2': -641.9, 'ZnSO4·H2O': -1304.5, ZnCl2: -415.1, ZnBr2: -328.7, ZnSO4: -982.8, 'ZnSO4·6H2O': -2777.5, 'ZnSO4·7H2O': -3077.8,
      ZnS: -206, 'Zn(NO3)2': -483.7, 'Zn(NO3)2·6H2O': -2306.6, ZnCO3: -812.8,
    }),
  ],
};
