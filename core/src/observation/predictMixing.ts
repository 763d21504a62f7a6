import { viewMixture, viewSolution } from '../appearance/vesselView';
import type { VesselView } from '../appearance/vesselView';
import { containers } from '../vessel/containers';
import type { ContainerKind } from '../vessel/containers';
import { mixSolutions } from '../vessel/mixSolutions';
import type { Mixture } from '../vessel/mixSolutions';
import type { Portion } from '../vessel/portion';
import type { Observation } from './observation';

/** What mixing two solutions should show, and why. */
export interface MixingPrediction extends Mixture {
  /** Each solution in the vessel by itself. */
  readonly before: readonly [VesselView, VesselView];
  readonly after: VesselView;
  /** Empty when the mixture is not predicted. */
  readonly observations: readonly Observation[];
}

/**
 * Predicts what an observer sees when solution `b` is poured into solution `a` at 25 °C.
 *
 * @throws ChemistryError for an unknown substance.
 * @example predictMixing(
 *   { substance: 'AgNO3', concentrationM: 0.1, volumeMl: 2 },
 *   { substance: 'NaCl', concentrationM: 0.1, volumeMl: 2 }, 'testTube').solids[0].formula // 'AgCl'
 */
export function predictMixing(a: Portion, b: Portion, container: ContainerKind): MixingPrediction {
  const key = JSON.stringify([a, b, container]);
  const known = predictions.get(key);
  if (known) return known;
  const prediction = predict(a, b, container);
  if (predictions.size >= mostKept) predictions.clear();
  predictions.set(key, prediction);
  return prediction;
}

/** The same mixture is asked for again with every tap at the bench; the answer never changes. */
const predictions = new Map<string, MixingPrediction>();
const mostKept = 500;

function predict(a: Portion, b: Portion, container: ContainerKind): MixingPrediction {
  const vessel = containers[container];
  const mixture = mixSolutions(a, b, vessel);
  const [one, other] = mixture.apart;
  const before = [
    viewSolution(one, a.volumeMl, vessel),
    viewSolution(other, b.volumeMl, vessel),
  ] as const;
  const after = viewMixture(mixture, vessel);
  return {
    ...mixture,
    before,
    after,
    observations: mixture.notPredicted.length > 0 ? [] : expected(before[0], after, mixture),
  };
}

function expected(
  before: VesselView,
  after: VesselView,
  { solids, gases }: Mixture,
): Observation[] {
  const [most] = solids;
  const same = before.colour === after.colour;
  return [
    { kind: 'colour', from: before.colour, to: after.colour },
    { kind: 'clarity', to: after.clarity },
    most
      ? { kind: 'precipitate', formula: most.formula, colour: most.colour, texture: most.texture }
      : { kind: 'noPrecipitate' },
    ...gases.map(({ formula }): Observation => ({ kind: 'gas', formula })),
    ...(!most && gases.length === 0 && same ? [{ kind: 'noChange' } as const] : []),
  ];
}
