import * as z from 'zod';
import { ChemistryError } from './errors';

/** A number as it is typed: nothing yet, or a number. */
export const typedNumber = z.union([z.number(), z.literal('')]);
export type TypedNumber = z.infer<typeof typedNumber>;

/** A typed number that has to be above 0. @throws ChemistryError `outOfRange` naming what it is of. */
export function aboveZero(value: TypedNumber, what: string): number {
  if (value === '' || !(value > 0))
    throw ChemistryError.of('outOfRange', what, value === '' ? 'empty' : String(value), 'above 0');
  return value;
}
