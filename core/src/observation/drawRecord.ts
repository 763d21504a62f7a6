import { phraseHex } from '../appearance/colourWords';
import type { VesselView } from '../appearance/vesselView';
import type { Observation } from './observation';

/**
 * What a recorded vessel looks like, as far as it was recorded, in the same terms as a predicted one.
 *
 * @param fill how full to draw it, 0 to 1; the record does not say.
 * @returns undefined while nothing that can be drawn has been recorded.
 */
export function drawRecord(seen: readonly Observation[], fill: number): VesselView | undefined {
  if (seen.length === 0) return undefined;
  let colour: VesselView['colour'] = 'colourless';
  let clarity: VesselView['clarity'] = 'clear';
  let solid: VesselView['solid'];
  let bubbles = false;
  for (const one of seen) {
    if (one.kind === 'colour') colour = one.to ?? one.from ?? colour;
    else if (one.kind === 'clarity') clarity = one.to;
    else if (one.kind === 'gas') bubbles = true;
    else if (one.kind === 'precipitate') {
      const word = one.colour ?? 'white';
      solid = { hex: phraseHex(word), colour: word, amount: 0.5 };
    }
  }
  return { liquidHex: phraseHex(colour), colour, clarity, fill, ...(solid && { solid }), bubbles };
}
