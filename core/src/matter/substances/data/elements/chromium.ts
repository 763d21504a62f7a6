import { shown } from '../../shown';
import { complex, ionPair } from '../builders/bound';
import { couplesFrom, half } from '../builders/couples';
import { formed } from '../builders/formation';
import { decomposes } from '../builders/heated';
import { heats, solidsFrom } from '../builders/solids';
import { band, spectraFrom, spectrum } from '../builders/spectra';
import { acid, hydroxo, stepsFrom } from '../builders/steps';
import type { ElementData } from '../../types';

/** Chromium: what is known of it. */
export const chromium: ElementData = {
  ions: [
    { formula: 'Cr^3+', stock: 'chromium(III)', common: 'chromic' },
    { formula: 'CrO4^2-', stock: 'chromate', oxo: 'tetraoxochromate(VI)' },
    { formula: 'Cr2O7^2-', stock: 'dichromate', oxo: 'heptaoxodichromate(VI)' },
    { formula: 'Cr^2+', stock: 'chromium(II)', common: 'chromous' },
  ],
  acidBase: [
    acid('HCrO4^-', 'CrO4^2-', 1, 6.51, 2.9),
    { formula: 'Cr2O7^2-', from: { 'CrO4^2-': 2, 'H^+': 2 }, logBeta: 14.56, enthalpyKJPerMol: -15, source: stepsFrom.smith },
    hydroxo('CrOH^2+', 'Cr^3+', 1, -4, 51.7),
    hydroxo('Cr(OH)2^+', 'Cr^3+', 2, -9.7),
    hydroxo('Cr(OH)4^-', 'Cr^3+', 4, -27.4),
  ],
  complexes: [
    { ...complex('CrCl^2+', 'Cr^3+', 'Cl^-', 1, 0.11, { enthalpyKJPerMol: 20.9 }), ionPair: true },
    { ...complex('CrSCN^2+', 'Cr^3+', 'SCN^-', 1, 2.9), ionPair: true },
    complex('Cr(C2O4)3^3-', 'Cr^3+', 'C2O4^2-', 3, 15.4),
    ionPair('CrSO4^+', 'Cr^3+', 'SO4^2-', 3.2, { enthalpyKJPerMol: 31 }),
  ],
  solids: [
    { formula: 'BaCrO4', ions: { 'Ba^2+': 1, 'CrO4^2-': 1 }, pKsp: 9.93, colour: 'pale yellow', texture: 'fine', ...heats(25.9), source: solidsFrom.crc },
    { formula: 'SrCrO4', ions: { 'Sr^2+': 1, 'CrO4^2-': 1 }, pKsp: 4.66, colour: 'yellow', texture: 'crystalline', ...heats(-10.1), source: solidsFrom.lange },
    // More hydroxides; mercury(II)’s and copper(I)’s lose water at once
    { formula: 'Cr(OH)3', ions: { 'Cr^3+': 1, 'OH^-': 3 }, pKsp: 29.8, colour: 'green', texture: 'gelatinous', needsBase: true, ...heats(37.8), source: solidsFrom.freshChromium },
    { formula: 'Cr2O3', ions: { 'Cr^3+': 2, 'OH^-': 6 }, pKsp: 76.3, colour: 'green', texture: 'fine', asAdded: true, slow: 'ignited chromium(III) oxide does not dissolve in acids', ...heats(140.1), source: solidsFrom.oxides },
    { formula: 'CrPO4', ions: { 'Cr^3+': 1, 'PO4^3-': 1 }, pKsp: 22.62, colour: 'green', texture: 'gelatinous', source: solidsFrom.lange },
  ],
  couples: [
    half('Cr^3+(aq) + 3e^- → Cr(s)', -0.744),
    half('Cr^3+(aq) + e^- → Cr^2+(aq)', -0.407),
    half('Cr2O7^2-(aq) + 14H^+(aq) + 6e^- → 2Cr^3+(aq) + 7H2O(l)', 1.36, couplesFrom.bard),
    half('HCrO4^-(aq) + 7H^+(aq) + 3e^- → Cr^3+(aq) + 4H2O(l)', 1.35),
    half('CrO4^2-(aq) + 4H^+(aq) + 3e^- → Cr(OH)4^-(aq)', 0.94, couplesFrom.bard),
    half('CrO4^2-(aq) + 5H^+(aq) + 3e^- → Cr(OH)3(s) + H2O(l)', 1.25),
  ],
  spectra: [
    spectrum('Cr^2+', spectraFrom.lever, band(714, 4.8, 4500)),
    spectrum('Cr^3+', spectraFrom.lever, band(408, 15.6, 3650), band(571, 9.23, 2900), band(545, 5.45, 3800)),
    spectrum('CrOH^2+', spectraFrom.estimated, band(420, 20, 4000), band(588, 16, 3900)),
    spectrum('Cr(OH)2^+', spectraFrom.estimated, band(425, 24, 4000), band(592, 20, 3900)),
    spectrum('Cr(OH)4^-', spectraFrom.lever, band(428, 27, 4200), band(600, 26, 3800)),
    spectrum('CrCl^2+', spectraFrom.lever, band(428, 20, 3800), band(609, 16, 3800)),
    spectrum('CrSO4^+', spectraFrom.fittedToWords, band(416, 16.8, 4300), band(565, 18, 3900)),
    spectrum('CrSCN^2+', spectraFrom.lever, band(410, 34, 3800), band(570, 31, 3700)),
    spectrum('Cr(C2O4)3^3-', spectraFrom.lever, band(420, 94, 3800), band(571, 75, 3600)),
    spectrum('CrO4^2-', spectraFrom.lever, band(372, 4800, 4300)),
    spectrum('HCrO4^-', spectraFrom.lever, band(350, 1550, 4200), band(440, 242, 4350)),
    spectrum('Cr2O7^2-', spectraFrom.lever, band(352, 2900, 4200), band(439, 520, 3300)),
  ],
  heated: [
    { ...decomposes('(NH4)2Cr2O7(s) → Cr2O3(s) + N2(g) + 4 H2O(g)', 180, shown('glows and throws up a green cone by itself', 'glows')), lights: true, caution: 'Dichromate dust causes cancer and flies about: many schools no longer allow it. In the hood behind glass, or not at all.' },
    decomposes('4 K2Cr2O7(s) → 4 K2CrO4(s) + 2 Cr2O3(s) + 3 O2(g)', 600, shown('melts at 398 °C', 'melts')),
  ],
  formation: [
    ...formed('aq', {
      'CrO4^2-': -881.2, 'Cr2O7^2-': -1490.3,
    }),
    ...formed('s', {
      Cr2O3: -1139.7, CrCl3: -556.5, K2CrO4: -1403.7, Na2CrO4: -1342.2, K2Cr2O7: -2062.1, '(NH4)2Cr2O7': -1806.7, BaCrO4: -1444.7,
    }),
  ],
};
