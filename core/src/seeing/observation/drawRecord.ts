import { phraseHex } from '../appearance/colourWords';
import type { VesselView } from '../appearance/vesselView';
import { meaningOf } from './observation';
import type { Observation } from './observation';

/**
 * What a recorded vessel looks like, as far as it was recorded, in the same terms as a predicted one.
 *
 * @param fill how full to draw it, 0 to 1; the record does not say.
 * @returns undefined while nothing that can be drawn has been recorded.
 */
export function drawRecord(seen: readonly Observation[], fill: number): VesselView | undefined {
  const plain: VesselView = {
    liquidHex: phraseHex('colourless'),
    colour: 'colourless',
    clarity: 'clear',
    fill,
    bubbles: false,
  };
  return seen.length === 0
    ? undefined
    : seen.reduce((view, one) => meaningOf(one).draw?.(one, view) ?? view, plain);
}
