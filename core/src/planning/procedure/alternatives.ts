import { converter, differenceCiede2000 } from 'culori';
import * as z from 'zod';
import { colourWords } from '../../seeing/appearance/colourWords';
import type { VesselView } from '../../seeing/appearance/vesselView';
import { ChemistryError } from '../../common/errors';
import { parseFormula } from '../../matter/formula/parseFormula';
import { describeObservation } from '../../seeing/observation/observation';
import type { Observation } from '../../seeing/observation/observation';
import { runRack } from '../../seeing/rack/rack';
import type { RackEvent } from '../../seeing/rack/rackShape';
import { clashes } from '../../safety/clashes';
import { hazardRank } from '../../safety/hazardRank';
import { wasteRoute } from '../../safety/wasteRoute';
import type { WasteRoute } from '../../safety/wasteRoute';
import { pureSolids } from '../../matter/substances/data/pureSolids';
import { sparinglySoluble } from '../../matter/substances/data/sparinglySoluble';
import {
  findSubstance,
  shelfSubstances,
  solubleSubstances,
} from '../../matter/substances/findSubstance';
import type { ColourWord, Substance } from '../../matter/substances/types';
import type { AnyPortion } from '../../vessel/portion';

/** What one wants to see when two reagents meet. */
export const wantedSchema = z.object({
  effect: z.enum(['precipitate', 'gas', 'colour', 'dissolving']),
  /** Hue of the solid, of the gas or of the liquid that comes; any when left out. */
  colour: z.enum(colourWords as [ColourWord, ...ColourWord[]]).optional(),
  /** The solid or gas itself; any when left out. */
  formula: z.string().max(100).optional(),
  /** A reagent that is to stay; any two when left out. */
  keep: z.string().max(100).optional(),
});
export type Wanted = z.infer<typeof wantedSchema>;

/** Two reagents that show what is wanted, and what they cost. */
export interface Alternative {
  readonly reagents: readonly [string, string];
  readonly seen: readonly string[];
  readonly equation?: string;
  /** Grade of the graver of the two, 0 to 5. */
  readonly hazard: number;
  readonly waste: WasteRoute;
  /** Difference between before and after, CIEDE2000, on the background that shows it best. */
  readonly visibility: number;
  readonly background: 'white' | 'black';
  /** What a class should be warned of when the two meet. */
  readonly warnings: readonly string[];
}

const toLab = converter('lab');
const difference = differenceCiede2000();
/** Solution in a test tube, and how much of each solid: what one takes for a trial. */
const trial = { concentrationM: 0.1, volumeMl: 3, massG: 0.3 } as const;
/** A colour that is too deep to name is tried again in weaker solutions, mol/L. */
const palerM = [0.02, 0.004];
/** Dilute acid and alkali are taken stronger than salts (common practice). */
const strongerM: Readonly<Record<string, number>> = {
  HCl: 1,
  HNO3: 1,
  H2SO4: 1,
  CH3COOH: 1,
  NaOH: 1,
  KOH: 1,
  NH3: 1,
  H2O2: 0.9,
};

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
  wanted: Wanted,
  available?: readonly string[],
  watch: (share: number) => boolean = () => true,
): Alternative[] {
  const pairs = pairsToTry(wanted, available);
  const found: Alternative[] = [];
  let last: Rank = [0, 0];
  for (const [at, { one, other, rank }] of pairs.entries()) {
    const isWorse = rank[0] !== last[0] || rank[1] !== last[1];
    if ((found.length >= mostAnswers && isWorse) || found.length >= 2 * mostAnswers) break;
    if (at % 8 === 0 && !watch(at / pairs.length)) break;
    last = rank;
    const strengths = [undefined, ...(wanted.effect === 'colour' ? palerM : [])];
    for (const strengthM of strengths) {
      const shown = meet(one, other, wanted, strengthM);
      if (!shown) continue;
      found.push(shown);
      break;
    }
  }
  return found.sort(
    (one, other) =>
      one.hazard - other.hazard ||
      one.waste.trouble - other.waste.trouble ||
      other.visibility - one.visibility,
  );
}

/** What is known of a pair before it is tried: hazard and trouble of its waste. */
type Rank = readonly [hazard: number, trouble: number];

interface Pair {
  readonly one: Substance;
  readonly other: Substance;
  readonly rank: Rank;
}

function pairsToTry(wanted: Wanted, available: readonly string[] | undefined): Pair[] {
  const shelf = new Set(available?.map((one) => findSubstance(one).substance.formula));
  const candidates = representatives(
    ({ formula }) => available === undefined || shelf.has(formula),
  );
  const kept = wanted.keep === undefined ? undefined : findSubstance(wanted.keep).substance;
  const canMake = elementsWanted(wanted);
  const pairs = (kept ? [kept] : candidates).flatMap((one, at) =>
    candidates.slice(kept ? 0 : at + 1).flatMap((other): Pair[] => {
      if (one.formula === other.formula || !canMake(one, other)) return [];
      const hazard = Math.max(hazardRank(one.formula), hazardRank(other.formula));
      return [{ one, other, rank: [hazard, wasteRoute([one.formula, other.formula]).trouble] }];
    }),
  );
  return pairs.sort((a, b) => a.rank[0] - b.rank[0] || a.rank[1] - b.rank[1]);
}

/** Whether two reagents bring the elements of something that is wanted; water brings hydrogen and oxygen. */
function elementsWanted({ effect, colour, formula }: Wanted) {
  const solids = [...sparinglySoluble, ...pureSolids];
  const isHue = (phrase: string): boolean =>
    colour === undefined || phrase.split(' ').at(-1) === colour;
  const targets =
    formula !== undefined
      ? [formula]
      : effect === 'precipitate'
        ? solids.filter((row) => isHue(row.colour)).map((row) => row.formula)
        : undefined;
  const needed = targets?.map((target) => Object.keys(parseFormula(target).elements));
  return (one: Substance, other: Substance): boolean => {
    if (!needed) return true;
    const there = new Set(['H', 'O', ...elementsOf(one), ...elementsOf(other)]);
    return needed.some((elements) => elements.every((element) => there.has(element)));
  };
}

const elementsOf = ({ formula }: Substance): string[] =>
  Object.keys(parseFormula(formula).elements);

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

const solubles = new Set(solubleSubstances().map(({ formula }) => formula));

function portionOf({ formula }: Substance, paleSolutionM?: number): AnyPortion {
  return solubles.has(formula)
    ? {
        substance: formula,
        concentrationM: strongerM[formula] ?? paleSolutionM ?? trial.concentrationM,
        volumeMl: trial.volumeMl,
      }
    : { substance: formula, massG: trial.massG };
}

function meet(
  one: Substance,
  other: Substance,
  wanted: Wanted,
  paleSolutionM?: number,
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
  const { visibility, background } = seenBest(before.told.view, after.told.view);
  const [reaction] = after.told.reactions;
  return {
    reagents: [first.formula, second.formula],
    seen: after.told.observations.map(describeObservation),
    ...(reaction && { equation: reaction.netIonic }),
    hazard: Math.max(hazardRank(first.formula), hazardRank(second.formula)),
    waste: wasteRoute([first.formula, second.formula]),
    visibility,
    background,
    warnings: after.told.warnings
      .filter(({ code }) => !['approximate', 'heldBack'].includes(code))
      .map(({ message }) => message),
  };
}

const strengthOf = ({ formula }: Substance): number => strongerM[formula] ?? trial.concentrationM;

function isWanted(seen: Observation, { effect, colour, formula }: Wanted): boolean {
  const hue = (phrase: string | undefined): boolean =>
    colour === undefined || phrase?.split(' ').at(-1) === colour;
  const named = (what: string | undefined): boolean =>
    formula === undefined || what?.split('·')[0] === formula.split('·')[0];
  switch (effect) {
    case 'precipitate':
      return seen.kind === 'precipitate' && hue(seen.colour) && named(seen.formula);
    case 'gas':
      return (
        seen.kind === 'gas' && named(seen.formula) && (colour === undefined || hue(seen.colour))
      );
    case 'colour':
      return seen.kind === 'colour' && seen.from !== seen.to && hue(seen.to);
    case 'dissolving':
      return seen.kind === 'dissolves' && seen.complete !== false && named(seen.formula);
  }
}

/** What one sees of a vessel before a card: the stirred-up solid where there is one, else the liquid over the card. */
function faceOf(view: VesselView, background: 'white' | 'black'): string {
  if (view.solid && view.clarity !== 'clear') return view.suspensionHex ?? view.solid.hex;
  // A clear liquid before a black card is black whatever its colour.
  return background === 'black' ? '#161616' : view.liquidHex;
}

/** How different a vessel looks before and after, on the card that shows it best (CIEDE2000; 2 is just seen, 10 at a glance). */
export function seenBest(
  before: VesselView,
  after: VesselView,
): Pick<Alternative, 'visibility' | 'background'> {
  const [white, black] = (['white', 'black'] as const).map((background) => {
    const [from, to] = [toLab(faceOf(before, background)), toLab(faceOf(after, background))];
    return { background, visibility: from && to ? Math.round(10 * difference(from, to)) / 10 : 0 };
  });
  return (white?.visibility ?? 0) >= (black?.visibility ?? 0)
    ? (white ?? { background: 'white', visibility: 0 })
    : (black ?? { background: 'black', visibility: 0 });
}
