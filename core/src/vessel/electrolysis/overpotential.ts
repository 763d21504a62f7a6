import { overpotentials } from '../../matter/substances/data/overpotentials';
import type { Overpotential, Surface } from '../../matter/substances/types';

type GasAtElectrode = Overpotential['gas'];

/** Slope below the first tabulated current density, V per decade: that of a one-electron step (Tafel; Bockris and Reddy, recalled from memory). */
const tafelV = 0.12;
/** Least rise between neighbouring points, V: the table rounds some to the same value. */
const leastRiseV = 0.01;

/** A row made strictly rising, by log10 of the current density in A/cm². */
interface Curve {
  readonly row: Overpotential;
  readonly points: readonly (readonly [logAPerCm2: number, volts: number])[];
}

const curves = new Map<string, Curve>(
  overpotentials.map((row) => {
    const points: [number, number][] = [];
    for (const [mA, volts] of row.points) {
      const before = points.at(-1)?.[1];
      points.push([
        Math.log10(mA / 1000),
        before === undefined ? volts : Math.max(volts, before + leastRiseV),
      ]);
    }
    return [`${row.gas} ${row.surface}`, { row, points }];
  }),
);

/** The tabulated overpotentials of a gas at a surface; undefined where there is no row. */
export function overpotentialCurve(gas: GasAtElectrode, surface: Surface): Curve | undefined {
  return curves.get(`${gas} ${surface}`);
}

/**
 * Overpotential in V at a current density in A/cm², straight between tabulated points in the logarithm (Tafel); below the first
 * with 0.12 V per decade and not under 0, above the last with the slope of the last two.
 */
export function overpotentialAt({ points }: Curve, aPerCm2: number): number {
  const x = Math.log10(Math.max(aPerCm2, 1e-12));
  const [first, last] = [points[0] ?? [0, 0], points.at(-1) ?? [0, 0]];
  if (x <= first[0]) return Math.max(0, first[1] - tafelV * (first[0] - x));
  for (const [at, [x1, y1]] of points.entries()) {
    const next = points[at + 1];
    if (next && x <= next[0]) return y1 + ((next[1] - y1) * (x - x1)) / (next[0] - x1);
  }
  return last[1] + slopeAtEnd(points) * (x - last[0]);
}

/** Current density in A/cm² that an overpotential in V drives: {@link overpotentialAt} the other way round; nothing below 0 V. */
export function currentDensityAt({ points }: Curve, volts: number): number {
  if (volts <= 0) return 0;
  const [first, last] = [points[0] ?? [0, 0], points.at(-1) ?? [0, 0]];
  if (volts <= first[1]) return 10 ** (first[0] - (first[1] - volts) / tafelV);
  for (const [at, [x1, y1]] of points.entries()) {
    const next = points[at + 1];
    if (next && volts <= next[1])
      return 10 ** (x1 + ((next[0] - x1) * (volts - y1)) / (next[1] - y1));
  }
  return 10 ** (last[0] + (volts - last[1]) / slopeAtEnd(points));
}

function slopeAtEnd(points: Curve['points']): number {
  const [a, b] = [points.at(-2), points.at(-1)];
  return a && b ? (b[1] - a[1]) / (b[0] - a[0]) : tafelV;
}

export type { Curve as OverpotentialCurve };
