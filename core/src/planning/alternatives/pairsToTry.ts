import { commonReagents } from '../../matter/substances/data/commonReagents';
import { pureSolids } from '../../matter/substances/data/pureSolids';
import { sparinglySoluble } from '../../matter/substances/data/sparinglySoluble';
import { parseFormula } from '../../matter/formula/parseFormula';
import {
  findSubstance,
  shelfSubstances,
  solubleSubstances,
} from '../../matter/substances/findSubstance';
import type { Substance } from '../../matter/substances/types';
import { hazardProfile, holdsHeavyMetal, isSafer } from '../../safety/hazardProfile';
import { hazardRank } from '../../safety/hazardRank';
import { wasteRoute } from '../../safety/wasteRoute';
import { colourNearness, mainColour } from './replacedTest';
import type { ReplacedTest } from './replacedTest';
import { bottleFor, solubles } from './trialPortion';
import { elementsOf, elementsWanted } from './wantedEffect';
import type { WantedEffect } from './wantedEffect';

/** What is known of a pair before it is tried: how near its colour may come, hazard, and trouble of its waste. */
export type Rank = readonly [colour: number, hazard: number, trouble: number];

export interface Pair {
  readonly one: Substance;
  readonly other: Substance;
  readonly rank: Rank;
}

/** Reagents that somebody could have: what is on the shelf, or what nearly every laboratory has. */
const common: ReadonlySet<string> = new Set(commonReagents.formulae);

export function pairsToTry(
  wanted: WantedEffect,
  available: readonly string[] | undefined,
  replaced: ReplacedTest | undefined,
): Pair[] {
  const shelf = new Set(available?.map((one) => findSubstance(one).substance.formula));
  const isWithinReach = ({ formula }: Substance): boolean =>
    replaced
      ? (shelf.has(formula) || common.has(formula)) && !holdsHeavyMetal(formula)
      : available === undefined
        ? common.has(formula)
        : shelf.has(formula);
  const candidates = representatives(isWithinReach);
  const kept = wanted.keep === undefined ? undefined : findSubstance(wanted.keep).substance;
  const canMake = elementsWanted(wanted);
  const pairs = (kept ? [kept] : candidates).flatMap((one, at) =>
    candidates.slice(kept ? 0 : at + 1).flatMap((other): Pair[] => {
      if (one.formula === other.formula || !canMake(one, other)) return [];
      // A test of two solutions is replaced by one of two solutions.
      if (replaced && !(solubles.has(one.formula) && solubles.has(other.formula))) return [];
      const bottles = [bottleFor(one), bottleFor(other)];
      const { trouble } = wasteRoute([one.formula, other.formula]);
      if (
        replaced &&
        (trouble > replaced.trouble || !isSafer(hazardProfile(bottles), replaced.profile))
      )
        return [];
      const colour = replaced ? nearestPossible(one, other, mainColour(replaced.seen)) : 0;
      return [{ one, other, rank: [colour, Math.max(...bottles.map(hazardRank)), trouble] }];
    }),
  );
  return pairs.sort(
    (a, b) => a.rank.map((value, at) => value - (b.rank[at] ?? 0)).find((by) => by !== 0) ?? 0,
  );
}

/** How near the colour of a solid that two reagents could make comes to a wanted one. */
function nearestPossible(one: Substance, other: Substance, was: string | undefined): number {
  const there = new Set(['H', 'O', ...elementsOf(one), ...elementsOf(other)]);
  return Math.min(
    2,
    ...[...sparinglySoluble, ...pureSolids]
      .filter(({ formula }) =>
        Object.keys(parseFormula(formula).elements).every((element) => there.has(element)),
      )
      .map(({ colour }) => colourNearness(colour, was)),
  );
}

/** For every cation and every anion, and for every solid that reacts as such, the least hazardous reagent that brings it. */
function representatives(onShelf: (row: Substance) => boolean): Substance[] {
  const soluble = solubleSubstances().filter(onShelf);
  const best = new Map<string, Substance>();
  for (const row of [...soluble].sort((a, b) => cost(a) - cost(b)))
    for (const ion of Object.keys(row.ions)) if (!best.has(ion)) best.set(ion, row);
  const solids = shelfSubstances().filter(
    (row) => onShelf(row) && !soluble.includes(row) && row.state === undefined,
  );
  return [...new Set([...best.values(), ...solids])];
}

/** Hazard counts more than disposal; salts of ions that do little come first. */
function cost({ formula, ions }: Substance): number {
  const idle = Object.keys(ions).some((ion) => ['Na^+', 'K^+', 'NO3^-', 'Cl^-'].includes(ion));
  return 10 * hazardRank(formula) + 3 * wasteRoute([formula]).trouble + (idle ? 0 : 1);
}
