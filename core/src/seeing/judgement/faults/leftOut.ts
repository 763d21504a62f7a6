import { instead, isWatery, nameOf, putting, puttings } from './fault';
import type { Fault } from './fault';

/** A reagent that never went in, or water in its place. */
export const leftOut: Fault = {
  name: 'left out',
  commonness: 0.9,
  slips: (plan) =>
    puttings(plan)
      .filter(({ portion }) => nameOf(portion) !== 'water')
      .map(({ at, vessel, portion }) => ({
        fault: `${nameOf(portion)} was left out, or water was used for it`,
        check: `Add ${nameOf(portion)} now, and see whether it then looks as expected.`,
        done: isWatery(portion)
          ? instead(plan, at, putting(vessel, { substance: 'water', volumeMl: portion.volumeMl }))
          : instead(plan, at),
      })),
};
