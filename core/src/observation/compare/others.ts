import { warmths } from '../observation';
import { all, find, nothing } from './item';
import type { Of, Question } from './item';
import { colourItem } from './shades';

/** A warmth a hand notices, °C, and how far a school thermometer and a lost minute may put it off (common practice). */
const feltC = 2;
const shareOff = 0.35;
/** Share beyond which two readings are not the same however the time went. */
const shareNear = 0.5;
const alwaysOffC = 1.5;

/** Warmer, colder or neither: by thermometer within a third or so, by hand the direction. */
export const warmth: Question = (expected, seen) => {
  const should = find(expected, 'temperature')?.deltaC ?? 0;
  const got = find(seen, 'temperature') ?? (nothing(seen) ? ({ deltaC: 0 } as const) : undefined);
  const matters = Math.abs(should) >= feltC;
  const isAnswered = got !== undefined;
  if (!matters && (!isAnswered || nothing(seen))) return [];
  const words = (delta: number) =>
    Math.abs(delta) < feltC
      ? 'neither warmer nor colder'
      : `${delta > 0 ? 'warmer' : 'colder'} by ${Math.abs(delta).toFixed(1)} °C`;
  return [
    {
      item: 'warmth',
      expected: words(should),
      ...(isAnswered && { seen: seenWarmth(got, words) }),
      outcome: isAnswered ? compareWarmth(should, got) : 'missing',
      decides: false,
    },
  ];
};

type Warmth = Pick<Of<'temperature'>, 'deltaC' | 'felt'>;

function seenWarmth({ deltaC, felt }: Warmth, words: (delta: number) => string): string {
  return deltaC === undefined ? `feels ${felt ?? 'as before'}` : words(deltaC);
}

function compareWarmth(should: number, { deltaC, felt = 'as before' }: Warmth) {
  const direction = (delta: number) => (Math.abs(delta) < feltC ? 0 : Math.sign(delta));
  if (deltaC === undefined) {
    const hand = Math.sign(warmths.indexOf('as before') - warmths.indexOf(felt));
    if (hand === direction(should)) return 'agrees';
    // A change of a few degrees escapes a hand.
    return hand === 0 && Math.abs(should) < 2 * feltC ? 'near' : 'differs';
  }
  if (Math.abs(deltaC - should) <= Math.max(alwaysOffC, shareOff * Math.abs(should)))
    return 'agrees';
  const off = Math.abs(deltaC - should);
  const isAlike = direction(deltaC) === direction(should) && off <= shareNear * Math.abs(should);
  return isAlike || off < 2 * feltC ? 'near' : 'differs';
}

/** The colour of a flame. */
export const flames: Question = (expected, seen) => {
  const [wanted, got] = [find(expected, 'flame'), find(seen, 'flame')];
  if (!wanted) return [];
  if (wanted.colour && got?.colour) return [colourItem('flame', wanted.colour, got.colour, true)];
  const none = (one: Of<'flame'>) => one.colour === undefined;
  return [
    {
      item: 'flame',
      expected: wanted.colour ?? wanted.result,
      ...(got && { seen: got.colour ?? got.result }),
      outcome: !got ? 'missing' : none(wanted) === none(got) ? 'agrees' : 'differs',
      decides: true,
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
    },
  ];
};

/** What else is seen of heat, flame and water, by the word for it, and how it is told by the engine. */
export const sightWords = {
  melts: /melt/,
  boils: /boil/,
  'turns to vapour': /sublime|vapour/,
  'settles again where it is cooler': /settles again|condens/,
  burns: /burn|catches fire|flame|ignite/,
  glows: /glow|bright light/,
  'browns or chars': /char|caramel|browns/,
  'drops of water form': /drops of water|mists over/,
  freezes: /freez|frost/,
  floats: /float/,
  sinks: /sinks/,
  'changes colour on the way': /→/,
  'takes up the water and warms': /takes up the water/,
} as const;
export type SightWord = keyof typeof sightWords;
const sightEntries = Object.entries(sightWords) as [SightWord, RegExp][];

/** The sights a text speaks of. */
export function sightsIn(text: string): SightWord[] {
  return sightEntries
    .filter(([word, pattern]) => text === word || pattern.test(text))
    .map(([word]) => word);
}

/** Sights for which there is a word: each expected one is looked for among those recorded. */
export const sights: Question = (expected, seen) => {
  const words = (list: typeof expected) => [
    ...new Set(all(list, 'sight').flatMap(({ result }) => sightsIn(result))),
  ];
  const got = words(seen);
  const anySight = all(seen, 'sight').length > 0 || nothing(seen);
  return words(expected).map((word) => ({
    item: 'sight',
    expected: word,
    ...(anySight && { seen: got.includes(word) ? word : `not seen to be so` }),
    outcome: got.includes(word)
      ? 'agrees'
      : nothing(seen)
        ? 'differs'
        : anySight
          ? 'near'
          : 'missing',
    decides: false,
  }));
};

/** What should not happen at all, and did: a change where none was expected. */
export const noChange: Question = (expected, seen) => {
  if (!nothing(expected)) return [];
  const changed = seen.filter(
    (one) =>
      ['precipitate', 'deposit', 'gas', 'dissolves', 'sight'].includes(one.kind) ||
      (one.kind === 'colour' &&
        one.from !== undefined &&
        one.to !== undefined &&
        one.from !== one.to),
  );
  const answered = changed.length > 0 || seen.length > 0;
  return [
    {
      item: 'change',
      expected: 'nothing happens',
      ...(answered && { seen: changed.length > 0 ? 'something happened' : 'nothing happened' }),
      outcome: !answered ? 'missing' : changed.length > 0 ? 'differs' : 'agrees',
      decides: false,
    },
  ];
};
