import { ChemistryError } from '../../common/errors';
import type { VesselView } from '../../seeing/appearance/vesselView';
import { describeObservation, shownBy } from '../../seeing/observation/observation';
import { runRack } from '../../seeing/rack/rack';
import type { RackEvent } from '../../seeing/rack/rackShape';
import { clashes } from '../../safety/clashes';
import { hazardRank } from '../../safety/hazardRank';
import { wasteRoute } from '../../safety/wasteRoute';
import type { WasteRoute } from '../../safety/wasteRoute';
import type { Substance } from '../../matter/substances/types';
import { pairsToTry } from './pairsToTry';
import type { Rank } from './pairsToTry';
import { colourNearness, effectOf, lostBy, mainColour, replacedBy } from './replacedTest';
import type { ReplacedTest } from './replacedTest';
import { bottleFor, portionOf, solubles, strengthOf, strengthTried } from './trialPortion';
import { seenBest } from './visibility';
import type { Visibility } from './visibility';
import { isWanted } from './wantedEffect';
import type { Wanted, WantedEffect } from './wantedEffect';

/** Two reagents that show what is wanted, and what they cost. */
export interface Alternative extends Visibility {
  readonly reagents: readonly [string, string];
  /** How strong each was when it was tried, mol/L; none for a solid. */
  readonly strengthsM: readonly [number | undefined, number | undefined];
  readonly seen: readonly string[];
  readonly equation?: string;
  /** Grade of the graver of the two, 0 to 5. */
  readonly hazard: number;
  readonly waste: WasteRoute;
  /** What a class should be warned of when the two meet. */
  readonly warnings: readonly string[];
  /** How it looks. */
  readonly view: VesselView;
  /** What it does not show that the test it takes the place of does, in words. */
  readonly lost: readonly string[];
  /** How near its colour is to that of the test it takes the place of: 0 the same hue, 1 another, 2 none. */
  readonly nearness: number;
  /** The solid that settles, where one does. */
  readonly solid?: string;
}

/** Warming or cooling by more than this is another test, °C. */
const mostChangeC = 15;
/** A colour that is too deep to name is tried again in weaker solutions, mol/L. */
const palerM = [0.02, 0.004];
/** As many answers as anyone reads; the search goes through the pairs from the least hazardous on. */
const mostAnswers = 30;

/**
 * Pairs of reagents on the shelf that show a wanted precipitate, gas, colour or redissolving, each tried in the engine, and
 * ranked by hazard, then by cost of disposal, then by how well it is seen. Of reagents that bring the same ions the least
 * hazardous stands for all, so that ten sulfates are one answer.
 *
 * @param available formulae there are; the whole table when left out.
 * @param watch is told the share tried, 0 to 1, and stops the search by answering false.
 * @returns the best {@link mostAnswers}, or a few more where they rank alike.
 * @throws ChemistryError for an unknown substance to keep.
 */
export function alternatives(
  asked: Wanted,
  available?: readonly string[],
  watch: (share: number) => boolean = () => true,
): Alternative[] {
  const replaced = asked.insteadOf && replacedBy(asked.insteadOf);
  const wanted: WantedEffect = { ...asked, effect: effectOf(asked.effect, replaced) };
  const pairs = pairsToTry(wanted, available, replaced);
  const found: Alternative[] = [];
  const enough = enoughFound(replaced !== undefined);
  for (const [at, { one, other, rank }] of pairs.entries()) {
    if (enough.isAll(rank)) break;
    if (at % 8 === 0 && !watch(at / pairs.length)) break;
    if (enough.isOfKind(rank)) continue;
    const strengths = [undefined, ...(wanted.effect === 'colour' ? palerM : [])];
    for (const strengthM of strengths) {
      const shown = bringTogether(one, other, wanted, strengthM, replaced);
      if (!shown) continue;
      if (enough.takes(shown)) found.push(shown);
      break;
    }
  }
  const places = found.map((one) => ({ one, key: keyOf(one, available, replaced !== undefined) }));
  return places
    .sort((a, b) => a.key.map((value, at) => value - (b.key[at] ?? 0)).find((by) => by !== 0) ?? 0)
    .map(({ one }) => one);
}

/** How many pairs that make the same solid are told: the best, and another way. */
const mostOfOneSolid = 2;
/** How many pairs of each nearness of colour are told beside a test that is to be replaced. */
const mostOfOneColour = 6;

const nearnesses = [0, 1, 2];

/** When the search has found enough: of everything, of one nearness of colour, or of one and the same solid. */
function enoughFound(isReplacing: boolean) {
  let count = 0;
  let last: Rank | undefined;
  const ofColour = new Map<number, number>();
  const ofSolid = new Map<string, number>();
  return {
    isAll(rank: Rank): boolean {
      const isWorse = last !== undefined && rank.some((value, at) => value !== last?.[at]);
      last = rank;
      if (isReplacing) return false;
      return (count >= mostAnswers && isWorse) || count >= 2 * mostAnswers;
    },
    // A pair may come out paler than it could, never nearer.
    isOfKind: ([colour]: Rank): boolean =>
      isReplacing &&
      nearnesses.every((one) => one < colour || (ofColour.get(one) ?? 0) >= mostOfOneColour),
    takes({ solid, nearness }: Alternative): boolean {
      const same = solid === undefined ? 0 : (ofSolid.get(solid) ?? 0);
      const alike = ofColour.get(nearness) ?? 0;
      if (isReplacing && (same >= mostOfOneSolid || alike >= mostOfOneColour)) return false;
      if (solid !== undefined) ofSolid.set(solid, same + 1);
      ofColour.set(nearness, alike + 1);
      count += 1;
      return true;
    },
  };
}

/** What goes down the drain first, then the nearest colour, then least hazard, cheapest disposal, then on the shelf, then best seen. */
function keyOf(
  { hazard, waste, nearness, reagents, visibility }: Alternative,
  available: readonly string[] | undefined,
  isReplacing: boolean,
): readonly number[] {
  const isThere = available === undefined || reagents.every((one) => available.includes(one));
  const first = isReplacing ? [waste.trouble >= 2 ? 1 : 0, nearness] : [];
  return [...first, hazard, waste.trouble, isThere ? 0 : 1, -visibility];
}

function bringTogether(
  one: Substance,
  other: Substance,
  wanted: WantedEffect,
  paleSolutionM: number | undefined,
  replaced: ReplacedTest | undefined,
): Alternative | undefined {
  const clash = clashes([{ substance: one.formula, concentrationM: strengthOf(one) }], {
    substance: other.formula,
    concentrationM: strengthOf(other),
  });
  // What must never meet is no alternative to anything.
  if (clash.some(({ never }) => never)) return undefined;
  const [first, second] = solubles.has(one.formula) ? [one, other] : [other, one];
  if (!solubles.has(first.formula)) return undefined;
  const add = (row: Substance): RackEvent => ({
    vessel: 'tube',
    action: { do: 'add', portion: portionOf(row, paleSolutionM) },
  });
  let steps;
  try {
    ({ steps } = runRack({
      vessels: [{ name: 'tube', container: 'testTube' }],
      events: [add(first), add(second)],
    }));
  } catch (error) {
    // Too strong a solution of something sparingly soluble cannot be had, and is no alternative.
    if (error instanceof ChemistryError) return undefined;
    throw error;
  }
  const [before, after] = steps;
  if (!before || !after || after.told.notPredicted.length > 0) return undefined;
  if (!after.told.observations.some((seen) => isWanted(seen, wanted))) return undefined;
  const changeC = after.told.state.temperatureC - before.told.state.temperatureC;
  if (replaced && (clash.length > 0 || Math.abs(changeC) > mostChangeC)) return undefined;
  const solid = after.told.observations
    .flatMap((one) => shownBy(one) ?? [])
    .find(({ effect }) => effect === 'precipitate');
  const { visibility, background } = seenBest(before.told.view, after.told.view);
  const [reaction] = after.told.reactions;
  return {
    reagents: [first.formula, second.formula],
    strengthsM: [strengthTried(first, paleSolutionM), strengthTried(second, paleSolutionM)],
    seen: after.told.observations.map(describeObservation),
    ...(reaction && { equation: reaction.netIonic }),
    hazard: Math.max(hazardRank(bottleFor(first)), hazardRank(bottleFor(second))),
    waste: wasteRoute([first.formula, second.formula]),
    view: after.told.view,
    lost: replaced ? lostBy(mainColour(after.told.observations), mainColour(replaced.seen)) : [],
    nearness: replaced
      ? colourNearness(mainColour(after.told.observations), mainColour(replaced.seen))
      : 0,
    ...(solid?.formula !== undefined && { solid: solid.formula }),
    visibility,
    background,
    warnings: after.told.warnings
      .filter(({ code }) => !['approximate', 'heldBack'].includes(code))
      .map(({ message }) => message),
  };
}
