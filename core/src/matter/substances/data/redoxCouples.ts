import { asRead } from '../readSource';
import { elements } from './elements';

/** Half-equations written as reductions, with their standard potentials. */
export const redoxCouples = asRead(
  'redoxCouples',
  elements.flatMap(({ couples = [] }) => couples),
  ({ half }) => half,
);
