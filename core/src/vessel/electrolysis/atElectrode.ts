import { equilibrateComponents } from '../../equilibrium/equilibrate';
import type { Equilibrium } from '../../equilibrium/equilibrate';
import { faraday, gasConstant, kelvin, vantHoff } from '../../equilibrium/temperature';
import { molarMassOf } from '../../formula/molarMass';
import type { Components } from '../../substances/componentsOf';
import { componentsOfSpecies } from '../../substances/componentsOf';
import { electrodeProcesses, notAtElectrodes } from '../../substances/data/electrodeProcesses';
import { electrodes, stainlessSteel } from '../../substances/data/electrodes';
import { dissolvedGas } from '../../substances/gas';
import { handbook } from '../../substances/source';
import type { Source } from '../../substances/source';
import type { Electrode, Overpotential, Passivity, Surface } from '../../substances/types';
import { halfReactions, potentialV, readHalf } from '../halfReaction';
import type { HalfReaction } from '../halfReaction';
import { currentDensityAt, overpotentialCurve } from './overpotential';
import type { OverpotentialCurve } from './overpotential';
import { builtUpM, dissolvedTotalM, limitingDensity } from './transport';

/** Minus in an electrolytic cell is the cathode, where electrons go in; plus is the anode. */
export type ElectrodeSide = 'cathode' | 'anode';

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

/** The liquid an electrode stands in, the electrode, and the current. */
export interface ElectrodeSetting {
  readonly side: ElectrodeSide;
  readonly electrode: Electrode;
  /** Components of the liquid, mol/L, and what it is at equilibrium. */
  readonly componentsM: Components;
  readonly bulk: Equilibrium;
  readonly temperatureC: number;
  readonly densityAPerCm2: number;
  /** Metal that already covers it, and how much of the surface, 0 to 1. */
  readonly cover?: { readonly metal: string; readonly fraction: number };
}

/** Iron straight to iron(III), as at the potential of oxygen; beside iron(II) it would tell the engine nothing new. */
const ironToThree = readHalf({
  half: 'Fe^3+(aq) + 3e^- → Fe(s)',
  standardPotentialV: -0.037,
  source: handbook(
    'CRC Handbook of Chemistry and Physics',
    'electrochemical series, standard reduction potentials at 25 °C',
  ),
});
const halfByText = new Map([...halfReactions, ironToThree].map((half) => [half.couple.half, half]));
/** A half-reaction of the table of potentials by its text. */
export function halfOf(text: string): HalfReaction {
  const half = halfByText.get(text);
  if (!half) throw new Error(`No couple “${text}”.`);
  return half;
}

const hydrogen = halfOf('2H^+(aq) + 2e^- → H2(g)');
const oxygen = halfOf('O2(g) + 4H^+(aq) + 4e^- → 2H2O(l)');
const chlorine = halfOf('Cl2(aq) + 2e^- → 2Cl^-(aq)');
const bromine = halfOf('Br2(aq) + 2e^- → 2Br^-(aq)');
/** Metals of a stainless hook as they leave it. */
const stainlessHalves = [
  { half: ironToThree, metal: 'Fe' },
  { half: halfOf('Cr^3+(aq) + 3e^- → Cr(s)'), metal: 'Cr' },
  { half: halfOf('Ni^2+(aq) + 2e^- → Ni(s)'), metal: 'Ni' },
] as const;

/** Slope of metals and ions, V per decade (one-electron step). */
const tafelV = 0.12;
/** Exchange current density where no row tells, A/cm²: a metal that goes into solution readily. */
const readilyAPerCm2 = 1e-3;
/** Less than this, mol/L, is not looked at: nobody could see or weigh it. */
const leastM = 1e-6;
/** Times the pH at the surface is brought in line with the processes that change it. */
const rounds = 8;
const bisections = 60;
/** Share below which a process is not told. */
const leastShare = 1e-3;

interface Candidate {
  readonly half: HalfReaction;
  readonly equilibriumV: number;
  /** A/cm² at a potential. */
  readonly current: (potentialV: number) => number;
  readonly limit?: number;
  readonly sources: readonly Source[];
}

/**
 * What goes on at an electrode at a current density: every process that could go is given the current that its equilibrium
 * potential (Nernst), its overpotential (Tafel, tabulated for gases by surface) and diffusion allow, and the potential is the
 * one at which these add up to the current. Acid or base made at the surface is taken into account.
 */
export function atElectrode(setting: ElectrodeSetting): AtElectrode {
  const { side, electrode, componentsM, bulk, temperatureC } = setting;
  const passive = side === 'anode' ? passivityOf(electrode, bulk) : undefined;
  const rows = notAtElectrodes.filter((row) => row.side === side);
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
  const candidates = side === 'cathode' ? atMinus(setting, near) : atPlus(setting, near, passive);
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

function atMinus(setting: ElectrodeSetting, near: Equilibrium): Candidate[] {
  const { bulk, temperatureC } = setting;
  const left = new Set(
    notAtElectrodes.flatMap((row) =>
      row.side === 'cathode' && row.means === 'left alone' ? row.of : [],
    ),
  );
  const ions = electrodeProcesses.flatMap((row): Candidate[] => {
    if (row.side !== 'cathode') return [];
    const half = halfOf(row.half);
    const from = half.oxidised.formula;
    const there = thereM(from, bulk);
    if (there < leastM || left.has(from)) return [];
    const limit = limitingDensity(from, there, half.electrons);
    const equilibriumV = potentialV(
      half,
      made(bulk, half.reduced.formula, temperatureC),
      temperatureC,
      'reduced',
    );
    return [
      {
        half,
        equilibriumV,
        limit,
        sources: [half.couple.source, row.source],
        current: kinetics(
          row.exchangeAPerCm2 * Math.sqrt(there),
          half.electrons,
          limit,
          temperatureC,
          (v) => equilibriumV - v,
        ),
      },
    ];
  });
  return [...ions, hydrogenAt(setting, near)];
}

/** What of a species is in solution, mol/L: a metal ion with its complexes, a molecule as itself. */
function thereM(formula: string, { species }: Equilibrium): number {
  const parts = componentsOfSpecies(formula) ?? {};
  return Object.keys(parts).length === 1 && parts[formula] === 1
    ? dissolvedTotalM(formula, species)
    : (species[formula] ?? 0);
}

function hydrogenAt(
  { electrode, temperatureC, cover, densityAPerCm2 }: ElectrodeSetting,
  near: Equilibrium,
): Candidate {
  const equilibriumV = potentialV(hydrogen, near, temperatureC, 'reduced');
  const bare = curveOn('H2', electrode.material);
  const metal = cover && surfaceOf(cover.metal);
  const covered = metal ? overpotentialCurve('H2', metal) : undefined;
  const share = covered ? (cover?.fraction ?? 0) : 0;
  return {
    half: hydrogen,
    equilibriumV,
    sources: [hydrogen.couple.source, bare.row.source],
    current: (v) => {
      const eta = equilibriumV - v;
      const on = (curve: OverpotentialCurve | undefined) =>
        curve ? currentDensityAt(curve, eta) : 0;
      return Math.min((1 - share) * on(bare) + share * on(covered), 1e3 * densityAPerCm2);
    },
  };
}

function atPlus(
  setting: ElectrodeSetting,
  near: Equilibrium,
  passive: Passivity | undefined,
): Candidate[] {
  const { electrode, bulk, temperatureC } = setting;
  const surface = passive?.surface ?? electrode.material;
  const own = passive
    ? []
    : electrode.dissolvesBy.flatMap((text): Candidate[] => {
        const half = halfOf(text);
        const needs = half.right.find(({ state }) => state === 'aq')?.formula;
        const limit = needs
          ? limitingDensity(needs, bulk.species[needs] ?? 0, half.electrons)
          : undefined;
        if (limit !== undefined && limit < 1e-6) return [];
        const row = electrodeProcesses.find((one) => one.half === text && one.side === 'cathode');
        const equilibriumV = potentialV(
          half,
          made(bulk, half.oxidised.formula, temperatureC),
          temperatureC,
          'oxidised',
        );
        return [
          {
            half,
            equilibriumV,
            sources: [half.couple.source, electrode.source],
            ...(limit !== undefined && { limit }),
            current: kinetics(
              row?.exchangeAPerCm2 ?? readilyAPerCm2,
              half.electrons,
              limit,
              temperatureC,
              (v) => v - equilibriumV,
            ),
          },
        ];
      });
  const ions = electrodeProcesses.flatMap((row): Candidate[] => {
    if (row.side !== 'anode') return [];
    const half = halfOf(row.half);
    const from = half.reduced.formula;
    const there = thereM(from, bulk);
    if (there < leastM) return [];
    const limit = limitingDensity(from, there, half.electrons / half.reduced.count);
    const equilibriumV = potentialV(
      half,
      { ...made(bulk, half.oxidised.formula, temperatureC), pH: near.pH },
      temperatureC,
      'oxidised',
    );
    return [
      {
        half,
        equilibriumV,
        limit,
        sources: [half.couple.source, row.source],
        current: kinetics(
          row.exchangeAPerCm2 * Math.sqrt(there),
          half.electrons,
          limit,
          temperatureC,
          (v) => v - equilibriumV,
        ),
      },
    ];
  });
  const halogens = (
    [
      ['Cl2', chlorine, 'Cl^-'],
      ['Br2', bromine, 'Br^-'],
    ] as const
  ).flatMap(([gas, half, ion]): Candidate[] => {
    const there = bulk.species[ion] ?? 0;
    const curve = overpotentialCurve(gas, surface);
    if (there < leastM || !curve) return [];
    const limit = limitingDensity(ion, there, 1);
    const equilibriumV = potentialV(half, made(bulk, gas, temperatureC), temperatureC, 'oxidised');
    return [
      {
        half,
        equilibriumV,
        limit,
        sources: [half.couple.source, curve.row.source],
        current: (v) => {
          const kinetic = currentDensityAt(curve, v - equilibriumV);
          return kinetic / (1 + kinetic / limit);
        },
      },
    ];
  });
  const curve = overpotentialCurve('O2', surface);
  const equilibriumV = potentialV(oxygen, near, temperatureC, 'oxidised');
  const oxygenHere: Candidate[] = curve
    ? [
        {
          half: oxygen,
          equilibriumV,
          sources: [oxygen.couple.source, curve.row.source],
          current: (v) =>
            Math.min(currentDensityAt(curve, v - equilibriumV), 1e3 * setting.densityAPerCm2),
        },
      ]
    : [];
  return [...own, ...ions, ...halogens, ...oxygenHere];
}

/** Tafel’s law with diffusion in the way, nothing below the equilibrium potential. */
function kinetics(
  exchange: number,
  electrons: number,
  limit: number | undefined,
  temperatureC: number,
  overpotential: (volts: number) => number,
): Candidate['current'] {
  const thermal = (gasConstant * kelvin(temperatureC)) / faraday;
  return (volts) => {
    const eta = overpotential(volts);
    if (eta <= 0) return 0;
    const kinetic = exchange * 10 ** Math.min(eta / tafelV, 12);
    const back = 1 - Math.exp((-electrons * eta) / thermal);
    return (limit === undefined ? kinetic : kinetic / (1 + kinetic / limit)) * back;
  };
}

/** Concentration at the surface that a product is reckoned with, mol/L, where the bulk holds less. */
const surfaceM: Readonly<Record<string, number>> = {
  Br2: 0.03,
  I2: 1e-3,
  'Fe^3+': 0.01,
  'Fe^2+': 0.01,
};
/** The same for a metal ion that leaves an electrode. */
const leavingM = 0.03;

function made(bulk: Equilibrium, product: string, temperatureC: number): Equilibrium {
  const row = product === 'Cl2' ? dissolvedGas('Cl2') : undefined;
  const least = row
    ? 10 ** vantHoff(Math.log10(row.henryMPerAtm), row.enthalpyKJPerMol, temperatureC)
    : (surfaceM[product] ?? leavingM);
  return {
    ...bulk,
    species: { ...bulk.species, [product]: Math.max(bulk.species[product] ?? 0, least) },
  };
}

/**
 * Equilibrium potential of the main process of an electrode in the solution as it stands, V, without what the current changes at
 * the surface: an electrode’s potential less this is its overpotential.
 */
export function reversibleV(
  { side, shares: [main] }: AtElectrode,
  bulk: Equilibrium,
  temperatureC: number,
): number {
  if (!main) return 0;
  const { half } = main;
  const product = side === 'cathode' ? half.reduced : half.oxidised;
  const there = (bulk.species[product.formula] ?? 0) > leastM;
  const seen = there ? bulk : made(bulk, product.formula, temperatureC);
  return potentialV(half, seen, temperatureC, side === 'cathode' ? 'reduced' : 'oxidised');
}

function curveOn(gas: Overpotential['gas'], surface: Surface): OverpotentialCurve {
  const curve = overpotentialCurve(gas, surface);
  if (!curve) throw new Error(`No overpotential of ${gas} on ${surface}.`);
  return curve;
}

const deposits: Readonly<Record<string, Surface>> = {
  ...Object.fromEntries(
    electrodes
      .filter(({ material }) => !['steel', 'stainless steel', 'graphite'].includes(material))
      .map(({ formula, material }) => [formula, material]),
  ),
  Cd: 'cadmium',
  Bi: 'bismuth',
  Hg: 'mercury',
};
/** The surface a deposit of a metal is, as far as gases are concerned; undefined where no overpotentials are tabulated. */
export function surfaceOf(metal: string): Surface | undefined {
  return deposits[metal];
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
