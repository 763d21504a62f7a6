import * as z from 'zod';
import { spreadOf } from '../../measuring/readings';
import type { Spread } from '../../measuring/readings';
import { commonPractice } from '../../matter/substances/source';
import { atMostFigures } from '../../common/formatNumber';

/** What a group saw: where the first line stood and when. */
export const dishMarkSchema = z.object({
  group: z.string().trim().min(1, 'Name the group').max(60),
  /** Fraction of the gap from the first heap. */
  atFraction: z
    .number('Fill in the place of the first line')
    .min(0, 'A place is between 0 and 100 %')
    .max(1, 'A place is between 0 and 100 %'),
  /** Minutes from adding to the first line. */
  minutes: z
    .number('Fill in the time of the first line')
    .positive('A time is above 0 minutes')
    .max(600, 'A time is at most 600 minutes'),
});
export type DishMark = z.infer<typeof dishMarkSchema>;

/** Before anybody has timed a dish: lines come within minutes, not hours, give or take a factor of four. */
export const usualMixing = {
  factor: 200,
  timesOrOver: 4,
  source: commonPractice(
    'lines in unstirred dishes of water appear within some minutes, because dissolving crystals drive gentle currents',
  ),
} as const;

/**
 * How many times faster than by diffusion alone things move in a real dish. Every step of the computed dish goes with the diffusion
 * coefficients, so one factor on all of them changes every time by the same factor and no place.
 */
export function mixingFactor(pureS: number, seenMinutes: number): number {
  return pureS / (60 * seenMinutes);
}

/** The class against the dish. */
export interface ClassAgainstDish {
  readonly place: Spread;
  readonly minutes: Spread;
  readonly factor: number;
  /** Smallest and largest factor of a single group. */
  readonly factors: readonly [least: number, most: number];
  readonly words: readonly string[];
}

/** A place can be marked to about this, as a fraction of the gap (common practice: 1 mm of 6 cm, and a line is a few wide). */
const markedWithin = 0.03;
/** Factors that differ by more than this say that the dishes were not equally still. */
const notAlike = 2;

/** Mean, spread and what the marks of a class say about the place and the mixing factor. */
export function classAgainstDish(
  marks: readonly DishMark[],
  predicted: { readonly atFraction: number; readonly pureS: number },
): ClassAgainstDish {
  const place = spreadOf(
    marks.map(({ atFraction }) => atFraction),
    0.01,
  );
  const minutes = spreadOf(
    marks.map((one) => one.minutes),
    0.25,
  );
  const each = marks.map((one) => mixingFactor(predicted.pureS, one.minutes));
  const factors = [Math.min(...each), Math.max(...each)] as const;
  const factor = mixingFactor(predicted.pureS, minutes.mean);
  const off = place.mean - predicted.atFraction;
  const within = Math.max(markedWithin, place.confidence95 ?? markedWithin);
  return {
    place,
    minutes,
    factor,
    factors,
    words: [
      Math.abs(off) <= within
        ? `The place agrees: ${percent(place.mean)} of the gap seen, ${percent(predicted.atFraction)} computed.`
        : `The place differs: ${percent(place.mean)} of the gap seen, ${percent(predicted.atFraction)} computed. A dish that was not level, was knocked, or heaps of other sizes shift the line; so does a heap that lay elsewhere.`,
      `Things moved about ${rounded(factor)} times faster than by diffusion alone: gentle currents from the dissolving crystals did the rest.`,
      ...(marks.length > 1 && factors[1] > notAlike * factors[0]
        ? [
            `From bench to bench the factor goes from ${rounded(factors[0])} to ${rounded(factors[1])}: the dishes were not equally still. The place should hold all the same.`,
          ]
        : []),
      ...(marks.length === 1
        ? ['One mark sets the factor; more would tell how far to trust it.']
        : []),
    ],
  };
}

const percent = (fraction: number): string => `${Math.round(100 * fraction)} %`;
const rounded = (value: number): string => atMostFigures(value, 2);
