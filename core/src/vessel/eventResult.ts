import { unknownPairs } from '../solution/pairs/knownPairs';
import type { Equilibrium, Saturation } from '../solution/equilibrium/equilibrate';
import { addAmounts, present, scaleAmounts } from './amounts';
import type { Amounts } from './amounts';
import type { HeatSight } from './dry/dryHeat';
import type { Electrolysed } from './electrolysis/passCurrent';
import { bringToRest } from './bringToRest';
import { runOut } from './oneWay';
import type { Settled } from './settle';
import { metalOnWater } from './metalOnWater';
import type { Reaction } from './reaction';
import { starch } from '../matter/substances/data/starch';
import { shelfIons } from '../matter/substances/shelfIons';
import { outsideModel } from './rules/outsideModel';
import { noPhases } from './vessel';
import type { Phases, Vessel } from './vessel';
import { warningsOf } from './warnings';
import { unsureOfSolids } from './unsureOfSolids';
import { worksDisagree } from './worksDisagree';
import type { Warning } from './warnings';

/** A vessel on the way: what it was until this many seconds after the step began. */
export interface Moment {
  readonly untilS: number;
  readonly vessel: Vessel;
  readonly equilibrium?: Equilibrium;
}

/** A vessel after something was done to it, and what happened. */
export interface EventResult {
  readonly vessel: Vessel;
  /** The solution it holds; undefined without liquid. */
  readonly equilibrium?: Equilibrium;
  readonly reactions: readonly Reaction[];
  readonly considered: readonly Saturation[];
  /** Gas that left in this step, mmol. */
  readonly gasEvolved: Amounts;
  /** Gases that were led through the liquid: that they bubble out of it again is nothing to see. */
  readonly ledIn?: readonly string[];
  /** A liquid that was poured into another one, as it was: where it falls, the two are not yet mixed. */
  readonly poured?: Vessel;
  /** Solids that formed (+) or went into solution (−) in this step, mmol; what was only put in or taken out is not counted. */
  readonly solidsChange: Amounts;
  /** What was seen of heat or of water going back into crystals, besides new solids and gases. */
  readonly sights?: readonly HeatSight[];
  /** What went on gives or takes heat that is not known: the vessel is told at the temperature it had. */
  readonly keepsTemperature?: true;
  /** What a current did, where one was passed. */
  readonly electrolysis?: Electrolysed;
  /** How it stood on the way, where it took time to come to rest. */
  readonly moments?: readonly Moment[];
  /** What was taken out of the vessel: poured away, left on the paper, boiled off. */
  readonly removed: Phases;
  readonly warnings: readonly Warning[];
  /** What the model cannot say about this step, each with its reason. */
  readonly notPredicted: readonly string[];
}

/** Lets contents react from what they are now. */
export function react(previous: Vessel, mixed: Vessel, removed: Phases = noPhases): EventResult {
  const atRest = bringToRest(mixed, mixed.phases);
  const ran = runOut(atRest.settled);
  const settled = ran?.settled ?? atRest.settled;
  const { considered } = atRest;
  const reactions = ran ? [...ran.reactions, ...processesOf(atRest.reactions)] : atRest.reactions;
  const gasEvolved = present(addAmounts(settled.vessel.phases.gas, previous.phases.gas, -1));
  const solidsChange = addAmounts(settled.vessel.phases.solids, mixed.phases.solids, -1);
  const metal = metalOnWater(mixed, solidsChange);
  const together = mixed.volumeMl > 0 ? broughtTogether(mixed, solidsChange) : {};
  const outside = outsideModel(together);
  const sights = [...metal.sights, ...(ran?.sights ?? [])];
  // Shifts of protons and ligands are nothing to see by themselves.
  const isStill = processesOf(reactions).length === 0 && Object.keys(gasEvolved).length === 0;
  return {
    vessel: bleached(settled),
    ...(settled.equilibrium && { equilibrium: settled.equilibrium }),
    reactions,
    considered,
    gasEvolved,
    solidsChange,
    ...(sights.length > 0 && { sights }),
    ...(ran?.keepsTemperature && { keepsTemperature: true }),
    removed,
    warnings: unique([
      ...metal.warnings,
      ...(ran?.warnings ?? []),
      ...outside.flatMap(({ warning }) => (warning ? [warning] : [])),
      ...warningsOf(settled.vessel, settled.equilibrium, gasEvolved),
      ...settled.stays.flatMap(({ code, message, between }) =>
        between && stoodTogether(previous, between) ? [] : [{ code, message }],
      ),
      ...worksDisagree(considered, solidsChange),
      ...unsureOfSolids(settled.equilibrium, considered),
    ]),
    notPredicted: [
      ...outside.flatMap(({ pair, reason }) => (ran?.tells(...pair) ? [] : [reason])),
      ...(isStill ? unknownReasons(previous, together) : []),
    ],
  };
}

/** Whether two things were there together before: that they do not react has been told. */
const stoodTogether = (
  { phases: { solution, solids } }: Vessel,
  pair: readonly [string, string],
): boolean => pair.every((formula) => formula in solution || formula in solids);

/** Reactions beside one that ran to its end, without the shifts of protons and ligands that lead to it. */
const processesOf = (reactions: readonly Reaction[]): readonly Reaction[] =>
  reactions.filter(({ types }) =>
    types.drivingForce.some((force) => force !== 'acid–base' && force !== 'complexation'),
  );

/** What bleaches an indicator at once, and from how much of it on, mol/L (common practice). */
const bleaches = ['Cl2', 'HClO', 'Br2', 'HBrO'];
const bleachesFromM = 1e-4;

/** A vessel whose indicator has lost its colour to chlorine or bromine; starch keeps its own. */
function bleached({ vessel, equilibrium }: Settled): Vessel {
  const isBleaching = bleaches.some((one) => (equilibrium?.species[one] ?? 0) > bleachesFromM);
  const { [starch.name]: left = 0 } = vessel.indicators;
  return isBleaching && Object.keys(vessel.indicators).length > 0
    ? { ...vessel, indicators: left > 0 ? { [starch.name]: left } : {} }
    : vessel;
}

/** That nothing happens is told only where something is known of every pair of ions that meets. */
function unknownReasons({ phases: { solution } }: Vessel, together: Amounts): string[] {
  const isNew = (cation: string, anion: string) => !(cation in solution && anion in solution);
  return unknownPairs(together, isNew).map(
    ({ cation, anion }) =>
      `${cation} with ${anion}: whether they make a solid is not in the tables.`,
  );
}

/** What every species would be if nothing reacted, mol/L: in solution, from solids that went into it, and in a second layer. */
function broughtTogether({ phases, volumeMl, indicators }: Vessel, solidsChange: Amounts): Amounts {
  const drops = Object.entries(indicators).reduce(
    (sum, [name, n]) => sum + (name === starch.name ? 0 : n),
    0,
  );
  let all = addAmounts(addAmounts(phases.solution, phases.layer), { indicator: drops });
  for (const [formula, change] of Object.entries(solidsChange))
    if (change < 0) all = addAmounts(all, shelfIons(formula) ?? {}, -change);
  return scaleAmounts(all, 1 / volumeMl);
}

/** A step in which nothing happens. */
export function resting(vessel: Vessel): EventResult {
  return {
    vessel,
    reactions: [],
    considered: [],
    gasEvolved: {},
    solidsChange: {},
    removed: noPhases,
    warnings: [],
    notPredicted: [],
  };
}

/** Two steps told as one. */
export function followedBy(first: EventResult, next: EventResult): EventResult {
  return {
    ...next,
    reactions: [...first.reactions, ...next.reactions],
    gasEvolved: addAmounts(first.gasEvolved, next.gasEvolved),
    removed: {
      solution: addAmounts(first.removed.solution, next.removed.solution),
      solids: addAmounts(first.removed.solids, next.removed.solids),
      layer: addAmounts(first.removed.layer, next.removed.layer),
      gas: addAmounts(first.removed.gas, next.removed.gas),
    },
    solidsChange: addAmounts(first.solidsChange, next.solidsChange),
    ...((first.ledIn ?? next.ledIn) && {
      ledIn: [...(first.ledIn ?? []), ...(next.ledIn ?? [])],
    }),
    ...((first.sights ?? next.sights) && {
      sights: [...(first.sights ?? []), ...(next.sights ?? [])],
    }),
    warnings: unique([...first.warnings, ...next.warnings]),
    notPredicted: [...new Set([...first.notPredicted, ...next.notPredicted])],
  };
}

/** Warnings, each told once. */
export function unique(warnings: readonly Warning[]): Warning[] {
  return warnings.filter(
    ({ code, message }, at) =>
      warnings.findIndex((one) => one.code === code && one.message === message) === at,
  );
}

/** Whether there is nothing in a vessel but air. */
export function isEmpty({ volumeMl, phases }: Vessel): boolean {
  return (
    volumeMl === 0 &&
    [phases.solids, phases.layer].every((amounts) => Object.keys(amounts).length === 0)
  );
}
