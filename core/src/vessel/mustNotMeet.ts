import { clashes, heldIn } from '../safety/clashes';
import { scaleAmounts } from './amounts';
import type { Vessel } from './vessel';
import type { Warning } from './warnings';

/** What must never meet and is about to, by the rules that a plan is held against; what is dangerous only as a dry mixture is told there. */
export function mustNotMeet(vessel: Vessel, added: Vessel): Warning[] {
  if (vessel.volumeMl + added.volumeMl === 0) return [];
  const there = contentsOf(vessel);
  return contentsOf(added)
    .flatMap((one) => clashes(there, one))
    .filter(({ never, whenDry }) => never && !whenDry)
    .map(({ one, other, gives }) => ({
      code: 'neverMix',
      message: `Never: ${one} with ${other}: ${gives}.`,
    }));
}

const contentsOf = ({ put, volumeMl, phases }: Vessel) =>
  heldIn({
    put,
    volumeMl,
    species: volumeMl > 0 ? scaleAmounts(phases.solution, 1 / volumeMl) : {},
  });
