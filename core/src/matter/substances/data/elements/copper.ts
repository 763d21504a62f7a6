import { shown } from '../../shown';
import { ammine, complex, complexesFrom, edta } from '../builders/bound';
import { couplesFrom, half } from '../builders/couples';
import { flame } from '../builders/flames';
import { formed } from '../builders/formation';
import { decomposes, hydrate, together } from '../builders/heated';
import { heats, solidsFrom } from '../builders/solids';
import { band, spectraFrom, spectrum } from '../builders/spectra';
import { hydroxo } from '../builders/steps';
import type { ElementData } from '../../types';

/** Copper: what is known of it. */
export const copper: ElementData = {
  ions: [
    { formula: 'Cu^+', stock: 'copper(I)', common: 'cuprous' },
    { formula: 'Cu^2+', stock: 'copper(II)', common: 'copper' },
  ],
  acidBase: [
    hydroxo('CuOH^+', 'Cu^2+', 1, -8, 36),
    hydroxo('Cu2(OH)2^2+', 'Cu^2+', 2, -10.36, 73.4, 2),
    hydroxo('Cu(OH)4^2-', 'Cu^2+', 4, -39.6, 194.7),
  ],
  complexes: [
    complex('CuC2H8N2^2+', 'Cu^2+', 'C2H8N2', 1, 10.48),
    complex('Cu(C2H8N2)2^2+', 'Cu^2+', 'C2H8N2', 2, 19.55),
    { ...complex('CuCl^+', 'Cu^2+', 'Cl^-', 1, 0.4, { enthalpyKJPerMol: 6.4, source: complexesFrom.inAcid }), ionPair: true },
    { ...complex('CuCl2', 'Cu^2+', 'Cl^-', 2, 0.16, { enthalpyKJPerMol: 13.6, source: complexesFrom.inAcid }), ionPair: true },
    complex('CuCl4^2-', 'Cu^2+', 'Cl^-', 4, -4.6, { enthalpyKJPerMol: 32.6, source: complexesFrom.inAcid }),
    complex('CuCl2^-', 'Cu^+', 'Cl^-', 2, 5.5, { enthalpyKJPerMol: -1.8, source: complexesFrom.lange }),
    complex('CuCl3^2-', 'Cu^+', 'Cl^-', 3, 5.7, { enthalpyKJPerMol: 1.1, source: complexesFrom.lange }),
    complex('CuBr2^-', 'Cu^+', 'Br^-', 2, 5.9, { source: complexesFrom.lange }),
    { ...complex('CuBr^+', 'Cu^2+', 'Br^-', 1, 0, { source: complexesFrom.concentrated }), ionPair: true },
    complex('CuI2^-', 'Cu^+', 'I^-', 2, 8.9, { source: complexesFrom.lange }),
    { ...complex('CuSCN^+', 'Cu^2+', 'SCN^-', 1, 2.33), ionPair: true },
    complex('Cu(CN)2^-', 'Cu^+', 'CN^-', 2, 23.9, { enthalpyKJPerMol: -121 }),
    complex('Cu(CN)3^2-', 'Cu^+', 'CN^-', 3, 29.2, { enthalpyKJPerMol: -167.4 }),
    complex('Cu(CN)4^3-', 'Cu^+', 'CN^-', 4, 30.7, { enthalpyKJPerMol: -214.2 }),
    complex('Cu(S2O3)2^3-', 'Cu^+', 'S2O3^2-', 2, 12.3),
    complex('Cu(C2O4)2^2-', 'Cu^2+', 'C2O4^2-', 2, 9.2),
    { ...complex('CuCH3COO^+', 'Cu^2+', 'CH3COO^-', 1, 2.2, { enthalpyKJPerMol: 7.1 }), ionPair: true },
    // What keeps copper in the two blue alkaline reagents for sugars
    { formula: 'CuC4H2O6^2-', from: { 'Cu^2+': 1, 'C4H4O6^2-': 1, 'H^+': -2 }, logBeta: -9, source: complexesFrom.alkaline },
    { formula: 'CuC6H4O7^2-', from: { 'Cu^2+': 1, 'C6H5O7^3-': 1, 'H^+': -1 }, logBeta: 2.8, source: complexesFrom.alkaline },
    complex('CuC6H5O7^-', 'Cu^2+', 'C6H5O7^3-', 1, 7.57),
    complex('CuC4H4O6', 'Cu^2+', 'C4H4O6^2-', 1, 3.97),
    edta('CuC10H12N2O8^2-', 'Cu^2+', 20.5, { enthalpyKJPerMol: -34.7 }),
    ammine('Cu(NH3)2^+', 'Cu^+', 2, 10.8),
    { ...ammine('Cu(NH3)^2+', 'Cu^2+', 1, 4.31, { enthalpyKJPerMol: 32.4 }), source: complexesFrom.lange },
    { ...ammine('Cu(NH3)2^2+', 'Cu^2+', 2, 7.98, { enthalpyKJPerMol: 58.7 }), source: complexesFrom.lange },
    { ...ammine('Cu(NH3)3^2+', 'Cu^2+', 3, 11.02, { enthalpyKJPerMol: 88.5 }), source: complexesFrom.lange },
    { ...ammine('Cu(NH3)4^2+', 'Cu^2+', 4, 13.32, { enthalpyKJPerMol: 118 }), source: complexesFrom.lange },
    complex('Cu(C6H5O7)2^4-', 'Cu^2+', 'C6H5O7^3-', 2, 8.9),
  ],
  solids: [
    { formula: 'Cu(OH)2', ions: { 'Cu^2+': 1, 'OH^-': 2 }, pKsp: 18.9, colour: 'pale blue', texture: 'gelatinous', needsBase: true, ...heats(54.6), source: solidsFrom.freshCopper },
    { formula: 'Cu2(OH)2CO3', ions: { 'Cu^2+': 2, 'OH^-': 2, 'CO3^2-': 1 }, pKsp: 33.3, commonName: 'malachite', colour: 'pale blue-green', texture: 'flocculent', ...heats(50), source: solidsFrom.waters },
    { formula: 'Cu3(PO4)2', ions: { 'Cu^2+': 3, 'PO4^3-': 2 }, pKsp: 36.85, colour: 'pale blue', texture: 'flocculent', source: solidsFrom.crc },
    { formula: 'CuC2O4', ions: { 'Cu^2+': 1, 'C2O4^2-': 1 }, pKsp: 9.35, colour: 'pale blue', texture: 'fine', source: solidsFrom.crc },
    { formula: 'Cu2Fe(CN)6', ions: { 'Cu^2+': 2, 'Fe(CN)6^4-': 1 }, pKsp: 15.89, colour: 'red-brown', texture: 'gelatinous', source: solidsFrom.lange },
    { formula: 'CuCl', ions: { 'Cu^+': 1, 'Cl^-': 1 }, pKsp: 6.76, colour: 'white', texture: 'crystalline', inAir: 'turns green in damp air', ...heats(41.8), source: solidsFrom.crc },
    { formula: 'CuBr', ions: { 'Cu^+': 1, 'Br^-': 1 }, pKsp: 8.2, colour: 'white', texture: 'crystalline', ...heats(54.7), source: solidsFrom.crc },
    { formula: 'CuI', ions: { 'Cu^+': 1, 'I^-': 1 }, pKsp: 11.9, colour: 'white', texture: 'fine', ...heats(84.3), source: solidsFrom.crc },
    { formula: 'CuSCN', ions: { 'Cu^+': 1, 'SCN^-': 1 }, pKsp: 12.75, colour: 'white', texture: 'fine', source: solidsFrom.crc },
    { formula: 'CuCN', ions: { 'Cu^+': 1, 'CN^-': 1 }, pKsp: 19.46, colour: 'white', texture: 'fine', source: solidsFrom.crc },
    { formula: 'CuS', ions: { 'Cu^2+': 1, 'S^2-': 1 }, pKsp: 35.2, colour: 'black', texture: 'flocculent', ...heats(151), source: solidsFrom.sulfides },
    { formula: 'Cu2S', ions: { 'Cu^+': 2, 'S^2-': 1 }, pKsp: 47.65, colour: 'black', texture: 'flocculent', ...heats(256), source: solidsFrom.sulfides },
    { formula: 'Cu(IO3)2·H2O', ions: { 'Cu^2+': 1, 'IO3^-': 2 }, pKsp: 7.16, colour: 'pale blue-green', texture: 'fine', source: solidsFrom.crc },
    { formula: 'CuCrO4', ions: { 'Cu^2+': 1, 'CrO4^2-': 1 }, pKsp: 5.44, colour: 'red-brown', texture: 'fine', source: solidsFrom.lange },
    { formula: 'Cu2O', ions: { 'Cu^+': 2, 'OH^-': 2 }, pKsp: 29.4, colour: 'red-brown', texture: 'fine', ...heats(137.8), source: solidsFrom.lange },
    // Oxides, which are put in as such and do not form in the cold
    { formula: 'CuO', ions: { 'Cu^2+': 1, 'OH^-': 2 }, pKsp: 20.35, colour: 'black', texture: 'fine', asAdded: true, formsFrom: { solids: { 'Cu(OH)2': 1, 'Cu2(OH)2CO3': 2 }, aboveC: 80 }, ...heats(47.5), source: solidsFrom.oxides },
    // Basic salts, which ammonia brings down drop by drop; sodium hydroxide brings the hydroxide at once
    { formula: 'Cu4(OH)6SO4·H2O', ions: { 'Cu^2+': 4, 'OH^-': 6, 'SO4^2-': 1 }, pKsp: 66.48, colour: 'pale blue', texture: 'flocculent', needsBase: true, fromWeakBase: true, ...heats(169.2), source: solidsFrom.minteq },
    { formula: 'Cu2(OH)3Cl', ions: { 'Cu^2+': 2, 'OH^-': 3, 'Cl^-': 1 }, pKsp: 34.59, colour: 'pale blue-green', texture: 'flocculent', needsBase: true, fromWeakBase: true, ...heats(74), source: solidsFrom.minteq },
    { formula: 'Cu2(OH)3NO3', ions: { 'Cu^2+': 2, 'OH^-': 3, 'NO3^-': 1 }, pKsp: 32.73, colour: 'pale blue', texture: 'flocculent', needsBase: true, fromWeakBase: true, ...heats(94.8), source: solidsFrom.minteq },
    { formula: 'Cu(SCN)2', ions: { 'Cu^2+': 1, 'SCN^-': 2 }, pKsp: 6.5, colour: 'black', texture: 'fine', inAir: 'turns slowly to white copper(I) thiocyanate', source: solidsFrom.placed },
    { formula: 'Cu3(Fe(CN)6)2', ions: { 'Cu^2+': 3, 'Fe(CN)6^3-': 2 }, pKsp: 22, colour: 'yellow-green', texture: 'flocculent', source: solidsFrom.placed },
    { formula: 'CuMoO4', ions: { 'Cu^2+': 1, 'MoO4^2-': 1 }, pKsp: 13.08, colour: 'pale green', texture: 'fine', ...heats(12.2), source: solidsFrom.lange },
  ],
  couples: [
    half('Cu^2+(aq) + 2e^- → Cu(s)', 0.3419),
    half('Cu^+(aq) + e^- → Cu(s)', 0.521),
    half('CuI(s) + e^- → Cu(s) + I^-(aq)', -0.182, couplesFrom.bard),
    half('CuCl(s) + e^- → Cu(s) + Cl^-(aq)', 0.121, couplesFrom.bard),
    half('Cu(NH3)4^2+(aq) + 2e^- → Cu(s) + 4NH3(aq)', -0.05, couplesFrom.latimer),
    half('Cu^2+(aq) + e^- → Cu^+(aq)', 0.153),
    // Follows from the sulfide and the working pair of hydrogen sulfide.
    half('S(s) + Cu^2+(aq) + 2e^- → CuS(s)', 0.565, couplesFrom.closed),
  ],
  spectra: [
    spectrum('Cu^2+', spectraFrom.fittedToWords, band(811, 11.2, 3650), band(588, 1.47, 2900)),
    spectrum('CuOH^+', spectraFrom.lever, band(780, 20, 4200)),
    spectrum('Cu2(OH)2^2+', spectraFrom.estimated, band(740, 40, 5000)),
    spectrum('Cu(OH)4^2-', spectraFrom.lever, band(640, 35, 5500)),
    spectrum('Cu(NH3)^2+', spectraFrom.lever, band(745, 20, 5000)),
    spectrum('Cu(NH3)2^2+', spectraFrom.lever, band(680, 32, 5000)),
    spectrum('Cu(NH3)3^2+', spectraFrom.lever, band(640, 43, 5000)),
    spectrum('CuC2H8N2^2+', spectraFrom.estimated, band(660, 35, 5400)),
    spectrum('Cu(C2H8N2)2^2+', spectraFrom.lever, band(548, 62, 4800)),
    spectrum('Cu(NH3)4^2+', spectraFrom.lever, band(598, 57, 5750)),
    spectrum('CuCl^+', spectraFrom.fittedToWords, band(818, 15.3, 3050), band(587, 2.6, 1600)),
    spectrum('CuCl2', spectraFrom.fittedToWords, band(851, 39.7, 4100), band(377, 10.3, 6100), band(603, 1.04, 2350)),
    spectrum('CuCl4^2-', spectraFrom.fittedToWords, band(384, 463, 5100), band(900, 89.5, 4350)),
    spectrum('CuBr^+', spectraFrom.estimated, band(800, 22, 4900), band(345, 800, 6000)),
    spectrum('CuSCN^+', spectraFrom.lever, band(740, 30, 5000), band(350, 900, 5500)),
    spectrum('Cu(C2O4)2^2-', spectraFrom.lever, band(700, 32, 5000)),
    spectrum('CuCH3COO^+', spectraFrom.lever, band(760, 28, 5000)),
    spectrum('CuC4H4O6', spectraFrom.estimated, band(730, 38, 5200)),
    spectrum('CuC4H2O6^2-', spectraFrom.estimated, band(665, 65, 5200)),
    spectrum('CuC6H4O7^2-', spectraFrom.estimated, band(710, 65, 5200)),
    spectrum('CuC6H5O7^-', spectraFrom.estimated, band(740, 40, 5200)),
    spectrum('CuC10H12N2O8^2-', spectraFrom.analysis, band(734, 90, 5200)),
    spectrum('Cu(C6H5O7)2^4-', spectraFrom.estimated, band(730, 45, 5200)),
  ],
  flames: [
    flame('Cu^2+', 'blue-green', 'blue-green; blue with a halide', 12),
    flame('Cu^+', 'blue-green', 'blue-green; blue with a halide', 12),
  ],
  heated: [
    hydrate('CuSO4·5H2O(s) → CuSO4·3H2O(s) + 2 H2O(g)', 95),
    hydrate('CuSO4·3H2O(s) → CuSO4·H2O(s) + 2 H2O(g)', 120),
    hydrate('CuSO4·H2O(s) → CuSO4(s) + H2O(g)', 250),
    hydrate('CuCl2·2H2O(s) → CuCl2(s) + 2 H2O(g)', 100),
    hydrate('Cu(NO3)2·3H2O(s) → Cu(NO3)2(s) + 3 H2O(g)', 114, shown('melts in its own water', 'melts')),
    decomposes('Cu2(OH)2CO3(s) → 2 CuO(s) + CO2(g) + H2O(g)', 290),
    decomposes('Cu(OH)2(s) → CuO(s) + H2O(g)', 80),
    decomposes('2 Cu(NO3)2(s) → 2 CuO(s) + 4 NO2(g) + O2(g)', 180),
    decomposes('CuSO4(s) → CuO(s) + SO3(g)', 650),
    decomposes('2 CuCl2(s) → 2 CuCl(s) + Cl2(g)', 550),
    { ...together('Cu(s) + S(s) → CuS(s)', 300, shown('glows', 'glows')), caution: 'Sulfur vapour catches fire and gives sulfur dioxide: work in the hood.' },
    together('2 CuO(s) + C(s) → 2 Cu(s) + CO2(g)', 600, shown('glows', 'glows')),
    { ...together('CuO(s) + H2(g) → Cu(s) + H2O(g)', 250, shown('glows and turns red-brown', 'glows')), caution: 'Drive out the air and test a tube of the gas with a lit splint before lighting: hydrogen with air explodes.' },
    { ...together('CuO(s) + CO(g) → Cu(s) + CO2(g)', 250, shown('turns red-brown')), caution: 'Carbon monoxide kills without a smell: hood, and the tail gas burned.' },
    together('2 Cu(s) + O2(g) → 2 CuO(s)', 350, shown('a black skin forms')),
  ],
  formation: [
    ...formed('aq', {
      'Cu^+': 71.7, 'Cu^2+': 64.8, 'Cu(NH3)4^2+': -348.5,
    }),
    ...formed('s', {
      Cu2O: -168.6, CuO: -157.3, 'Cu(OH)2': -449.8, 'Cu(NO3)2·3H2O': -1217.1, CuCl: -137.2, CuCl2: -220.1, 'CuCl2·2H2O': -821.3, CuBr: -104.6, CuI: -67.8,
      CuSO4: -771.4, 'CuSO4·H2O': -1085.8, 'CuSO4·3H2O': -1684.3, 'CuSO4·5H2O': -2279.7, CuS: -53.1, Cu2S: -79.5, 'Cu(NO3)2': -302.9, 'Cu2(OH)2CO3': -1051.4,
    }),
  ],
};
