import { shown } from '../../shown';
import { half } from '../builders/couples';
import { formed } from '../builders/formation';
import { decomposes, hydrate, together } from '../builders/heated';
import { acid } from '../builders/steps';
import type { ElementData } from '../../types';

/** Carbonates, oxalates, cyanides, thiocyanates and the oxides of carbon: what is known of it. */
export const carbon: ElementData = {
  ions: [
    { formula: 'SCN^-', stock: 'thiocyanate' },
    { formula: 'CN^-', stock: 'cyanide' },
    { formula: 'HCO3^-', stock: 'hydrogencarbonate', oxo: 'hydrogentrioxocarbonate(IV)', common: 'bicarbonate' },
    { formula: 'CO3^2-', stock: 'carbonate', oxo: 'trioxocarbonate(IV)' },
    { formula: 'C2O4^2-', stock: 'oxalate', oxo: 'ethanedioate' },
    { formula: 'HC2O4^-', stock: 'hydrogenoxalate', common: 'bioxalate' },
  ],
  acidBase: [
    acid('HCN', 'CN^-', 1, 9.21, -43.6),
    acid('HCO3^-', 'CO3^2-', 1, 10.33, -14.9),
    acid('CO2', 'CO3^2-', 2, 16.68, -24.0),
    acid('HC2O4^-', 'C2O4^2-', 1, 4.27, 6.7),
    acid('H2C2O4', 'C2O4^2-', 2, 5.52, 10.6),
  ],
  couples: [
    half('2CO2(g) + 2H^+(aq) + 2e^- → H2C2O4(aq)', -0.49),
  ],
  heated: [
    hydrate('H2C2O4·2H2O(s) → H2C2O4(s) + 2 H2O(g)', 101, shown('melts in its own water', 'melts')),
    decomposes('H2C2O4(s) → CO(g) + CO2(g) + H2O(g)', 190),
    { ...together('C(s) + O2(g) → CO2(g)', 900, shown('glows and burns away slowly', 'burns', 'glows')), lights: true },
  ],
  formation: [
    ...formed('aq', {
      'SCN^-': 76.4, 'CN^-': 150.6, 'HCO3^-': -692, 'CO3^2-': -677.1, 'C2O4^2-': -825.1, 'HC2O4^-': -818.4, CO2: -413.8, HCN: 107.1, 'CO(NH2)2': -318.4,
    }),
    ...formed('s', {
      'H2C2O4·2H2O': -1422, H2C2O4: -829.9, 'CO(NH2)2': -333.1,
    }),
    ...formed('g', {
      CO2: -393.5, CO: -110.5, HCN: 135.1, CH4: -74.6,
    }),
  ],
};
