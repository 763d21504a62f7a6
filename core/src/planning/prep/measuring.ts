import { commonPractice } from '../../matter/substances/source';

/** Measuring cylinders of a teaching laboratory with the finest volume they are read to, mL. */
export const cylinders = [
  { sizeMl: 10, readsMl: 0.1 },
  { sizeMl: 25, readsMl: 0.5 },
  { sizeMl: 50, readsMl: 0.5 },
  { sizeMl: 100, readsMl: 1 },
  { sizeMl: 250, readsMl: 2 },
  { sizeMl: 500, readsMl: 5 },
  { sizeMl: 1000, readsMl: 10 },
] as const;
export const cylindersSource = commonPractice(
  'sizes of measuring cylinders and their divisions; twenty drops to the millilitre until counted',
);

/** Drops to a millilitre until somebody has counted them. */
export const dropsPerMl = 20;

/** A volume as it can be measured with the smallest cylinder that holds it, or in drops. */
export interface Measured {
  readonly roundedMl: number;
  /** The cylinder to take; absent where it is counted in drops. */
  readonly cylinderMl?: number;
  readonly drops?: number;
}

/** Under this volume, mL, drops are counted. */
const dropsBelowMl = 1;

/**
 * How a volume is measured with what is at hand.
 *
 * @param volumeMl above 0; more than the largest cylinder holds is measured in it several times.
 * @param perMl drops of the droppers at hand to a millilitre.
 */
export function measureMl(volumeMl: number, perMl: number = dropsPerMl): Measured {
  if (volumeMl < dropsBelowMl) {
    const drops = Math.max(1, Math.round(volumeMl * perMl));
    return { roundedMl: tidy(drops / perMl), drops };
  }
  const { sizeMl, readsMl } = cylinders.find((one) => volumeMl <= one.sizeMl) ?? cylinders[6];
  return { roundedMl: tidy(Math.round(volumeMl / readsMl) * readsMl), cylinderMl: sizeMl };
}

/** A mass to the resolution of a balance, g. */
export function roundToBalance(massG: number, resolutionG: number): number {
  return tidy(Math.max(1, Math.round(massG / resolutionG)) * resolutionG);
}

/** Without the dust of binary fractions. */
const tidy = (value: number): number => Number(value.toPrecision(10));
