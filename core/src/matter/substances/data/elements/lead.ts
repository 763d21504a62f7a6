import { shown } from '../../shown';
import { complex, complexesFrom, edta } from '../builders/bound';
import { couplesFrom, half } from '../builders/couples';
import { flame } from '../builders/flames';
import { formed } from '../builders/formation';
import { decomposes, hydrate, together } from '../builders/heated';
import { heats, solidsFrom } from '../builders/solids';
import { band, spectraFrom, spectrum } from '../builders/spectra';
import { hydroxo } from '../builders/steps';
import type { ElementData } from '../../types';

/** Lead: what is known of it. */
export const lead: ElementData = {
  ions: [
    { formula: 'Pb^2+', stock: 'lead(II)', common: 'lead' },
  ],
  acidBase: [
    hydroxo('PbOH^+', 'Pb^2+', 1, -7.71, 53.9),
    hydroxo('Pb(OH)3^-', 'Pb^2+', 3, -28.06, 130.5),
    hydroxo('Pb4(OH)4^4+', 'Pb^2+', 4, -20.88, 82, 4),
  ],
  complexes: [
    { ...complex('PbCl^+', 'Pb^2+', 'Cl^-', 1, 1.55, { enthalpyKJPerMol: 4.4 }), ionPair: true },
    complex('PbCl3^-', 'Pb^2+', 'Cl^-', 3, 1.7, { enthalpyKJPerMol: 7.9 }),
    complex('PbCl4^2-', 'Pb^2+', 'Cl^-', 4, 1.4, { enthalpyKJPerMol: 1.3, source: complexesFrom.inAcid }),
    complex('PbBr^+', 'Pb^2+', 'Br^-', 1, 1.7, { enthalpyKJPerMol: 12 }),
    { ...complex('PbI^+', 'Pb^2+', 'I^-', 1, 1.92, { enthalpyKJPerMol: 3.9 }), ionPair: true },
    complex('PbI3^-', 'Pb^2+', 'I^-', 3, 3.81, { enthalpyKJPerMol: 3.2 }),
    complex('PbI4^2-', 'Pb^2+', 'I^-', 4, 4.5, { enthalpyKJPerMol: -15.6 }),
    complex('Pb(S2O3)2^2-', 'Pb^2+', 'S2O3^2-', 2, 5.1),
    { ...complex('PbCH3COO^+', 'Pb^2+', 'CH3COO^-', 1, 2.68, { enthalpyKJPerMol: -0.4 }), ionPair: true },
    complex('Pb(CH3COO)2', 'Pb^2+', 'CH3COO^-', 2, 4.08, { enthalpyKJPerMol: -0.8 }),
    edta('PbC10H12N2O8^2-', 'Pb^2+', 19.8, { enthalpyKJPerMol: -54.8 }),
    complex('PbC6H5O7^-', 'Pb^2+', 'C6H5O7^3-', 1, 7.27),
    complex('PbC4H4O6', 'Pb^2+', 'C4H4O6^2-', 1, 3.98),
  ],
  solids: [
    { formula: 'PbCl2', ions: { 'Pb^2+': 1, 'Cl^-': 2 }, pKsp: 4.77, colour: 'white', texture: 'crystalline', ...heats(25.9), source: solidsFrom.crc },
    { formula: 'PbBr2', ions: { 'Pb^2+': 1, 'Br^-': 2 }, pKsp: 5.18, colour: 'white', texture: 'crystalline', ...heats(36.8), source: solidsFrom.crc },
    { formula: 'PbI2', ions: { 'Pb^2+': 1, 'I^-': 2 }, pKsp: 8.01, colour: 'bright yellow', texture: 'crystalline', ...heats(63.4), source: solidsFrom.crc },
    { formula: 'PbF2', ions: { 'Pb^2+': 1, 'F^-': 2 }, pKsp: 7.48, colour: 'white', texture: 'fine', ...heats(-2.9), source: solidsFrom.crc },
    { formula: 'PbSO4', ions: { 'Pb^2+': 1, 'SO4^2-': 1 }, pKsp: 7.73, colour: 'white', texture: 'fine', ...heats(11.8), source: solidsFrom.crc },
    { formula: 'Pb(OH)2', ions: { 'Pb^2+': 1, 'OH^-': 2 }, pKsp: 14.9, colour: 'white', texture: 'gelatinous', needsBase: true, ...heats(53.9), source: solidsFrom.lange },
    { formula: 'PbCO3', ions: { 'Pb^2+': 1, 'CO3^2-': 1 }, pKsp: 13.13, colour: 'white', texture: 'fine', ...heats(20.3), source: solidsFrom.crc },
    { formula: 'PbCrO4', ions: { 'Pb^2+': 1, 'CrO4^2-': 1 }, pKsp: 12.55, colour: 'bright yellow', texture: 'fine', ...heats(48.7), source: solidsFrom.lange },
    { formula: 'Pb3(PO4)2', ions: { 'Pb^2+': 3, 'PO4^3-': 2 }, pKsp: 44.36, colour: 'white', texture: 'fine', ...heats(22.6), source: solidsFrom.lange },
    { formula: 'PbC2O4', ions: { 'Pb^2+': 1, 'C2O4^2-': 1 }, pKsp: 9.32, colour: 'white', texture: 'fine', ...heats(24.6), source: solidsFrom.lange },
    { formula: 'Pb(SCN)2', ions: { 'Pb^2+': 1, 'SCN^-': 2 }, pKsp: 4.7, colour: 'white', texture: 'crystalline', source: solidsFrom.lange },
    { formula: 'PbS', ions: { 'Pb^2+': 1, 'S^2-': 1 }, pKsp: 27.1, colour: 'black', texture: 'flocculent', ...heats(131.8), source: solidsFrom.sulfides },
    { formula: 'PbS2O3', ions: { 'Pb^2+': 1, 'S2O3^2-': 1 }, pKsp: 6.4, colour: 'white', texture: 'fine', source: solidsFrom.lange },
    { formula: 'Pb(IO3)2', ions: { 'Pb^2+': 1, 'IO3^-': 2 }, pKsp: 12.52, colour: 'white', texture: 'fine', ...heats(53.8), source: solidsFrom.crc },
    { formula: 'Pb(OH)NO3', ions: { 'Pb^2+': 1, 'OH^-': 1, 'NO3^-': 1 }, pKsp: 11.1, colour: 'white', texture: 'fine', needsBase: true, source: solidsFrom.placed },
    { formula: 'Pb(OH)Cl', ions: { 'Pb^2+': 1, 'OH^-': 1, 'Cl^-': 1 }, pKsp: 13.37, commonName: 'laurionite', colour: 'white', texture: 'fine', needsBase: true, source: solidsFrom.minteq },
    { formula: 'PbSO3', ions: { 'Pb^2+': 1, 'SO3^2-': 1 }, pKsp: 10, colour: 'white', texture: 'fine', source: solidsFrom.placed },
    { formula: 'PbMoO4', ions: { 'Pb^2+': 1, 'MoO4^2-': 1 }, pKsp: 15.62, colour: 'white', texture: 'fine', ...heats(53.9), source: solidsFrom.lange },
    { formula: 'PbO', ions: { 'Pb^2+': 1, 'OH^-': 2 }, pKsp: 15.3, colour: 'yellow', texture: 'fine', asAdded: true, ...heats(44), source: solidsFrom.oxides },
    { formula: 'PbHPO4', ions: { 'Pb^2+': 1, 'H^+': 1, 'PO4^3-': 1 }, pKsp: 23.8, colour: 'white', texture: 'crystalline', source: solidsFrom.lange },
    { formula: 'Pb2Fe(CN)6', ions: { 'Pb^2+': 2, 'Fe(CN)6^4-': 1 }, pKsp: 18.02, colour: 'white', texture: 'flocculent', source: solidsFrom.lange },
  ],
  couples: [
    half('Pb^2+(aq) + 2e^- → Pb(s)', -0.1262),
    half('PbSO4(s) + 2e^- → Pb(s) + SO4^2-(aq)', -0.3505),
    half('PbCl2(s) + 2e^- → Pb(s) + 2Cl^-(aq)', -0.2675),
    half('PbI2(s) + 2e^- → Pb(s) + 2I^-(aq)', -0.365),
    // These two follow from the sulfide and the working pair of hydrogen sulfide.
    half('S(s) + Pb^2+(aq) + 2e^- → PbS(s)', 0.326, couplesFrom.closed),
    half('PbSO4(s) + 8H^+(aq) + 8e^- → PbS(s) + 4H2O(l)', 0.292, couplesFrom.closed),
    // And these from the products of the two solids.
    half('PbO2(s) + 2H^+(aq) + 2e^- → Pb(OH)2(s)', 1.067, couplesFrom.closed),
    half('PbO2(s) + NO3^-(aq) + 3H^+(aq) + 2e^- → Pb(OH)NO3(s) + H2O(l)', 1.369, couplesFrom.closed),
    half('PbO2(s) + 4H^+(aq) + 2e^- → Pb^2+(aq) + 2H2O(l)', 1.455),
  ],
  spectra: [
    spectrum('PbI3^-', spectraFrom.analysis, band(360, 2800, 4600)),
    spectrum('PbI4^2-', spectraFrom.analysis, band(366, 3200, 4600)),
  ],
  flames: [
    flame('Pb^2+', 'pale blue', 'dull grey-blue', 2),
  ],
  heated: [
    hydrate('Pb(CH3COO)2·3H2O(s) → Pb(CH3COO)2(s) + 3 H2O(g)', 75),
    decomposes('PbCO3(s) → PbO(s) + CO2(g)', 315),
    decomposes('2 Pb(NO3)2(s) → 2 PbO(s) + 4 NO2(g) + O2(g)', 470, shown('crackles')),
    decomposes('2 PbO2(s) → 2 PbO(s) + O2(g)', 300),
    together('2 PbO(s) + C(s) → 2 Pb(l) + CO2(g)', 600, shown('beads of metal')),
    { ...together('PbO(s) + H2(g) → Pb(l) + H2O(g)', 350, shown('beads of metal')), caution: 'Drive out the air and test a tube of the gas with a lit splint before lighting: hydrogen with air explodes.' },
    together('2 Pb(s) + O2(g) → 2 PbO(s)', 500, shown('melts at 327 °C under a yellow skin', 'melts')),
  ],
  formation: [
    ...formed('aq', {
      'Pb^2+': -1.7,
    }),
    ...formed('s', {
      PbO: -217.3, PbO2: -277.4, Pb3O4: -718.4, 'Pb(OH)2': -514.8, 'Pb(CH3COO)2·3H2O': -1851.5, PbF2: -664, PbCl2: -359.4, PbBr2: -278.7, PbI2: -175.5,
      PbSO4: -920, PbS: -100.4, 'Pb(NO3)2': -451.9, PbCO3: -699.1, PbCrO4: -930.9, 'Pb(CH3COO)2': -964,
    }),
  ],
};
