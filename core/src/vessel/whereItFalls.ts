import { react } from './eventResult';
import type { EventResult } from './eventResult';
import { noPhases, pourTogether } from './vessel';
import type { Vessel } from './vessel';
import { scaleAmounts } from './amounts';

/**
 * What goes on where a liquid falls into another, before they are mixed, or after its first drops: a millilitre of what it falls
 * into and so much of the poured liquid, brought to rest together. What lies on the bottom takes no part.
 *
 * @param into the vessel as it was, with liquid in it.
 * @param poured the liquid that is poured, as it was.
 * @param pouredMl of the poured liquid to a millilitre of the other, mL.
 */
export function whereItFalls(into: Vessel, poured: Vessel, pouredMl: number): EventResult {
  const one = someOf(into, 1);
  return react(one, pourTogether(one, someOf(poured, pouredMl)));
}

function someOf(vessel: Vessel, volumeMl: number): Vessel {
  const share = volumeMl / vessel.volumeMl;
  return {
    ...vessel,
    volumeMl,
    phases: { ...noPhases, solution: scaleAmounts(vessel.phases.solution, share) },
    indicators: scaleAmounts(vessel.indicators, share),
  };
}
