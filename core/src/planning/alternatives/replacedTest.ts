import { hazardProfile } from '../../safety/hazardProfile';
import type { HazardProfile } from '../../safety/hazardProfile';
import { wasteRoute } from '../../safety/wasteRoute';
import { hueOf } from '../../seeing/appearance/colourWords';
import type { Observation } from '../../seeing/observation/observation';
import { runRack } from '../../seeing/rack/rack';
import { trial } from './trialPortion';
import type { Wanted, WantedEffect } from './wantedEffect';

/** The test that something safer is looked for. */
export interface ReplacedTest {
  readonly profile: HazardProfile;
  readonly trouble: number;
  /** What it shows, by kind. */
  readonly seen: readonly Observation[];
}

export function replacedBy(pair: NonNullable<Wanted['insteadOf']>): ReplacedTest {
  const { steps } = runRack({
    vessels: [{ name: 'tube', container: 'testTube' }],
    events: pair.map((one) => ({
      vessel: 'tube',
      action: { do: 'add' as const, portion: { ...one, volumeMl: trial.volumeMl } },
    })),
  });
  return {
    profile: hazardProfile(pair),
    trouble: wasteRoute(pair.map(({ substance }) => substance)).trouble,
    seen: steps.at(-1)?.told.observations ?? [],
  };
}

/** What a class would miss: the colour, where it is another. */
export function lostBy(is: string | undefined, was: string | undefined): string[] {
  return was !== undefined && is !== undefined && was !== is ? [`${is} instead of ${was}`] : [];
}

/** How near a colour is to the one that is replaced: of the same hue, another colour, or none. */
export function colourNearness(is: string | undefined, was: string | undefined): number {
  if (was === undefined || hueOf(is) === hueOf(was)) return 0;
  return ['white', 'colourless', ''].includes(hueOf(is)) ? 2 : 1;
}

export const mainColour = (all: readonly Observation[]): string | undefined =>
  all
    .flatMap((one) => (one.kind === 'precipitate' ? [one.colour] : []))
    .find((one) => one !== undefined) ??
  all.flatMap((one) => (one.kind === 'colour' ? [one.to] : []))[0];

/** What a test shows first: a solid, a gas, a solid that goes, else its colour. */
export function effectOf(
  effect: Wanted['effect'],
  replaced: ReplacedTest | undefined,
): WantedEffect['effect'] {
  if (effect !== 'same') return effect;
  const kinds = (replaced?.seen ?? []).map(({ kind }) => kind);
  if (kinds.includes('precipitate')) return 'precipitate';
  if (kinds.includes('gas')) return 'gas';
  return kinds.includes('dissolves') ? 'dissolving' : 'colour';
}
