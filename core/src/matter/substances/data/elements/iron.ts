import { shown } from '../../shown';
import { complex, complexesFrom, edta, ionPair } from '../builders/bound';
import { couplesFrom, half } from '../builders/couples';
import { formed } from '../builders/formation';
import { decomposes, hydrate, together } from '../builders/heated';
import { heats, solidsFrom } from '../builders/solids';
import { band, spectraFrom, spectrum } from '../builders/spectra';
import { acid, hydroxo, stepsFrom } from '../builders/steps';
import type { ElementData } from '../../types';

/** Iron: what is known of it. */
export const iron: ElementData = {
  ions: [
    { formula: 'Fe^2+', stock: 'iron(II)', common: 'ferrous' },
    { formula: 'Fe^3+', stock: 'iron(III)', common: 'ferric' },
    { formula: 'Fe(CN)6^4-', stock: 'hexacyanidoferrate(II)', common: 'ferrocyanide' },
    { formula: 'Fe(CN)6^3-', stock: 'hexacyanidoferrate(III)', common: 'ferricyanide' },
  ],
  acidBase: [
    acid('HFe(CN)6^3-', 'Fe(CN)6^4-', 1, 4.31, undefined, stepsFrom.smith),
    hydroxo('FeOH^+', 'Fe^2+', 1, -9.5, 55.2),
    hydroxo('Fe(OH)3^-', 'Fe^2+', 3, -31, 126.8),
    hydroxo('FeOH^2+', 'Fe^3+', 1, -2.19, 43.5),
    hydroxo('Fe(OH)2^+', 'Fe^3+', 2, -5.67, 71.5),
    hydroxo('Fe(OH)4^-', 'Fe^3+', 4, -21.6, 133.5),
    hydroxo('Fe2(OH)2^4+', 'Fe^3+', 2, -2.95, 56.5, 2),
  ],
  complexes: [
    { ...complex('FeCl^2+', 'Fe^3+', 'Cl^-', 1, 1.48, { enthalpyKJPerMol: 23 }), ionPair: true },
    { ...complex('FeCl2^+', 'Fe^3+', 'Cl^-', 2, 2.13, { enthalpyKJPerMol: 22.2 }), ionPair: true },
    complex('FeCl4^-', 'Fe^3+', 'Cl^-', 4, -1, { source: complexesFrom.inAcid }),
    complex('FeF^2+', 'Fe^3+', 'F^-', 1, 6, { enthalpyKJPerMol: 11.3 }),
    complex('FeF2^+', 'Fe^3+', 'F^-', 2, 10.47, { enthalpyKJPerMol: 20.1 }),
    complex('FeF3', 'Fe^3+', 'F^-', 3, 13.62, { enthalpyKJPerMol: 22.6 }),
    complex('FeSCN^2+', 'Fe^3+', 'SCN^-', 1, 3.02, { enthalpyKJPerMol: -6.3 }),
    complex('Fe(SCN)2^+', 'Fe^3+', 'SCN^-', 2, 4.64),
    complex('FeS2O3^+', 'Fe^3+', 'S2O3^2-', 1, 3.9),
    complex('FeC2O4^+', 'Fe^3+', 'C2O4^2-', 1, 9.53),
    complex('Fe(C2O4)2^-', 'Fe^3+', 'C2O4^2-', 2, 15.75),
    complex('Fe(C2O4)3^3-', 'Fe^3+', 'C2O4^2-', 3, 20.2),
    complex('FeCH3COO^2+', 'Fe^3+', 'CH3COO^-', 1, 4.02),
    complex('Fe(CH3COO)2^+', 'Fe^3+', 'CH3COO^-', 2, 7.57),
    // Three irons about one oxygen, with six acetates: the red-brown of iron(III) acetate
    { formula: 'Fe3O(CH3COO)6^+', from: { 'Fe^3+': 3, 'CH3COO^-': 6, 'H^+': -2 }, logBeta: 23.5, source: complexesFrom.polynuclear },
    { formula: 'FeNO^2+', from: { 'Fe^2+': 1, NO: 1 }, logBeta: 2.65, source: complexesFrom.nitrosyl },
    complex('FeC6H5O^2+', 'Fe^3+', 'C6H5O^-', 1, 8.2),
    complex('FeC6H5O7', 'Fe^3+', 'C6H5O7^3-', 1, 12.65),
    complex('FeC4H4O6^+', 'Fe^3+', 'C4H4O6^2-', 1, 7.78),
    edta('FeC10H12N2O8^2-', 'Fe^2+', 16, { enthalpyKJPerMol: -16.7 }),
    edta('FeC10H12N2O8^-', 'Fe^3+', 27.7, { enthalpyKJPerMol: -11.3 }),
    ionPair('FeSO4^+', 'Fe^3+', 'SO4^2-', 4.04, { enthalpyKJPerMol: 26 }),
    { formula: 'FeHPO4^+', from: { 'Fe^3+': 1, 'H^+': 1, 'PO4^3-': 1 }, logBeta: 17.8, source: complexesFrom.smith },
    complex('FeC6H5O7^-', 'Fe^2+', 'C6H5O7^3-', 1, 6.1),
    complex('FeC4H4O6', 'Fe^2+', 'C4H4O6^2-', 1, 3.1),
  ],
  solids: [
    { formula: 'Fe(OH)2', ions: { 'Fe^2+': 1, 'OH^-': 2 }, pKsp: 15.15, colour: 'pale green', texture: 'gelatinous', needsBase: true, inAir: 'darkens to green-black, then turns rusty brown in air', ...heats(22.3), source: solidsFrom.crc },
    { formula: 'Fe(OH)3', ions: { 'Fe^3+': 1, 'OH^-': 3 }, pKsp: 37.1, colour: 'red-brown', texture: 'gelatinous', needsBase: true, ...heats(94.1), source: solidsFrom.fresh },
    { formula: 'FeCO3', ions: { 'Fe^2+': 1, 'CO3^2-': 1 }, pKsp: 10.5, colour: 'white', texture: 'flocculent', inAir: 'turns green, then rusty brown in air', ...heats(-10.4), source: solidsFrom.crc },
    { formula: 'FePO4·2H2O', ions: { 'Fe^3+': 1, 'PO4^3-': 1 }, pKsp: 26.4, colour: 'cream', texture: 'flocculent', ...heats(-9), source: solidsFrom.lange },
    { formula: 'FeC2O4·2H2O', ions: { 'Fe^2+': 1, 'C2O4^2-': 1 }, pKsp: 6.5, colour: 'yellow', texture: 'fine', source: solidsFrom.lange },
    { formula: 'Fe4(Fe(CN)6)3', ions: { 'Fe^3+': 4, 'Fe(CN)6^4-': 3 }, pKsp: 84.5, commonName: 'Prussian blue', colour: 'deep blue', texture: 'fine', source: solidsFrom.meeussen },
    { formula: 'FeS', ions: { 'Fe^2+': 1, 'S^2-': 1 }, pKsp: 17.2, colour: 'black', texture: 'flocculent', ...heats(41.1), source: solidsFrom.sulfides },
    { formula: 'FeO', ions: { 'Fe^2+': 1, 'OH^-': 2 }, pKsp: 14.5, colour: 'black', texture: 'fine', asAdded: true, ...heats(5.6), source: solidsFrom.oxides },
    { formula: 'Fe2O3', ions: { 'Fe^3+': 2, 'OH^-': 6 }, pKsp: 82.5, colour: 'red-brown', texture: 'fine', asAdded: true, slow: 'iron(III) oxide dissolves only slowly, in hot concentrated hydrochloric acid', ...heats(205.6), source: solidsFrom.oxides },
    { formula: 'Fe3(PO4)2·8H2O', ions: { 'Fe^2+': 3, 'PO4^3-': 2 }, pKsp: 36, colour: 'white', texture: 'flocculent', inAir: 'turns blue-green in air', source: solidsFrom.lange },
    { formula: 'Mn2Fe(CN)6', ions: { 'Mn^2+': 2, 'Fe(CN)6^4-': 1 }, pKsp: 12.1, colour: 'white', texture: 'flocculent', source: solidsFrom.lange },
    { formula: 'Fe2Fe(CN)6', ions: { 'Fe^2+': 2, 'Fe(CN)6^4-': 1 }, pKsp: 12, colour: 'white', texture: 'flocculent', inAir: 'turns blue in air', source: solidsFrom.placed },
  ],
  couples: [
    half('Fe^2+(aq) + 2e^- → Fe(s)', -0.447),
    half('Fe^3+(aq) + e^- → Fe^2+(aq)', 0.771),
    half('Fe(CN)6^3-(aq) + e^- → Fe(CN)6^4-(aq)', 0.358),
    half('Fe(OH)3(s) + H^+(aq) + e^- → Fe(OH)2(s) + H2O(l)', 0.306, couplesFrom.bard),
    // Follows from the fresh hydroxide, the sulfide and the working pair of hydrogen sulfide.
    half('Fe(OH)3(s) + HS^-(aq) + 2H^+(aq) + e^- → FeS(s) + 3H2O(l)', 1.254, couplesFrom.bard),
  ],
  spectra: [
    spectrum('Fe^2+', spectraFrom.fittedToWords, band(930, 1.16, 6600), band(330, 3, 8000), band(430, 0.06, 8000)),
    spectrum('Fe^3+', spectraFrom.lever, band(240, 4200, 7500)),
    spectrum('FeOH^2+', spectraFrom.lever, band(300, 2030, 9200)),
    spectrum('Fe(OH)2^+', spectraFrom.lever, band(300, 2200, 9000)),
    spectrum('Fe2(OH)2^4+', spectraFrom.lever, band(339, 3380, 7850)),
    spectrum('FeCl^2+', spectraFrom.lever, band(333, 1310, 5800), band(424, 3.55, 5000)),
    spectrum('FeCl2^+', spectraFrom.lever, band(337, 1870, 5550), band(475, 1.24, 7500)),
    spectrum('FeCl4^-', spectraFrom.lever, band(363, 6000, 4800), band(315, 6500, 5000)),
    spectrum('FeSO4^+', spectraFrom.lever, band(305, 2200, 7600)),
    spectrum('FeSCN^2+', spectraFrom.lever, band(450, 3740, 4900), band(517, 1570, 3300)),
    spectrum('Fe(SCN)2^+', spectraFrom.lever, band(479, 9900, 3850)),
    spectrum('FeC2O4^+', spectraFrom.estimated, band(300, 2000, 7600)),
    spectrum('Fe(C2O4)2^-', spectraFrom.lever, band(300, 3000, 7600)),
    spectrum('Fe(C2O4)3^3-', spectraFrom.lever, band(260, 6000, 7800), band(400, 9, 4500), band(670, 2.2, 3500)),
    spectrum('FeCH3COO^2+', spectraFrom.estimated, band(340, 1500, 7000), band(460, 200, 5500)),
    spectrum('Fe(CH3COO)2^+', spectraFrom.estimated, band(340, 2200, 7000), band(470, 450, 5500)),
    spectrum('Fe3O(CH3COO)6^+', spectraFrom.estimated, band(335, 6500, 7000), band(465, 1100, 5500), band(530, 350, 4500)),
    spectrum('FeNO^2+', spectraFrom.nitrosyl, band(336, 440, 5200), band(451, 265, 5200), band(585, 85, 5000)),
    spectrum('FeC6H5O^2+', spectraFrom.analysis, band(560, 1700, 5200)),
    spectrum('FeC6H5O7', spectraFrom.estimated, band(310, 1800, 7800)),
    spectrum('FeC4H4O6^+', spectraFrom.estimated, band(310, 1800, 7800)),
    spectrum('FeS2O3^+', spectraFrom.analysis, band(540, 560, 5000)),
    spectrum('FeC10H12N2O8^-', spectraFrom.analysis, band(258, 8300, 8200)),
    spectrum('Fe(CN)6^4-', spectraFrom.lever, band(322, 320, 5900)),
    spectrum('HFe(CN)6^3-', spectraFrom.lever, band(322, 320, 5900)),
    spectrum('Fe(CN)6^3-', spectraFrom.lever, band(418, 1030, 3150), band(305, 1600, 4500)),
    spectrum('FeC6H5O7^-', spectraFrom.estimated, band(930, 1.5, 5500), band(330, 6, 7600)),
    spectrum('FeC4H4O6', spectraFrom.estimated, band(930, 1.3, 5500), band(330, 5, 7600)),
  ],
  heated: [
    hydrate('FeSO4·7H2O(s) → FeSO4·4H2O(s) + 3 H2O(g)', 60),
    hydrate('FeSO4·4H2O(s) → FeSO4·H2O(s) + 3 H2O(g)', 90),
    hydrate('FeSO4·H2O(s) → FeSO4(s) + H2O(g)', 300),
    decomposes('2 Fe(OH)3(s) → Fe2O3(s) + 3 H2O(g)', 300),
    decomposes('4 Fe(NO3)3·9H2O(s) → 2 Fe2O3(s) + 12 NO2(g) + 3 O2(g) + 36 H2O(g)', 125),
    decomposes('2 FeSO4(s) → Fe2O3(s) + SO2(g) + SO3(g)', 680),
    decomposes('2 FeCl3·6H2O(s) → Fe2O3(s) + 6 HCl(g) + 9 H2O(g)', 250),
    { ...together('Fe(s) + S(s) → FeS(s)', 250, shown('glows, and the glow runs on through the mixture by itself', 'glows')), lights: true, caution: 'Sulfur vapour catches fire and gives sulfur dioxide: a plug of mineral wool in the tube, in the hood.' },
    { ...together('Fe2O3(s) + 3 CO(g) → 2 Fe(s) + 3 CO2(g)', 600, shown('turns grey-black')), caution: 'Carbon monoxide kills without a smell: hood, and the tail gas burned.' },
    { ...together('3 Fe(s) + 2 O2(g) → Fe3O4(s)', 550, shown('powder and wool throw sparks; a lump only gets a black skin', 'burns')), lights: true },
  ],
  formation: [
    ...formed('aq', {
      'Fe^2+': -89.1, 'Fe^3+': -48.5, 'Fe(CN)6^3-': 561.9, 'Fe(CN)6^4-': 455.6,
    }),
    ...formed('s', {
      FeO: -272, Fe2O3: -824.2, Fe3O4: -1118.4, 'Fe(OH)2': -569, 'Fe(OH)3': -823, 'FeSO4·4H2O': -2126.8, 'FeSO4·H2O': -1242.8, FeCl2: -341.8, FeCl3: -399.5,
      FeSO4: -928.4, 'FeSO4·7H2O': -3011.7, 'Fe2(SO4)3': -2582.9, FeS: -100, FeCO3: -740.6, 'K3Fe(CN)6': -249.8, 'K4Fe(CN)6': -594.1,
    }),
  ],
};
