import { viewVessel } from '../appearance/vesselView';
import type { VesselView } from '../appearance/vesselView';
import { inField } from '../../common/errors';
import { act, setUp } from '../../vessel/act';
import type { EventResult } from '../../vessel/eventResult';
import type { ContainerKind } from '../../vessel/containers';
import type { Portion } from '../../vessel/portion';
import { stateOf } from './mix';
import type { VesselState } from './mix';
import { shownBy } from '../observation/observation';
import type { Observation } from '../observation/observation';
import { observeStep } from './observeStep';

/** What mixing two solutions should show, and why. */
export interface MixingPrediction extends Pick<
  EventResult,
  'reactions' | 'considered' | 'warnings' | 'notPredicted'
> {
  /** Each solution in the vessel by itself. */
  readonly before: readonly [VesselView, VesselView];
  readonly after: VesselView;
  readonly state: VesselState;
  /** Empty when the mixture is not predicted. */
  readonly observations: readonly Observation[];
}

/**
 * Predicts what an observer sees when solution `b` is poured into solution `a` at 25 °C.
 *
 * @throws ChemistryError for an unknown substance.
 * @example predictMixing(
 *   { substance: 'AgNO3', concentrationM: 0.1, volumeMl: 2 },
 *   { substance: 'NaCl', concentrationM: 0.1, volumeMl: 2 }, 'testTube').state.solids[0].formula // 'AgCl'
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
  const empty = setUp({ contents: [], container }).vessel;
  const first = inField('a', () => act(empty, { do: 'add', portion: a }));
  const step = inField('b', () => act(first.vessel, { do: 'add', portion: b }));
  const [before, after] = [viewVessel(first), viewVessel(step)];
  const state = stateOf(step, after);
  const { reactions, considered, warnings, notPredicted } = step;
  return {
    before: [before, predictSolution(b, container)],
    after,
    state,
    reactions,
    considered,
    warnings: [...first.warnings, ...warnings],
    notPredicted,
    observations:
      notPredicted.length > 0
        ? []
        : answered(observeStep({ step, view: after }, { step: first, view: before })),
  };
}

/** The bench asks about a precipitate every time, so that there is none is said too. */
function answered(observations: readonly Observation[]): readonly Observation[] {
  const isThere = observations.some((one) =>
    ['precipitate', 'metal'].includes(shownBy(one)?.effect ?? ''),
  );
  return isThere ? observations : [...observations, { kind: 'noPrecipitate' }];
}

/**
 * What one solution should look like once it is made up, at 25 °C.
 *
 * @throws ChemistryError for an unknown substance.
 */
export function predictSolution(portion: Portion, container: ContainerKind): VesselView {
  return viewVessel(setUp({ contents: [portion], container }));
}
