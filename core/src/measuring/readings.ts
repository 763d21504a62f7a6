import { ChemistryError } from '../common/errors';
import { studentT95 } from './uncertainty';

/** Readings of the same thing, taken together. */
export interface Spread {
  readonly count: number;
  readonly mean: number;
  /** Standard deviation of one reading; undefined for a single one. */
  readonly deviation?: number;
  /** Half width of the 95 % interval of the mean; undefined for a single reading. */
  readonly confidence95?: number;
  /** Positions of readings that stand out from the others. */
  readonly oddOnes: readonly number[];
}

/** How many scaled median deviations a reading lies off before it stands out (Iglewicz and Hoaglin, 1993). */
const standsOut = 3.5;
/** Scales the median absolute deviation to a standard deviation of normal readings. */
const medianScale = 0.6745;

/**
 * Mean, spread and odd ones out of repeated readings, in the unit of the readings.
 *
 * @param resolution the smallest step the reading can show; what lies within two steps of the median is never odd.
 * @throws ChemistryError when there is no reading, or one is no number.
 */
export function spreadOf(readings: readonly number[], resolution = 0): Spread {
  const bad = readings.findIndex((one) => !Number.isFinite(one));
  if (readings.length === 0 || bad >= 0)
    throw ChemistryError.of(
      'invalidInput',
      readings.length === 0 ? 'There is no reading.' : `Reading ${bad + 1} is no number.`,
    ).in('readings');
  const count = readings.length;
  const mean = readings.reduce((sum, one) => sum + one, 0) / count;
  if (count === 1) return { count, mean, oddOnes: [] };
  const deviation = Math.sqrt(
    readings.reduce((sum, one) => sum + (one - mean) ** 2, 0) / (count - 1),
  );
  return {
    count,
    mean,
    deviation,
    confidence95: (studentT95(count - 1) * deviation) / Math.sqrt(count),
    oddOnes: oddOnes(readings, resolution),
  };
}

/** Readings far from the median by the scale of the others; of fewer than four nobody can say which is odd. */
function oddOnes(readings: readonly number[], resolution: number): number[] {
  if (readings.length < 4) return [];
  const middle = median(readings);
  const scale = median(readings.map((one) => Math.abs(one - middle)));
  return readings.flatMap((one, at) => {
    const off = Math.abs(one - middle);
    return off > 2 * resolution && medianScale * off > standsOut * scale ? [at] : [];
  });
}

/** The middle of a list of numbers. */
export function median(values: readonly number[]): number {
  const sorted = [...values].sort((a, b) => a - b);
  const half = sorted.length >> 1;
  const [low = NaN, high = NaN] = [sorted[half - 1], sorted[half]];
  return sorted.length % 2 === 1 ? high : (low + high) / 2;
}
