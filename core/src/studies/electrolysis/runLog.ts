import * as z from 'zod';
import { ChemistryError } from '../../common/errors';
import { formatNumber } from '../../common/formatNumber';

/** One line of a log: when, what the ammeter and the voltmeters said. */
export const logLineSchema = z.object({
  /** Since switching on, s. */
  timeS: z.number().min(0, 'A time since switching on is 0 s or later').max(1e7),
  currentA: z
    .number()
    .min(0, 'A current is 0 A or more; where the ammeter shows minus, its leads are swapped')
    .max(1000, 'A current is at most 1000 A; check whether it was read in mA'),
  /** Across the whole cell, V. */
  cellV: z
    .number()
    .min(0, 'A cell voltage is 0 V or more; where the meter shows minus, its leads are swapped')
    .max(1000)
    .optional(),
  /** Half-cell readings against the reference electrode, V, with its tip close to the electrode and far from it. */
  cathodeNearV: z.number().min(-20).max(20).optional(),
  cathodeFarV: z.number().min(-20).max(20).optional(),
  anodeNearV: z.number().min(-20).max(20).optional(),
  anodeFarV: z.number().min(-20).max(20).optional(),
});
export type LogLine = z.infer<typeof logLineSchema>;

/** A log of current only, as the chem command takes it. */
export const currentLogSchema = z
  .array(z.object({ timeS: z.number().min(0), currentA: logLineSchema.shape.currentA }))
  .min(2, 'A log has at least two lines')
  .max(100_000);

/**
 * Charge that passed, C: the area under the current against time, straight between the readings (trapezium rule).
 *
 * @throws ChemistryError `invalidInput` naming the line whose time is not later than the one before.
 * @example chargeOfLog([{ timeS: 0, currentA: 1 }, { timeS: 60, currentA: 2 }]) // 90
 */
export function chargeOfLog(log: readonly Pick<LogLine, 'timeS' | 'currentA'>[]): number {
  checkTimes(log);
  return log.slice(1).reduce((sum, line, at) => {
    const before = log[at] ?? line;
    return sum + ((line.currentA + before.currentA) / 2) * (line.timeS - before.timeS);
  }, 0);
}

/** Refuses a log whose times do not rise. */
export function checkTimes(log: readonly Pick<LogLine, 'timeS'>[]): void {
  log.forEach(({ timeS }, at) => {
    const before = log[at - 1];
    if (before && timeS <= before.timeS)
      throw ChemistryError.of(
        'timesFall',
        String(at + 1),
        `${formatNumber(timeS)} s`,
        `${formatNumber(before.timeS)} s`,
      ).in(`currentLog.${at}.timeS`);
  });
}

/** What a log says as a whole. */
export interface LogSummary {
  readonly chargeC: number;
  readonly timeS: number;
  /** By charge over time, A. */
  readonly meanCurrentA: number;
  /** Mean of the cell voltage, weighted by the charge at it, V; undefined where none was read. */
  readonly meanCellV?: number;
  /** ∫ V dq, J; undefined where no cell voltage was read. */
  readonly energyJ?: number;
  /** Longest stretch without a reading, s. */
  readonly longestGapS: number;
}

/**
 * Charge, mean current and energy of a log; a voltage that was not read at a line is taken as straight between its neighbours.
 *
 * @throws ChemistryError when times fall or there are fewer than two lines.
 */
export function summariseLog(log: readonly LogLine[]): LogSummary {
  if (log.length < 2)
    throw ChemistryError.of('invalidInput', 'A log needs at least two readings.').in('log');
  const chargeC = chargeOfLog(log);
  const [first, last] = [log[0]?.timeS ?? 0, log.at(-1)?.timeS ?? 0];
  const timeS = last - first;
  const volts = voltagesAlong(log);
  const energyJ = volts
    ? log.slice(1).reduce((sum, line, at) => {
        const before = log[at] ?? line;
        const [v1, v2] = [volts[at] ?? 0, volts[at + 1] ?? 0];
        return (
          sum + ((v1 * before.currentA + v2 * line.currentA) / 2) * (line.timeS - before.timeS)
        );
      }, 0)
    : undefined;
  return {
    chargeC,
    timeS,
    meanCurrentA: chargeC / timeS,
    ...(energyJ !== undefined && chargeC > 0 && { energyJ, meanCellV: energyJ / chargeC }),
    longestGapS: Math.max(...log.slice(1).map((line, at) => line.timeS - (log[at]?.timeS ?? 0))),
  };
}

function voltagesAlong(log: readonly LogLine[]): number[] | undefined {
  const known = log.flatMap(({ timeS, cellV }) => (cellV === undefined ? [] : [{ timeS, cellV }]));
  if (known.length === 0) return undefined;
  return log.map(({ timeS, cellV }) => {
    if (cellV !== undefined) return cellV;
    const after = known.find((one) => one.timeS > timeS);
    const before = known.filter((one) => one.timeS < timeS).at(-1);
    if (!before || !after) return (before ?? after)?.cellV ?? 0;
    const share = (timeS - before.timeS) / (after.timeS - before.timeS);
    return before.cellV + share * (after.cellV - before.cellV);
  });
}

/** Theory along a log: mass that all of the charge would have deposited or taken off until each line, g. */
export function theoryAlong(
  log: readonly Pick<LogLine, 'timeS' | 'currentA'>[],
  gramsPerCoulomb: number,
): { readonly timeS: number; readonly massG: number }[] {
  checkTimes(log);
  let charge = 0;
  return log.map((line, at) => {
    const before = log[at - 1];
    if (before) charge += ((line.currentA + before.currentA) / 2) * (line.timeS - before.timeS);
    return { timeS: line.timeS, massG: charge * gramsPerCoulomb };
  });
}
