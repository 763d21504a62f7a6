import { solidsFrom } from '../builders/solids';
import { acid, stepsFrom } from '../builders/steps';
import type { ElementData } from '../../types';

/** Molybdenum: what is known of it. */
export const molybdenum: ElementData = {
  ions: [
    { formula: 'MoO4^2-', stock: 'molybdate', oxo: 'tetraoxomolybdate(VI)' },
  ],
  acidBase: [
    acid('HMoO4^-', 'MoO4^2-', 1, 4.3, undefined, stepsFrom.smith),
    acid('H2MoO4', 'MoO4^2-', 2, 8.16, -26, stepsFrom.smith),
    { formula: 'Mo7O24^6-', from: { 'MoO4^2-': 7, 'H^+': 8 }, logBeta: 52.99, enthalpyKJPerMol: -228, source: stepsFrom.smith },
    { formula: 'HMo7O24^5-', from: { 'MoO4^2-': 7, 'H^+': 9 }, logBeta: 59.38, enthalpyKJPerMol: -218, source: stepsFrom.smith },
    { formula: 'H2Mo7O24^4-', from: { 'MoO4^2-': 7, 'H^+': 10 }, logBeta: 64.16, enthalpyKJPerMol: -215, source: stepsFrom.smith },
  ],
  solids: [
    { formula: '(NH4)3PMo12O40', ions: { 'NH4^+': 3, 'PO4^3-': 1, 'MoO4^2-': 12, 'H^+': 24 }, pKsp: 150, colour: 'yellow', texture: 'fine', source: solidsFrom.placed },
  ],
};
