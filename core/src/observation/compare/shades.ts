import { phraseDistance, readPhrase } from '../../appearance/colourWords';
import type { ColourDepth, ColourPhrase } from '../../substances/types';
import type { ComparedItem } from './item';

/** OKLab distances: below the first two samples are the same to an observer, below the second hard to tell apart. */
const sameSample = 0.06;
const closeSample = 0.09;
/** Hue words closer than this lie next to each other, as blue and blue-green do. */
const neighbouringHue = 0.14;

/** Whether two colour phrases name the same: a shade is no difference, a neighbouring hue word is near. */
export function compareShades(expected: ColourPhrase, seen: ColourPhrase): ComparedItem['outcome'] {
  const [wanted, got] = [readPhrase(expected), readPhrase(seen)];
  const [one, other] = [wanted.word, got.word];
  if (one === other) return areOpposite(wanted.depth, got.depth) ? 'differs' : 'agrees';
  const distance = phraseDistance(expected, seen);
  if (distance <= sameSample) return 'agrees';
  return phraseDistance(one, other) <= neighbouringHue || distance <= closeSample
    ? 'near'
    : 'differs';
}

/** Pale and deep are two shades apart, which everybody sees. */
function areOpposite(one?: ColourDepth, other?: ColourDepth): boolean {
  return (one === 'pale' && other === 'deep') || (one === 'deep' && other === 'pale');
}

/** An item about a colour. */
export function colourItem(
  item: string,
  expected: ColourPhrase,
  seen: ColourPhrase | undefined,
  decides: boolean,
): ComparedItem {
  return {
    item,
    expected,
    ...(seen && { seen }),
    outcome: seen ? compareShades(expected, seen) : 'missing',
    decides,
  };
}
