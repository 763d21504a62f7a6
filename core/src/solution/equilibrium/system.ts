import { formedSpecies } from '../../matter/substances/componentsOf';
import type { Components } from '../../matter/substances/componentsOf';
import { chargeOf } from '../../matter/substances/ionsOf';
import type { MassActionTerm } from './minimise';
import { vantHoff } from './temperature';

/** One dissolved species of a system. */
export interface SystemSpecies extends MassActionTerm {
  readonly formula: string;
  readonly charge: number;
  /** In the second layer, not in the water. */
  readonly inLayer?: true;
}

/** The components that are there and all that mass action makes of them at one temperature. */
export interface System {
  readonly components: readonly string[];
  readonly charges: readonly number[];
  readonly species: readonly SystemSpecies[];
}

const systems = new Map<string, System>();
const mostKept = 400;

/** The system of a set of components at a temperature in °C. Systems are kept, as mixtures come back to the same ones. */
export function systemOf(components: readonly string[], temperatureC: number): System {
  const key = `${temperatureC} ${components.join(' ')}`;
  const kept = systems.get(key);
  if (kept) return kept;
  if (systems.size >= mostKept) systems.clear();
  const system = build(components, temperatureC);
  systems.set(key, system);
  return system;
}

function build(components: readonly string[], temperatureC: number): System {
  const there = new Set(components);
  const own = components.map((formula, at) => ({
    formula,
    charge: chargeOf(formula),
    logK: 0,
    counts: components.map((_, j) => (j === at ? 1 : 0)),
  }));
  const formed = formedSpecies
    .filter(({ from }) => Object.keys(from).every((name) => there.has(name)))
    .map(({ formula, from, logBeta, enthalpyKJPerMol }) => ({
      formula,
      charge: chargeOf(formula),
      logK: vantHoff(logBeta, enthalpyKJPerMol, temperatureC),
      counts: components.map((name) => from[name] ?? 0),
    }));
  return { components, charges: own.map(({ charge }) => charge), species: [...own, ...formed] };
}

/** A liquid beside the water that takes up some of what is dissolved. */
export interface Layer {
  /** Its volume over that of the water. */
  readonly volumeRatio: number;
  /** Concentration in it over that in water, by species. */
  readonly partition: Readonly<Record<string, number>>;
}

/** The system with what each species leaves in a second layer, counted per litre of water. */
export function withLayer(system: System, { volumeRatio, partition }: Layer): System {
  const taken = system.species.flatMap((one) => {
    const ratio = (partition[one.formula] ?? 0) * volumeRatio;
    return ratio > 0
      ? [{ ...one, logK: one.logK + Math.log10(ratio), inLayer: true as const }]
      : [];
  });
  return { ...system, species: [...system.species, ...taken] };
}

/** Counts of the components in a species or solid, without water, in the system's order; undefined when one is absent. */
export function countsIn(
  { components }: System,
  parts: Components | undefined,
): readonly number[] | undefined {
  if (!parts) return undefined;
  const names = Object.keys(parts).filter((name) => name !== 'H2O');
  if (names.length === 0 || !names.every((name) => components.includes(name))) return undefined;
  return components.map((name) => parts[name] ?? 0);
}
