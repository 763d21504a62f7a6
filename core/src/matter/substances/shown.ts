import type { Shown, Sight } from './types';

/** What is seen, in the words of the bench and by the codes of what it comes to. */
export const shown = (says: string, ...sights: readonly Sight[]): Shown => ({ says, sights });
