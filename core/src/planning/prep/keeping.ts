import { findSubstance } from '../../matter/substances/findSubstance';
import { freshDrops, keeping, keepsWell } from '../../matter/substances/data/keeping';
import type { Keeping } from '../../matter/substances/types';
import { dropNames } from '../../vessel/pour';

/** How long a solution keeps. */
export type HowItKeeps = Pick<Keeping, 'fresh' | 'words' | 'source'>;

/**
 * How long a solution of a shelf substance keeps, or drops of an indicator; what spoils first decides.
 *
 * @throws ChemistryError for an unknown substance.
 */
export function howItKeeps(substance: string): HowItKeeps {
  const drops = freshDrops[substance];
  if (drops !== undefined) return { fresh: true, words: drops, source: keepsWell.source };
  if (dropNames.includes(substance)) return keepsWell;
  const { formula, ions } = findSubstance(substance).substance;
  return keeping.find(({ of }) => of === formula || of in ions) ?? keepsWell;
}

/** Where it is from how long solutions keep. */
export const keepingSource = keepsWell.source;
