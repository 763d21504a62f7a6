import { ChemistryError } from './errors';

/** What came of some work, or why it cannot be done, in words. */
export type Attempt<T> = T | { readonly problem: string };

/** Does some work; what it refuses comes back as words with what to do. A fault of the program is thrown on. */
export function attempt<T>(work: () => T): Attempt<T> {
  try {
    return work();
  } catch (error) {
    if (!(error instanceof ChemistryError)) throw error;
    return { problem: `${error.message} ${error.remedy}` };
  }
}
