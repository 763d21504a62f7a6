import * as z from 'zod';
import type { ColourPhrase } from '../../../matter/substances/types';
import { colourNamed } from '../../appearance/colourNames';
import { colourPhrases, phraseDistance, readPhrase } from '../../appearance/colourWords';

/** A colour of the vocabulary, or what people call it. */
export const colourField = z.preprocess(
  (said) => (typeof said === 'string' ? (colourNamed(said) ?? said) : said),
  z.enum(colourPhrases as [ColourPhrase, ...ColourPhrase[]]),
);

export const formulaField = z.string().max(100).optional();

/** OKLab distance above which a colour change is more than dilution by another solution. */
const beyondDilution = 0.12;

/** A colour that turned into another, not only into a paler one. */
export function isRealTurn(from: ColourPhrase, to: ColourPhrase): boolean {
  return from !== to && !isPaler(from, to) && phraseDistance(from, to) > beyondDilution;
}

export function isPaler(from: ColourPhrase, to: ColourPhrase): boolean {
  if (to === 'colourless') return readPhrase(from).depth === 'pale';
  const [was, is] = [readPhrase(from), readPhrase(to)];
  return was.word === is.word && (is.depth === 'pale' || was.depth === 'deep');
}
