import type { Ion } from '../types';
import { elements } from './elements';

/** Ions by formula, with their part of a name in each school (IUPAC Red Book 2005 for the systematic ones). */
export const ions: readonly Ion[] = elements.flatMap(({ ions: rows = [] }) => rows);
