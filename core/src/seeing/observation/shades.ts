import { commonPractice } from '../../matter/substances/source';
import { colourPhrase, phraseLook, readPhrase } from '../appearance/colourWords';
import type { ColourLook } from '../appearance/colourWords';
import type { ColourPhrase, ColourWord } from '../../matter/substances/types';
import type { ComparedItem } from './definition';

export const shadesSource = commonPractice(
  'how far apart two observers name the same sample, found by comparing the words of textbooks with measured or computed colours',
);

/** Distances (OKLab, lightness counted half) up to which two words name the same sample, and up to which they may. */
const sameSample = 0.06;
const nearSample = 0.165;
/** A liquid that is pale beside one that is not: another hue and another depth at once are seen. */
const nearPale = 0.155;
/** The same beside a word without a hue: the palest colours pass for none. */
const nearNone = 0.065;
/** And beside black, which deep blue and dark brown come near to, deep red and green do not. */
const nearBlack = 0.137;
/** Hue angles further apart than this are other colours, however pale, degrees. */
const otherHue = 62;
/** Chroma (OKLCH) from which a colour has a hue to speak of. */
const hasHue = 0.04;
/** What is light or dark is the observer’s and the lamp’s; a hue is not. */
const lightnessCounts = 0.5;

/**
 * Whether two colour phrases name the same, by how far apart the colours are: a shade is no difference, and what is called pale
 * or deep depends on the observer, so that the nearest of neighbouring depths counts. Of a solid one tells white from a pale
 * colour; of a liquid the palest colours pass for none.
 *
 * @example compareShades('deep red', 'red-brown') // 'near'
 */
export function compareShades(
  expected: ColourPhrase,
  seen: ColourPhrase,
  of: 'liquid' | 'solid' = 'liquid',
): ComparedItem['outcome'] {
  const [wanted, got] = [readPhrase(expected), readPhrase(seen)];
  if (areOpposite(expected, seen)) return 'differs';
  if (wanted.word === got.word) return 'agrees';
  const apart = distance(phraseLook(expected), phraseLook(seen));
  if (apart <= sameSample) return 'agrees';
  // Beside a sheet of paper one tells white from pale yellow, as with the silver halides.
  if (of === 'solid' && (wanted.word === 'white' || got.word === 'white')) return 'differs';
  const words = [wanted.word, got.word];
  const near = words.some((word) => withoutHue.includes(word))
    ? nearNone
    : words.includes('black')
      ? nearBlack
      : of === 'liquid' && (wanted.depth === 'pale') !== (got.depth === 'pale')
        ? nearPale
        : nearSample;
  const pairs = readings(expected, got.word, of).flatMap((one) =>
    readings(seen, wanted.word, of).map((other) => [phraseLook(one), phraseLook(other)] as const),
  );
  return pairs.some(
    ([one, other]) => distance(one, other) <= near && hueApart(one, other) <= otherHue,
  )
    ? 'near'
    : 'differs';
}

const distance = (one: ColourLook, other: ColourLook): number =>
  Math.hypot(lightnessCounts * (one.l - other.l), one.a - other.a, one.b - other.b);

/** Angle between two hues, degrees; none where one of them has none. */
function hueApart(one: ColourLook, other: ColourLook): number {
  if (Math.min(one.c, other.c) < hasHue) return 0;
  const apart = Math.abs(one.h - other.h) % 360;
  return Math.min(apart, 360 - apart);
}

/** Words without a hue: beside them a colour counts as it is, pale or not. */
const withoutHue: readonly ColourWord[] = ['colourless', 'white', 'cream', 'grey'];
/** Dark words, which what is deep comes near to. */
const dark: readonly ColourWord[] = ['black', 'blue-black', 'brown', 'red-brown'];

/** A phrase as it is, and at the depths another observer may give it beside the other word. */
function readings(
  phrase: ColourPhrase,
  beside: ColourWord,
  of: 'liquid' | 'solid',
): readonly ColourPhrase[] {
  const { word, depth } = readPhrase(phrase);
  if (withoutHue.includes(word) || withoutHue.includes(beside)) return [phrase];
  // Another hue and another depth at once are two differences, which of a liquid are seen.
  if (of === 'liquid' && depth) return [phrase];
  return [
    phrase,
    word,
    ...(dark.includes(beside) && depth !== 'pale' ? [colourPhrase(word, 'deep')] : []),
  ];
}

/** Pale and deep are two shades apart, which everybody sees. */
function areOpposite(one: ColourPhrase, other: ColourPhrase): boolean {
  const depths = [readPhrase(one).depth, readPhrase(other).depth];
  return depths.includes('pale') && depths.includes('deep');
}

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
