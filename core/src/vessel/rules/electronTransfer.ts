import type { Equilibrium } from '../../solution/equilibrium/equilibrate';
import type { Components } from '../../matter/substances/componentsOf';
import { pureSolids } from '../../matter/substances/data/pureSolids';
import type { SlowTransfer } from '../../matter/substances/types';
import type { Amounts } from '../amounts';
import { halfReactions, potentialV } from '../halfReaction';
import type { HalfReaction, HalfTerm } from '../halfReaction';
import { sealOf } from './sealing';
import { slowRow } from './slowness';
import type { TransferNames } from './slowness';
import { greatestCommonDivisor } from '../../matter/formula/greatestCommonDivisor';

/** What electron transfer works on: components in solution and its solids, elements apart, and the equilibrium they are in. */
export interface TransferState {
  readonly totals: Components;
  readonly apart: Amounts;
  readonly equilibrium: Equilibrium;
}

/** Electrons handed over: which couples, how many mmol of the whole equation, and what it changes. */
export interface ElectronTransfer {
  readonly oxidant: HalfReaction;
  readonly reductant: HalfReaction;
  /** Times each half is taken for the electrons to match. */
  readonly times: readonly [oxidant: number, reductant: number];
  /** Components gained and lost per mmol of extent; elements and oxides apart are among them. */
  readonly change: Components;
  readonly extentMmol: number;
  /** Potentials at the start, V. */
  readonly potentialsV: readonly [oxidant: number, reductant: number];
}

/** Surroundings a transfer needs to know. */
export interface TransferSurroundings {
  readonly volumeMl: number;
  readonly temperatureC: number;
  readonly settle: (totals: Components) => Equilibrium;
  /** Pairs that have run dry in this step, by {@link pairOf}. */
  readonly finished?: ReadonlySet<string>;
}

/** Names the pair of couples of a transfer. */
export function pairOf({ oxidant, reductant }: Pick<ElectronTransfer, 'oxidant' | 'reductant'>) {
  return `${oxidant.couple.half} | ${reductant.couple.half}`;
}

const apartFormulae = new Set(pureSolids.map(({ formula }) => formula));
/** Driving voltage below which the tables do not agree well enough to say which way electrons go, V. */
const slightV = 0.03;
/**
 * Hydrogen leaves a metal late: by about this much, V, other oxidants go before it (hydrogen overvoltage on common metals,
 * 0.3–0.7 V; CRC Handbook, recalled from memory).
 */
const hydrogenOvervoltageV = 0.4;
/** Share of the largest possible extent below which a transfer is not worth telling. */
const worthTelling = 2e-3;
/** Share at which a transfer counts as complete, when it still goes there. */
const complete = 1 - 1e-6;
const bisections = 24;
/** A species is tried as a partner when it holds this share of its component, so that complexes speak for themselves. */
const predominant = 0.01;
/** Below this, mol/L or mmol, there is nothing to react. */
const traceM = 1e-7;
/** Least concentration of what a half-reaction uses besides its principal form, mol/L. */
const tracesStartM = 1e-9;

/**
 * The next transfer of electrons that goes, with its extent: of all couples with both partners there, the pair with the
 * largest driving voltage (hydrogen last) that is not known to be slow, run until the voltage is gone, one partner is used up, or a
 * condition for it no longer holds.
 *
 * @returns undefined when nothing (more) goes.
 */
export function nextTransfer(
  state: TransferState,
  surroundings: TransferSurroundings,
): ElectronTransfer | undefined {
  for (const candidate of candidates(state, surroundings)) {
    if (surroundings.finished?.has(pairOf(candidate))) continue;
    const extentMmol = extentOf(candidate, state, surroundings);
    if (extentMmol !== undefined) return { ...candidate, extentMmol };
  }
  return undefined;
}

type Candidate = Omit<ElectronTransfer, 'extentMmol'>;

function candidates(
  state: TransferState,
  { temperatureC, volumeMl }: TransferSurroundings,
): Candidate[] {
  const { equilibrium } = state;
  const oxidants = halfReactions.filter(
    (half) =>
      isThere(half.oxidised, state, volumeMl, half.change, -1) && canStart(half.left, state),
  );
  const reductants = halfReactions.filter(
    (half) => isThere(half.reduced, state, volumeMl, half.change, 1) && canStart(half.right, state),
  );
  const found: { candidate: Candidate; urgencyV: number }[] = [];
  for (const oxidant of oxidants)
    for (const reductant of reductants) {
      if (oxidant === reductant) continue;
      const up = potentialV(oxidant, equilibrium, temperatureC, 'reduced');
      const down = potentialV(reductant, equilibrium, temperatureC, 'oxidised');
      if (up - down < slightV || blocked(oxidant, reductant, state, temperatureC)) continue;
      const times = matched(oxidant.electrons, reductant.electrons);
      const change: Record<string, number> = {};
      for (const [half, factor] of [
        [oxidant, times[0]],
        [reductant, -times[1]],
      ] as const)
        for (const [name, n] of Object.entries(half.change))
          change[name] = (change[name] ?? 0) + n * factor;
      // Disproportionation backwards, or two spellings of one couple, change nothing.
      if (Object.entries(change).every(([name, n]) => name === 'H^+' || name === 'H2O' || n === 0))
        continue;
      const delayV = oxidant.oxidised.formula === 'H^+' ? hydrogenOvervoltageV : 0;
      found.push({
        candidate: { oxidant, reductant, times, change, potentialsV: [up, down] },
        urgencyV: up - down - delayV,
      });
    }
  return found.sort((a, b) => b.urgencyV - a.urgencyV).map(({ candidate }) => candidate);
}

/** Smallest whole factors that make two numbers of electrons equal. */
function matched(a: number, b: number): [number, number] {
  const common = greatestCommonDivisor(a, b);
  return [b / common, a / common];
}

/** Whether everything a half-reaction uses up is there at all, besides its principal form. */
function canStart(used: readonly HalfTerm[], { equilibrium }: TransferState): boolean {
  return used.every(
    ({ formula, state }) =>
      state !== 'aq' || formula === 'H^+' || (equilibrium.species[formula] ?? 0) > tracesStartM,
  );
}

/** Whether a partner is there in an amount that counts, as the form the couple is written with. */
function isThere(
  { formula, state: phase }: HalfReaction['oxidised'],
  { totals, apart, equilibrium }: TransferState,
  volumeMl: number,
  change: Components,
  sign: 1 | -1,
): boolean {
  if (apartFormulae.has(formula)) return (apart[formula] ?? 0) > traceM;
  if (phase === 's') return equilibrium.solids.some((solid) => solid.formula === formula);
  const concentration = equilibrium.species[formula] ?? 0;
  if (formula === 'H^+' || formula === 'H2O') return true;
  if (concentration < traceM) return false;
  const own = Object.keys(change).find(
    (name) =>
      name !== 'H^+' &&
      name !== 'H2O' &&
      sign * (change[name] ?? 0) > 0 &&
      !apartFormulae.has(name),
  );
  const total = own === undefined ? 0 : (totals[own] ?? 0) / volumeMl;
  return concentration >= predominant * total || concentration > 1e-3;
}

/** Something that stays although potentials would let it react. */
export interface HeldBack {
  readonly subject: string;
  readonly partner: string;
  readonly isSolid: boolean;
  readonly row: SlowTransfer;
}

/** Driving voltage from which one would expect a solid to react, V, and amount of its partner, mol/L. */
const expectedV = 0.1;
const expectedM = 0.01;

/**
 * What would react by its potentials and is held back, each with the reason: elements and oxides in the vessel, and
 * dissolved partners where a condition that could be met is missing (acid, heat, a catalyst).
 */
export function heldBack(
  state: TransferState,
  { temperatureC }: Pick<TransferSurroundings, 'temperatureC'>,
): HeldBack[] {
  const { apart, equilibrium } = state;
  const there = (formula: string) =>
    (apart[formula] ?? 0) > traceM ||
    formula === 'H^+' ||
    (equilibrium.species[formula] ?? 0) > expectedM;
  // Nobody expects of a nitrate or sulfate what its acid might do.
  const isBystander = (formula: string) =>
    ofAcids.has(formula) && (equilibrium.species['H^+'] ?? 0) < expectedAcidM;
  const found = new Map<string, { held: HeldBack; rank: number }>();
  for (const oxidant of halfReactions.filter((half) => there(half.oxidised.formula)))
    for (const reductant of halfReactions.filter((half) => there(half.reduced.formula))) {
      const names = namesOf(oxidant, reductant);
      const isSolid = names.reductant in apart !== names.oxidant in apart;
      const [subject, partner] =
        names.reductant in apart
          ? [names.reductant, names.oxidant]
          : [names.oxidant, names.reductant];
      if (oxidant === reductant || subject === partner || ever.has(partner)) continue;
      const driveV =
        potentialV(oxidant, equilibrium, temperatureC, 'reduced') -
        potentialV(reductant, equilibrium, temperatureC, 'oxidised');
      const row = slowRow(names, equilibrium, temperatureC, solidsOf(state));
      if (!row || (!isSolid && (!row.unless || subject === 'H^+' || isBystander(subject))))
        continue;
      // A row that names the very metal tells more than one about all of them.
      const rank = driveV + (row.reductants?.includes(names.reductant) ? 10 : 0);
      if (driveV > expectedV && rank > (found.get(subject)?.rank ?? 0))
        found.set(subject, { held: { subject, partner, row, isSolid }, rank });
    }
  return [...found.values()].sort((a, b) => b.rank - a.rank).map(({ held }) => held);
}

/** Partners nobody expects to react: water, oxygen from the air, and ammonium, which no reagent of the bench oxidises. */
const ever = new Set(['H2O', 'O2', 'NH4^+']);
/** Anions that oxidise as their acids, and the acid from which one might expect it, mol/L (common practice). */
const ofAcids = new Set(['NO3^-', 'SO4^2-']);
const expectedAcidM = 0.3;

function namesOf(oxidant: HalfReaction, reductant: HalfReaction): TransferNames {
  return {
    oxidant: oxidant.oxidised.formula,
    reducedTo: oxidant.reduced.formula,
    reductant: reductant.reduced.formula,
    oxidisedTo: reductant.oxidised.formula,
  };
}

function solidsOf({ apart, equilibrium }: TransferState): string[] {
  return [...Object.keys(apart), ...equilibrium.solids.map(({ formula }) => formula)];
}

function blocked(
  oxidant: HalfReaction,
  reductant: HalfReaction,
  state: TransferState,
  temperatureC: number,
): boolean {
  const { equilibrium } = state;
  return (
    slowRow(namesOf(oxidant, reductant), equilibrium, temperatureC, solidsOf(state)) !==
      undefined || sealOf(reductant.reduced.formula, equilibrium) !== undefined
  );
}

/** How far a candidate goes, mmol of the whole equation; undefined when not noticeably. */
function extentOf(
  candidate: Candidate,
  state: TransferState,
  { volumeMl, temperatureC, settle }: TransferSurroundings,
): number | undefined {
  const most = Math.min(
    ...Object.entries(candidate.change)
      .filter(([name, n]) => n < 0 && name !== 'H^+' && name !== 'H2O')
      .map(([name, n]) => available(name, state, volumeMl) / -n),
  );
  if (!Number.isFinite(most)) return undefined;
  if (most <= traceM * volumeMl) return undefined;
  const goesAt = (share: number) => {
    const after = advance(state, candidate.change, share * most, settle);
    const drive =
      potentialV(candidate.oxidant, after.equilibrium, temperatureC, 'reduced') -
      potentialV(candidate.reductant, after.equilibrium, temperatureC, 'oxidised');
    return (
      drive > 0 &&
      !blocked(
        candidate.oxidant,
        candidate.reductant,
        { ...after, apart: state.apart },
        temperatureC,
      )
    );
  };
  if (!goesAt(worthTelling)) return undefined;
  if (goesAt(complete)) return most;
  let [low, high] = [worthTelling, complete];
  for (let round = 0; round < bisections; round += 1) {
    const middle = (low + high) / 2;
    if (goesAt(middle)) low = middle;
    else high = middle;
  }
  return low * most;
}

function available(
  name: string,
  { totals, apart, equilibrium }: TransferState,
  volumeMl: number,
): number {
  if (apartFormulae.has(name)) return apart[name] ?? 0;
  // A component that others count against (chloride in hypochlorite) may be short in total and yet be there.
  return Math.max(totals[name] ?? 0, (equilibrium.species[name] ?? 0) * volumeMl);
}

/** The state after an extent, mmol, of a change. Components that are wholly used up are taken out. */
export function advance(
  state: Pick<TransferState, 'totals' | 'apart'>,
  change: Components,
  extentMmol: number,
  settle: (totals: Components) => Equilibrium,
): TransferState {
  const totals = new Map(Object.entries(state.totals));
  const apart = new Map(Object.entries(state.apart));
  for (const [name, n] of Object.entries(change)) {
    const pool = apartFormulae.has(name) ? apart : totals;
    const before = pool.get(name) ?? 0;
    const after = before + n * extentMmol;
    const isUsedUp = name !== 'H^+' && n < 0 && Math.abs(after) <= 1e-9 * Math.abs(before);
    if (isUsedUp) pool.delete(name);
    else pool.set(name, after);
  }
  const left = Object.fromEntries(totals);
  return { totals: left, apart: Object.fromEntries(apart), equilibrium: settle(left) };
}
