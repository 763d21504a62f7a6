import { find } from './item';
import type { Of, Question } from './item';
import { colourItem } from './shades';

/** The colour of a flame. */
export const flames: Question = (expected, seen) => {
  const [wanted, got] = [find(expected, 'flame'), find(seen, 'flame')];
  if (!wanted) return [];
  if (wanted.colour && got?.colour)
    return [{ ...colourItem('flame', wanted.colour, got.colour, true), tells: true }];
  const none = (one: Of<'flame'>) => one.colour === undefined;
  return [
    {
      item: 'flame',
      expected: wanted.colour ?? wanted.result,
      ...(got && { seen: got.colour ?? got.result }),
      outcome: !got ? 'missing' : none(wanted) === none(got) ? 'agrees' : 'differs',
      decides: true,
      tells: true,
    },
  ];
};

/** What a magnet draws. */
export const magnets: Question = (expected, seen) => {
  const [wanted, got] = [find(expected, 'magnet'), find(seen, 'magnet')];
  if (!wanted) return [];
  const words = ({ attracts }: Of<'magnet'>) => (attracts ? 'draws something' : 'draws nothing');
  return [
    {
      item: 'magnet',
      expected: words(wanted),
      ...(got && { seen: words(got) }),
      outcome: !got ? 'missing' : got.attracts === wanted.attracts ? 'agrees' : 'differs',
      decides: true,
      tells: true,
    },
  ];
};
