import { formatTemperature } from '../../common/temperature';
import { currentReader } from '../../common/reader';
import type { Found } from './analyse';
import { withFigures, withPlaces, formatNumber } from '../../common/formatNumber';
import { asRead } from '../bench/asRead';

/** A number on a chart, as a place on both axes. */
export interface ChartPoint {
  readonly x: number;
  readonly y: number;
}

/** One set of points: readings as marks, joined or not, or a line that was calculated. */
export interface ChartSeries {
  readonly name: string;
  readonly look: 'marks' | 'joined' | 'dashed' | 'bar';
  readonly points: readonly ChartPoint[];
}

/** What is drawn as a chart, whatever draws it. */
export interface ChartData {
  readonly title: string;
  /** Said in place of the picture. */
  readonly inWords: string;
  readonly x: string;
  readonly y: string;
  /** Names of the places 0, 1, 2 … along x, where they are no numbers. */
  readonly places?: readonly string[];
  readonly series: readonly ChartSeries[];
}

/** The charts of something that was worked out, for the bench that found it. */
export function chartsOf(found: Found, bench: string): ChartData[] {
  switch (found.kind) {
    case 'hydrate':
      return [massChart(found, bench)];
    case 'temperature':
      return [temperatureChart(found, bench)];
    case 'line':
      return [lineChart(found, bench)];
    default:
      return [];
  }
}

type FoundOf<K extends Found['kind']> = Extract<Found, { kind: K }>;

/** Mass after each heating: whether it still falls. */
function massChart({ request }: FoundOf<'hydrate'>, bench: string): ChartData {
  const all = [request.withHydrateG, ...request.weighingsG];
  return {
    title: `Mass after each heating, ${bench}`,
    inWords: `Mass with the dish: ${all.map((grams) => formatNumber(grams)).join(', ')} g.`,
    x: 'Weighing',
    y: 'Mass with the dish, g',
    places: all.map((_, at) => (at === 0 ? 'before heating' : `after heating ${at}`)),
    series: [{ name: 'mass', look: 'joined', points: all.map((y, x) => ({ x, y })) }],
  };
}

/** Temperature against time, with the two lines carried to the moment of mixing. */
function temperatureChart({ readings, result }: FoundOf<'temperature'>, bench: string): ChartData {
  const { scale } = currentReader();
  const { mixedAtS, before, after, startC, deltaC, extremeC, extremeAtS } = result;
  const at = (timeS: number, temperatureC: number): ChartPoint => ({
    x: timeS,
    y: asRead('temperature', temperatureC).value,
  });
  const first = readings[0]?.timeS ?? 0;
  const last = readings.at(-1)?.timeS ?? 0;
  const carried = { look: 'dashed' } as const;
  return {
    title: `Temperature against time, ${bench}`,
    inWords: `Temperature against time: from ${formatTemperature(startC, 1)} to ${formatTemperature(extremeC, 1)}, ${readings.length} readings; dashed lines carried to mixing at ${withPlaces(mixedAtS, 0)} s.`,
    x: 'Time, s',
    y: `Temperature, ${scale}`,
    series: [
      {
        name: 'readings',
        look: 'joined',
        points: readings.map(({ timeS, temperatureC }) => at(Math.round(timeS), temperatureC)),
      },
      {
        ...carried,
        name: 'before mixing',
        points: [
          at(first, before?.at(first) ?? startC),
          at(mixedAtS, before?.at(mixedAtS) ?? startC),
        ],
      },
      ...(after
        ? [
            {
              ...carried,
              name: 'after',
              points: [
                at(mixedAtS, after.at(mixedAtS)),
                at(Math.max(last, extremeAtS), after.at(last)),
              ],
            },
          ]
        : []),
      {
        ...carried,
        name: 'ΔT',
        points: [at(mixedAtS, startC), at(mixedAtS, startC + deltaC)],
      },
    ],
  };
}

/** Points and the least-squares line through them. */
function lineChart({ points, line, x, y }: FoundOf<'line'>, bench: string): ChartData {
  const xs = points.map((point) => point.x);
  const ends = [Math.min(...xs), Math.max(...xs)];
  return {
    title: `Points and line, ${bench}`,
    inWords: `${points.length} points; slope ${withFigures(line.slope, 3)}.`,
    x,
    y,
    series: [
      { name: 'points', look: 'marks', points },
      { name: 'line', look: 'dashed', points: ends.map((at) => ({ x: at, y: line.at(at) })) },
    ],
  };
}
