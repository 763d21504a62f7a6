import * as z from 'zod';
import { hexDistance, phraseHex } from '../../seeing/appearance/colourWords';
import { viewVessel } from '../../seeing/appearance/vesselView';
import { ChemistryError, inField } from '../../common/errors';
import { setUp } from '../../vessel/act';
import { vesselSchema } from '../../vessel/action';
import { containers } from '../../vessel/containers';
import type { EventResult } from '../../vessel/eventResult';
import { checkStress, isConcentrated, stressSchema, volumeOf, withStress } from './stress';
import { measuredAmount } from './measuredAmount';
import { mixtureOf, without } from './mixture';
import { realised } from './realise';
import type { PlanStage } from './realise';
import { along, amountsOf, stretches, sweep } from './sweep';
import { whyNot } from './unreached';
import type { Unreached } from './unreached';
import { roomIn } from './path';
import type { Tool, Path } from './path';
import { isOf, sightOf, targetSchema } from './target';
import type { Target } from './target';

/** A start, what is at hand, and the colours wanted in order. */
export const colourPlanSchema = z.object({
  vessel: vesselSchema,
  stresses: z.array(stressSchema).min(1, 'Name at least one reagent').max(6),
  targets: z.array(targetSchema).min(1, 'Name at least one colour').max(8),
});
export type ColourPlanRequest = z.infer<typeof colourPlanSchema>;

/** A path through the colours wanted. */
export interface ColourPlan {
  readonly stages: readonly PlanStage[];
  /** There when a colour is not reached; the stages end before it. */
  readonly unreached?: Unreached;
  /** What dilution alone would not have reached in this vessel, where some is poured away for it. */
  readonly withoutPouring?: Unreached;
  /** Concentrated reagent used, mL. */
  readonly concentratedMl: number;
}

/** Ways kept from one colour to the next. */
const kept = 5;
/** Shares of a beaker that are poured away, least first. */
const pourings = [0.5, 0.75, 0.9] as const;
/** What counts against a path: a millilitre of concentrated reagent, a full vessel, pouring away, a colour hard to tell from the next or unlike its name. */
const costs = { concentratedPerMl: 0.4, full: 6, pouring: 4, unclear: 3, unlike: 10 } as const;
/** A colour this far in OKLab from the next one over is told apart across a room (common practice). */
const clearFrom = 0.08;

/**
 * Finds additions that show colours in order: amounts that lie well inside each colour, fit the vessel and use little of what is
 * concentrated. The search goes by mass action and colour alone; what it finds is then run through the engine, heat and all.
 *
 * @param watch is told the share done, 0 to 1, and ends the search by answering false.
 * @throws ChemistryError for a start that cannot be set up, or a reagent without a row.
 * @example planColours({ vessel: { container: 'beaker250', contents: [{ substance: 'CuSO4', concentrationM: 0.1, volumeMl: 10 }] },
 *   stresses: [{ solution: 'HCl', concentrationM: 12 }, { water: true }], targets: [{ colour: 'blue' }, { colour: 'green' }] })
 */
export function planColours(
  { vessel, stresses, targets }: ColourPlanRequest,
  watch: (share: number) => boolean = () => true,
): ColourPlan {
  const tools = stresses.map((one, at): Tool => {
    inField(`stresses.${at}`, () => checkStress(one));
    return { stress: one, after: withStress(one) };
  });
  const start = inField('vessel', () => setUp(vessel));
  if (!start.equilibrium) throw ChemistryError.of('emptyVessel', 'shift').in('vessel');
  const dry = search(start, tools, targets, false, (share) => watch(0.5 * share));
  const found =
    dry.unreached?.because === 'room'
      ? search(start, tools, targets, true, (share) => watch(0.5 + 0.4 * share))
      : dry;
  const wet = found !== dry && found.reached > dry.reached;
  const best = wet ? found : dry;
  const { stages, failed } = best.paths
    .map((path) => realised(start, path, targets))
    .reduce((one, other) => (other.stages.length > one.stages.length ? other : one));
  const concentratedMl = stages.reduce(
    (sum, { stress: used, amount }) => sum + (used && isConcentrated(used) ? amount : 0),
    0,
  );
  const unreached = failed ?? best.unreached;
  return {
    stages,
    ...(unreached && { unreached }),
    ...(wet && dry.unreached && { withoutPouring: dry.unreached }),
    concentratedMl,
  };
}

interface Found {
  readonly paths: readonly Path[];
  /** How many targets the paths fulfil. */
  readonly reached: number;
  readonly unreached?: Unreached;
}

function search(
  start: EventResult,
  tools: readonly Tool[],
  targets: readonly Target[],
  pours: boolean,
  watch: (share: number) => boolean,
): Found {
  let paths: readonly Path[] = [{ mixture: mixtureOf(start.vessel), moves: [], cost: 0 }];
  const first = targets[0];
  const shows = first !== undefined && isOf(sightOf(viewVessel(start)), first);
  for (let at = shows ? 1 : 0; at < targets.length; at += 1) {
    if (!watch(at / targets.length)) return { paths, reached: at };
    const target = targets[at] as Target;
    const next = paths.flatMap((path) => {
      const straight = movesTo(path, tools, target, 0);
      if (straight.length > 0 || !pours) return straight;
      for (const share of pourings) {
        const poured = movesTo(path, tools, target, share);
        if (poured.length > 0) return poured;
      }
      return [];
    });
    if (next.length === 0)
      return { paths, reached: at, unreached: whyNot(paths, tools, target, at) };
    paths = next.sort((a, b) => a.cost - b.cost).slice(0, kept);
  }
  return { paths, reached: targets.length };
}

/** Every way on from one to a colour, a share poured away before. */
function movesTo(path: Path, tools: readonly Tool[], target: Target, share: number): Path[] {
  const left = share > 0 ? without(path.mixture, share) : path.mixture;
  const { brimMl } = containers[left.vessel.container];
  return tools.flatMap((tool) => {
    const { stress, after } = tool;
    const look = along(left, after);
    const points = sweep(look, amountsOf(stress, roomIn(left.vessel)));
    return stretches(look, points, target).flatMap((stretch) =>
      places.flatMap((part): Path[] => {
        const amount = measuredAmount(stress, stretch, part);
        if (amount === undefined) return [];
        return [
          {
            mixture: after(left, amount),
            moves: [...path.moves, { tool, amount, stretch, poursAway: share }],
            cost:
              path.cost +
              (share > 0 ? costs.pouring * (1 + share) : 0) +
              (isConcentrated(stress) ? costs.concentratedPerMl * amount : 0) +
              (costs.full * volumeOf(stress, amount)) / brimMl +
              costs.unclear * Math.max(0, 1 - stretch.clearness / clearFrom) +
              costs.unlike * hexDistance(look(amount).hex, phraseHex(target.colour)),
          },
        ];
      }),
    );
  });
}

/** Where in a stretch an amount is taken: early, which uses little, or in the middle, which forgives most. */
const places = [0.25, 0.5] as const;
