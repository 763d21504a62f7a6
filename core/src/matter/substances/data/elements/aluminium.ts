import { shown } from '../../shown';
import { complex, edta, ionPair } from '../builders/bound';
import { half } from '../builders/couples';
import { formed } from '../builders/formation';
import { decomposes, hydrate } from '../builders/heated';
import { heats, solidsFrom } from '../builders/solids';
import { hydroxo } from '../builders/steps';
import type { ElementData } from '../../types';

/** Aluminium: what is known of it. */
export const aluminium: ElementData = {
  ions: [
    { formula: 'Al^3+', stock: 'aluminium' },
  ],
  acidBase: [
    hydroxo('AlOH^2+', 'Al^3+', 1, -4.97, 48.1),
    hydroxo('Al(OH)2^+', 'Al^3+', 2, -10.1, 112.5),
    hydroxo('Al(OH)4^-', 'Al^3+', 4, -22.87, 177),
  ],
  complexes: [
    complex('AlF^2+', 'Al^3+', 'F^-', 1, 7, { enthalpyKJPerMol: 4.5 }),
    complex('AlF2^+', 'Al^3+', 'F^-', 2, 12.6, { enthalpyKJPerMol: 8.3 }),
    complex('AlF3', 'Al^3+', 'F^-', 3, 16.7, { enthalpyKJPerMol: 9 }),
    complex('AlF4^-', 'Al^3+', 'F^-', 4, 19.4, { enthalpyKJPerMol: 9.2 }),
    complex('Al(C2O4)2^-', 'Al^3+', 'C2O4^2-', 2, 15.39),
    complex('Al(C2O4)3^3-', 'Al^3+', 'C2O4^2-', 3, 18.3),
    edta('AlC10H12N2O8^-', 'Al^3+', 19.1, { enthalpyKJPerMol: 52.7 }),
    ionPair('AlSO4^+', 'Al^3+', 'SO4^2-', 3.5, { enthalpyKJPerMol: 18.9 }),
    complex('AlC6H5O7', 'Al^3+', 'C6H5O7^3-', 1, 9.97),
    complex('Al(C6H5O7)2^3-', 'Al^3+', 'C6H5O7^3-', 2, 14.8),
    complex('Al(C4H4O6)2^-', 'Al^3+', 'C4H4O6^2-', 2, 9.37),
  ],
  solids: [
    { formula: 'Al(OH)3', ions: { 'Al^3+': 1, 'OH^-': 3 }, pKsp: 32.65, colour: 'white', texture: 'gelatinous', needsBase: true, ...heats(56.5), source: solidsFrom.lange },
    { formula: 'AlPO4', ions: { 'Al^3+': 1, 'PO4^3-': 1 }, pKsp: 20.01, colour: 'white', texture: 'gelatinous', ...heats(-74.6), source: solidsFrom.crc },
    { formula: 'Al2O3', ions: { 'Al^3+': 2, 'OH^-': 6 }, pKsp: 66.64, colour: 'white', texture: 'fine', asAdded: true, slow: 'ignited aluminium oxide hardly dissolves in dilute acid or base', ...heats(76.3), source: solidsFrom.oxides },
  ],
  couples: [
    half('Al^3+(aq) + 3e^- → Al(s)', -1.662),
  ],
  heated: [
    hydrate('KAl(SO4)2·12H2O(s) → KAl(SO4)2·3H2O(s) + 9 H2O(g)', 92, shown('melts in its own water, swells and foams', 'melts')),
    hydrate('KAl(SO4)2·3H2O(s) → KAl(SO4)2(s) + 3 H2O(g)', 200),
    hydrate('Al2(SO4)3·18H2O(s) → Al2(SO4)3(s) + 18 H2O(g)', 250, shown('melts in its own water and swells', 'melts')),
    decomposes('2 Al(OH)3(s) → Al2O3(s) + 3 H2O(g)', 300),
    decomposes('4 Al(NO3)3·9H2O(s) → 2 Al2O3(s) + 12 NO2(g) + 3 O2(g) + 36 H2O(g)', 150),
    decomposes('Al2(SO4)3(s) → Al2O3(s) + 3 SO3(g)', 770),
    decomposes('2 AlCl3·6H2O(s) → Al2O3(s) + 6 HCl(g) + 9 H2O(g)', 180),
  ],
  formation: [
    ...formed('aq', {
      'Al^3+': -531, 'Al(OH)4^-': -1502.5,
    }),
    ...formed('s', {
      Al2O3: -1675.7, 'Al(OH)3': -1277.6, 'Al2(SO4)3·18H2O': -8878.9, 'KAl(SO4)2·3H2O': -3381.1, AlCl3: -704.2, 'AlCl3·6H2O': -2691.6, 'Al2(SO4)3': -3440.8,
      'KAl(SO4)2': -2470.2, 'KAl(SO4)2·12H2O': -6061.8,
    }),
  ],
};
