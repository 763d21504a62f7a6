import * as z from 'zod';
import { hexDistance, phraseHex } from '../../seeing/appearance/colourWords';
import { viewVessel } from '../../seeing/appearance/vesselView';
import { ChemistryError, inField } from '../../common/errors';
import { setUp } from '../../vessel/act';
import { vesselSchema } from '../../vessel/action';
import { containers } from '../../vessel/containers';
import type { Step } from '../../vessel/step';
import { checkMeans, isConcentrated, meansSchema, volumeOf, withMeans } from './means';
import { measuredAmount } from './measuredAmount';
import { mixtureOf, without } from './mixture';
import { realised } from './realise';
import type { PlanStage } from './realise';
import { along, amountsOf, stretches, sweep } from './sweep';
import { whyNot } from './unreached';
import type { Unreached } from './unreached';
import { roomIn } from './way';
import type { Tool, Way } from './way';
import { isOf, sightOf, wishSchema } from './wish';
import type { Wish } from './wish';

/** A start, what is at hand, and the colours wanted in order. */
export const colourPlanSchema = z.object({
  vessel: vesselSchema,
  means: z.array(meansSchema).min(1, 'Name at least one reagent').max(6),
  wishes: z.array(wishSchema).min(1, 'Name at least one colour').max(8),
});
export type ColourPlanRequest = z.infer<typeof colourPlanSchema>;

/** A way through the colours wanted. */
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
/** What counts against a way: a millilitre of concentrated reagent, a full vessel, pouring away, a colour hard to tell from the next or unlike its name. */
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
 *   means: [{ solution: 'HCl', concentrationM: 12 }, { water: true }], wishes: [{ colour: 'blue' }, { colour: 'green' }] })
 */
export function planColours(
  { vessel, means, wishes }: ColourPlanRequest,
  watch: (share: number) => boolean = () => true,
): ColourPlan {
  const tools = means.map((one, at): Tool => {
    inField(`means.${at}`, () => checkMeans(one));
    return { means: one, after: withMeans(one) };
  });
  const start = inField('vessel', () => setUp(vessel));
  if (!start.equilibrium) throw ChemistryError.of('emptyVessel', 'shift').in('vessel');
  const dry = search(start, tools, wishes, false, (share) => watch(0.5 * share));
  const found =
    dry.unreached?.because === 'room'
      ? search(start, tools, wishes, true, (share) => watch(0.5 + 0.4 * share))
      : dry;
  const wet = found !== dry && found.reached > dry.reached;
  const best = wet ? found : dry;
  const { stages, failed } = best.ways
    .map((way) => realised(start, way, wishes))
    .reduce((one, other) => (other.stages.length > one.stages.length ? other : one));
  const concentratedMl = stages.reduce(
    (sum, { means: used, amount }) => sum + (used && isConcentrated(used) ? amount : 0),
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
  readonly ways: readonly Way[];
  /** How many wishes the ways fulfil. */
  readonly reached: number;
  readonly unreached?: Unreached;
}

function search(
  start: Step,
  tools: readonly Tool[],
  wishes: readonly Wish[],
  pours: boolean,
  watch: (share: number) => boolean,
): Found {
  let ways: readonly Way[] = [{ mixture: mixtureOf(start.vessel), moves: [], cost: 0 }];
  const first = wishes[0];
  const shows = first !== undefined && isOf(sightOf(viewVessel(start)), first);
  for (let at = shows ? 1 : 0; at < wishes.length; at += 1) {
    if (!watch(at / wishes.length)) return { ways, reached: at };
    const wish = wishes[at] as Wish;
    const next = ways.flatMap((way) => {
      const straight = movesTo(way, tools, wish, 0);
      if (straight.length > 0 || !pours) return straight;
      for (const share of pourings) {
        const poured = movesTo(way, tools, wish, share);
        if (poured.length > 0) return poured;
      }
      return [];
    });
    if (next.length === 0) return { ways, reached: at, unreached: whyNot(ways, tools, wish, at) };
    ways = next.sort((a, b) => a.cost - b.cost).slice(0, kept);
  }
  return { ways, reached: wishes.length };
}

/** Every way on from one to a colour, a share poured away before. */
function movesTo(way: Way, tools: readonly Tool[], wish: Wish, share: number): Way[] {
  const left = share > 0 ? without(way.mixture, share) : way.mixture;
  const { brimMl } = containers[left.vessel.container];
  return tools.flatMap((tool) => {
    const { means, after } = tool;
    const look = along(left, after);
    const points = sweep(look, amountsOf(means, roomIn(left.vessel)));
    return stretches(look, points, wish).flatMap((stretch) =>
      places.flatMap((part): Way[] => {
        const amount = measuredAmount(means, stretch, part);
        if (amount === undefined) return [];
        return [
          {
            mixture: after(left, amount),
            moves: [...way.moves, { tool, amount, stretch, poursAway: share }],
            cost:
              way.cost +
              (share > 0 ? costs.pouring * (1 + share) : 0) +
              (isConcentrated(means) ? costs.concentratedPerMl * amount : 0) +
              (costs.full * volumeOf(means, amount)) / brimMl +
              costs.unclear * Math.max(0, 1 - stretch.clearness / clearFrom) +
              costs.unlike * hexDistance(look(amount).hex, phraseHex(wish.colour)),
          },
        ];
      }),
    );
  });
}

/** Where in a stretch an amount is taken: early, which uses little, or in the middle, which forgives most. */
const places = [0.25, 0.5] as const;
