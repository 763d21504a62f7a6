import { ChemistryError } from '@stoichos/core/common';

/** What came of some work, or why it cannot be done, in words. */
export type Attempt<T> = T | { readonly problem: string };

/** Does some work of the core; what it refuses comes back as words. */
export function attempt<T>(work: () => T): Attempt<T> {
  try {
    return work();
  } catch (error) {
    if (!(error instanceof ChemistryError)) throw error;
    return { problem: `${error.message} ${error.remedy}` };
  }
}

/** A typed number that has to be above 0. @throws ChemistryError `outOfRange` naming what it is of. */
export function aboveZero(value: number | '', what: string): number {
  if (value === '' || !(value > 0))
    throw ChemistryError.of('outOfRange', what, value === '' ? 'empty' : String(value), 'above 0');
  return value;
}
