import * as z from 'zod';
import {
  colourWords,
  hexDistance,
  nearestPhrase,
  phraseDistance,
  readPhrase,
} from '../../seeing/appearance/colourWords';
import { colourlessHex } from '../../seeing/appearance/spectrumColour';
import type { VesselView } from '../../seeing/appearance/vesselView';
import type { ColourPhrase, ColourWord } from '../../matter/substances/types';

/** A colour that is wanted, of a clear liquid unless it is to be cloudy. */
export const targetSchema = z.object({
  colour: z.enum(colourWords as [ColourWord, ...ColourWord[]]),
  cloudy: z.boolean().default(false),
});
export type Target = z.infer<typeof targetSchema>;

/** What the eye gets of a vessel, in the words of a target. */
export interface Sight {
  readonly colour: ColourPhrase;
  readonly hex: string;
  readonly cloudy: boolean;
  /** Hardly to be told from clear water: a breath of colour, a slight haze. */
  readonly faint: boolean;
}

/** A liquid nearer than this to colourless in OKLab is faint from a few steps away (common practice). */
const faintBelow = 0.035;

/** A cloud of less than this, as a share of a tube full of sludge, is faint: 150 mg/L (common practice). */
const faintSolid = 0.015;

/** How a vessel looks: a clear liquid by its own colour, a cloudy one by the colour of what is stirred up in it. */
export function sightOf({ clarity, colour, liquidHex, suspensionHex, solid }: VesselView): Sight {
  if (clarity === 'clear' || suspensionHex === undefined)
    return {
      colour,
      hex: liquidHex,
      cloudy: clarity !== 'clear',
      faint: colour !== 'colourless' && hexDistance(liquidHex, colourlessHex) < faintBelow,
    };
  return {
    colour: nearestPhrase(suspensionHex),
    hex: suspensionHex,
    cloudy: true,
    faint: (solid?.amount ?? 0) < faintSolid,
  };
}

/** Whether a sight is what was aimed at for, pale or deep as it may be, but not faint. */
export function fulfils(sight: Sight, target: Target): boolean {
  return isOf(sight, target) && !sight.faint;
}

/** Whether a sight has the colour and the clarity of a target, however faintly. */
export function isOf({ colour, cloudy }: Sight, target: Target): boolean {
  return readPhrase(colour).word === target.colour && cloudy === target.cloudy;
}

/** Cloudy instead of clear is as wrong as one hue for another. */
const wrongClarity = 0.3;

/** How far a sight is from a target, 0 when it is the plain colour itself. */
export function distanceFrom({ colour, cloudy }: Sight, target: Target): number {
  const [own, wanted] = [readPhrase(colour).word, target.colour];
  return phraseDistance(own, wanted) + (cloudy === target.cloudy ? 0 : wrongClarity);
}

/** A target in words. */
export const targetWords = ({ colour, cloudy }: Target): string =>
  cloudy ? `cloudy ${colour}` : colour === 'colourless' ? 'clear and colourless' : colour;
