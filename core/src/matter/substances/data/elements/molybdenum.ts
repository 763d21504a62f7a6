import { solidsFrom } from '../builders/solids';
import { acid, stepsFrom } from '../builders/steps';
import type { ElementData } from '../../types';

/** Molybdenum and tungsten: what is known of them. */
export const molybdenum: ElementData = {
  ions: [
    { formula: 'WO4^2-', stock: 'tungstate', oxo: 'tetraoxotungstate(VI)' },
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
    { formula: 'H2WO4', ions: { 'WO4^2-': 1, 'H^+': 2 }, pKsp: 14.05, colour: 'white', texture: 'gelatinous', source: solidsFrom.lange },
    { formula: 'CaWO4', ions: { 'Ca^2+': 1, 'WO4^2-': 1 }, pKsp: 8.06, colour: 'white', texture: 'fine', source: solidsFrom.lange },
    { formula: 'BaWO4', ions: { 'Ba^2+': 1, 'WO4^2-': 1 }, pKsp: 8.35, colour: 'white', texture: 'fine', source: solidsFrom.lange },
    { formula: 'PbWO4', ions: { 'Pb^2+': 1, 'WO4^2-': 1 }, pKsp: 6.35, colour: 'white', texture: 'fine', source: solidsFrom.lange },
    { formula: 'Ag2WO4', ions: { 'Ag^+': 2, 'WO4^2-': 1 }, pKsp: 11.26, colour: 'pale yellow', texture: 'fine', source: solidsFrom.lange },
    { formula: '(NH4)3PMo12O40', ions: { 'NH4^+': 3, 'PO4^3-': 1, 'MoO4^2-': 12, 'H^+': 24 }, pKsp: 150, colour: 'yellow', texture: 'fine', source: solidsFrom.placed },
  ],
};
