import { shown } from '../../shown';
import { half } from '../builders/couples';
import { formed } from '../builders/formation';
import { decomposes, together } from '../builders/heated';
import { heats, solidsFrom } from '../builders/solids';
import { band, spectraFrom, spectrum } from '../builders/spectra';
import { acid, stepsFrom } from '../builders/steps';
import type { ElementData } from '../../types';

/** Organic acids, dyes and other organic substances in water: what is known of it. */
export const organic: ElementData = {
  ions: [
    { formula: 'CH3COO^-', stock: 'acetate', oxo: 'ethanoate' },
    { formula: 'HCOO^-', stock: 'formate', oxo: 'methanoate' },
    { formula: 'C6H5COO^-', stock: 'benzoate' },
    { formula: 'C6H5O^-', stock: 'phenolate', common: 'phenoxide' },
    { formula: 'C4H4O6^2-', stock: 'tartrate', oxo: '2,3-dihydroxybutanedioate' },
    { formula: 'HC4H4O6^-', stock: 'hydrogentartrate', common: 'bitartrate' },
    { formula: 'C6H5O7^3-', stock: 'citrate', oxo: '2-hydroxypropane-1,2,3-tricarboxylate' },
    { formula: 'C6H7O6^-', stock: 'ascorbate' },
    { formula: 'C7H4O3^2-', stock: 'salicylate(2−)', oxo: '2-oxidobenzoate' },
    { formula: 'C7H5O3^-', stock: 'salicylate', oxo: '2-hydroxybenzoate' },
    { formula: 'C8H4O4^2-', stock: 'phthalate', oxo: 'benzene-1,2-dicarboxylate' },
    { formula: 'HC8H4O4^-', stock: 'hydrogenphthalate', oxo: 'hydrogen benzene-1,2-dicarboxylate' },
    { formula: 'C6H11O7^-', stock: 'gluconate', oxo: '2,3,4,5,6-pentahydroxyhexanoate' },
    { formula: 'C16H18N3S^+', stock: 'methylene blue cation' },
    { formula: 'C16H8N2O8S2^2-', stock: 'indigodisulfonate' },
    { formula: 'C16H8N2O8S2^3-', stock: 'indigodisulfonate radical' },
    { formula: 'C16H10N2O8S2^2-', stock: 'leucoindigodisulfonate' },
    { formula: 'C17H35COO^-', stock: 'stearate', oxo: 'octadecanoate' },
    { formula: 'C10H12N2O8^4-', stock: 'ethylenediaminetetraacetate', common: 'edetate' },
    { formula: 'H2C10H12N2O8^2-', stock: 'dihydrogenethylenediaminetetraacetate', common: 'dihydrogenedetate' },
    { formula: 'C4H7N2O2^-', stock: 'hydrogenbutanedione dioximate', common: 'dimethylglyoximate' },
  ],
  acidBase: [
    acid('CH3COOH', 'CH3COO^-', 1, 4.756, 0.41),
    acid('HCOOH', 'HCOO^-', 1, 3.75, 0.2),
    acid('C6H5COOH', 'C6H5COO^-', 1, 4.2, -0.6),
    acid('C6H5OH', 'C6H5O^-', 1, 9.99, -23.6),
    acid('C17H35COOH', 'C17H35COO^-', 1, 4.95),
    acid('HC8H4O4^-', 'C8H4O4^2-', 1, 5.41),
    acid('H2C8H4O4', 'C8H4O4^2-', 2, 8.36),
    acid('C7H5O3^-', 'C7H4O3^2-', 1, 13.4, undefined, stepsFrom.smith),
    acid('C7H6O3', 'C7H4O3^2-', 2, 16.8, undefined, stepsFrom.smith),
    acid('C2H9N2^+', 'C2H8N2', 1, 9.93, undefined, stepsFrom.smith),
    acid('C2H10N2^2+', 'C2H8N2', 2, 16.78, undefined, stepsFrom.smith),
    acid('C6H12O7', 'C6H11O7^-', 1, 3.86),
    acid('HC6H7O6', 'C6H7O6^-', 1, 4.17),
    acid('C4H8N2O2', 'C4H7N2O2^-', 1, 10.66, undefined, stepsFrom.smith),
    acid('HC4H4O6^-', 'C4H4O6^2-', 1, 4.37, -4.2),
    acid('H2C4H4O6', 'C4H4O6^2-', 2, 7.4, -4),
    acid('HC6H5O7^2-', 'C6H5O7^3-', 1, 6.4, 3.3),
    acid('H2C6H5O7^-', 'C6H5O7^3-', 2, 11.16, 0.8),
    acid('H3C6H5O7', 'C6H5O7^3-', 3, 14.29, -3.4),
    { formula: 'C16H7N2O8S2^3-', from: { 'C16H8N2O8S2^2-': 1, 'H^+': -1 }, logBeta: -13, source: stepsFrom.dye },
    acid('HC10H12N2O8^3-', 'C10H12N2O8^4-', 1, 10.95, -23, stepsFrom.smith),
    acid('H2C10H12N2O8^2-', 'C10H12N2O8^4-', 2, 17.22, -41, stepsFrom.smith),
    acid('H3C10H12N2O8^-', 'C10H12N2O8^4-', 3, 20.34, -35, stepsFrom.smith),
    acid('H4C10H12N2O8', 'C10H12N2O8^4-', 4, 22.5, -34.3, stepsFrom.smith),
  ],
  solids: [
    { formula: 'C17H35COOH', ions: { 'H^+': 1, 'C17H35COO^-': 1 }, pKsp: 12, colour: 'white', texture: 'flocculent', source: solidsFrom.estimated },
    { formula: 'C7H6O3', ions: { 'C7H4O3^2-': 1, 'H^+': 2 }, pKsp: 18.7, colour: 'white', texture: 'crystalline', source: solidsFrom.crc },
    { formula: 'C6H5COOH', ions: { 'H^+': 1, 'C6H5COO^-': 1 }, pKsp: 5.75, colour: 'white', texture: 'crystalline', ...heats(20), source: solidsFrom.crc },
  ],
  couples: [
    half('CO2(g) + 2H^+(aq) + 2e^- → HCOOH(aq)', -0.199),
  ],
  spectra: [
    spectrum('C16H18N3S^+', spectraFrom.dyes, band(664, 82000, 1600), band(604, 51700, 3450)),
    spectrum('C16H8N2O8S2^2-', spectraFrom.dyes, band(610, 20000, 2500)),
    spectrum('C16H7N2O8S2^3-', spectraFrom.dyes, band(425, 12500, 3600)),
    spectrum('C16H8N2O8S2^3-', spectraFrom.dyes, band(515, 6000, 2800), band(430, 4000, 4500)),
    spectrum('C16H10N2O8S2^2-', spectraFrom.dyes, band(405, 8000, 3600)),
  ],
  heated: [
    { ...decomposes('C12H22O11(s) → 12 C(s) + 11 H2O(g)', 250, shown('melts near 186 °C, browns to caramel, swells, chars and smokes', 'melts', 'browns or chars')), caution: 'Stop at brown: charred sugar does not come out of the tube.' },
    { ...decomposes('C6H12O6(s) → 6 C(s) + 6 H2O(g)', 250, shown('melts near 150 °C, browns, swells and chars', 'melts', 'browns or chars')), caution: 'Stop at brown: charred sugar does not come out of the tube.' },
    { ...together('C16H34(l) → C8H18(l) + 4 C2H4(g)', 450, shown('the vapour is cracked on the hot catalyst', 'turns to vapour')), catalyst: ['Al2O3', 'SiO2'], caution: 'Lift the delivery tube out before the flame goes, or water sucks back onto hot glass.' },
  ],
  formation: [
    ...formed('aq', {
      'HCOO^-': -425.6, 'CH3COO^-': -486, CH3COOH: -485.8, HCOOH: -425.4, C2H5OH: -288.3, C6H12O6: -1262.2, C12H22O11: -2215.9,
    }),
    ...formed('s', {
      C6H12O6: -1273.3, C12H22O11: -2226.1, C6H5COOH: -385.2, H3C6H5O7: -1543.8,
    }),
    ...formed('g', {
      C2H6: -84, C2H4: 52.4, C2H2: 227.4, C3H8: -103.8, C3H6: 20, C4H10: -125.7,
    }),
    ...formed('l', {
      CH3COOH: -484.3, HCOOH: -425, C2H5OH: -277.6, C3H6O: -248.4, C3H8O3: -669.6, C6H12: -156.4, C6H14: -198.7, C8H18: -250.1, C16H34: -456.1,
    }),
  ],
};
