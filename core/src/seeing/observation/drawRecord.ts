import { phraseHex } from '../appearance/colourWords';
import type { VesselView } from '../appearance/vesselView';
import type { Observation } from './observation';

/** How high a recorded solid is drawn: the record says no more than a word. */
const drawnAmount = { 'a trace': 0.05, some: 0.5, much: 1 } as const;

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
  let layer: VesselView['layer'];
  let bubbles = false;
  for (const one of seen) {
    if (one.kind === 'colour') colour = one.to ?? one.from ?? colour;
    else if (one.kind === 'clarity') clarity = one.to;
    else if (one.kind === 'gas') bubbles = true;
    else if (one.kind === 'precipitate' || one.kind === 'deposit' || one.kind === 'solid') {
      const word = one.colour ?? 'white';
      const amount = one.kind === 'precipitate' ? drawnAmount[one.amount ?? 'some'] : 0.5;
      solid = { hex: phraseHex(word), colour: word, amount };
    } else if (one.kind === 'layer') {
      const word = one.colour ?? 'colourless';
      const position = one.position ?? 'above';
      layer = { formula: '', hex: phraseHex(word), colour: word, position, share: 0.4 };
    }
  }
  return {
    liquidHex: phraseHex(colour),
    colour,
    clarity,
    fill,
    ...(solid && { solid }),
    ...(layer && { layer }),
    bubbles,
  };
}
