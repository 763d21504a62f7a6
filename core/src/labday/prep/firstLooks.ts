import { mixingOf } from '../../planning/procedure/mixing';
import type { VesselView } from '../../seeing/appearance/vesselView';
import type { Observation } from '../../seeing/observation/observation';
import type { ContainerKind } from '../../vessel/containers';
import type { LabDay } from '../day/labDay';
import { stationsOf, worksAsMade } from '../day/work';

/** What a two-solution test shows at its end, short enough for a line of a list. */
export interface FirstLook {
  readonly workId: string;
  readonly container: ContainerKind;
  readonly view?: VesselView;
  /** What a reader wants first; none where it is not predicted. */
  readonly main?: Observation;
}

/** The kinds of observation a reader wants first, in this order. */
const firstWanted: readonly Observation['kind'][] = ['precipitate', 'deposit', 'gas', 'noChange'];

/** The one observation a reader wants first: a solid, a gas, or the colour. */
export function mainObservation(observations: readonly Observation[]): Observation | undefined {
  const wanted = firstWanted.flatMap((kind) => observations.find((one) => one.kind === kind) ?? []);
  return wanted[0] ?? observations[0];
}

/** What each two-solution test of a day should show, with its solutions as they were made. */
export function firstLooks(day: Pick<LabDay, 'procedures' | 'weighings'>): FirstLook[] {
  return worksAsMade(day).flatMap((work): FirstLook[] => {
    const [step] = work.procedure.steps;
    const [station] = step && mixingOf(work.procedure) ? stationsOf(work, step) : [];
    if (!station) return [];
    const main = mainObservation(station.expected);
    return [
      {
        workId: work.id,
        container: station.container,
        ...(station.view && { view: station.view }),
        ...(main && { main }),
      },
    ];
  });
}
