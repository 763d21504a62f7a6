import { findSubstance } from '../matter/substances/findSubstance';
import { incompatibilityClasses, incompatibilityRules } from './incompatibility';

/** What a vessel holds, as far as it decides what may join it. */
export interface Contents {
  readonly put: readonly string[];
  readonly volumeMl: number;
  /** mol/L of each dissolved species. */
  readonly species: Readonly<Record<string, number>>;
}

/** Something that is held or about to be put in, and how strong it is, mol/L; as supplied when left out. */
export interface Held {
  readonly substance: string;
  readonly concentrationM?: number;
}

/** Two substances that should not meet, and why. */
export interface Clash {
  readonly one: string;
  readonly other: string;
  readonly gives: string;
  readonly never: boolean;
  /** As a dry mixture that is rubbed, heated or lit: only so, or above all. */
  readonly whenDry?: 'only' | 'above all';
  /** What the engine follows although it warns of it: a show for trained people. */
  readonly isShow?: true;
  /** A day that plans it is not run as it is planned. */
  readonly stopsADay: boolean;
}

/**
 * What a vessel holds, for the judgement of what may join it: everything that was put in, as strong as it is now. What has
 * reacted away is still counted, since nobody can see that it is gone.
 */
export function heldIn({ put, volumeMl, species }: Contents): Held[] {
  if (volumeMl === 0) return put.map((substance) => ({ substance }));
  const acidM = (species['H^+'] ?? 0) + (species['HSO4^-'] ?? 0);
  return [
    { substance: 'water' },
    ...put.map((substance): Held => {
      const { formula, ions } = findSubstance(substance).substance;
      const isStrong = 'H^+' in ions || 'HSO4^-' in ions;
      return { substance, concentrationM: isStrong ? acidM : (species[formula] ?? 0) };
    }),
  ];
}

/**
 * What comes of something joining what is there already, the gravest first; each outcome once.
 *
 * @throws ChemistryError for an unknown substance.
 */
export function clashes(there: readonly Held[], added: Held): readonly Clash[] {
  const own = new Set(incompatibilityClasses(added.substance, added.concentrationM));
  const found = there
    .filter(({ substance }) => substance !== added.substance)
    .flatMap(({ substance: other, concentrationM }) => {
      const theirs = new Set(incompatibilityClasses(other, concentrationM));
      return incompatibilityRules
        .filter(({ a, b }) => (own.has(a) && theirs.has(b)) || (own.has(b) && theirs.has(a)))
        .map(({ gives, never = false, whenDry, isShow, stopsADay = never }): Clash => ({
          one: added.substance,
          other,
          gives,
          never,
          ...(whenDry && { whenDry }),
          ...(isShow && { isShow }),
          stopsADay,
        }));
    });
  return found
    .filter((clash, at) => found.findIndex(({ gives }) => gives === clash.gives) === at)
    .sort((one, other) => Number(other.never) - Number(one.never));
}
