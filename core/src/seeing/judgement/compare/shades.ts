import { phraseDistance, readPhrase } from '../../appearance/colourWords';
import type { ColourDepth, ColourPhrase, ColourWord } from '../../../matter/substances/types';
import type { ComparedItem } from './item';

/** OKLab distances: below the first two samples are the same to an observer, below the second hard to tell apart. */
const sameSample = 0.06;
const closeSample = 0.09;
/** Hue words closer than this lie next to each other, as blue and blue-green do. */
const neighbouringHue = 0.14;

/** Words that different observers use of the same sample, however far apart they are drawn (common practice). */
const usedAlike: readonly (readonly [ColourWord, ColourWord])[] = [
  ['pink', 'violet'],
  ['grey', 'black'],
];
/** What is deep enough is called brown as well: iodine in a beaker lets through red alone (common practice). */
const deepIsBrown: readonly ColourWord[] = ['red', 'red-brown', 'brown'];
const areAlike = (one: ColourWord, other: ColourWord): boolean =>
  usedAlike.some((pair) => pair.includes(one) && pair.includes(other));

const withoutHue: readonly ColourWord[] = ['colourless', 'white', 'grey', 'black'];

/**
 * Whether two colour phrases name the same: a shade is no difference, a neighbouring hue word is near. Of a solid one tells
 * white from pale yellow, as with the silver halides; of a liquid the palest colours pass for none.
 */
export function compareShades(
  expected: ColourPhrase,
  seen: ColourPhrase,
  of: 'liquid' | 'solid' = 'liquid',
): ComparedItem['outcome'] {
  const [wanted, got] = [readPhrase(expected), readPhrase(seen)];
  const [one, other] = [wanted.word, got.word];
  if (one === other) return areOpposite(wanted.depth, got.depth) ? 'differs' : 'agrees';
  if (
    of === 'solid' &&
    withoutHue.includes(one) !== withoutHue.includes(other) &&
    !areNear(one, other)
  )
    return 'differs';
  const distance = phraseDistance(expected, seen);
  if (distance <= sameSample) return 'agrees';
  if (areAlike(one, other)) return 'near';
  const isDeep = wanted.depth === 'deep' || got.depth === 'deep';
  if (isDeep && deepIsBrown.includes(one) && deepIsBrown.includes(other)) return 'near';
  return phraseDistance(one, other) <= neighbouringHue || distance <= closeSample
    ? 'near'
    : 'differs';
}

/** Pale and deep are two shades apart, which everybody sees. */
function areOpposite(one?: ColourDepth, other?: ColourDepth): boolean {
  return (one === 'pale' && other === 'deep') || (one === 'deep' && other === 'pale');
}

/** Cream is what some call white. */
const areNear = (one: ColourWord, other: ColourWord): boolean =>
  phraseDistance(one, other) <= sameSample;

/** An item about a colour. */
export function colourItem(
  item: string,
  expected: ColourPhrase,
  seen: ColourPhrase | undefined,
  decides: boolean,
  of: 'liquid' | 'solid' = 'liquid',
): ComparedItem {
  return {
    item,
    expected,
    ...(seen && { seen }),
    outcome: seen ? compareShades(expected, seen, of) : 'missing',
    decides,
  };
}
