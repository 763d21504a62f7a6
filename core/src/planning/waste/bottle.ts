import { parseFormula } from '../../matter/formula/parseFormula';
import { molarMassOf } from '../../matter/formula/molarMass';
import { rackRunner } from '../../seeing/rack/rack';
import type { Rack } from '../../seeing/rack/rackShape';
import type { ToldStep } from '../../seeing/rack/mix';
import type { Action } from '../../vessel/action';

/** A bottle of waste that more can be put into, to see what would become of it. */
export interface WasteBottle {
  readonly now: ToldStep;
  /** What it would be after something more is added. */
  readonly tried: (...more: readonly Action[]) => ToldStep;
}

/** The name of the vessel that stands for a bottle. */
export const bottleVessel = 'waste bottle';

/** The same bottle after something was added to it. */
export function withAdded(bottle: WasteBottle, action: Action): WasteBottle {
  return { now: bottle.tried(action), tried: (...more) => bottle.tried(action, ...more) };
}

/** A bottle into which vessels of a rack have been emptied; what was calculated once is not calculated again. */
export function wasteBottle(rack: Rack): WasteBottle {
  const run = rackRunner();
  const stands = (events: Rack['events']): ToldStep => {
    const told = run({ ...rack, events }).now[bottleVessel];
    if (!told) throw new Error('A rack of waste has no bottle.');
    return told;
  };
  return {
    now: stands(rack.events),
    tried: (...more) =>
      stands([...rack.events, ...more.map((action) => ({ vessel: bottleVessel, action }))]),
  };
}

/** How much of an element is dissolved, mg/L, in whatever form. */
export function dissolvedMgPerL(element: string, { state }: Pick<ToldStep, 'state'>): number {
  return Object.entries(state.species).reduce((sum, [species, concentrationM]) => {
    const count = parseFormula(species).elements[element] ?? 0;
    return sum + count * concentrationM * molarMassOf(element) * 1000;
  }, 0);
}
