import { asRead } from '../readSource';
import { elements } from './elements';

export { waterIonisation } from './builders/steps';

/** Acids as base plus protons, hydrolysed cations as cation less protons. Every row is one acid–base step or a sum of steps. */
export const acidBaseSteps = asRead(
  'acidBaseSteps',
  elements.flatMap(({ acidBase = [] }) => acidBase),
  ({ formula }) => formula,
);
