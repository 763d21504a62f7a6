import * as z from 'zod';
import { commonPractice } from '../../matter/substances/source';
import { conductivityUncertainty } from '../../vessel/electrolysis/conductivity';
import { voltagesOf } from './voltages';
import type { CellShape, CellVoltages } from './voltages';

/** What drives the current: cells in series, or a supply at a voltage with a limit. */
export const supplySchema = z.union([
  z.object({
    cells: z.number().int().min(1, 'At least one cell').max(20),
    /** Of one cell at rest, V. */
    eachV: z.number().positive().max(30).default(9),
    /** Inside one cell, Ω. */
    eachOhm: z.number().min(0).max(100).default(2),
  }),
  z.object({
    supplyV: z.number().positive('A voltage is above 0 V').max(60, 'More than 60 V can kill'),
    limitA: z.number().positive().max(100).optional(),
  }),
]);
export type Supply = z.infer<typeof supplySchema>;

export const batterySource = commonPractice(
  'a fresh 9 V block gives about 9 V and has 1 to 4 Ω inside, which grows as it empties',
);

/** Leads and clips, Ω (common practice: some hundredths for good ones, some tenths for corroded ones). */
export const leadsOhm = 0.2;

/** A current that is expected, A, with its range. */
export interface CurrentEstimate {
  readonly currentA: number;
  readonly lowA: number;
  readonly highA: number;
  /** At the estimated current. */
  readonly voltages: CellVoltages;
  readonly leadsV: number;
  /** Lost inside the cells of the battery, V. */
  readonly insideV: number;
  readonly limited: boolean;
}

/** How far the field between two electrodes in a beaker may differ from that between plates, as a factor on the resistance either way. */
const shapeFactor = 1.4;
const steps = 26;

/**
 * The current a supply drives through a cell: where its voltage is what the cell, the leads and its own inside need. The range
 * takes conductivity, the shape of the field and the inside of the battery together.
 */
export function estimateCurrent(shape: CellShape, supply: Supply): CurrentEstimate {
  const at = voltagesOf(shape);
  const solve = (solution: number, inside: number) => currentWhere(at, supply, solution, inside);
  const spread = shapeFactor * (1 + conductivityUncertainty);
  const currentA = solve(1, 1);
  const voltages = at(currentA);
  const limited =
    'supplyV' in supply && supply.limitA !== undefined && currentA >= supply.limitA * 0.999;
  return {
    currentA,
    lowA: solve(spread, 2),
    highA: solve(1 / spread, 0.5),
    voltages,
    leadsV: currentA * leadsOhm,
    insideV: currentA * ohmInside(supply),
    limited,
  };
}

function ohmInside(supply: Supply): number {
  return 'cells' in supply ? supply.cells * supply.eachOhm : 0;
}

function currentWhere(
  at: (currentA: number) => CellVoltages,
  supply: Supply,
  solutionFactor: number,
  insideFactor: number,
): number {
  const [openV, most] =
    'cells' in supply
      ? [supply.cells * supply.eachV, Infinity]
      : [supply.supplyV, supply.limitA ?? Infinity];
  const needs = (currentA: number) => {
    const { cellV, solutionV } = at(currentA);
    return (
      cellV +
      (solutionFactor - 1) * solutionV +
      currentA * (leadsOhm + insideFactor * ohmInside(supply))
    );
  };
  const ohm = at(1e-6).solutionOhm * solutionFactor + leadsOhm + insideFactor * ohmInside(supply);
  let [low, high] = [1e-7, Math.min(most, (openV + 2) / ohm)];
  if (needs(high) <= openV) return high;
  if (needs(low) >= openV) return 0;
  for (let step = 0; step < steps; step += 1) {
    const middle = step < 8 ? Math.sqrt(low * high) : (low + high) / 2;
    if (needs(middle) < openV) low = middle;
    else high = middle;
  }
  return low;
}
