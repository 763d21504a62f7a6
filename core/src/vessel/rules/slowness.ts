import type { Equilibrium } from '../../solution/equilibrium/equilibrate';
import { slowTransfers } from '../../matter/substances/data/slowTransfers';
import type { SlowTransfer, TransferCondition } from '../../matter/substances/types';

/** Who gives electrons to whom, by the formulae of the two couples. */
export interface TransferNames {
  readonly oxidant: string;
  readonly reducedTo: string;
  readonly reductant: string;
  readonly oxidisedTo: string;
}

/**
 * The row that keeps a transfer from happening although its potentials allow it, if one does: coats and films on
 * metals, oxo-anions that are slow in dilute or cold solution, catalysts that are missing.
 *
 * @param solids formulae of the solids in the vessel, which may catalyse.
 */
export function slowRow(
  names: TransferNames,
  equilibrium: Equilibrium,
  temperatureC: number,
  solids: readonly string[],
): SlowTransfer | undefined {
  return slowTransfers.find(
    (row) =>
      matches(row.oxidants, names.oxidant) &&
      !row.exceptOxidants?.includes(names.oxidant) &&
      matches(row.reducedTo, names.reducedTo) &&
      matches(row.reductants, names.reductant) &&
      !row.exceptReductants?.includes(names.reductant) &&
      matches(row.oxidisedTo, names.oxidisedTo) &&
      !row.unless?.some((condition) => holds(condition, equilibrium, temperatureC, solids)),
  );
}

function matches(list: readonly string[] | undefined, formula: string): boolean {
  return list === undefined || list.includes(formula);
}

/** Whether a condition holds in a vessel. */
export function holds(
  { pHBelow, pHAbove, temperatureAboveC, aboveM = {}, belowM = {}, catalyst }: TransferCondition,
  { pH, species }: Equilibrium,
  temperatureC: number,
  solids: readonly string[],
): boolean {
  return (
    (pHBelow === undefined || pH < pHBelow) &&
    (pHAbove === undefined || pH > pHAbove) &&
    (temperatureAboveC === undefined || temperatureC > temperatureAboveC) &&
    Object.entries(aboveM).every(([formula, limit]) => (species[formula] ?? 0) >= limit) &&
    Object.entries(belowM).every(([formula, limit]) => (species[formula] ?? 0) < limit) &&
    (catalyst === undefined ||
      catalyst.some(
        (formula) => solids.includes(formula) || (species[formula] ?? 0) > catalysesAboveM,
      ))
  );
}

/** A dissolved catalyst counts from here, mol/L (common practice). */
const catalysesAboveM = 1e-4;
