import { componentsOfSolid, componentsOfSpecies } from '../matter/substances/componentsOf';
import type { Components } from '../matter/substances/componentsOf';
import { addAmounts } from './amounts';
import type { Amounts } from './amounts';
import type { ContainerKind } from './containers';

/** What a vessel holds, phase by phase, in mmol by formula. */
export interface Phases {
  /** Every dissolved species, water included as `H2O`. */
  readonly solution: Amounts;
  /** Each solid: precipitates, crystals, metals. */
  readonly solids: Amounts;
  /** A liquid that does not mix with water, and what it holds. */
  readonly layer: Amounts;
  /** Gas that has left the liquid, now above it or gone. */
  readonly gas: Amounts;
}

/** What a closed vessel shut in. */
export interface Stopper {
  /** Oxygen of the air that is still there, mmol. */
  readonly oxygenMmol: number;
  /** Gas that had left the liquid by then, mmol, which is air by now as far as pressure goes. */
  readonly gasMmol: number;
  readonly atC: number;
}

/** A vessel on the bench. */
export interface Vessel {
  readonly container: ContainerKind;
  readonly temperatureC: number;
  /** Volume of the watery liquid; dissolving a solid is taken not to change it. */
  readonly volumeMl: number;
  readonly phases: Phases;
  /** Substances put in, in order and each once: the reagents that equations are written with. */
  readonly put: readonly string[];
  /** How long it has stood in light, minutes; in the dark when left out. */
  readonly litMinutes?: number;
  /** The hottest that its liquid was made, °C; never warmed when left out. */
  readonly hottestC?: number;
  /** How far the liquid holds the oxygen that air would give it, 0 to 1; all of it when left out. */
  readonly airShare?: number;
  /** There when the vessel is closed. */
  readonly stopper?: Stopper;
  /** Drops of each indicator. */
  readonly indicators: Readonly<Record<string, number>>;
}

/** Nothing in any phase. */
export const noPhases: Phases = { solution: {}, solids: {}, layer: {}, gas: {} };

/** An empty vessel at a temperature, 25 °C unless said otherwise. */
export function emptyVessel(container: ContainerKind = 'testTube', temperatureC = 25): Vessel {
  return {
    container,
    temperatureC,
    volumeMl: 0,
    phases: noPhases,
    put: [],
    indicators: {},
  };
}

/** The contents of one vessel poured into another: amounts and volumes add, the receiver stays what it is. */
export function pourTogether(into: Vessel, from: Vessel): Vessel {
  const volumeMl = into.volumeMl + from.volumeMl;
  return {
    ...into,
    volumeMl,
    // Mixed water comes to the mean by volume; heats of reaction are not calculated here.
    temperatureC:
      volumeMl === 0
        ? into.temperatureC
        : (into.temperatureC * into.volumeMl + from.temperatureC * from.volumeMl) / volumeMl,
    phases: {
      solution: addAmounts(into.phases.solution, from.phases.solution),
      solids: addAmounts(into.phases.solids, from.phases.solids),
      layer: addAmounts(into.phases.layer, from.phases.layer),
      gas: addAmounts(into.phases.gas, from.phases.gas),
    },
    put: [...new Set([...into.put, ...from.put])],
    ...airOf(into, from),
    indicators: addAmounts(into.indicators, from.indicators),
  };
}

function airOf(into: Vessel, from: Vessel): Pick<Vessel, 'airShare'> {
  const [a, b] = [into.airShare ?? 1, from.airShare ?? 1];
  const volumeMl = into.volumeMl + from.volumeMl;
  return a === b || volumeMl === 0
    ? {}
    : { airShare: (a * into.volumeMl + b * from.volumeMl) / volumeMl };
}

/**
 * Amounts of the components in a set of species or solids, mmol, water counted as `H2O`.
 * Every formula in a vessel came from the tables, so one they do not know is a fault of the program.
 */
export function componentsIn(amounts: Amounts, phase: 'solution' | 'solids'): Components {
  const sum: Record<string, number> = {};
  const partsOf = phase === 'solids' ? componentsOfSolid : componentsOfSpecies;
  for (const [formula, amount] of Object.entries(amounts)) {
    const parts = partsOf(formula);
    if (!parts) throw new Error(`No components for ${formula}.`);
    for (const [name, count] of Object.entries(parts))
      sum[name] = (sum[name] ?? 0) + count * amount;
  }
  return sum;
}
