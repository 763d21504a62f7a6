import { procedureSchema } from '../procedure';
import type { Procedure, WrittenProcedure } from '../procedure';
import type { RackEvent } from '../../../seeing/rack/rackShape';
import type { AnyPortion } from '../../../vessel/portion';
import type { Action } from '../../../vessel/action';

/** Shorthands in which the shipped procedures are written. */

const act = (vessel: string, action: Action): RackEvent => ({ vessel, action });
const put = (vessel: string, portion: AnyPortion): RackEvent => act(vessel, { do: 'add', portion });

/** So many mL of a solution, mol/L. */
export const pour = (
  vessel: string,
  substance: string,
  concentrationM: number,
  volumeMl: number,
): RackEvent => put(vessel, { substance, concentrationM, volumeMl });
/** So many drops of a solution, mol/L; 20 to the millilitre. */
export const dropsOf = (
  vessel: string,
  substance: string,
  concentrationM: number,
  drops: number,
): RackEvent => pour(vessel, substance, concentrationM, drops / 20);
/** A solid, g. */
export const solid = (vessel: string, substance: string, massG: number): RackEvent =>
  put(vessel, { substance, massG });
/** A liquid as it is, mL. */
export const liquid = (vessel: string, substance: string, volumeMl: number): RackEvent =>
  put(vessel, { substance, volumeMl });
export const water = (vessel: string, volumeMl: number): RackEvent =>
  liquid(vessel, 'water', volumeMl);
/** Drops of an indicator, a dye or starch. */
export const indicator = (vessel: string, name: string, drops: number): RackEvent =>
  put(vessel, { indicator: name, drops });
/** Gas by the millimole; 24 mL of it at room temperature. */
export const gas = (vessel: string, formula: string, amountMmol: number): RackEvent =>
  put(vessel, { gas: formula, amountMmol });
export const test = (vessel: string, name: string): RackEvent =>
  act(vessel, { do: 'test', test: name });
export const heat = (vessel: string, toC: number): RackEvent => act(vessel, { do: 'heat', toC });
export const strongly = (vessel: string): RackEvent => act(vessel, { do: 'heat', strongly: true });
export const cool = (vessel: string, toC = 25): RackEvent => act(vessel, { do: 'cool', toC });
export const wait = (vessel: string, minutes: number): RackEvent =>
  act(vessel, { do: 'wait', minutes });
export const light = (vessel: string, minutes: number): RackEvent =>
  act(vessel, { do: 'light', minutes });
/** A current, A, for so many minutes between two electrodes, minus first. */
export const current = (
  vessel: string,
  cathode: string,
  anode: string,
  currentA: number,
  minutes: number,
  more: { readonly areaCm2?: number; readonly mixing?: 'still' | 'stirred' | 'divided' } = {},
): RackEvent => act(vessel, { do: 'electrolyse', cathode, anode, currentA, minutes, ...more });
export const doTo = act;
export const into = (from: string, receiver: string): RackEvent => ({ pour: from, into: receiver });
export const filterInto = (from: string, receiver: string): RackEvent => ({
  pour: from,
  into: receiver,
  filtered: true,
});
export const leadInto = (from: string, receiver: string): RackEvent => ({
  leadGasOf: from,
  into: receiver,
});

export const drawInto = (from: string, receiver: string): RackEvent => ({
  drawOutOf: from,
  into: receiver,
});

/** Vessels of one kind: `vessels('testTube', 'A', 'B')`. */
export const vessels = (
  container: Procedure['vessels'][number]['container'],
  ...names: readonly string[]
): Procedure['vessels'] => names.map((name) => ({ name, container }));

/** Apparatus by name and count. */
export const kit = (counts: Readonly<Record<string, number>>): Procedure['apparatus'] =>
  Object.entries(counts).map(([name, count]) => ({ name, count }));

/** Fills in what may be left out, and refuses what is no procedure. */
export function write(written: WrittenProcedure): Procedure {
  return procedureSchema.parse(written);
}
