import { sidesOf } from '../../matter/equation/sides';
import type { Sides } from '../../matter/equation/sides';
import { gasPropertiesOf } from '../../matter/substances/gas';
import { thermalChanges } from '../../matter/substances/data/thermalChanges';
import type { ThermalChange } from '../../matter/substances/types';

/** A thermal change with its coefficients by formula. */
export interface ThermalRow extends ThermalChange, Sides {}

let rows: readonly ThermalRow[] | undefined;

/** Every thermal change with its coefficients, in table order. They are read from the equations when first asked for. */
export function thermalRows(): readonly ThermalRow[] {
  rows ??= thermalChanges.map((row) => ({ ...row, ...sidesOf(row.equation) }));
  return rows;
}

/** Whether a product of heating leaves as a gas; water does, as steam. */
export function leavesAsGas(formula: string): boolean {
  return formula === 'H2O' || gasPropertiesOf(formula) !== undefined;
}

/** Whether a reactant comes out of the air. */
export function fromAir(formula: string): boolean {
  return formula === 'O2';
}
