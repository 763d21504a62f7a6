import { indicators } from '../../matter/substances/data/indicators';
import { isComplex } from '../../vessel/rules/complexation';
import type { EventResult } from '../../vessel/eventResult';
import { formShares } from '../appearance/solutionColour';
import type { Observation } from '../observation/observation';
import { sightsOf } from '../observation/sights';

/** pH at which an indicator stands in its bottle, in water or alcohol (common practice). */
const bottledPH = 7;
/** pH that has to change before an indicator is said to turn. */
const leastPH = 0.5;
/** A complex that less than this share is left of has fallen apart, and the least of it, mol/L, that anybody sees go. */
const fallenApart = 0.7;
const seenToGoM = 2e-4;
/** Sights that no substance comes through unchanged. */
const newBySight = ['burns', 'browns or chars'] as const;

/**
 * New substances that no equation of a step tells of, in words: an indicator that turned, a complex that fell apart, a solid that
 * light turned, current that passed, what charred.
 */
export function unwrittenChanges(
  step: EventResult,
  previous: EventResult | undefined,
  observations: readonly Observation[],
): string[] {
  const by = observations.flatMap((one) => {
    if (one.kind === 'sight') {
      const shown = newBySight.find((sight) => sightsOf(one).includes(sight));
      return shown ? [`it ${shown}`] : [];
    }
    return one.kind === 'solid' && one.from !== undefined && one.from !== one.colour
      ? [`the solid turns from ${one.from} to ${one.colour ?? 'another colour'}`]
      : [];
  });
  return [
    ...(step.electrolysis
      ? ['a current passes, and each electrode makes or uses up a substance']
      : []),
    ...turnedIndicators(step, previous),
    ...fallenComplexes(step, previous),
    ...by,
  ];
}

function turnedIndicators(
  { vessel, equilibrium }: EventResult,
  previous: EventResult | undefined,
): string[] {
  if (!equilibrium) return [];
  return Object.keys(vessel.indicators).flatMap((name) => {
    const row = indicators.find((one) => one.name === name);
    if (!row) return [];
    const was =
      name in (previous?.vessel.indicators ?? {})
        ? (previous?.equilibrium?.pH ?? bottledPH)
        : bottledPH;
    const form = (pH: number): number => {
      const shares = formShares(row.pKa, pH);
      return shares.indexOf(Math.max(...shares));
    };
    return form(was) === form(equilibrium.pH) || Math.abs(was - equilibrium.pH) < leastPH
      ? []
      : [`${name} turns into its other form`];
  });
}

function fallenComplexes(
  { vessel, equilibrium }: EventResult,
  previous: EventResult | undefined,
): string[] {
  const before = previous?.equilibrium;
  if (!before || !equilibrium || !previous) return [];
  return Object.entries(before.species)
    .filter(([formula, strength]) => {
      // What was poured away is not gone from what is left, and more water makes it only thinner.
      const thinner = Math.min(1, previous.vessel.volumeMl / vessel.volumeMl);
      const left = equilibrium.species[formula] ?? 0;
      return strength > seenToGoM && isComplex(formula) && left < fallenApart * strength * thinner;
    })
    .map(([formula]) => `${formula} falls apart`);
}
