import { findSubstance } from '../../../matter/substances/findSubstance';
import { isWater } from '../../../vessel/pour';
import type { Action } from '../../../vessel/action';
import type { AnyPortion } from '../../../vessel/portion';
import type { ObservationKind } from '../../observation/observation';
import type { Sight } from '../../observation/sights';

/** What looks like a chemical change and is none: what makes it possible, and which signs it takes away. */
export interface Circumstance {
  readonly name: CircumstanceName;
  /** Signs it makes without any new substance. */
  readonly explains: readonly ObservationKind[];
  readonly explainsSights?: readonly Sight[];
  readonly says: string;
}

/** The counter-cases of the trade (common practice). */
const circumstances = {
  dissolving: {
    explains: ['temperature'],
    says: 'dissolving warms or cools by itself, and the solid comes back when the water is driven off',
  },
  meltingOrFreezing: {
    explains: ['temperature'],
    explainsSights: ['melts', 'freezes'],
    says: 'melting and freezing change the state, not the substance',
  },
  boiling: {
    explains: ['gas', 'temperature', 'smell'],
    explainsSights: ['boils', 'drops of water form'],
    says: 'boiling bubbles and evaporating cools, and the same liquid condenses again; a warmed liquid gives up what gas it holds',
  },
  crystallising: {
    explains: ['precipitate', 'solid'],
    says: 'crystals of what was dissolved come back when the solution cools or its water is driven off',
  },
  heatedFromOutside: {
    explains: ['temperature'],
    explainsSights: ['glows'],
    says: 'it was heated or cooled from outside, so its warmth is no sign of its own, and what is hot enough glows',
  },
  colourWhileHot: {
    explains: ['solid'],
    says: 'some solids are of another colour only while they are hot',
  },
  subliming: {
    explains: ['gas', 'smell', 'colour'],
    explainsSights: ['turns to vapour'],
    says: 'a solid that turns to vapour and settles again is the same substance',
  },
  separating: {
    explains: ['solid', 'magnet'],
    says: 'what can be picked out again by a magnet, a sieve or a filter was only mixed',
  },
  diluting: { explains: [], says: 'the same substance in more water is only paler' },
  addingASolvent: {
    explains: ['precipitate', 'layer'],
    says: 'a solvent in which a substance dissolves badly makes it come out unchanged',
  },
  noNewSubstance: {
    explains: [],
    says: 'by what was done no new substance comes: only states and mixtures change',
  },
} as const satisfies Readonly<
  Record<
    string,
    {
      explains: readonly ObservationKind[];
      explainsSights?: readonly Sight[];
      says: string;
    }
  >
>;
export type CircumstanceName = keyof typeof circumstances;

/** A counter-case by its name. */
export function circumstance(name: CircumstanceName): Circumstance {
  return { name, ...circumstances[name] };
}

const holdsLiquid = (portion: AnyPortion): boolean => 'volumeMl' in portion;
const isSolid = (portion: AnyPortion): boolean => 'massG' in portion;
const isSolvent = (portion: AnyPortion): boolean =>
  'substance' in portion &&
  'volumeMl' in portion &&
  !('concentrationM' in portion) &&
  !isWater(portion.substance) &&
  findSubstance(portion.substance).substance.state === 'liquid';
const isWaterAlone = (portion: AnyPortion): boolean =>
  'substance' in portion && isWater(portion.substance);

/**
 * The counter-cases that a sequence of events makes possible, by what was done alone: for events that the engine cannot run.
 *
 * @param before what was done in the same vessel earlier: it tells whether there is a liquid in it.
 */
export function eventCircumstances(
  events: readonly Action[],
  before: readonly Action[] = [],
): Circumstance[] {
  const found = new Set<CircumstanceName>();
  const put = (list: readonly Action[]) =>
    list.flatMap((one) => (one.do === 'add' ? [one.portion] : []));
  const all = put([...before, ...events]);
  const isWet = all.some(holdsLiquid);
  const isDry = all.length > 0 && !isWet;
  for (const event of events) {
    if (event.do === 'add') {
      const { portion } = event;
      if ((isSolid(portion) && isWet) || (isWaterAlone(portion) && all.some(isSolid)))
        found.add('dissolving');
      if (isWaterAlone(portion)) found.add('diluting');
      if (isSolvent(portion)) found.add('addingASolvent');
    }
    if (event.do === 'dilute') found.add('diluting');
    if (event.do === 'heat') {
      found.add('heatedFromOutside').add('meltingOrFreezing');
      // Bubbles out of a heated solid are no boiling.
      if (!isDry) found.add('boiling');
      if (!isWet) found.add('colourWhileHot').add('subliming');
    }
    if (event.do === 'cool')
      found.add('heatedFromOutside').add('meltingOrFreezing').add('crystallising');
    if (event.do === 'evaporate')
      found.add('boiling').add('crystallising').add('heatedFromOutside');
    if (event.do === 'filter' || event.do === 'decant' || event.do === 'drawOut')
      found.add('separating');
  }
  return [...found].map(circumstance);
}
