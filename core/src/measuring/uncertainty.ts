import { handbook } from '../matter/substances/source';
import { withPlaces } from '../common/formatNumber';

/** A quantity and what it may be off by, in the same unit (standard uncertainty unless said otherwise). */
export interface Quantity {
  readonly value: number;
  readonly uncertainty: number;
}

/** Independent uncertainties taken together: the root of the sum of their squares (GUM, JCGM 100:2008, 5.1.2). */
export function combined(...parts: readonly number[]): number {
  return Math.hypot(...parts);
}

/**
 * A quantity in words, rounded so that the uncertainty keeps one figure, or two where it begins with 1.
 *
 * @example inWords({ value: 6.9412, uncertainty: 0.0631 }) // '6.94 ± 0.06'
 */
export function inWords({ value, uncertainty }: Quantity): string {
  if (!(uncertainty > 0)) return String(value);
  const power = Math.floor(Math.log10(uncertainty));
  const first = Math.round(uncertainty / 10 ** power);
  const figures = Math.max(0, -power + (first === 1 ? 1 : 0));
  return `${withPlaces(value, figures)} ± ${withPlaces(uncertainty, figures)}`;
}

export const studentSource = handbook(
  'NIST/SEMATECH e-Handbook of Statistical Methods',
  'critical values of Student’s t, two-sided 95 %',
);
/** Two-sided 95 % values of Student’s t for 1 to 30 degrees of freedom. */
const student95 = [
  12.706, 4.303, 3.182, 2.776, 2.571, 2.447, 2.365, 2.306, 2.262, 2.228, 2.201, 2.179, 2.16, 2.145,
  2.131, 2.12, 2.11, 2.101, 2.093, 2.086, 2.08, 2.074, 2.069, 2.064, 2.06, 2.056, 2.052, 2.048,
  2.045, 2.042,
] as const;
const normal95 = 1.95996;

/** Two-sided 95 % value of Student’s t; beyond 30 degrees of freedom by the first two terms of its series in 1/ν (Abramowitz and Stegun 26.7.5). */
export function studentT95(degreesOfFreedom: number): number {
  const known = student95[degreesOfFreedom - 1];
  if (known !== undefined) return known;
  const z = normal95;
  const first = (z ** 3 + z) / 4;
  const second = (5 * z ** 5 + 16 * z ** 3 + 3 * z) / 96;
  return z + first / degreesOfFreedom + second / degreesOfFreedom ** 2;
}
