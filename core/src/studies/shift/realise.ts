import { viewVessel } from '../../seeing/appearance/vesselView';
import { act } from '../../vessel/act';
import type { Action } from '../../vessel/action';
import type { EventResult } from '../../vessel/eventResult';
import { actionOf, dropMl, unitOf } from './stress';
import type { Stress, StressUnit } from './stress';
import { measuredAmount } from './measuredAmount';
import { atTemperature, mixtureOf } from './mixture';
import { along, amountsOf, stretches, sweep } from './sweep';
import type { Along } from './sweep';
import type { Unreached } from './unreached';
import { roomIn } from './path';
import type { Move, Tool, Path } from './path';
import { fulfils, isOf, sightOf } from './target';
import type { Sight, Target } from './target';

/** One colour reached: what is done, how it looks, and how exactly it has to be done. */
export interface PlanStage {
  readonly target: Target;
  /** What is done; empty for a start that shows the first colour already. */
  readonly actions: readonly Action[];
  readonly stress?: Stress;
  readonly amount: number;
  readonly unit: StressUnit;
  /** Share poured away before it. */
  readonly poursAway?: number;
  readonly sight: Sight;
  readonly volumeMl: number;
  readonly temperatureC: number;
  /** Least and most of the stress that still show the target, in its unit. */
  readonly range: readonly [least: number, most: number];
  /** The most is as much as the vessel has room for. */
  readonly open: boolean;
  /** The colours passed on the way, for a strip. */
  readonly strip: readonly { readonly amount: number; readonly hex: string }[];
}

/** A path run through the engine, colour by colour, as far as it shows what was aimed at. */
export function realised(
  start: EventResult,
  { moves }: Path,
  targets: readonly Target[],
): { readonly stages: readonly PlanStage[]; readonly failed?: Unreached } {
  const stages: PlanStage[] = [];
  const [first] = targets;
  const skipped = first && isOf(sightOf(viewVessel(start)), first) ? 1 : 0;
  if (first && skipped === 1) stages.push(standing(start, first));
  let step = start;
  for (const [at, move] of moves.entries()) {
    const target = targets[at + skipped];
    if (!target) break;
    const { stress } = move.tool;
    const poured =
      move.poursAway > 0
        ? act(step.vessel, { do: 'discard', fraction: move.poursAway })
        : undefined;
    const from = poured ?? step;
    const found = shown(from, move, target);
    if (!found) {
      const tried = act(from.vessel, actionOf(stress, move.amount, from.vessel.temperatureC));
      const nearest = { stress, amount: move.amount, sight: sightOf(viewVessel(tried)) };
      return { stages, failed: { target, at: at + skipped, because: 'chemistry', nearest } };
    }
    const { vessel } = found.step;
    stages.push({
      target,
      stress,
      amount: found.amount,
      unit: unitOf(stress),
      actions: [
        ...(poured ? [{ do: 'discard', fraction: move.poursAway } as const] : []),
        found.action,
      ],
      ...(poured && { poursAway: move.poursAway }),
      sight: sightOf(viewVessel(found.step)),
      volumeMl: vessel.volumeMl,
      temperatureC: vessel.temperatureC,
      ...tolerance(from, found.step, move.tool, found.amount, target),
    });
    step = found.step;
  }
  return { stages };
}

function standing(start: EventResult, target: Target): PlanStage {
  const { volumeMl, temperatureC } = start.vessel;
  const sight = sightOf(viewVessel(start));
  return {
    target,
    actions: [],
    amount: 0,
    unit: 'mL',
    sight,
    volumeMl,
    temperatureC,
    range: [0, 0],
    open: false,
    strip: [{ amount: 0, hex: sight.hex }],
  };
}

/** Places in a stretch that are tried when the heat of mixing moved the colour away from the one first chosen. */
const triedPlaces = [0.4, 0.6, 0.75, 0.9, 0.1] as const;

/** The amount of a move at which the engine shows the target. */
function shown(from: EventResult, { tool: { stress }, amount, stretch }: Move, target: Target) {
  const others = triedPlaces.map((part) =>
    measuredAmount(stress, { ...stretch, open: false }, part),
  );
  for (const one of new Set([amount, ...others])) {
    if (one === undefined) continue;
    const action = actionOf(stress, one, from.vessel.temperatureC);
    const step = act(from.vessel, action);
    if (fulfils(sightOf(viewVessel(step)), target)) return { amount: one, action, step };
  }
  return undefined;
}

/** Colours on a strip. */
const stripPoints = 16;

/** The range of amounts that still show a target, and the colours on the way, at the temperatures on the way. */
function tolerance(
  from: EventResult,
  to: EventResult,
  tool: Tool,
  amount: number,
  target: Target,
): Pick<PlanStage, 'range' | 'open' | 'strip'> {
  const look = onTheWay(from, to, tool, amount);
  const begin = unitOf(tool.stress) === '°C' ? from.vessel.temperatureC : 0;
  const strip = Array.from({ length: stripPoints + 1 }, (_, at) => {
    const one = begin + (at / stripPoints) * (amount - begin);
    return { amount: one, hex: look(one).hex };
  });
  const around = amountsOf(tool.stress, roomIn(from.vessel));
  const at = around.findIndex((one) => one > amount);
  // The colour itself, and on either side as far as it may reach.
  const amounts =
    at < 0 ? [...around, amount] : [...around.slice(0, at), amount, ...around.slice(at)];
  const points = sweep(look, amounts);
  const own = stretches(look, points, target).find(
    ({ low, high }) => low <= amount && amount <= high,
  );
  return {
    strip,
    range: own ? [own.low, own.high] : [amount, amount],
    open: own?.open ?? false,
  };
}

/** Looks along the way from one step to the next, warming as it went. */
function onTheWay(
  from: EventResult,
  to: EventResult,
  { stress, after }: Tool,
  amount: number,
): Along {
  const mixture = mixtureOf(from.vessel);
  if (unitOf(stress) === '°C') return along(mixture, after);
  const [start, end] = [from.vessel.temperatureC, to.vessel.temperatureC];
  return along(mixture, (one, n) =>
    after(atTemperature(one, start + (end - start) * Math.min(1, n / amount)), n),
  );
}

/** Drops that may be too many and still look right; undefined for what is not dropped, or where the vessel fills first. */
export function dropsToSpare({ unit, amount, range, open }: PlanStage): number | undefined {
  return unit !== 'mL' || open ? undefined : Math.floor((range[1] - amount) / dropMl);
}
