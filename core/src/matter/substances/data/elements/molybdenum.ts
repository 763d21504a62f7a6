import { acid, stepsFrom } from '../builders/steps';
import type { ElementData } from '../../types';

/** Molybdenum: what is known of it. */
export const molybdenum: ElementData = {
  ions: [
    { formula: 'MoO4^2-', stock: 'molybdate', oxo: 'tetraoxomolybdate(VI)' },
  ],
  acidBase: [
    acid('HMoO4^-', 'MoO4^2-', 1, 4.3, undefined, stepsFrom.smith),
  ],
};
