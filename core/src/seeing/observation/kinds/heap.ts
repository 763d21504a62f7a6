import type { ColourPhrase } from '../../../matter/substances/types';
import { phraseHex } from '../../appearance/colourWords';
import type { VesselView } from '../../appearance/vesselView';

/** A heap of a colour on the bottom of a picture, 0 a trace to 1 a tube full. */
export function withHeap(
  view: VesselView,
  colour: ColourPhrase = 'white',
  amount = 0.5,
): VesselView {
  return { ...view, solid: { hex: phraseHex(colour), colour, amount } };
}
