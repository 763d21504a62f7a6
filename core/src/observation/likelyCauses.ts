import type { ContainerKind } from '../vessel/containers';
import { findSubstance } from '../substances/findSubstance';
import type { Portion } from '../vessel/portion';
import { compareObservations } from './compareObservations';
import type { Comparison } from './compareObservations';
import type { Observation } from './observation';
import { predictMixing } from './predictMixing';

/** A fault that would make the vessel look as it was seen. */
export interface LikelyCause {
  readonly fault: string;
  /** Share of the compared items that the fault explains, 0 to 1, times how common the fault is. */
  readonly likelihood: number;
  readonly explains: string;
}

interface Fault {
  readonly fault: string;
  /** How often it happens at a bench, relative (common practice). */
  readonly commonness: number;
  readonly apply: (a: Portion, b: Portion) => readonly [Portion, Portion];
}

const weaker = (portion: Portion): Portion => ({
  ...portion,
  concentrationM: Math.max(1e-6, portion.concentrationM / 10),
});
const omitted = (portion: Portion): Portion => ({ ...portion, concentrationM: 1e-6 });

const faults: readonly Fault[] = [
  {
    fault: 'solution A was left out, or water was used for it',
    commonness: 0.9,
    apply: (a, b) => [omitted(a), b],
  },
  {
    fault: 'solution B was left out, or water was used for it',
    commonness: 0.9,
    apply: (a, b) => [a, omitted(b)],
  },
  {
    fault: 'solution A is ten times weaker than planned',
    commonness: 0.6,
    apply: (a, b) => [weaker(a), b],
  },
  {
    fault: 'solution B is ten times weaker than planned',
    commonness: 0.6,
    apply: (a, b) => [a, weaker(b)],
  },
  {
    fault: 'far too little of solution B was added',
    commonness: 0.7,
    apply: (a, b) => [a, { ...b, volumeMl: b.volumeMl / 10 }],
  },
  { fault: 'solution A was taken twice', commonness: 0.4, apply: (a) => [a, a] },
  { fault: 'solution B was taken twice', commonness: 0.4, apply: (_, b) => [b, b] },
];

/**
 * Runs the prediction again with plausible faults and keeps those that reproduce what was seen better than the plan did.
 *
 * @returns the faults that explain it, likeliest first; empty when the plan already agrees or nothing fits.
 */
export function likelyCauses(
  a: Portion,
  b: Portion,
  container: ContainerKind,
  seen: readonly Observation[],
): LikelyCause[] {
  const planned = score(compareObservations(predictMixing(a, b, container).observations, seen));
  const causes: LikelyCause[] = [];
  for (const { fault, commonness, apply } of faults) {
    const [faultyA, faultyB] = apply(a, b);
    const prediction = predictMixing(faultyA, faultyB, container);
    if (prediction.notPredicted.length > 0) continue;
    const comparison = compareObservations(prediction.observations, seen);
    const fit = score(comparison);
    const reproduces = comparison.items.every(({ outcome }) => outcome !== 'differs');
    if (fit <= planned || !reproduces) continue;
    causes.push({
      fault: named(fault, a, b),
      likelihood: fit * commonness,
      explains: comparison.items
        .filter(({ outcome }) => outcome === 'agrees' || outcome === 'near')
        .map(({ item, seen: got }) => `${item}: ${got ?? ''}`)
        .join('; '),
    });
  }
  return causes.sort((one, other) => other.likelihood - one.likelihood);
}

function score({ items }: Comparison): number {
  const answered = items.filter(({ outcome }) => outcome !== 'missing');
  const points = answered.reduce(
    (sum, { outcome }) => sum + (outcome === 'agrees' ? 1 : outcome === 'near' ? 0.6 : 0),
    0,
  );
  return answered.length === 0 ? 0 : points / answered.length;
}

function named(fault: string, a: Portion, b: Portion): string {
  return fault
    .replace('solution A', findSubstance(a.substance).substance.formula)
    .replace('solution B', findSubstance(b.substance).substance.formula);
}
