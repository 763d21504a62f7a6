import { equilibrateComponents } from '../../solution/equilibrium/equilibrate';
import type { Equilibrium } from '../../solution/equilibrium/equilibrate';
import { molarMassOf } from '../../matter/formula/molarMass';
import { notAtElectrodes } from '../../matter/substances/data/electrodeProcesses';
import { stainlessSteel } from '../../matter/substances/data/electrodes';
import { dissolvedGas } from '../../matter/substances/gas';
import type { Source } from '../../matter/substances/source';
import type { Electrode, Passivity } from '../../matter/substances/types';
import type { HalfReaction } from '../halfReaction';
import { builtUpM } from './transport';

import { atCathode, atAnode, surfaceM } from './candidates';
import type { Candidate } from './candidates';
import { bromine, chlorine, stainlessHalves } from './electrodeHalves';
import type { ElectrodeSetting, ElectrodeSide } from './electrodeSetting';

/** One process that takes part of the current. */
export interface ElectrodeShare {
  readonly half: HalfReaction;
  /** Share of the current, 0 to 1. */
  readonly share: number;
  /** By Nernst’s equation in the solution near the electrode, V. */
  readonly equilibriumV: number;
}

/** A process that could go, and the potential at which it would take the whole current. */
export interface ConsideredProcess {
  readonly half: HalfReaction;
  readonly equilibriumV: number;
  /** Potential it needs for the whole current, V; undefined when diffusion cannot bring enough of it. */
  readonly wholeCurrentV?: number;
  /** Greatest current density that diffusion can feed, A/cm²; undefined where water or the electrode itself reacts. */
  readonly limitAPerCm2?: number;
  readonly share: number;
  readonly sources: readonly Source[];
}

/** How one electrode stands at a current. */
export interface AtElectrode {
  readonly side: ElectrodeSide;
  /** Against the standard hydrogen electrode, V. */
  readonly potentialV: number;
  /** Those with a share of the current, the largest first. */
  readonly shares: readonly ElectrodeShare[];
  /** All that could go, the readiest first. */
  readonly considered: readonly ConsideredProcess[];
  /** The liquid in the still layer at the electrode. */
  readonly near: Equilibrium;
  readonly passive?: Passivity;
  /** Species that stay although someone might expect them to be discharged, and why. */
  readonly leftAlone: readonly string[];
  /** Why this electrode is not predicted; empty when it is. */
  readonly notPredicted: readonly string[];
}

/** Times the pH at the surface is brought in line with the processes that change it. */
const rounds = 8;
const bisections = 60;
/** Share below which a process is not told. */
const leastShare = 1e-3;

/**
 * What goes on at an electrode at a current density: every process that could go is given the current that its equilibrium
 * potential (Nernst), its overpotential (Tafel, tabulated for gases by surface) and diffusion allow, and the potential is the
 * one at which these add up to the current. Acid or base made at the surface is taken into account.
 */
export function atElectrode(setting: ElectrodeSetting): AtElectrode {
  const { side, electrode, componentsM, bulk, temperatureC } = setting;
  const passive = side === 'anode' ? passivityOf(electrode, bulk) : undefined;
  const acidM = bulk.species['H^+'] ?? 0;
  const rows = notAtElectrodes.filter(
    (row) => row.side === side && acidM >= (row.inAcidFromM ?? 0),
  );
  const present = (formula: string, fromM: number) => (bulk.species[formula] ?? 0) >= fromM;
  const matching = (means: (typeof rows)[number]['means']) =>
    rows.filter((row) => row.means === means && row.of.some((one) => present(one, row.fromM)));
  const untold = matching('not predicted').map(
    ({ of, because, fromM }) => `${of.filter((one) => present(one, fromM)).join(', ')}: ${because}`,
  );
  if (passive?.insulates)
    untold.push(
      `${electrode.material} as plus covers itself with ${passive.cover}: the current dies away, and what little flows is not predicted`,
    );
  let near = bulk;
  let excess = { proton: 0, chlorine: 0, bromine: 0 };
  let solved = solve(setting, near, passive);
  for (let round = 0; round < rounds; round += 1) {
    const wanted = builtUpAt(setting, solved.shares);
    const before = excess.proton;
    excess = round === 0 ? wanted : halfway(excess, wanted);
    if (round > 1 && Math.abs(excess.proton - before) < 1e-3 * Math.abs(before) + 1e-9) break;
    const { proton, chlorine: cl, bromine: br } = excess;
    near = equilibrateComponents(
      {
        ...componentsM,
        'H^+': (componentsM['H^+'] ?? 0) + proton + 2 * (cl + br),
        ...(cl > 0 && {
          'Cl^-': (componentsM['Cl^-'] ?? 0) + cl,
          'ClO^-': (componentsM['ClO^-'] ?? 0) + cl,
        }),
        ...(br > 0 && {
          'Br^-': (componentsM['Br^-'] ?? 0) + br,
          'BrO^-': (componentsM['BrO^-'] ?? 0) + br,
        }),
      },
      { temperatureC },
    );
    solved = solve(setting, near, passive);
  }
  return {
    side,
    ...solved,
    near,
    ...(passive && { passive }),
    leftAlone: matching('left alone').map(({ because }) => because),
    notPredicted: untold,
  };
}

/** What builds up in the still layer, mol/L: acid or base, and halogen, which with water makes acid too. */
interface BuiltUp {
  readonly proton: number;
  readonly chlorine: number;
  readonly bromine: number;
}

function builtUpAt(
  { side, densityAPerCm2 }: ElectrodeSetting,
  shares: readonly ElectrodeShare[],
): BuiltUp {
  const halogen = (half: HalfReaction) => half === chlorine || half === bromine;
  const perElectron = shares.reduce((sum, { half, share }) => {
    const sign = side === 'cathode' ? 1 : -1;
    return halogen(half) ? sum : sum + (share * sign * (half.change['H^+'] ?? 0)) / half.electrons;
  }, 0);
  const ion = perElectron < 0 ? 'OH^-' : 'H^+';
  const of = (half: HalfReaction, formula: string, mostM: number) => {
    const share = shares.find((one) => one.half === half)?.share ?? 0;
    return side === 'cathode'
      ? 0
      : Math.min(mostM, share * builtUpM(formula, densityAPerCm2, half.electrons));
  };
  return {
    proton: perElectron * builtUpM(ion, densityAPerCm2, 1),
    chlorine: of(chlorine, 'Cl2', dissolvedGas('Cl2')?.henryMPerAtm ?? 0),
    bromine: of(bromine, 'Br2', surfaceM.Br2 ?? 0),
  };
}

function halfway(a: BuiltUp, b: BuiltUp): BuiltUp {
  return {
    proton: (a.proton + b.proton) / 2,
    chlorine: (a.chlorine + b.chlorine) / 2,
    bromine: (a.bromine + b.bromine) / 2,
  };
}

function passivityOf(electrode: Electrode, { pH, species }: Equilibrium): Passivity | undefined {
  const above = (limits: Readonly<Record<string, number>>) =>
    Object.entries(limits).some(([ion, limit]) => (species[ion] ?? 0) > limit);
  return electrode.passive.find(
    ({ pHAbove = -Infinity, pHBelow = Infinity, aboveM, brokenByM }) =>
      pH > pHAbove &&
      pH < pHBelow &&
      (!aboveM || above(aboveM)) &&
      !(brokenByM && above(brokenByM)),
  );
}

function solve(setting: ElectrodeSetting, near: Equilibrium, passive: Passivity | undefined) {
  const { side, densityAPerCm2 } = setting;
  const candidates =
    side === 'cathode' ? atCathode(setting, near) : atAnode(setting, near, passive);
  // Towards lower potentials for reduction, higher for oxidation: the total current only grows that way.
  const away = side === 'cathode' ? -1 : 1;
  const total = (volts: number) => candidates.reduce((sum, { current }) => sum + current(volts), 0);
  const start =
    side === 'cathode'
      ? Math.max(...candidates.map(({ equilibriumV }) => equilibriumV))
      : Math.min(...candidates.map(({ equilibriumV }) => equilibriumV));
  let [low, high] = [0, 8];
  for (let round = 0; round < bisections; round += 1) {
    const middle = (low + high) / 2;
    if (total(start + away * middle) < densityAPerCm2) low = middle;
    else high = middle;
  }
  const volts = start + away * high;
  const whole = total(volts);
  const found = candidates.map((candidate) => ({
    candidate,
    share: whole > 0 ? candidate.current(volts) / whole : 0,
  }));
  const stainless = stainlessShares(setting, passive);
  const kept = 1 - stainless.reduce((all, { share }) => all + share, 0);
  const told = [
    ...found.flatMap(({ candidate: { half, equilibriumV }, share }) =>
      share * kept > leastShare ? [{ half, equilibriumV, share: share * kept }] : [],
    ),
    ...stainless,
  ];
  // What is too little to tell goes to the others, so that no charge is lost.
  const all = told.reduce((total, { share }) => total + share, 0);
  return {
    potentialV: volts,
    shares: told
      .map((one) => ({ ...one, share: one.share / all }))
      .sort((a, b) => b.share - a.share),
    considered: found
      .map(({ candidate, share }): ConsideredProcess => {
        const { half, equilibriumV, current, limit, sources } = candidate;
        const wholeCurrentV = whereCurrent(current, equilibriumV, away, densityAPerCm2);
        return {
          half,
          equilibriumV,
          share: share * kept,
          sources,
          ...(wholeCurrentV !== undefined && { wholeCurrentV }),
          ...(limit !== undefined && { limitAPerCm2: limit }),
        };
      })
      .sort(
        (a, b) =>
          b.share - a.share ||
          away * ((a.wholeCurrentV ?? away * 99) - (b.wholeCurrentV ?? away * 99)),
      ),
  };
}

/** Potential at which one process alone takes the whole current; undefined when it never does. */
function whereCurrent(
  current: Candidate['current'],
  equilibriumV: number,
  away: number,
  density: number,
): number | undefined {
  let [low, high] = [0, 8];
  if (current(equilibriumV + away * high) < density * 0.999) return undefined;
  for (let round = 0; round < 40; round += 1) {
    const middle = (low + high) / 2;
    if (current(equilibriumV + away * middle) < density) low = middle;
    else high = middle;
  }
  return equilibriumV + away * high;
}

/** A covered stainless hook still gives off some of itself beside oxygen; hardly any of it in strong base. */
function stainlessShares(
  { electrode, side, bulk }: ElectrodeSetting,
  passive: Passivity | undefined,
): ElectrodeShare[] {
  if (side !== 'anode' || electrode.material !== 'stainless steel' || !passive || bulk.pH > 11)
    return [];
  const moles = stainlessHalves.map(({ metal, half }) => {
    const share = stainlessSteel.shares[metal];
    return (share / molarMassOf(metal)) * half.electrons;
  });
  const all = moles.reduce((sum, n) => sum + n, 0);
  return stainlessHalves.map(({ half }, at) => ({
    half,
    equilibriumV: half.couple.standardPotentialV,
    share: (stainlessSteel.dissolvingShare * (moles[at] ?? 0)) / all,
  }));
}
