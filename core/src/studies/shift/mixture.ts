import { viewVessel } from '../../seeing/appearance/vesselView';
import type { VesselView } from '../../seeing/appearance/vesselView';
import { equilibrateComponents } from '../../solution/equilibrium/equilibrate';
import type { Equilibrium } from '../../solution/equilibrium/equilibrate';
import { addAmounts, scaleAmounts } from '../../vessel/amounts';
import type { Amounts } from '../../vessel/amounts';
import { pourOut } from '../../vessel/pour';
import { setUp } from '../../vessel/act';
import type { AnyPortion } from '../../vessel/portion';
import { componentsIn, noPhases } from '../../vessel/vessel';
import type { Vessel } from '../../vessel/vessel';

/**
 * A mixture by what it is made of, for looking at hundreds of compositions: mass action and colour alone, without heat, electron
 * transfer or gas that leaves. What is decided on it is run through the engine afterwards.
 */
export interface Mixture {
  readonly vessel: Vessel;
  /** Components, mmol. */
  readonly components: Amounts;
}

/** How a mixture looks. */
export interface Look {
  readonly vessel: Vessel;
  readonly equilibrium: Equilibrium;
  readonly view: VesselView;
}

/** What a vessel holds as a mixture. */
export function mixtureOf(vessel: Vessel): Mixture {
  const { solution, solids } = vessel.phases;
  return {
    vessel,
    components: addAmounts(componentsIn(solution, 'solution'), componentsIn(solids, 'solids')),
  };
}

/** A portion by itself as a mixture, at the temperature of another. */
export function portionMixture(portion: AnyPortion, temperatureC: number): Mixture {
  const holdsLiquid = pourOut(portion).volumeMl > 0;
  return mixtureOf(
    holdsLiquid
      ? setUp({ contents: [portion], temperatureC: Math.min(100, temperatureC) }).vessel
      : pourOut(portion),
  );
}

/** A mixture with `times` of another added. */
export function joined(one: Mixture, other: Mixture, times: number): Mixture {
  return {
    vessel: {
      ...one.vessel,
      volumeMl: one.vessel.volumeMl + times * other.vessel.volumeMl,
      indicators: addAmounts(one.vessel.indicators, other.vessel.indicators, times),
    },
    components: addAmounts(one.components, other.components, times),
  };
}

/** A mixture at another temperature, °C. */
export function atTemperature(one: Mixture, temperatureC: number): Mixture {
  return { ...one, vessel: { ...one.vessel, temperatureC } };
}

/** What is left of a mixture when a share of it is poured away. */
export function without(one: Mixture, share: number): Mixture {
  const left = 1 - share;
  return {
    vessel: {
      ...one.vessel,
      volumeMl: left * one.vessel.volumeMl,
      indicators: scaleAmounts(one.vessel.indicators, left),
    },
    components: scaleAmounts(one.components, left),
  };
}

/** Lets a mixture come to equilibrium and looks at it. @throws ChemistryError `notConverged`. */
export function lookAt({ vessel, components }: Mixture): Look {
  const { volumeMl, temperatureC } = vessel;
  const equilibrium = equilibrateComponents(scaleAmounts(components, 1 / volumeMl), {
    temperatureC,
    added: Object.keys(vessel.phases.solids),
  });
  const settled: Vessel = {
    ...vessel,
    phases: {
      ...noPhases,
      solids: Object.fromEntries(
        equilibrium.solids.map(({ formula, amountMolPerL }) => [formula, amountMolPerL * volumeMl]),
      ),
    },
  };
  return { vessel: settled, equilibrium, view: viewVessel({ vessel: settled, equilibrium }) };
}
