import { handbook } from '../source';
import type { ColourPhrase } from '../types';

/** How an outcome looks in the tube: colour of the liquid, and what stands in it. */
export interface OutcomeLook {
  readonly liquid?: ColourPhrase;
  readonly solid?: ColourPhrase;
  /** Metal on the glass. */
  readonly mirror?: ColourPhrase;
  readonly layer?: ColourPhrase;
  readonly bubbles?: boolean;
  readonly cloudy?: boolean;
}

export const organicLooksSource = handbook('Vogel’s Textbook of Practical Organic Chemistry', 'colours of class tests');

/** How each outcome of an organic test looks, by test and outcome; tests read on paper or in a flame have no tube. */
export const organicLooks: Readonly<Record<string, Readonly<Record<string, OutcomeLook>>>> = {
  water: { soluble: { liquid: 'colourless' }, insoluble: { liquid: 'colourless', layer: 'colourless' } },
  base: { soluble: { liquid: 'colourless' }, insoluble: { liquid: 'colourless', layer: 'colourless' } },
  acid: { soluble: { liquid: 'colourless' }, insoluble: { liquid: 'colourless', layer: 'colourless' } },
  sulfuric: { soluble: { liquid: 'pale yellow' }, insoluble: { liquid: 'colourless', layer: 'colourless' } },
  bicarbonate: { positive: { liquid: 'colourless', bubbles: true }, negative: { liquid: 'colourless' } },
  cericNitrate: { positive: { liquid: 'deep red' }, negative: { liquid: 'yellow' } },
  chromicAcid: { positive: { liquid: 'blue-green' }, negative: { liquid: 'orange' } },
  lucas: { 'at once': { liquid: 'colourless', layer: 'colourless', cloudy: true }, 'within minutes': { liquid: 'colourless', cloudy: true }, 'no cloud': { liquid: 'colourless' } },
  dnp: { positive: { liquid: 'yellow', solid: 'orange' }, negative: { liquid: 'yellow' } },
  iodoform: { positive: { liquid: 'colourless', solid: 'pale yellow' }, negative: { liquid: 'pale yellow' } },
  silverMirror: { positive: { liquid: 'grey', mirror: 'grey' }, negative: { liquid: 'colourless' } },
  silverMirrorCold: { positive: { liquid: 'grey', mirror: 'grey' }, negative: { liquid: 'colourless' } },
  fehling: { positive: { liquid: 'pale blue', solid: 'red-brown' }, negative: { liquid: 'deep blue' } },
  schiff: { positive: { liquid: 'deep violet' }, negative: { liquid: 'colourless' } },
  bromineWater: { positive: { liquid: 'colourless' }, negative: { liquid: 'orange' } },
  permanganate: { positive: { liquid: 'pale brown', solid: 'brown' }, negative: { liquid: 'deep violet' } },
  ferricChloride: { positive: { liquid: 'deep violet' }, negative: { liquid: 'yellow' } },
  hydroxamate: { positive: { liquid: 'deep red' }, negative: { liquid: 'yellow' } },
  azoDye: { positive: { liquid: 'orange', solid: 'red' }, negative: { liquid: 'yellow' } },
  silverNitrateEthanol: { positive: { liquid: 'colourless', solid: 'white' }, negative: { liquid: 'colourless' } },
  iodideInPropanone: { positive: { liquid: 'pale yellow', solid: 'white' }, negative: { liquid: 'pale yellow' } },
  ironHydroxide: { positive: { liquid: 'colourless', solid: 'red-brown' }, negative: { liquid: 'colourless', solid: 'green' } },
  molisch: { positive: { liquid: 'violet' }, negative: { liquid: 'colourless' } },
};
