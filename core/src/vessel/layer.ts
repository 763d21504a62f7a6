import type { Layer } from '../solution/equilibrium/system';
import { molarMassOf } from '../matter/formula/molarMass';
import { solvents } from '../matter/substances/data/solvents';
import type { ImmiscibleSolvent } from '../matter/substances/types';
import type { Amounts } from './amounts';

const rows: readonly ImmiscibleSolvent[] = solvents;

/** The solvent of a second layer: the one there is most of; undefined when there is none. */
export function solventOf(layer: Amounts): ImmiscibleSolvent | undefined {
  const [first] = rows
    .filter(({ formula }) => (layer[formula] ?? 0) > 0)
    .sort((a, b) => (layer[b.formula] ?? 0) - (layer[a.formula] ?? 0));
  return first;
}

/** Whether a substance forms a layer of its own on or under water. */
export function isImmiscible(formula: string): boolean {
  return rows.some((row) => row.formula === formula);
}

/** Volume of a second layer, mL; what is dissolved in it is taken not to change it. */
export function layerVolumeMl(layer: Amounts): number {
  return rows.reduce(
    (sum, { formula, densityGPerMl }) =>
      sum + ((layer[formula] ?? 0) * molarMassOf(formula)) / 1000 / densityGPerMl,
    0,
  );
}

/** Amount in a volume of a pure immiscible liquid, mmol. */
export function amountInLayer(formula: string, volumeMl: number): number {
  const density = rows.find((row) => row.formula === formula)?.densityGPerMl ?? 0;
  return (1000 * volumeMl * density) / molarMassOf(formula);
}

/** What dissolves in a second layer, without the solvents. */
export function solutesOf(layer: Amounts): Amounts {
  return Object.fromEntries(Object.entries(layer).filter(([formula]) => !isImmiscible(formula)));
}

/** The solvents of a second layer alone. */
export function solventsIn(layer: Amounts): Amounts {
  return Object.fromEntries(Object.entries(layer).filter(([formula]) => isImmiscible(formula)));
}

/** A second layer as the equilibrium takes it. */
export function asEquilibriumLayer(layer: Amounts, volumeMl: number): Layer | undefined {
  const solvent = solventOf(layer);
  return solvent && { volumeRatio: layerVolumeMl(layer) / volumeMl, partition: solvent.partition };
}
