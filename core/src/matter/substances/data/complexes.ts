import { asRead } from '../readSource';
import { elements } from './elements';

/** Complexes formed from a metal ion and ligands. */
export const complexes = asRead(
  'complexes',
  elements.flatMap(({ complexes: rows = [] }) => rows),
  ({ formula }) => formula,
);
