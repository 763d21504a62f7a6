import { shown } from '../../shown';
import { couplesFrom, half } from '../builders/couples';
import { formed } from '../builders/formation';
import { decomposes } from '../builders/heated';
import { band, spectraFrom, spectrum } from '../builders/spectra';
import { acid, stepsFrom } from '../builders/steps';
import type { ElementData } from '../../types';

/** Nitrogen, ammonium and the acids of nitrogen: what is known of it. */
export const nitrogen: ElementData = {
  ions: [
    { formula: 'NH4^+', stock: 'ammonium' },
    { formula: 'NO3^-', stock: 'nitrate', oxo: 'trioxonitrate(V)' },
    { formula: 'NO2^-', stock: 'nitrite', oxo: 'dioxonitrate(III)' },
    { formula: 'N3^-', stock: 'azide' },
  ],
  acidBase: [
    acid('HN3', 'N3^-', 1, 4.7, -15),
    acid('HNO2', 'NO2^-', 1, 3.22, -14.7),
    { formula: 'NH3', from: { 'NH4^+': 1, 'H^+': -1 }, logBeta: -9.25, enthalpyKJPerMol: 52.2, source: stepsFrom.crc },
  ],
  couples: [
    half('NO3^-(aq) + 2H^+(aq) + e^- → NO2(g) + H2O(l)', 0.79, couplesFrom.bard),
    half('NO3^-(aq) + 4H^+(aq) + 3e^- → NO(g) + 2H2O(l)', 0.957),
    half('NO3^-(aq) + 3H^+(aq) + 2e^- → HNO2(aq) + H2O(l)', 0.917),
    half('2NO3^-(aq) + 10H^+(aq) + 8e^- → N2O(g) + 5H2O(l)', 1.116, couplesFrom.bard),
    half('NO3^-(aq) + 10H^+(aq) + 8e^- → NH4^+(aq) + 3H2O(l)', 0.88, couplesFrom.bard),
    half('HNO2(aq) + H^+(aq) + e^- → NO(g) + H2O(l)', 0.983),
    half('2HNO2(aq) + 6H^+(aq) + 6e^- → N2(g) + 4H2O(l)', 1.464, couplesFrom.bard),
    half('NO2(g) + H^+(aq) + e^- → HNO2(aq)', 1.065),
    half('N2(g) + 8H^+(aq) + 6e^- → 2NH4^+(aq)', 0.275, couplesFrom.bard),
    half('3N2(g) + 2H^+(aq) + 2e^- → 2HN3(aq)', -3.09),
  ],
  spectra: [
    spectrum('NO2^-', spectraFrom.halogens, band(355, 23, 5200)),
    spectrum('HNO2', spectraFrom.halogens, band(372, 46, 5000)),
  ],
  heated: [
    decomposes('NH4HCO3(s) → NH3(g) + CO2(g) + H2O(g)', 60, shown('goes away without a rest')),
    decomposes('(NH4)2CO3(s) → 2 NH3(g) + CO2(g) + H2O(g)', 58, shown('goes away without a rest')),
    { ...decomposes('NH4NO3(s) → N2O(g) + 2 H2O(g)', 210, shown('melts at 170 °C, then bubbles', 'melts')), caution: 'Ammonium nitrate can explode when heated strongly, shut in or dirty: a small amount, gently, behind a screen, or not at all.' },
  ],
  formation: [
    ...formed('aq', {
      'NH4^+': -132.5, 'NO3^-': -207.4, 'NO2^-': -104.6, 'N3^-': 275.1, NH3: -81.3, HNO2: -119.2,
    }),
    ...formed('s', {
      NH4Cl: -314.4, NH4Br: -270.8, NH4I: -201.4, '(NH4)2SO4': -1180.9, NH4NO3: -365.6, NH4CH3COO: -616.1, NH4SCN: -78.7, NH4HCO3: -849.4,
    }),
    ...formed('g', {
      N2: 0, NO: 91.3, NO2: 33.2, N2O: 81.6, NH3: -45.9,
    }),
    ...formed('l', {
      HNO3: -174.1,
    }),
  ],
};
