import { ammine, complex, edta } from '../builders/bound';
import { half } from '../builders/couples';
import { formed } from '../builders/formation';
import { heats, solidsFrom } from '../builders/solids';
import { hydroxo } from '../builders/steps';
import type { ElementData } from '../../types';

/** Cadmium: what is known of it. */
export const cadmium: ElementData = {
  ions: [
    { formula: 'Cd^2+', stock: 'cadmium' },
  ],
  acidBase: [
    hydroxo('CdOH^+', 'Cd^2+', 1, -10.08, 54.8),
    hydroxo('Cd(OH)4^2-', 'Cd^2+', 4, -47.35, 229.6),
  ],
  complexes: [
    { ...complex('CdCl^+', 'Cd^2+', 'Cl^-', 1, 1.98, { enthalpyKJPerMol: 2.4 }), ionPair: true },
    complex('CdCl2', 'Cd^2+', 'Cl^-', 2, 2.6, { enthalpyKJPerMol: 5.2 }),
    complex('CdCl3^-', 'Cd^2+', 'Cl^-', 3, 2.4, { enthalpyKJPerMol: 16.1 }),
    { ...complex('CdI^+', 'Cd^2+', 'I^-', 1, 2.28, { enthalpyKJPerMol: -9.6 }), ionPair: true },
    complex('CdI4^2-', 'Cd^2+', 'I^-', 4, 5.9, { enthalpyKJPerMol: -75.6 }),
    complex('Cd(CN)4^2-', 'Cd^2+', 'CN^-', 4, 17.9, { enthalpyKJPerMol: -112 }),
    edta('CdC10H12N2O8^2-', 'Cd^2+', 18.2, { enthalpyKJPerMol: -38.1 }),
    ammine('Cd(NH3)2^2+', 'Cd^2+', 2, 4.89, { enthalpyKJPerMol: 76.2 }),
    ammine('Cd(NH3)4^2+', 'Cd^2+', 4, 7.34, { enthalpyKJPerMol: 158.6 }),
    complex('CdC6H5O7^-', 'Cd^2+', 'C6H5O7^3-', 1, 4.98, { enthalpyKJPerMol: 8.4 }),
    complex('Cd(C6H5O7)2^4-', 'Cd^2+', 'C6H5O7^3-', 2, 5.9, { enthalpyKJPerMol: 20.9 }),
    complex('CdC4H4O6', 'Cd^2+', 'C4H4O6^2-', 1, 2.7),
    complex('Cd(C4H4O6)2^2-', 'Cd^2+', 'C4H4O6^2-', 2, 4.1),
  ],
  solids: [
    { formula: 'Cd(OH)2', ions: { 'Cd^2+': 1, 'OH^-': 2 }, pKsp: 14.14, colour: 'white', texture: 'gelatinous', needsBase: true, ...heats(24.8), source: solidsFrom.crc },
    { formula: 'CdCO3', ions: { 'Cd^2+': 1, 'CO3^2-': 1 }, pKsp: 12.0, colour: 'white', texture: 'fine', ...heats(-0.1), source: solidsFrom.crc },
    { formula: 'CdS', ions: { 'Cd^2+': 1, 'S^2-': 1 }, pKsp: 26.1, colour: 'bright yellow', texture: 'flocculent', ...heats(119.1), source: solidsFrom.sulfides },
    { formula: 'Cd3(PO4)2', ions: { 'Cd^2+': 3, 'PO4^3-': 2 }, pKsp: 32.6, colour: 'white', texture: 'flocculent', source: solidsFrom.crc },
    { formula: 'CdC2O4·3H2O', ions: { 'Cd^2+': 1, 'C2O4^2-': 1 }, pKsp: 7.85, colour: 'white', texture: 'crystalline', source: solidsFrom.crc },
    { formula: 'Cd2Fe(CN)6', ions: { 'Cd^2+': 2, 'Fe(CN)6^4-': 1 }, pKsp: 17.38, colour: 'white', texture: 'flocculent', source: solidsFrom.lange },
    { formula: 'CdMoO4', ions: { 'Cd^2+': 1, 'MoO4^2-': 1 }, pKsp: 14.15, colour: 'white', texture: 'fine', ...heats(19.5), source: solidsFrom.lange },
  ],
  couples: [
    half('Cd^2+(aq) + 2e^- → Cd(s)', -0.403),
    half('Cd(OH)2(s) + 2H^+(aq) + 2e^- → Cd(s) + 2H2O(l)', 0.005),
  ],
  formation: [
    ...formed('aq', {
      'Cd^2+': -75.9,
    }),
    ...formed('s', {
      CdO: -258.4, 'Cd(OH)2': -560.7, CdCl2: -391.5, CdSO4: -933.3, CdS: -161.9, CdCO3: -750.6,
    }),
  ],
};
