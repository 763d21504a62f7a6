import { containers } from '../../vessel/containers';
import type { Vessel } from '../../vessel/vessel';
import type { After, Stress } from './stress';
import type { Mixture } from './mixture';
import type { Stretch } from './sweep';

/** Share of the brim to which a beaker is filled that is still stirred and carried (common practice). */
export const fillsTo = 0.8;

/** What still goes into a vessel, mL. */
export const roomIn = ({ container, volumeMl }: Vessel): number =>
  fillsTo * containers[container].brimMl - volumeMl;

/** A path on trial. */
export interface Path {
  readonly mixture: Mixture;
  readonly moves: readonly Move[];
  readonly cost: number;
}

/** A stress made ready for many trials. */
export interface Tool {
  readonly stress: Stress;
  readonly after: After;
}

/** An amount of a stress on the way to the next colour. */
export interface Move {
  readonly tool: Tool;
  readonly amount: number;
  readonly stretch: Stretch;
  readonly poursAway: number;
}
