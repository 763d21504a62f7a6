import * as z from 'zod';
import { solidLook } from '../appearance/solidLook';
import { massesMg, viewVessel } from '../appearance/vesselView';
import type { VesselView } from '../appearance/vesselView';
import { performTest } from '../benchTests/performTest';
import { inField } from '../../common/errors';
import { metalsOnWater } from '../../matter/substances/data/metalsOnWater';
import { gasPropertiesOf } from '../../matter/substances/gas';
import type { Source } from '../../matter/substances/source';
import type { ColourPhrase, Texture } from '../../matter/substances/types';
import { act, setUp } from '../../vessel/act';
import { containersSource } from '../../vessel/containers';
import { layerVolumeMl } from '../../vessel/layer';
import type { EventResult } from '../../vessel/eventResult';
import { actionSchema, vesselSchema } from '../../vessel/action';
import type { Reaction } from '../../vessel/reaction';
import type { Warning } from '../../vessel/warnings';
import type { Observation } from '../observation/observation';
import { observeStep } from './observeStep';
import { unwrittenChanges } from './unwrittenChanges';
import { formatNumber } from '../../common/formatNumber';

/** A vessel as set up, and what is done to it in order. */
export const mixSchema = z.object({
  vessel: vesselSchema,
  actions: z.array(actionSchema).max(100).default([]),
});
export type MixRequest = z.input<typeof mixSchema>;

/** One solid in a vessel as told. */
export interface SolidState {
  readonly formula: string;
  readonly massG: number;
  readonly colour: ColourPhrase;
  readonly texture: Texture;
  /** How it settles, and what light and air do to it. */
  readonly notes: readonly string[];
}

/** The state of a vessel as told. */
export interface VesselState {
  /** Substances put in so far, by formula. */
  readonly put: readonly string[];
  /** Of the water and what is dissolved in it, mL. */
  readonly volumeMl: number;
  /** Of a second liquid, that does not mix with water, mL; left out where there is none. */
  readonly layerMl?: number;
  readonly temperatureC: number;
  readonly pH?: number;
  readonly ionicStrengthM?: number;
  readonly colour: ColourPhrase;
  readonly liquidHex: string;
  readonly clarity: VesselView['clarity'];
  readonly solids: readonly SolidState[];
  readonly gasEvolved: readonly { readonly formula: string; readonly amountMmol: number }[];
  /** Concentration of every dissolved species, mol/L. */
  readonly species: Readonly<Record<string, number>>;
}

/** One step as told: what is seen, what reacted and why, cautions, and what the vessel has become. */
export interface ToldStep {
  readonly observations: readonly Observation[];
  readonly reactions: readonly Reaction[];
  /** New substances that no equation tells of, in words: an indicator that turned, light, a current. */
  readonly unwritten: readonly string[];
  readonly warnings: readonly Warning[];
  /** What the model cannot say about this step, each with its reason. */
  readonly notPredicted: readonly string[];
  /** Where what is seen besides reactions comes from: gases, metals on water. */
  readonly sources: readonly Source[];
  readonly state: VesselState;
  readonly view: VesselView;
}

/**
 * Sets a vessel up, acts on it step by step, and tells what is seen and why after each.
 *
 * @returns `steps[0]` for the vessel as set up, then one for each action.
 * @throws ChemistryError naming the portion or action that cannot be done.
 * @example mix({ vessel: { contents: [{ substance: 'AgNO3', concentrationM: 0.1, volumeMl: 5 }] },
 *   actions: [{ do: 'add', portion: { substance: 'NaCl', concentrationM: 0.1, volumeMl: 5 } }] })
 *   .steps[1].observations // a white curdy precipitate of AgCl
 */
export function mix({ vessel, actions = [] }: MixRequest): { steps: ToldStep[] } {
  let step = inField('vessel', () => setUp(vessel));
  let view = viewVessel(step);
  const steps = [tell(step, view, observeStep({ step, view }))];
  actions.forEach((action, index) => {
    const next = inField(`actions.${index}`, () => act(step.vessel, action));
    const nextView = viewVessel(next);
    const observations = inField(`actions.${index}`, () =>
      action.do === 'test'
        ? [performTest(step.vessel, action.test)]
        : observeStep({ step: next, view: nextView }, { step, view }),
    );
    steps.push(tell(next, nextView, observations, step));
    [step, view] = [next, nextView];
  });
  return { steps };
}

/** A step with what is seen of it, as told, against how the vessel stood before. */
export function tell(
  step: EventResult,
  view: VesselView,
  observations: readonly Observation[],
  previous?: EventResult,
): ToldStep {
  const { reactions, warnings, notPredicted } = step;
  const state = stateOf(step, view);
  return {
    observations,
    reactions,
    unwritten: unwrittenChanges(step, previous, observations),
    warnings,
    notPredicted,
    sources: sourcesOf(step, observations),
    state,
    view,
  };
}

/** Where the properties of the gases given off, of the metals seen on water and of the vessel that takes its share of heat come from. */
function sourcesOf(
  { gasEvolved, solidsChange }: EventResult,
  observations: readonly Observation[],
): readonly Source[] {
  const vessel = observations.some(({ kind }) => kind === 'temperature') ? [containersSource] : [];
  const gases = Object.keys(gasEvolved).flatMap((one) => gasPropertiesOf(one)?.sources ?? []);
  const metals = metalsOnWater.flatMap(({ formula, sources }) =>
    (solidsChange[formula] ?? 0) < 0 ? sources : [],
  );
  return [...new Set([...gases, ...metals, ...vessel])];
}

/** The state of a vessel after a step. */
export function stateOf(
  { vessel, equilibrium, gasEvolved }: EventResult,
  view: VesselView,
): VesselState {
  const layerMl = layerVolumeMl(vessel.phases.layer);
  return {
    put: vessel.put,
    volumeMl: vessel.volumeMl,
    ...(layerMl > 0 && { layerMl }),
    temperatureC: vessel.temperatureC,
    ...(equilibrium && { pH: equilibrium.pH, ionicStrengthM: equilibrium.ionicStrength }),
    colour: view.colour,
    liquidHex: view.liquidHex,
    clarity: view.clarity,
    solids: massesMg(vessel).flatMap(({ formula, massMg }) => {
      const look = solidLook(formula, vessel);
      if (!look) return [];
      const { colour, texture, settles, darkensInLight, inAir } = look;
      const notes = [
        settles,
        ...(darkensInLight
          ? [
              `turns ${darkensInLight.to} in daylight within about ${formatNumber(darkensInLight.minutes)} min`,
            ]
          : []),
        ...(inAir ? [inAir] : []),
      ];
      return [{ formula, massG: massMg / 1000, colour, texture, notes }];
    }),
    gasEvolved: Object.entries(gasEvolved).map(([formula, amountMmol]) => ({
      formula,
      amountMmol,
    })),
    species: equilibrium?.species ?? {},
  };
}
