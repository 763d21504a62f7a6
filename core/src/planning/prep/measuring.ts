import { commonPractice } from '../../matter/substances/source';

interface MeasuringDevice {
  readonly kind: 'cylinder' | 'pipette';
  readonly sizeMl: number;
  /** Finest volume it is read to, mL. */
  readonly readsMl: number;
}

const largestCylinder: MeasuringDevice = { kind: 'cylinder', sizeMl: 1000, readsMl: 10 };
/** Measuring cylinders and graduated pipettes of a teaching laboratory. */
export const measuringDevices: readonly MeasuringDevice[] = [
  { kind: 'pipette', sizeMl: 1, readsMl: 0.01 },
  { kind: 'pipette', sizeMl: 5, readsMl: 0.05 },
  { kind: 'pipette', sizeMl: 10, readsMl: 0.1 },
  { kind: 'cylinder', sizeMl: 10, readsMl: 0.1 },
  { kind: 'cylinder', sizeMl: 25, readsMl: 0.5 },
  { kind: 'cylinder', sizeMl: 50, readsMl: 0.5 },
  { kind: 'cylinder', sizeMl: 100, readsMl: 1 },
  { kind: 'cylinder', sizeMl: 250, readsMl: 2 },
  { kind: 'cylinder', sizeMl: 500, readsMl: 5 },
  largestCylinder,
];
export const cylindersSource = commonPractice(
  'sizes of measuring cylinders and graduated pipettes and their divisions',
);

/** Drops to a millilitre until somebody has counted them. */
export const dropsPerMl = 20;

/** No amount of a recipe is known worse than this, per cent of it (half a division of what it is measured with). */
export const worstMeasurePercent = 2;

/** A volume as it can be measured with the room’s glassware. */
export interface Measured {
  readonly roundedMl: number;
  readonly kind: 'cylinder' | 'pipette';
  /** The cylinder or pipette to take, mL. */
  readonly sizeMl: number;
  /** How often it is filled, where once does not do. */
  readonly fillings?: number;
  /** Half a division, per cent of the volume. */
  readonly uncertainPercent: number;
}

/** What a room measures with. */
export interface MeasuringKit {
  /** Finest mass the balance shows, g. */
  readonly balanceG: number;
  /** Whether there are graduated pipettes with a filler, or cylinders alone. */
  readonly pipettes: boolean;
}

/** A device that is filled to its mark measures a volume that is a hair more as well as anything does. */
const justFull = 1.01;

/**
 * A volume on the finest device that holds it.
 *
 * @param volumeMl above 0; more than the largest cylinder holds is measured in it several times.
 */
export function measureMl(
  volumeMl: number,
  { pipettes }: Pick<MeasuringKit, 'pipettes'>,
): Measured {
  const devices = measuringDevices.filter(({ kind }) => pipettes || kind === 'cylinder');
  const fitting = devices.filter(({ sizeMl }) => volumeMl <= sizeMl * justFull);
  const [device = largestCylinder] = [...fitting].sort(
    (one, other) => one.readsMl - other.readsMl || one.sizeMl - other.sizeMl,
  );
  const once = measuredWith(device, volumeMl);
  if (once.uncertainPercent <= worstMeasurePercent || volumeMl < device.sizeMl / 5) return once;
  // Between two sizes the smaller one, filled twice, is finer than the larger.
  const [finer] = devices
    .filter(({ sizeMl }) => sizeMl < volumeMl && volumeMl <= 2 * sizeMl)
    .map((one) => measuredWith(one, volumeMl, 2))
    .sort((one, other) => one.uncertainPercent - other.uncertainPercent);
  return finer && finer.uncertainPercent < once.uncertainPercent ? finer : once;
}

function measuredWith(
  { kind, sizeMl, readsMl }: MeasuringDevice,
  volumeMl: number,
  fillings = 1,
): Measured {
  const read = Math.max(1, Math.round(volumeMl / readsMl)) * readsMl;
  const isFull = fillings === 1 && volumeMl <= sizeMl * justFull;
  return {
    roundedMl: tidy(isFull ? Math.min(sizeMl, read) : read),
    kind,
    sizeMl,
    ...(fillings > 1 && { fillings }),
    uncertainPercent: (50 * readsMl * fillings) / volumeMl,
  };
}

/** Whether a volume can be measured as well as a recipe asks. */
export function isMeasurable(volumeMl: number, kit: Pick<MeasuringKit, 'pipettes'>): boolean {
  return measureMl(volumeMl, kit).uncertainPercent <= worstMeasurePercent + 1e-9;
}

/** A mass to the resolution of a balance, g. */
export function roundToBalance(massG: number, resolutionG: number): number {
  return tidy(Math.max(1, Math.round(massG / resolutionG)) * resolutionG);
}

/** Volumes are made up to the next 10 mL. */
export function roundUpMl(volumeMl: number): number {
  return Math.ceil(volumeMl / 10 - 1e-9) * 10;
}

/** Half a division of the balance, per cent of a mass. */
export function balancePercent(massG: number, resolutionG: number): number {
  return (50 * resolutionG) / massG;
}

/** The least mass that is weighed as well as a recipe asks, g. */
export function leastMassG(resolutionG: number): number {
  return (50 * resolutionG) / worstMeasurePercent;
}

/** Volumes in which solutions are made up, mL: what flasks and cylinders are marked for. */
const flasksMl = [10, 20, 25, 50, 100, 200, 250, 500, 1000, 2000];

/** The flask sizes, smallest first. */
export const flaskSizesMl: readonly number[] = flasksMl;

/** Bottles solutions are kept in, mL. */
const bottlesMl = [10, 30, 60, 100, 250, 500, 1000, 2500];

/** Bottles of one size that a volume is shared out into. */
export interface Bottles {
  readonly count: number;
  readonly sizeMl: number;
}

/**
 * The bottles for a solution: one for each group where the smallest still pays, otherwise one that holds it all.
 *
 * @param volumeMl the whole volume; more than the largest bottle holds takes several.
 */
export function bottlesFor(volumeMl: number, groups: number): Bottles {
  const largest = bottlesMl.at(-1) ?? 0;
  const count = Math.max(1, groups, Math.ceil(volumeMl / largest));
  const each = volumeMl / count;
  return { count, sizeMl: bottlesMl.find((size) => size >= each - 1e-9) ?? largest };
}

/** Without the dust of binary fractions. */
const tidy = (value: number): number => Number(value.toPrecision(10));
