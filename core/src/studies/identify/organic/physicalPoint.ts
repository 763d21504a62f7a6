import type { TestModel } from '../model';
import { formatSetTemperature } from '../../../common/temperature';

/** A melting or boiling point as a test: readings in steps, with what a reading may be off. */
export interface PointScale {
  readonly name: string;
  readonly label: string;
  readonly fromC: number;
  readonly toC: number;
  readonly stepC: number;
  /** Standard deviation of a reading, °C. */
  readonly offC: number;
  /** What is told outside the scale or where there is no such point. */
  readonly none: string;
}

export const meltingPoint: PointScale = {
  name: 'meltingPoint',
  label: 'Melting point',
  fromC: 25,
  toC: 300,
  stepC: 5,
  offC: 3,
  none: 'no melting between 25 and 300 °C',
};
export const boilingPoint: PointScale = {
  name: 'boilingPoint',
  label: 'Boiling point',
  fromC: 30,
  toC: 250,
  stepC: 5,
  offC: 3.5,
  none: 'no boiling between 30 and 250 °C',
};

const starts = ({ fromC, toC, stepC }: PointScale): number[] =>
  Array.from({ length: Math.round((toC - fromC) / stepC) }, (_, at) => fromC + at * stepC);
const label = (scale: PointScale, from: number): string =>
  `${from}–${formatSetTemperature(from + scale.stepC)}`;

/** The outcome a reading falls into. */
export function pointOutcome(scale: PointScale, readC: number): string {
  if (!(readC >= scale.fromC && readC < scale.toC)) return scale.none;
  return label(scale, scale.fromC + Math.floor((readC - scale.fromC) / scale.stepC) * scale.stepC);
}

/** How often a point is read quite wrong, or not seen. */
const missed = 0.03;

/** The chances of each reading, by a normal error around the tabulated point. */
export function pointModel(
  scale: PointScale,
  tabulatedC: readonly (number | undefined)[],
): TestModel {
  const from = starts(scale);
  const outcomes = [...from.map((start) => label(scale, start)), scale.none];
  return {
    name: scale.name,
    outcomes,
    shown: tabulatedC.map((value) =>
      value === undefined ? scale.none : pointOutcome(scale, value),
    ),
    chances: tabulatedC.map((value) => {
      const even = missed / outcomes.length;
      if (value === undefined || value < scale.fromC || value >= scale.toC)
        return outcomes.map((one) => even + (one === scale.none ? 1 - missed : 0));
      const inside = from.map(
        (start) =>
          normal((start + scale.stepC - value) / scale.offC) - normal((start - value) / scale.offC),
      );
      const rest = 1 - inside.reduce((sum, one) => sum + one, 0);
      return [...inside, rest].map((one) => even + (1 - missed) * Math.max(0, one));
    }),
  };
}

/** Standard normal distribution function, to 1e-7 (Abramowitz and Stegun 7.1.26, by the error function). */
function normal(z: number): number {
  const x = Math.abs(z) / Math.SQRT2;
  const t = 1 / (1 + 0.3275911 * x);
  const poly =
    t *
    (0.254829592 + t * (-0.284496736 + t * (1.421413741 + t * (-1.453152027 + t * 1.061405429))));
  const erf = 1 - poly * Math.exp(-x * x);
  return z < 0 ? (1 - erf) / 2 : (1 + erf) / 2;
}
