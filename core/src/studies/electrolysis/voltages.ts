import { componentsIn } from '../../vessel/vessel';
import type { Vessel } from '../../vessel/vessel';
import { equilibrateComponents } from '../../solution/equilibrium/equilibrate';
import type { Equilibrium } from '../../solution/equilibrium/equilibrate';
import type { Electrode } from '../../matter/substances/types';
import { atElectrode } from '../../vessel/electrolysis/atElectrode';
import { reversibleV } from '../../vessel/electrolysis/candidates';
import type { AtElectrode } from '../../vessel/electrolysis/atElectrode';
import { conductivityMSPerCm } from '../../vessel/electrolysis/conductivity';

/** A cell with its measures, as far as voltage goes. */
export interface CellShape {
  readonly liquid: Vessel;
  readonly cathode: Electrode;
  readonly anode: Electrode;
  readonly areaCm2: number;
  readonly gapCm: number;
  /** A metal that already covers the electrode at minus, as it does soon after a deposition has begun. */
  readonly cover?: string | undefined;
}

/** Where the volts of a cell go at one current. All in V. */
export interface CellVoltages {
  readonly currentA: number;
  /** Difference of the equilibrium potentials of what goes on; negative where the cell would give a current by itself. */
  readonly equilibriumV: number;
  readonly anodeOverpotentialV: number;
  readonly cathodeOverpotentialV: number;
  readonly solutionV: number;
  /** Sum of the four. */
  readonly cellV: number;
  readonly solutionOhm: number;
  readonly conductivityMSPerCm: number;
  readonly cathode: AtElectrode;
  readonly anode: AtElectrode;
}

/** The solution of a cell at equilibrium. */
export function bulkOf({ phases, volumeMl, temperatureC }: Vessel): {
  readonly componentsM: Readonly<Record<string, number>>;
  readonly bulk: Equilibrium;
} {
  const componentsM = Object.fromEntries(
    Object.entries(componentsIn(phases.solution, 'solution')).map(([name, n]) => [
      name,
      n / volumeMl,
    ]),
  );
  return { componentsM, bulk: equilibrateComponents(componentsM, { temperatureC }) };
}

/** Resistance between two parallel plates, Ω: d/(κA), with κ in mS/cm. */
export function solutionOhm(shape: Pick<CellShape, 'areaCm2' | 'gapCm'>, mSPerCm: number): number {
  return (1000 * shape.gapCm) / (mSPerCm * shape.areaCm2);
}

/** The voltages of a cell as a function of its current; the solution is looked at once. */
export function voltagesOf(shape: CellShape): (currentA: number) => CellVoltages {
  const { liquid, areaCm2 } = shape;
  const { temperatureC } = liquid;
  const { componentsM, bulk } = bulkOf(liquid);
  const conductivity = conductivityMSPerCm(bulk.species, temperatureC);
  const ohm = solutionOhm(shape, conductivity);
  return (currentA) => {
    const ask = (side: 'cathode' | 'anode') =>
      atElectrode({
        side,
        electrode: shape[side],
        componentsM,
        bulk,
        temperatureC,
        densityAPerCm2: Math.max(currentA / areaCm2, 1e-9),
        ...(side === 'cathode' &&
          shape.cover !== undefined && { cover: { metal: shape.cover, fraction: 1 } }),
      });
    const [cathode, anode] = [ask('cathode'), ask('anode')];
    const [minus, plus] = [
      reversibleV(cathode, bulk, temperatureC),
      reversibleV(anode, bulk, temperatureC),
    ];
    const parts = {
      equilibriumV: plus - minus,
      anodeOverpotentialV: anode.potentialV - plus,
      cathodeOverpotentialV: minus - cathode.potentialV,
      solutionV: currentA * ohm,
    };
    return {
      currentA,
      ...parts,
      cellV: Object.values(parts).reduce((sum, one) => sum + one, 0),
      solutionOhm: ohm,
      conductivityMSPerCm: conductivity,
      cathode,
      anode,
    };
  };
}
