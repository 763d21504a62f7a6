import type { Equilibrium } from '../../solution/equilibrium/equilibrate';
import { faraday, gasConstant, kelvin, vantHoff } from '../../solution/equilibrium/temperature';
import { componentsOfSpecies } from '../../matter/substances/componentsOf';
import {
  electrodeProcesses,
  notAtElectrodes,
} from '../../matter/substances/data/electrodeProcesses';
import { electrodes } from '../../matter/substances/data/electrodes';
import { dissolvedGas } from '../../matter/substances/gas';
import type { Source } from '../../matter/substances/source';
import type { Overpotential, Passivity, Surface } from '../../matter/substances/types';
import { potentialV } from '../halfReaction';
import type { HalfReaction } from '../halfReaction';
import { currentDensityAt, overpotentialCurve } from './overpotential';
import type { OverpotentialCurve } from './overpotential';
import { dissolvedTotalM, limitingDensity } from './transport';

import type { ElectrodeSetting, ElectrodeSide } from './electrodeSetting';
import { bromine, chlorine, halfOf, hydrogen, oxygen } from './electrodeHalves';

/** Slope of metals and ions, V per decade (one-electron step). */
const tafelV = 0.12;
/** Exchange current density where no row tells, A/cm²: a metal that goes into solution readily. */
const readilyAPerCm2 = 1e-3;
/** Less than this, mol/L, is not looked at: nobody could see or weigh it. */
const leastM = 1e-6;
/** A process that could go, with the current it would take at a potential. */
export interface Candidate {
  readonly half: HalfReaction;
  readonly equilibriumV: number;
  /** A/cm² at a potential. */
  readonly current: (potentialV: number) => number;
  readonly limit?: number;
  readonly sources: readonly Source[];
}

/** What could go at minus: ions that are discharged, and hydrogen from water or acid. */
export function atCathode(setting: ElectrodeSetting, near: Equilibrium): Candidate[] {
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
    return [dissolvedAt(row, half, { there, limit, equilibriumV, temperatureC })];
  });
  return [...ions, hydrogenAt(setting, near)];
}

/** A dissolved species that is discharged: as fast as its exchange current and the square root of what is there. */
function dissolvedAt(
  row: (typeof electrodeProcesses)[number],
  half: HalfReaction,
  at: {
    readonly there: number;
    readonly limit: number;
    readonly equilibriumV: number;
    readonly temperatureC: number;
  },
): Candidate {
  const { there, limit, equilibriumV, temperatureC } = at;
  const away = row.side === 'cathode' ? -1 : 1;
  return {
    half,
    equilibriumV,
    limit,
    sources: [half.couple.source, row.source],
    current: kinetics(
      row.exchangeAPerCm2 * Math.sqrt(there),
      half.electrons,
      limit,
      temperatureC,
      (v) => away * (v - equilibriumV),
    ),
  };
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

export function atAnode(
  setting: ElectrodeSetting,
  near: Equilibrium,
  passive: Passivity | undefined,
): Candidate[] {
  const surface = passive?.surface ?? setting.electrode.material;
  return [
    ...(passive ? [] : metalDissolving(setting)),
    ...ionsOxidised(setting, near),
    ...halogensFrom(setting, surface),
    ...oxygenFrom(setting, near, surface),
  ];
}

/** The metal of the electrode goes into solution. */
function metalDissolving({ electrode, bulk, temperatureC }: ElectrodeSetting): Candidate[] {
  return electrode.dissolvesBy.flatMap((text): Candidate[] => {
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
}

/** Ions of the liquid lose electrons. */
function ionsOxidised({ bulk, temperatureC }: ElectrodeSetting, near: Equilibrium): Candidate[] {
  return electrodeProcesses.flatMap((row): Candidate[] => {
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
    return [dissolvedAt(row, half, { there, limit, equilibriumV, temperatureC })];
  });
}

/** Halides give the halogen. */
function halogensFrom({ bulk, temperatureC }: ElectrodeSetting, surface: Surface): Candidate[] {
  return (
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
}

/** Water gives oxygen. */
function oxygenFrom(
  { temperatureC, densityAPerCm2 }: ElectrodeSetting,
  near: Equilibrium,
  surface: Surface,
): Candidate[] {
  const curve = overpotentialCurve('O2', surface);
  const equilibriumV = potentialV(oxygen, near, temperatureC, 'oxidised');
  return curve
    ? [
        {
          half: oxygen,
          equilibriumV,
          sources: [oxygen.couple.source, curve.row.source],
          current: (v) => Math.min(currentDensityAt(curve, v - equilibriumV), 1e3 * densityAPerCm2),
        },
      ]
    : [];
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

/** Concentration at the surface that a product is calculated with, mol/L, where the bulk holds less. */
export const surfaceM: Readonly<Record<string, number>> = {
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
  {
    side,
    shares: [main],
  }: { readonly side: ElectrodeSide; readonly shares: readonly { readonly half: HalfReaction }[] },
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
