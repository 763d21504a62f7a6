import { ChemistryError } from '../common/errors';
import { studentT95 } from './uncertainty';

export interface Point {
  readonly x: number;
  readonly y: number;
}

/** A straight line through points by least squares. */
export interface StraightLine {
  readonly slope: number;
  readonly intercept: number;
  /** Half widths of the 95 % intervals; undefined for two points, through which every line goes. */
  readonly slope95?: number;
  readonly intercept95?: number;
  readonly r2: number;
  /** Height of the line at x. */
  readonly at: (x: number) => number;
}

/**
 * The least-squares line y = slope·x + intercept, errors in y only and equal for all points.
 *
 * @throws ChemistryError for fewer than two points, or when all have the same x.
 * @example straightLine([{ x: 0, y: 1 }, { x: 2, y: 5 }]).slope // 2
 */
export function straightLine(points: readonly Point[]): StraightLine {
  const n = points.length;
  const [meanX, meanY] = [mean(points.map(({ x }) => x)), mean(points.map(({ y }) => y))];
  const sxx = points.reduce((sum, { x }) => sum + (x - meanX) ** 2, 0);
  if (n < 2 || !(sxx > 0))
    throw ChemistryError.of(
      'invalidInput',
      'A line needs at least two points at different places.',
    ).in('points');
  const sxy = points.reduce((sum, { x, y }) => sum + (x - meanX) * (y - meanY), 0);
  const syy = points.reduce((sum, { y }) => sum + (y - meanY) ** 2, 0);
  const slope = sxy / sxx;
  const intercept = meanY - slope * meanX;
  const at = (x: number) => intercept + slope * x;
  const residual = points.reduce((sum, { x, y }) => sum + (y - at(x)) ** 2, 0);
  const line = { slope, intercept, r2: syy === 0 ? 1 : Math.max(0, 1 - residual / syy), at };
  if (n === 2) return line;
  const scatter = Math.sqrt(residual / (n - 2));
  const t = studentT95(n - 2);
  return {
    ...line,
    slope95: (t * scatter) / Math.sqrt(sxx),
    intercept95: t * scatter * Math.sqrt(1 / n + meanX ** 2 / sxx),
  };
}

const mean = (values: readonly number[]): number =>
  values.reduce((sum, value) => sum + value, 0) / values.length;

/**
 * The least-squares line y = slope·x through the origin.
 *
 * @throws ChemistryError when no point lies off x = 0.
 * @example lineThroughOrigin([{ x: 1, y: 2 }, { x: 2, y: 4 }]).slope // 2
 */
export function lineThroughOrigin(points: readonly Point[]): StraightLine {
  const n = points.length;
  const sxx = points.reduce((sum, { x }) => sum + x * x, 0);
  if (!(sxx > 0))
    throw ChemistryError.of(
      'invalidInput',
      'A line through the origin needs a point away from it.',
    ).in('points');
  const slope = points.reduce((sum, { x, y }) => sum + x * y, 0) / sxx;
  const at = (x: number) => slope * x;
  const residual = points.reduce((sum, { x, y }) => sum + (y - at(x)) ** 2, 0);
  const syy = points.reduce((sum, { y }) => sum + y * y, 0);
  const line = { slope, intercept: 0, r2: syy === 0 ? 1 : Math.max(0, 1 - residual / syy), at };
  if (n < 2) return line;
  return {
    ...line,
    slope95: (studentT95(n - 1) * Math.sqrt(residual / (n - 1))) / Math.sqrt(sxx),
    intercept95: 0,
  };
}
