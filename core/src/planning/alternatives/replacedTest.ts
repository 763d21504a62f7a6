import { hazardProfile } from '../../safety/hazardProfile';
import type { HazardProfile } from '../../safety/hazardProfile';
import { wasteRoute } from '../../safety/wasteRoute';
import { hueOf } from '../../seeing/appearance/colourWords';
import { shownBy } from '../../seeing/observation/observation';
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

/** The colour one looks at: that of the solid that came, else that which the liquid turned. */
export function mainColour(all: readonly Observation[]): string | undefined {
  const shown = all.flatMap((one) => shownBy(one) ?? []);
  const looked = (['precipitate', 'colour'] as const).flatMap((effect) =>
    shown.filter((one) => one.effect === effect && one.colour !== undefined),
  );
  return looked[0]?.colour;
}

/** What a test shows first: a solid, a gas, a solid that goes, else its colour. */
export function effectOf(
  effect: Wanted['effect'],
  replaced: ReplacedTest | undefined,
): WantedEffect['effect'] {
  if (effect !== 'same') return effect;
  const shown = (replaced?.seen ?? []).map((one) => shownBy(one)?.effect);
  return (
    (['precipitate', 'gas', 'dissolving'] as const).find((one) => shown.includes(one)) ?? 'colour'
  );
}
