import { shown } from '../../shown';
import { ionPair } from '../builders/bound';
import { half } from '../builders/couples';
import { flame } from '../builders/flames';
import { formed } from '../builders/formation';
import { decomposes, hydrate } from '../builders/heated';
import { heats, solidsFrom } from '../builders/solids';
import type { ElementData } from '../../types';

/** Lithium, sodium, potassium, rubidium and caesium: what is known of it. */
export const alkaliMetals: ElementData = {
  ions: [
    { formula: 'Li^+', stock: 'lithium' },
    { formula: 'Na^+', stock: 'sodium' },
    { formula: 'K^+', stock: 'potassium' },
    { formula: 'Rb^+', stock: 'rubidium' },
    { formula: 'Cs^+', stock: 'caesium' },
  ],
  complexes: [
    ionPair('NaSO4^-', 'Na^+', 'SO4^2-', 0.7, { enthalpyKJPerMol: 4.7 }),
  ],
  solids: [
    { formula: 'Li2CO3', ions: { 'Li^+': 2, 'CO3^2-': 1 }, pKsp: 3.09, colour: 'white', texture: 'crystalline', ...heats(-18), source: solidsFrom.crc },
    { formula: 'LiF', ions: { 'Li^+': 1, 'F^-': 1 }, pKsp: 2.74, colour: 'white', texture: 'gelatinous', ...heats(4.9), source: solidsFrom.crc },
    { formula: 'Na2O2', ions: { 'Na^+': 2, H2O2: 1, 'OH^-': 2 }, pKsp: -40, colour: 'pale yellow', texture: 'fine', asAdded: true, source: solidsFrom.oxides },
    { formula: 'Li3PO4', ions: { 'Li^+': 3, 'PO4^3-': 1 }, pKsp: 10.63, colour: 'white', texture: 'crystalline', ...heats(-17), source: solidsFrom.crc },
    { formula: 'KClO4', ions: { 'K^+': 1, 'ClO4^-': 1 }, pKsp: 1.98, colour: 'white', texture: 'crystalline', ...heats(51), source: solidsFrom.crc },
    { formula: 'KC4H5O6', ions: { 'K^+': 1, 'H^+': 1, 'C4H4O6^2-': 1 }, pKsp: 7.79, colour: 'white', texture: 'crystalline', commonName: 'cream of tartar', source: solidsFrom.lange },
  ],
  couples: [
    half('Li^+(aq) + e^- → Li(s)', -3.0401),
    half('K^+(aq) + e^- → K(s)', -2.931),
    half('Na^+(aq) + e^- → Na(s)', -2.71),
  ],
  flames: [
    flame('Na^+', 'bright yellow', 'lasting golden yellow; blue cobalt glass takes it away', 1000, 5e-4),
    flame('Li^+', 'red', 'crimson', 20),
    flame('K^+', 'pale violet', 'lilac; crimson through blue cobalt glass', 4),
    flame('Rb^+', 'violet', 'reddish violet', 4),
    flame('Cs^+', 'blue', 'blue-violet', 4),
  ],
  heated: [
    hydrate('Na2CO3·10H2O(s) → Na2CO3·H2O(s) + 9 H2O(g)', 34, shown('melts in its own water, then dries', 'melts')),
    hydrate('Na2CO3·H2O(s) → Na2CO3(s) + H2O(g)', 100),
    hydrate('Na2SO4·10H2O(s) → Na2SO4(s) + 10 H2O(g)', 100, shown('melts in its own water at 32 °C, then dries', 'melts')),
    hydrate('Na2S2O3·5H2O(s) → Na2S2O3(s) + 5 H2O(g)', 100, shown('melts in its own water at 48 °C, then dries', 'melts')),
    hydrate('LiOH·H2O(s) → LiOH(s) + H2O(g)', 100),
    hydrate('Na2HPO4·12H2O(s) → Na2HPO4·2H2O(s) + 10 H2O(g)', 45, shown('melts in its own water', 'melts')),
    hydrate('Na2HPO4·2H2O(s) → Na2HPO4(s) + 2 H2O(g)', 95),
    hydrate('Na2B4O7·10H2O(s) → Na2B4O7(s) + 10 H2O(g)', 320, shown('swells to a white froth')),
    hydrate('NaCH3COO·3H2O(s) → NaCH3COO(s) + 3 H2O(g)', 120, shown('melts in its own water at 58 °C', 'melts')),
    hydrate('K2C2O4·H2O(s) → K2C2O4(s) + H2O(g)', 160),
    decomposes('2 NaHCO3(s) → Na2CO3(s) + CO2(g) + H2O(g)', 110),
    decomposes('2 KHCO3(s) → K2CO3(s) + CO2(g) + H2O(g)', 150),
    decomposes('2 KNO3(s) → 2 KNO2(s) + O2(g)', 400, shown('melts at 334 °C, then bubbles', 'melts')),
    decomposes('2 NaNO3(s) → 2 NaNO2(s) + O2(g)', 380, shown('melts at 307 °C, then bubbles', 'melts')),
    { ...decomposes('2 KClO3(s) → 2 KCl(s) + 3 O2(g)', 250, shown('melts, then bubbles', 'melts')), catalyst: ['MnO2', 'CuO', 'Fe2O3'], caution: 'Chlorate with anything that burns explodes: no paper, carbon, sulfur or dirt in the tube.' },
    { ...decomposes('2 KClO3(s) → 2 KCl(s) + 3 O2(g)', 400, shown('melts at 356 °C, then bubbles', 'melts')), caution: 'Chlorate with anything that burns explodes: no paper, carbon, sulfur or dirt in the tube.' },
    decomposes('KClO4(s) → KCl(s) + 2 O2(g)', 600),
  ],
  formation: [
    ...formed('aq', {
      'Li^+': -278.5, 'Na^+': -240.1, 'K^+': -252.4, 'Rb^+': -251.2, 'Cs^+': -258.3,
    }),
    ...formed('s', {
      Li2O: -597.9, Na2O: -414.2, K2O: -361.5, Na2O2: -510.9, LiOH: -487.5, NaOH: -425.8, KOH: -424.6, LiF: -616, LiCl: -408.6, NaF: -576.6, NaCl: -411.2,
      NaBr: -361.1, NaI: -287.8, KF: -567.3, KCl: -436.5, KBr: -393.8, KI: -327.9, 'LiOH·H2O': -788, Na2B4O7: -3291.1, 'Na2B4O7·10H2O': -6288.6,
      'Na2HPO4·2H2O': -2346, 'Na2HPO4·12H2O': -5297.8, K2C2O4: -1346, Li2SO4: -1436.5, Na2SO4: -1387.1, 'Na2SO4·10H2O': -4327.3, NaHSO4: -1125.5,
      K2SO4: -1437.8, KHSO4: -1160.6, Na2S: -364.8, Na2SO3: -1100.8, Na2S2O3: -1123, 'Na2S2O3·5H2O': -2607.9, LiNO3: -483.1, NaNO3: -467.9, NaNO2: -358.7,
      KNO3: -494.6, KNO2: -369.8, Li2CO3: -1215.9, Na2CO3: -1130.7, 'Na2CO3·H2O': -1431.3, 'Na2CO3·10H2O': -4081.3, NaHCO3: -950.8, K2CO3: -1151,
      KHCO3: -963.2, NaClO3: -365.8, KClO3: -397.7, NaClO4: -383.3, KClO4: -432.8, KBrO3: -360.2, KIO3: -501.4, NaCH3COO: -708.8, 'NaCH3COO·3H2O': -1603.3,
      NaCN: -87.5, KCN: -113, NaSCN: -170.5, KSCN: -200.2, Na2C2O4: -1318, Na3PO4: -1917.4, Na2HPO4: -1748.1, NaH2PO4: -1536.8, KH2PO4: -1568.3,
      RbCl: -435.4, CsCl: -443,
    }),
  ],
};
