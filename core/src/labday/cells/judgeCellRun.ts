import { ChemistryError } from '../../common/errors';
import { findElectrode } from '../../vessel/electrolysis/findElectrode';
import { efficiency } from '../../studies/electrolysis/efficiency';
import type { Efficiency } from '../../studies/electrolysis/efficiency';
import { summariseLog } from '../../studies/electrolysis/runLog';
import type { LogSummary } from '../../studies/electrolysis/runLog';
import { cellLog, cellMass } from './cellRun';
import type { CellRunWithRecord } from './cellRun';

/** What the clock and the hand at the switch may be off by, s (common practice). */
const clockS = 5;
/** A mean current farther from the planned one than this share is told. */
const offPlan = 0.03;
/** A stretch without a reading of more than so many intervals is told. */
const gapIntervals = 2.5;

/** What a run of a cell says. */
export interface JudgedCellRun {
  readonly summary: LogSummary;
  /** Mean current over the planned one, less one, where it matters. */
  readonly offPlan?: number;
  /** The longest stretch without a reading, s, where it is too long. */
  readonly gapS?: number;
  /** What the weighings say of the current. */
  readonly found?: Efficiency;
  /** Why the weighings say nothing. */
  readonly problem?: string;
}

/** Charge, efficiency and energy of a run, from its log and its weighings; undefined before there are two readings. */
export function judgeCellRun({ setup, entries }: CellRunWithRecord): JudgedCellRun | undefined {
  const log = cellLog(entries);
  if (log.length < 2) return undefined;
  const summary = summariseLog(log);
  const off = summary.meanCurrentA / setup.plannedA - 1;
  const told = {
    summary,
    ...(Math.abs(off) > offPlan && { offPlan: off }),
    ...(summary.longestGapS > gapIntervals * setup.everyS && { gapS: summary.longestGapS }),
  };
  const { metal, electrons, ammeterPercent, balanceG } = setup;
  const weighed = (electrode: 'cathode' | 'anode') => {
    const beforeG = cellMass(entries, electrode, 'before');
    const afterG = cellMass(entries, electrode, 'after');
    return beforeG === undefined || afterG === undefined ? undefined : { beforeG, afterG };
  };
  // Plus says something of the metal only where it is made of it.
  const isSame = metal !== null && findElectrode(setup.cell.anode).formula === metal;
  const [cathode, anode] = [weighed('cathode'), isSame ? weighed('anode') : undefined];
  if (metal === null || (!cathode && !anode)) return told;
  try {
    const found = efficiency({
      metal,
      electrons,
      chargeC: summary.chargeC,
      timeS: summary.timeS,
      ammeterShare: ammeterPercent / 100,
      clockS,
      balanceG,
      ...(cathode && { cathode }),
      ...(anode && { anode }),
      ...(summary.energyJ !== undefined && { energyJ: summary.energyJ }),
    });
    return { ...told, found };
  } catch (error) {
    if (!(error instanceof ChemistryError)) throw error;
    return { ...told, problem: `${error.message} ${error.remedy}` };
  }
}
