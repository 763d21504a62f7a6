import { logCoefficientIn } from '../../solution/equilibrium/activity';
import type { Solution } from '../../solution/equilibrium/activity';
import { equilibrateComponents } from '../../solution/equilibrium/equilibrate';
import type { Equilibrium } from '../../solution/equilibrium/equilibrate';
import { ChemistryError } from '../../common/errors';
import { componentsOfSpecies } from '../../matter/substances/componentsOf';
import { isComplex } from '../../vessel/rules/complexation';
import { setUp } from '../../vessel/act';
import type { Action } from '../../vessel/action';
import { addAmounts, scaleAmounts } from '../../vessel/amounts';
import type { Amounts } from '../../vessel/amounts';
import type { EventResult } from '../../vessel/eventResult';
import { componentsIn } from '../../vessel/vessel';
import { logKAt, logQuotient } from './watched';
import type { WatchedEquilibrium, WatchedTerm } from './watched';

/** Q beside K at one moment, as logarithms. */
export interface Standing {
  /** log10 Q; infinite when one side is missing. */
  readonly logQ: number;
  readonly logK: number;
}

/** A substance of the equilibrium whose activity what was done changed, and by how much that moved Q. */
export interface Push {
  readonly formula: string;
  readonly count: number;
  /** mol/L, before and just after; 0 to 1 for the form of an indicator. */
  readonly fromM: number;
  readonly toM: number;
  /** Change of log10 Q that comes of it, beyond that of the larger volume. */
  readonly logQ: number;
  /** It was in what was added, as such. */
  readonly wasAdded: boolean;
}

/** Which way a watched equilibrium moved when something was done, and what pushed it. */
export interface Shift {
  readonly before?: Standing;
  /** Just after: everything mixed, but what is watched not moved yet. */
  readonly mixed?: Standing;
  readonly after?: Standing;
  /**
   * To the right of the equation, to the left, or not at all; `stopped` where it should move but what it needs is used up,
   * `untold` where another reaction took part of what is watched away.
   */
  readonly direction: 'forward' | 'back' | 'none' | 'stopped' | 'untold';
  readonly cause: Cause;
}

/** What pushed. */
export type Cause =
  | { readonly by: 'substance'; readonly push: Push }
  | { readonly by: 'volume'; readonly dissolvedLeft: number; readonly dissolvedRight: number }
  | { readonly by: 'temperature'; readonly fromC: number; readonly toC: number }
  | { readonly by: 'nothing' };

/** A change of log10 (Q/K) smaller than this is no shift that anybody could tell. */
export const noticeable = 0.01;

/**
 * Compares Q with K before an action, just after it and once it has come to rest. “Just after” holds the complexes and solids
 * of the equation as they were while everything else, acids and bases above all, comes to rest: so it is the moment before
 * what is watched moves.
 *
 * @param before the vessel as it stood; `after` what the action made of it.
 */
export function shiftOf(
  before: EventResult,
  after: EventResult,
  action: Action,
  watched: WatchedEquilibrium,
): Shift {
  const first = solutionOf(before);
  const last = solutionOf(after);
  const mixed = first && last ? justAfter(before, after, action, watched) : undefined;
  const standing = (solution: Moment | undefined): Standing | undefined => {
    const logQ = solution && quotientOf(watched, solution);
    return logQ === undefined
      ? undefined
      : { logQ, logK: logKAt(watched, solution?.temperatureC ?? 25) };
  };
  const stands = {
    before: standing(first),
    mixed: standing(mixed),
    after: standing(last),
  };
  // Without a moment between nothing can be told; without a Q in it there is nothing that could move.
  const direction = mixed ? directionOf(stands.mixed, stands.after) : 'untold';
  return {
    ...(stands.before && { before: stands.before }),
    ...(stands.mixed && { mixed: stands.mixed }),
    ...(stands.after && { after: stands.after }),
    direction,
    cause:
      first && mixed && direction !== 'none' && direction !== 'untold'
        ? causeOf(watched, first, mixed, action)
        : { by: 'nothing' },
  };
}

/** It has hardly moved when this share of the way is still to go. */
const hardlyMoved = 0.9;

function directionOf(mixed: Standing | undefined, after: Standing | undefined): Shift['direction'] {
  if (!mixed) return 'none';
  const off = mixed.logQ - mixed.logK;
  const rest = after ? after.logQ - after.logK : 0;
  if (Math.abs(off) < noticeable) return 'none';
  const stays = off * rest > 0 && Math.abs(rest) > hardlyMoved * Math.abs(off);
  if (stays || Math.abs(off - rest) < noticeable) return 'stopped';
  return off < 0 ? 'forward' : 'back';
}

/** A solution at a moment, with the shares of the two forms of the indicator watched. */
interface Moment extends Solution {
  readonly volumeMl: number;
  readonly pH: number;
}

function solutionOf({
  vessel,
  equilibrium,
}: Pick<EventResult, 'vessel' | 'equilibrium'>): Moment | undefined {
  return equilibrium && momentOf(equilibrium, vessel.temperatureC, vessel.volumeMl);
}

function momentOf(
  { species, ionicStrength, pH }: Equilibrium,
  temperatureC: number,
  volumeMl: number,
): Moment {
  return { species, ionicStrengthM: ionicStrength, temperatureC, volumeMl, pH };
}

function quotientOf(
  watched: WatchedEquilibrium,
  at: Moment & { readonly heldPH?: number },
): number | undefined {
  if (watched.indicator === undefined) return logQuotient(watched, at);
  // Q of an indicator: the acidity now, with the two forms still as the acidity before left them.
  const ratio = watched.logK + (at.heldPH ?? at.pH);
  return ratio - at.pH;
}

/** The moment at which everything is mixed but what is watched has not moved; undefined where electrons moved or matter left. */
function justAfter(
  before: EventResult,
  after: EventResult,
  action: Action,
  watched: WatchedEquilibrium,
): (Moment & { readonly heldPH?: number }) | undefined {
  const { vessel } = after;
  const first = solutionOf(before);
  if (!first) return undefined;
  if (watched.indicator !== undefined) {
    const last = solutionOf(after);
    return last && { ...last, heldPH: first.pH };
  }
  const own = action.do === 'add' ? portionAmounts(action) : { solution: {}, solids: {} };
  const kept = action.do === 'discard' ? 1 - action.fraction : 1;
  const amountOf = ({ formula, kind }: WatchedTerm): number => {
    const phase = kind === 'solid' ? 'solids' : 'solution';
    return kept * (before.vessel.phases[phase][formula] ?? 0) + (own[phase][formula] ?? 0);
  };
  const held = Object.fromEntries(
    watched.terms
      .filter(isHeld)
      .map((term) => [term.formula, amountOf(term) / vessel.volumeMl] as const),
  );
  const totals = addAmounts(
    componentsIn(vessel.phases.solution, 'solution'),
    componentsIn(vessel.phases.solids, 'solids'),
  );
  // Where electrons moved there may be less of it than was held: the moment between is none of this equilibrium.
  const heldMmol = scaleAmounts(held, vessel.volumeMl);
  const needed = addAmounts(
    componentsIn(only(heldMmol, watched, 'dissolved'), 'solution'),
    componentsIn(only(heldMmol, watched, 'solid'), 'solids'),
  );
  const lacks = Object.entries(needed).some(
    ([name, n]) => name !== 'H^+' && name !== 'H2O' && n > (totals[name] ?? 0) * (1 + rounding),
  );
  if (lacks) return undefined;
  try {
    const free = equilibrateComponents(scaleAmounts(totals, 1 / vessel.volumeMl), {
      temperatureC: vessel.temperatureC,
      held,
    });
    const moment = momentOf(free, vessel.temperatureC, vessel.volumeMl);
    return { ...moment, species: { ...moment.species, ...held } };
  } catch (error) {
    // Where the rest by itself has no equilibrium the moment is not told; the vessel as it came to rest is.
    if (error instanceof ChemistryError && error.code === 'notConverged') return undefined;
    throw error;
  }
}

/** Relative difference between amounts that is rounding. */
const rounding = 1e-6;

/** The held substances of one kind. */
function only(held: Amounts, { terms }: WatchedEquilibrium, kind: WatchedTerm['kind']): Amounts {
  return Object.fromEntries(
    Object.entries(held).filter(([formula]) =>
      terms.some((term) => term.formula === formula && term.kind === kind),
    ),
  );
}

/** Whether a substance of the equation is held: complexes and solids are, what trades protons at once is not. */
function isHeld({ formula, kind }: WatchedTerm): boolean {
  if (kind === 'solid') return true;
  return kind === 'dissolved' && (isComplex(formula) || isOfSeveral(formula));
}

/** Formed from more than one kind of component besides protons: pairs of ions count too where they are watched. */
function isOfSeveral(formula: string): boolean {
  const parts = Object.keys(componentsOfSpecies(formula) ?? {});
  const others = parts.filter((name) => name !== 'H^+' && name !== 'H2O');
  return others.length > 1 && formula !== 'I2' && formula !== 'Br2' && formula !== 'Cl2';
}

/** What a portion holds by itself, mmol. */
function portionAmounts({ portion }: Extract<Action, { do: 'add' }>): {
  readonly solution: Amounts;
  readonly solids: Amounts;
} {
  const { phases } = setUp({ contents: [portion] }).vessel;
  return phases;
}

function causeOf(
  watched: WatchedEquilibrium,
  first: Moment,
  mixed: Moment & { readonly heldPH?: number },
  action: Action,
): Cause {
  const added = new Set<string>(
    action.do === 'add' ? Object.keys(portionAmounts(action).solution) : [],
  );
  const spread = Math.log10(first.volumeMl / mixed.volumeMl);
  const dissolved = watched.terms.filter(({ kind }) => kind === 'dissolved');
  const pushes = dissolved
    .filter((term) => !isHeld(term))
    .map(({ formula, count }): Push => {
      const [fromM, toM] = [first.species[formula] ?? 0, mixed.species[formula] ?? 0];
      const change = Math.log10(toM / fromM) - spread;
      return {
        formula,
        count,
        fromM,
        toM,
        logQ: Number.isNaN(change) ? 0 : count * change,
        wasAdded: added.has(formula),
      };
    });
  // Ions hold back or push more in another solution than their concentrations say; that goes with the volume.
  const coefficients = dissolved.reduce(
    (sum, { formula, count: n }) =>
      sum + n * (logCoefficientIn(formula, mixed) - logCoefficientIn(formula, first)),
    0,
  );
  const heldPushes = dissolved.filter(isHeld).flatMap(({ formula, count }): Push[] => {
    const [from, to] = [first.species[formula] ?? 0, mixed.species[formula] ?? 0];
    if (!added.has(formula)) return [];
    return [
      {
        formula,
        count,
        fromM: from,
        toM: to,
        logQ: count * (Math.log10(to / from) - spread),
        wasAdded: true,
      },
    ];
  });
  const warmed = -(logKAt(watched, mixed.temperatureC) - logKAt(watched, first.temperatureC));
  const count = dissolved.reduce((sum, term) => sum + term.count, 0);
  const off = (quotientOf(watched, mixed) ?? 0) - logKAt(watched, mixed.temperatureC);
  const sign = Math.sign(off);
  const ranked: { readonly size: number; readonly cause: Cause }[] = [
    ...[...pushes, ...heldPushes].map((push) => ({
      size: sign * push.logQ,
      cause: { by: 'substance', push } as const,
    })),
    {
      size: sign * warmed,
      cause: { by: 'temperature', fromC: first.temperatureC, toC: mixed.temperatureC },
    },
    {
      size: sign * (count * spread + coefficients),
      cause: {
        by: 'volume',
        dissolvedLeft: dissolved.reduce((sum, one) => sum + Math.max(0, -one.count), 0),
        dissolvedRight: dissolved.reduce((sum, one) => sum + Math.max(0, one.count), 0),
      },
    },
  ];
  const best = ranked.sort((a, b) => b.size - a.size)[0];
  return best && best.size > 0 ? best.cause : { by: 'nothing' };
}
