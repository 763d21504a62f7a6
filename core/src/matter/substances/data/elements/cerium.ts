import { half } from '../builders/couples';
import { solidsFrom } from '../builders/solids';
import { band, spectraFrom, spectrum } from '../builders/spectra';
import { hydroxo } from '../builders/steps';
import type { ElementData } from '../../types';

/** Cerium: what is known of it. */
export const cerium: ElementData = {
  ions: [
    { formula: 'Ce^3+', stock: 'cerium(III)' },
    { formula: 'Ce^4+', stock: 'cerium(IV)' },
  ],
  acidBase: [
    hydroxo('CeOH^3+', 'Ce^4+', 1, 0.3),
  ],
  solids: [
    { formula: 'Ce(OH)4', ions: { 'Ce^4+': 1, 'OH^-': 4 }, pKsp: 54, colour: 'pale yellow', texture: 'gelatinous', source: solidsFrom.estimated },
    { formula: 'Ce(OH)3', ions: { 'Ce^3+': 1, 'OH^-': 3 }, pKsp: 20.8, colour: 'white', texture: 'gelatinous', source: solidsFrom.lange },
    { formula: 'Ce2(C2O4)3·10H2O', ions: { 'Ce^3+': 2, 'C2O4^2-': 3 }, pKsp: 29, colour: 'white', texture: 'crystalline', source: solidsFrom.estimated },
    { formula: 'CeF3', ions: { 'Ce^3+': 1, 'F^-': 3 }, pKsp: 15.1, colour: 'white', texture: 'gelatinous', source: solidsFrom.lange },
    { formula: 'CePO4', ions: { 'Ce^3+': 1, 'PO4^3-': 1 }, pKsp: 27.15, colour: 'white', texture: 'fine', source: solidsFrom.lange },
  ],
  couples: [
    half('Ce^4+(aq) + e^- → Ce^3+(aq)', 1.743),
  ],
  spectra: [
    spectrum('Ce^4+', spectraFrom.lever, band(320, 5600, 6400)),
    spectrum('CeOH^3+', spectraFrom.lever, band(325, 5600, 6400)),
  ],
};
