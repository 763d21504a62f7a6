import { clashes, heldIn } from '../../safety/clashes';
import type { Clash, Held } from '../../safety/clashes';
import { wasteRoute, wasteRouteOf } from '../../safety/wasteRoute';
import type { WasteRoute } from '../../safety/wasteRoute';
import { renameVessels } from '../../seeing/rack/rackShape';
import type { Rack, RackEvent } from '../../seeing/rack/rackShape';
import type { ToldStep } from '../../seeing/rack/mix';
import type { Procedure } from '../procedure/procedure';
import { runProcedure } from '../procedure/runProcedure';
import { solvents } from '../../matter/substances/data/solvents';
import { findElectrode } from '../../vessel/electrolysis/findElectrode';
import { findSubstance } from '../../matter/substances/findSubstance';
import { bottleVessel, dissolvedMgPerL, wasteBottle, withAdded } from './bottle';
import type { WasteBottle } from './bottle';
import { clear } from './clearing';
import type { Clearing } from './clearing';
import { dischargeLimits } from './limits';
import { neutralising } from './neutralise';
import type { Neutralising } from './neutralise';
import { firstOfAll, precipitants } from './precipitants';

/** Something that leaves vessels behind, and how many times. */
export interface WasteSource {
  readonly name: string;
  readonly vessels: Procedure['vessels'];
  readonly steps: Procedure['steps'];
  readonly times: number;
}

/** One vessel at the end of a test, as waste. */
export interface WasteVessel {
  readonly from: string;
  readonly vessel: string;
  readonly times: number;
  /** Of all of them, mL. */
  readonly volumeMl: number;
  readonly pH?: number;
  readonly colour: string;
  readonly solids: readonly { readonly formula: string; readonly massG: number }[];
}

/** One bottle for the day. */
export interface BottlePlan extends WasteRoute {
  readonly vessels: readonly WasteVessel[];
  readonly volumeMl: number;
  /** Dry mass of solids in it before anything is added, g. */
  readonly solidG: number;
  readonly clearings: readonly Clearing[];
  /** What must be done before an element can be cleared. */
  readonly first: readonly string[];
  readonly neutralising?: Neutralising;
  /** What should not meet in it. */
  readonly clashes: readonly Clash[];
}

/** Limits in mg/L by element. */
export type Limits = Readonly<Record<string, number>>;

/** The limits of the regulation, by element. */
export const usualLimits: Limits = Object.fromEntries(
  dischargeLimits.map(({ element, mgPerL }) => [element, mgPerL]),
);

/** Less than this, a drop, is nothing to measure out, mL. */
const leastReagentMl = 0.05;

/** Less than this in a vessel is nothing to pour away, mL and g. */
const leastMl = 0.02;
const leastG = 1e-4;

/**
 * Where everything goes that is left in the vessels: a bottle by class, and for each bottle, from the engine, what clears its
 * toxic elements to a limit, what neutralises it, how much solid is bagged, and what must not meet in it.
 *
 * @param limits mg/L that may stay dissolved, by element.
 */
export function wastePlan(
  sources: readonly WasteSource[],
  limits: Limits = usualLimits,
  watch: (share: number) => boolean = () => true,
): BottlePlan[] {
  const most = sources.reduce((times, one) => Math.max(times, one.times), 1);
  const bottles = byBottle(sources.flatMap((source, at) => leftOvers(source, at)));
  const plans: BottlePlan[] = [];
  for (const [at, contents] of [...bottles.values()].entries()) {
    if (!watch(at / bottles.size)) break;
    plans.push(planBottle(sources, contents, most, limits));
  }
  return plans.sort((one, other) => other.trouble - one.trouble);
}

/** The most troublesome bottle that the vessels of one test go into; undefined where nothing is left in them. */
export function worstRoute(source: WasteSource): WasteRoute | undefined {
  return leftOvers(source, 0)
    .map(routeOf)
    .reduce<WasteRoute | undefined>(
      (worst, one) => (worst && worst.trouble >= one.trouble ? worst : one),
      undefined,
    );
}

/** What should not meet in the bottles of a day, without calculating what clears them. */
export function bottleMeetings(
  sources: readonly WasteSource[],
): readonly { readonly bottle: string; readonly clashes: readonly Clash[] }[] {
  return [...byBottle(sources.flatMap((source, at) => leftOvers(source, at)))].map(
    ([bottle, contents]) => ({ bottle, clashes: meetings(contents) }),
  );
}

function byBottle(left: readonly LeftOver[]): ReadonlyMap<string, LeftOver[]> {
  const bottles = new Map<string, LeftOver[]>();
  for (const one of left) {
    const { bottle } = routeOf(one);
    bottles.set(bottle, [...(bottles.get(bottle) ?? []), one]);
  }
  return bottles;
}

/** Stainless steel gives off some of its chromium as chromate where it is the anode, which the model counts as chromium(III). */
const chromateOfSteel = { 'CrO4^2-': 1e-3 } as const;

const hasSteelAnode = ({ source, vessel }: Pick<LeftOver, 'source' | 'vessel'>): boolean =>
  source.steps.some(({ events }) =>
    events.some(
      (event) =>
        'vessel' in event &&
        event.vessel === vessel &&
        event.action.do === 'electrolyse' &&
        findElectrode(event.action.anode).material === 'stainless steel',
    ),
  );

/** The bottle for one vessel: by what is really in it, or by all that went in where the model does not follow what became of it. */
function routeOf(left: LeftOver): WasteRoute {
  const { state, notPredicted } = left.told;
  const isDry = liquidMl(state) < leastMl;
  if (notPredicted.length > 0) return wasteRoute(state.put, isDry);
  // A second liquid is none of the species of the water.
  const layers = (state.layerMl ?? 0) > 0 ? state.put.filter(isImmiscible) : [];
  return wasteRouteOf({
    species: {
      ...(state.volumeMl < leastMl ? {} : state.species),
      ...(hasSteelAnode(left) ? chromateOfSteel : {}),
    },
    solids: [...state.solids.map(({ formula }) => formula), ...layers],
    pH: state.pH,
    isDry,
  });
}

const immiscible = new Set<string>(solvents.map(({ formula }) => formula));
const isImmiscible = (formula: string): boolean => immiscible.has(formula);

interface LeftOver {
  readonly source: WasteSource;
  /** Name of the vessel in the rack of the whole day. */
  readonly rackName: string;
  readonly vessel: string;
  readonly told: ToldStep;
}

/** All that is liquid in a vessel, water and what swims on it or lies under it, mL. */
const liquidMl = ({ volumeMl, layerMl = 0 }: ToldStep['state']): number => volumeMl + layerMl;

const rackName = (at: number, vessel: string): string => `${at} ${vessel}`;

function leftOvers(source: WasteSource, at: number): LeftOver[] {
  return Object.entries(runProcedure(source).end).flatMap(([vessel, told]): LeftOver[] => {
    const { solids, put } = told.state;
    const solidG = solids.reduce((sum, { massG }) => sum + massG, 0);
    if ((liquidMl(told.state) < leastMl && solidG < leastG) || put.length === 0) return [];
    return [{ source, rackName: rackName(at, vessel), vessel, told }];
  });
}

function planBottle(
  sources: readonly WasteSource[],
  contents: readonly LeftOver[],
  most: number,
  limits: Limits,
): BottlePlan {
  // All that goes into one bottle was sorted into it by the same class; the first names what put it there.
  const [route = wasteRoute([])] = contents.map(routeOf);
  const bottle = wasteBottle(rackOf(sources, contents, most));
  const there = Object.keys(limits).filter(
    (element) => dissolvedMgPerL(element, bottle.now) > (limits[element] ?? Infinity),
  );
  const first = [
    ...new Set(
      Object.keys(bottle.now.state.species).flatMap((species) => {
        const words = firstOfAll[species];
        return words && (bottle.now.state.species[species] ?? 0) > 1e-6 ? [words] : [];
      }),
    ),
    ...(contents.some(hasSteelAnode) ? [firstOfAll['CrO4^2-'] ?? ''] : []),
  ];
  // What is collected is not brought to a harmless pH first, unless it would attack its bottle.
  const needed =
    route.trouble < 2 || isHarsh(bottle.now.state.pH) ? neutralising(bottle) : undefined;
  const isTrifle = needed?.volumeMl !== undefined && most * needed.volumeMl < leastReagentMl;
  const neutral = isTrifle ? undefined : needed;
  const clearings = there.flatMap((element): Clearing[] => {
    if (first.length > 0) return [];
    const cleared = clearedBest(bottle, neutral, element, limits[element] ?? 0);
    return cleared ? [times(most, cleared)] : [];
  });
  return {
    ...route,
    vessels: contents.map(asWaste),
    volumeMl: most * liquidMl(bottle.now.state),
    solidG: most * bottle.now.state.solids.reduce((sum, { massG }) => sum + massG, 0),
    clearings,
    first,
    ...(neutral && {
      neutralising: {
        ...neutral,
        ...(neutral.volumeMl !== undefined && { volumeMl: most * neutral.volumeMl }),
      },
    }),
    clashes: meetings(contents),
  };
}

/** pH outside which even collected waste is made milder. */
const harshPH = { below: 3, above: 11 } as const;
const isHarsh = (pH = 7): boolean => pH < harshPH.below || pH > harshPH.above;

/** The first precipitant that meets the limit, in the waste as it is or once it is neutral; else the one that comes nearest. */
function clearedBest(
  bottle: WasteBottle,
  neutral: Neutralising | undefined,
  element: string,
  limitMgPerL: number,
): Clearing | undefined {
  const neutralised =
    neutral?.volumeMl === undefined
      ? undefined
      : withAdded(bottle, {
          do: 'add',
          portion: {
            substance: neutral.substance,
            concentrationM: neutral.concentrationM,
            volumeMl: neutral.volumeMl,
          },
        });
  let nearest: Clearing | undefined;
  for (const reagent of precipitants[element] ?? [])
    for (const [from, isLater] of [
      [bottle, false],
      [neutralised, true],
    ] as const) {
      if (!from) continue;
      const found = clear(from, element, reagent, limitMgPerL);
      const told: Clearing = isLater ? { ...found, afterNeutralising: true } : found;
      if (told.neededMl !== undefined) return told;
      if (!nearest || told.leftMgPerL < nearest.leftMgPerL) nearest = told;
    }
  return nearest;
}

/** Every vessel that goes into one bottle emptied into it, in the proportions of the day. */
function rackOf(
  sources: readonly WasteSource[],
  contents: readonly LeftOver[],
  most: number,
): Rack {
  const used = [...new Set(contents.map(({ source }) => source))];
  const vessels = used.flatMap((source) =>
    source.vessels.map(({ name, container }) => ({
      name: rackName(sources.indexOf(source), name),
      container,
    })),
  );
  const events = used.flatMap((source) =>
    source.steps.flatMap((step) =>
      step.events.map((event) =>
        renameVessels(event, (name) => rackName(sources.indexOf(source), name)),
      ),
    ),
  );
  const emptied = contents.flatMap(({ source, rackName: name }): RackEvent[] => {
    const share = source.times / most;
    return [
      // Whatever is closed at the end is opened before it is poured away.
      { vessel: name, action: { do: 'open' } },
      { pour: name, into: bottleVessel, ...(share < 1 && { share }) },
    ];
  });
  return {
    vessels: [...vessels, { name: bottleVessel, container: 'bottle' }],
    events: [...events, ...emptied],
  };
}

/** Amounts of one share of the day, for the whole day. */
function times(most: number, clearing: Clearing): Clearing {
  const scaled = (value: number | undefined) => (value === undefined ? undefined : most * value);
  const neededMl = scaled(clearing.neededMl);
  const addMl = scaled(clearing.addMl);
  const redissolvesFromMl = scaled(clearing.redissolvesFromMl);
  return {
    ...clearing,
    ...(neededMl !== undefined && { neededMl }),
    ...(addMl !== undefined && { addMl }),
    ...(redissolvesFromMl !== undefined && { redissolvesFromMl }),
    solidG: most * clearing.solidG,
  };
}

function asWaste({ source, vessel, told }: LeftOver): WasteVessel {
  const { state } = told;
  return {
    from: source.name,
    vessel,
    times: source.times,
    volumeMl: source.times * liquidMl(state),
    ...(state.pH !== undefined && { pH: state.pH }),
    colour: state.colour,
    solids: state.solids.map(({ formula, massG }) => ({ formula, massG: source.times * massG })),
  };
}

/** What the contents of different vessels would do to each other in one bottle, each outcome once. */
function meetings(contents: readonly LeftOver[]): Clash[] {
  const found: Clash[] = [];
  contents.forEach(({ told }, at) => {
    const there = contents.slice(0, at).flatMap((one) => stillHeld(one.told));
    for (const held of stillHeld(told))
      for (const clash of clashes(there, held))
        // What would burn as a dry mixture does not under water.
        if (clash.whenDry !== 'only' && !found.some(({ gives }) => gives === clash.gives))
          found.push(clash);
  });
  return found.sort((one, other) => Number(other.never) - Number(one.never));
}

/** An acid weaker than this, mol/L, has been used up. */
const spentAcidM = 1e-3;

/** What a vessel still holds of what was put in: metals and other solids only while they are there, acids while they are acid. */
function stillHeld({ state }: ToldStep): Held[] {
  const solids = new Set(state.solids.map(({ formula }) => formula.split('·')[0]));
  return heldIn(state).filter(({ substance, concentrationM }) => {
    if (substance === 'water') return false;
    const { formula, ions, solubilityGPer100G } = findSubstance(substance).substance;
    if ('H^+' in ions || 'HSO4^-' in ions) return (concentrationM ?? 0) > spentAcidM;
    return solubilityGPer100G > 0.1 || solids.has(formula);
  });
}
