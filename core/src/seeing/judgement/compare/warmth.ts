import { warmths } from '../../observation/observation';
import { find, nothing } from './item';
import type { Of, Question } from './item';
import { formatDegrees } from '../../../common/temperature';

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
      : `${delta > 0 ? 'warmer' : 'colder'} by ${formatDegrees(Math.abs(delta))}`;
  return [
    {
      item: 'warmth',
      expected: words(should),
      ...(isAnswered && { seen: seenWarmth(got, words) }),
      outcome: isAnswered ? compareWarmth(should, got) : 'missing',
      decides: false,
      ...(matters && { tells: true as const }),
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
