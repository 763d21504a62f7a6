import type { Layer } from '../solution/equilibrium/system';
import { molarMassOf } from '../matter/formula/molarMass';
import { solvents } from '../matter/substances/data/solvents';
import type { ImmiscibleSolvent } from '../matter/substances/types';
import { sparinglySoluble } from '../matter/substances/data/sparinglySoluble';
import { addAmounts, present } from './amounts';
import type { Amounts } from './amounts';
import type { Phases } from './vessel';

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

/** Solubility of iodine in water at 25 °C, mol/L (CRC Handbook: 0.34 g/L); its product stands with the solids that settle. */
const inWaterM = Object.fromEntries(
  sparinglySoluble.flatMap(({ formula, elementary, pKsp }) =>
    elementary ? [[formula, 10 ** -pKsp] as const] : [],
  ),
);

/** Dissolves in a solvent that stands without water what it takes up of the solids: its share beside water times their solubility in that. */
export function takenUpByLayer(phases: Phases): Phases {
  const { layer, solids } = phases;
  const solvent = solventOf(layer);
  if (!solvent) return phases;
  const volumeMl = layerVolumeMl(layer);
  const taken = Object.fromEntries(
    Object.entries(solids).flatMap(([formula, mmol]) => {
      const mostM = (solvent.partition[formula] ?? 0) * (inWaterM[formula] ?? 0);
      const room = mostM * volumeMl - (layer[formula] ?? 0);
      return room > 0 ? [[formula, Math.min(mmol, room)] as const] : [];
    }),
  );
  return {
    ...phases,
    solids: present(addAmounts(solids, taken, -1)),
    layer: addAmounts(layer, taken),
  };
}
