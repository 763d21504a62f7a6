import { asRead } from '../readSource';
import { elements } from './elements';

/** Solids that settle from solution, with the product that decides it and what they look like. */
export const sparinglySoluble = asRead(
  'sparinglySoluble',
  elements.flatMap(({ solids = [] }) => solids),
  ({ formula }) => formula,
);
