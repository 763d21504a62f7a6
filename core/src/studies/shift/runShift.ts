import * as z from 'zod';
import { viewVessel } from '../../seeing/appearance/vesselView';
import type { VesselView } from '../../seeing/appearance/vesselView';
import { inField } from '../../common/errors';
import { tell } from '../../seeing/rack/mix';
import type { ToldStep } from '../../seeing/rack/mix';
import { observeStep } from '../../seeing/rack/observeStep';
import { act, setUp } from '../../vessel/act';
import { actionSchema, vesselSchema } from '../../vessel/action';
import type { Action } from '../../vessel/action';
import { containers } from '../../vessel/containers';
import type { EventResult } from '../../vessel/eventResult';
import { sharesOf } from './shares';
import type { Share } from './shares';
import { shiftOf } from './shift';
import type { Shift } from './shift';
import { shiftWords } from './shiftWords';
import type { ShiftWords } from './shiftWords';
import { watchableIn } from './watchable';
import { readWatched, watchedSchema } from './watched';
import type { Watched, WatchedEquilibrium } from './watched';

/** A mixture in its vessel, what is done to it in order, and what is watched. */
export const shiftRequestSchema = z.object({
  vessel: vesselSchema,
  actions: z.array(actionSchema).max(60).default([]),
  /** The first equilibrium that the mixture offers when left out. */
  watched: watchedSchema.optional(),
});
export type ShiftRequest = z.infer<typeof shiftRequestSchema>;

/** One step of a shifted mixture. */
export interface ShiftStep {
  readonly told: ToldStep;
  readonly shares: readonly Share[];
  /** Undefined for the mixture as set up, and where nothing is watched. */
  readonly shift?: Shift;
  readonly words?: ShiftWords;
  /** Volume over the brim of its vessel, 0 to 1; above 1 it has run over. */
  readonly ofBrim: number;
}

/** A mixture shifted step by step. */
export interface ShiftRun {
  /** As set up, then one for each action. */
  readonly steps: readonly ShiftStep[];
  readonly watched?: WatchedEquilibrium;
  /** All that could be watched in it. */
  readonly watchable: readonly Watched[];
}

interface Stage {
  readonly step: EventResult;
  readonly view: VesselView;
  readonly told: ToldStep;
  /** Undefined for the mixture as set up. */
  readonly action?: Action;
}

/**
 * Runs a mixture and compares Q with K at each step.
 *
 * @throws ChemistryError naming the portion or the action that cannot be done.
 * @example runShift({ vessel: { contents: [{ substance: 'CuSO4', concentrationM: 0.1, volumeMl: 10 }] }, actions: [
 *   { do: 'add', portion: { substance: 'HCl', concentrationM: 12, volumeMl: 4 } }] }).steps[1].shift.direction // 'forward'
 */
export function runShift(request: ShiftRequest): ShiftRun {
  return shiftRunner()(request);
}

/** Like {@link runShift}, calculating only the actions that are new since the last time; they are told apart by identity. */
export function shiftRunner(): (request: ShiftRequest) => ShiftRun {
  let vessel: ShiftRequest['vessel'] | undefined;
  let stages: readonly Stage[] = [];
  let steps: readonly ShiftStep[] = [];
  let lastWatched: WatchedEquilibrium | undefined;
  return (request) => {
    const parted = request.actions.findIndex((action, at) => action !== stages[at + 1]?.action);
    const same = vessel === request.vessel ? 1 + (parted < 0 ? request.actions.length : parted) : 0;
    const run = stages.slice(0, same);
    if (run.length === 0) run.push(inField('vessel', () => begin(request.vessel)));
    for (const action of request.actions.slice(run.length - 1))
      run.push(inField(`actions.${run.length - 1}`, () => next(lastOf(run), action)));
    const watchable = watchableIn(run.map(({ step }) => step));
    const chosen = request.watched ?? watchable[0];
    const watched = chosen && inField('watched', () => readWatched(chosen));
    const told = lastWatched === watched ? steps.slice(0, same) : [];
    run.slice(told.length).forEach((stage) => {
      told.push(tellShift(run[run.indexOf(stage) - 1], stage, watched));
    });
    [vessel, stages, steps, lastWatched] = [request.vessel, run, told, watched];
    return { steps: told, ...(watched && { watched }), watchable };
  };
}

const lastOf = (run: readonly Stage[]): Stage => run[run.length - 1] as Stage;

function begin(setup: ShiftRequest['vessel']): Stage {
  const step = setUp(setup);
  const view = viewVessel(step);
  return { step, view, told: tell(step, view, observeStep({ step, view })) };
}

function next(before: Stage, action: Action): Stage {
  const step = act(before.step.vessel, action);
  const view = viewVessel(step);
  return {
    step,
    view,
    told: tell(step, view, observeStep({ step, view }, before), before.step),
    action,
  };
}

function tellShift(
  before: Stage | undefined,
  { step, told, action }: Stage,
  watched: WatchedEquilibrium | undefined,
): ShiftStep {
  const { volumeMl, container } = step.vessel;
  const shared = {
    told,
    shares: watched ? sharesOf(step, watched) : [],
    ofBrim: volumeMl / containers[container].brimMl,
  };
  if (!before || !action || !watched) return shared;
  const shift = shiftOf(before.step, step, action, watched);
  return { ...shared, shift, words: shiftWords(watched, shift, action) };
}
