import { ChemistryError } from '../../common/errors';
import { equilibrateComponents } from '../../solution/equilibrium/equilibrate';
import type { Equilibrium } from '../../solution/equilibrium/equilibrate';
import { faraday } from '../../solution/equilibrium/temperature';
import { molarMassOf } from '../../matter/formula/molarMass';
import type { Components } from '../../matter/substances/componentsOf';
import { componentsOfSpecies } from '../../matter/substances/componentsOf';
import { metalDensities } from '../../matter/substances/data/metalDensities';
import { pureSolids } from '../../matter/substances/data/pureSolids';
import { commonPractice } from '../../matter/substances/source';
import type { Electrode } from '../../matter/substances/types';
import { addAmounts, present } from '../amounts';
import type { Amounts } from '../amounts';
import { noPhases, componentsIn } from '../vessel';
import type { Vessel } from '../vessel';
import { atElectrode } from './atElectrode';
import type { AtElectrode } from './atElectrode';
import type { ElectrodeSide } from './electrodeSetting';
import { productOf } from './halfText';
import { conductivityMSPerCm } from './conductivity';
import { carriersIn } from './transport';

/** How the liquids at the two electrodes mix: by themselves in a beaker, with a stirrer, or not at all. */
export type Mixing = 'still' | 'stirred' | 'divided';

/** A current through a vessel. */
export interface PassedCurrent {
  readonly cathode: Electrode;
  readonly anode: Electrode;
  readonly currentA: number;
  readonly timeS: number;
  /** Wetted area of each electrode, cm². */
  readonly areaCm2: number;
  readonly mixing: Mixing;
}

/** Current density that is taken where no area is given, A/cm²: a gentle one, as in a class. */
export const gentleAPerCm2 = 0.005;
/** Area below which no electrode is taken to be where none is given, cm². */
const usualAreaCm2 = 20;

/** The area that is taken for electrodes nobody measured, cm²: 20, or as much as keeps the current density gentle. */
export function assumedAreaCm2(currentA: number): number {
  return Math.max(usualAreaCm2, currentA / gentleAPerCm2);
}

/** What came of one electrode. */
export interface ElectrodeOutcome {
  readonly electrode: Electrode;
  /** As it began, and as it was at the end. */
  readonly first: AtElectrode;
  readonly last: AtElectrode;
  /** Charge that each process took, C, by its half-equation in the table. */
  readonly chargesC: ReadonlyMap<string, number>;
  /** Gas that left, mmol. */
  readonly gas: Amounts;
  /** What is on the electrode now, mmol. */
  readonly deposit: Amounts;
  /** What the electrode lost, mmol. */
  readonly lost: Amounts;
  /** The half of the liquid on its side at the end, as a vessel that has not come to rest. */
  readonly liquid: Vessel;
  readonly liquidAtRest: Equilibrium;
}

/** How things stood at one time. */
export interface ElectrolysisMoment {
  readonly timeS: number;
  readonly anodeV: number;
  readonly cathodeV: number;
  /** Of the mean of both sides, mS/cm. */
  readonly conductivityMSPerCm: number;
  readonly cathodePH: number;
  readonly anodePH: number;
  /** Mean of both sides, mol/L. */
  readonly speciesM: Components;
}

/** A current that has passed. */
export interface Electrolysed {
  readonly chargeC: number;
  readonly cathode: ElectrodeOutcome;
  readonly anode: ElectrodeOutcome;
  readonly course: readonly ElectrolysisMoment[];
  readonly notPredicted: readonly string[];
}

export const mixingSource = commonPractice(
  'how soon the liquids at two electrodes in one unstirred beaker even out: about ten minutes, three times either way',
);
const evensOutS = 600;
/** Share of the chlorine that dissolves on its way up, as long as the liquid is not saturated; the rest is seen and smelt at once. */
const chlorineDissolves = 0.3;
export const chlorineSource = commonPractice(
  'about a third of the chlorine dissolves on its way up in a shallow cell, two times either way',
);
/** Conductivity below which nothing is an electrolyte for a class, mS/cm: tap water has 0.3 to 0.8. */
const leastMSPerCm = 0.01;
/** Thickness of a deposit at which two thirds of the surface are covered, cm. */
const coversCm = 1e-4;
/** Most charge in one slice, as a share of the charge of all ions there. */
const sliceShare = 0.08;
const [fewestSlices, mostSlices] = [10, 40];
interface Side {
  readonly electrode: Electrode;
  components: Record<string, number>;
  gas: Amounts;
  deposit: Amounts;
  lost: Amounts;
  charges: Map<string, number>;
  first?: AtElectrode;
  last?: AtElectrode;
}

const elements = new Set(pureSolids.map(({ formula }) => formula));
const escaping = new Set(['H2', 'O2']);

/**
 * Passes a current through a vessel of solution: in each slice of time both electrodes are asked what they do, what they
 * make leaves, settles on them or goes into the half of the liquid on their side, and the ions of both halves carry the current
 * between them, each by its share (z²Dc).
 *
 * @throws ChemistryError `doesNotConduct` for an empty vessel or a liquid without ions.
 */
export function passCurrent(vessel: Vessel, passed: PassedCurrent): Electrolysed {
  const { volumeMl, temperatureC } = vessel;
  if (volumeMl === 0)
    throw ChemistryError.of('doesNotConduct', 'What is in the vessel', 'there is no liquid in it');
  const half = volumeMl / 2;
  const whole = addAmounts(
    componentsIn(vessel.phases.solution, 'solution'),
    componentsIn(solidsThatTakePart(vessel.phases.solids), 'solids'),
  );
  const rest = ({ components }: Side) =>
    equilibrateComponents(perLitre(components, half), { temperatureC });
  const side = (electrode: Electrode): Side => ({
    electrode,
    components: scaled(whole, 0.5),
    gas: {},
    deposit: {},
    lost: {},
    charges: new Map(),
  });
  const sides = { cathode: side(passed.cathode), anode: side(passed.anode) };
  const start = rest(sides.cathode);
  const conducts = conductivityMSPerCm(start.species, temperatureC);
  if (conducts < leastMSPerCm)
    throw ChemistryError.of('doesNotConduct', namesOfPut(vessel), 'it holds next to no ions');
  const slices = timeSlices(start, half, passed);
  const course: ElectrolysisMoment[] = [];
  const untold = new Set<string>();
  let timeS = 0;
  for (const dtS of slices) {
    const liquids = { cathode: rest(sides.cathode), anode: rest(sides.anode) };
    for (const at of ['cathode', 'anode'] as const) {
      const found = ask(sides[at], at, liquids[at], half, temperatureC, passed);
      sides[at].first ??= found;
      sides[at].last = found;
      found.notPredicted.forEach((one) => untold.add(one));
    }
    course.push(moment(timeS, sides, liquids, temperatureC));
    const electronsMmol = ((passed.currentA * dtS) / faraday) * 1000;
    for (const at of ['cathode', 'anode'] as const) react(sides[at], at, electronsMmol);
    migrate(sides, liquids, half, electronsMmol);
    mix(sides, passed.mixing, dtS);
    for (const at of ['cathode', 'anode'] as const) release(sides[at], rest(sides[at]), half);
    timeS += dtS;
  }
  const ends = { cathode: rest(sides.cathode), anode: rest(sides.anode) };
  course.push(moment(timeS, sides, ends, temperatureC));
  const outcome = (at: ElectrodeSide): ElectrodeOutcome => {
    const { electrode, gas, deposit, lost, charges, first, last, components } = sides[at];
    if (!first || !last) throw new Error('No slice of time passed.');
    return {
      electrode,
      first,
      last,
      chargesC: charges,
      gas: present(gas),
      deposit: present(deposit),
      lost: present(lost),
      liquid: {
        ...vessel,
        volumeMl: half,
        phases: { ...noPhases, solution: components },
        indicators: scaled(vessel.indicators, 0.5),
      },
      liquidAtRest: ends[at],
    };
  };
  return {
    chargeC: passed.currentA * passed.timeS,
    cathode: outcome('cathode'),
    anode: outcome('anode'),
    course,
    notPredicted: [...untold],
  };
}

function namesOfPut({ put }: Vessel): string {
  return put.length === 0 ? 'Water' : put.join(', ');
}

/** Elements that lie in the vessel, which a current does not touch. */
export function lyingElements(solids: Amounts): Amounts {
  return Object.fromEntries(Object.entries(solids).filter(([formula]) => elements.has(formula)));
}

/** Salts at the bottom go on dissolving; elements lie there. */
function solidsThatTakePart(solids: Amounts): Amounts {
  return Object.fromEntries(Object.entries(solids).filter(([formula]) => !elements.has(formula)));
}

/** Short slices first, for the surface changes at the start, and enough of them that no ion is used up within one. */
function timeSlices(
  start: Equilibrium,
  halfMl: number,
  { currentA, timeS }: PassedCurrent,
): number[] {
  const ionsMmol =
    halfMl *
    carriersIn(start.species).reduce(
      (sum, { charge, concentrationM }) => sum + Math.max(0, charge) * concentrationM,
      0,
    );
  const electronsMmol = ((currentA * timeS) / faraday) * 1000;
  const wanted = electronsMmol / (sliceShare * Math.max(ionsMmol, 1e-9));
  const count = Math.min(mostSlices, Math.max(fewestSlices, Math.ceil(wanted)));
  return Array.from({ length: count }, (_, at) => (timeS * (2 * at + 1)) / count ** 2);
}

function ask(
  { electrode, components, deposit }: Side,
  side: ElectrodeSide,
  bulk: Equilibrium,
  halfMl: number,
  temperatureC: number,
  { currentA, areaCm2 }: PassedCurrent,
): AtElectrode {
  const [metal] = Object.entries(deposit).sort(([, a], [, b]) => b - a);
  const density = metal && metalDensities[metal[0]];
  const thicknessCm =
    metal && density ? (metal[1] * molarMassOf(metal[0])) / 1000 / density / areaCm2 : 0;
  return atElectrode({
    side,
    electrode,
    componentsM: perLitre(components, halfMl),
    bulk,
    temperatureC,
    densityAPerCm2: currentA / areaCm2,
    ...(metal &&
      thicknessCm > 0 && {
        cover: { metal: metal[0], fraction: 1 - Math.exp(-thicknessCm / coversCm) },
      }),
  });
}

function moment(
  timeS: number,
  sides: { readonly cathode: Side; readonly anode: Side },
  liquids: { readonly cathode: Equilibrium; readonly anode: Equilibrium },
  temperatureC: number,
): ElectrolysisMoment {
  const mean =
    (conductivityMSPerCm(liquids.cathode.species, temperatureC) +
      conductivityMSPerCm(liquids.anode.species, temperatureC)) /
    2;
  return {
    timeS,
    anodeV: sides.anode.last?.potentialV ?? 0,
    cathodeV: sides.cathode.last?.potentialV ?? 0,
    conductivityMSPerCm: mean,
    cathodePH: sides.cathode.last?.near.pH ?? 7,
    anodePH: sides.anode.last?.near.pH ?? 7,
    speciesM: scaled(addAmounts(liquids.cathode.species, liquids.anode.species), 0.5),
  };
}

/** What the processes of an electrode do to the liquid on its side, to the electrode and to the air. */
function react(side: Side, at: ElectrodeSide, electronsMmol: number): void {
  const sign = at === 'cathode' ? 1 : -1;
  for (const { half, share } of side.last?.shares ?? []) {
    const extent = (share * electronsMmol) / half.electrons;
    const key = half.couple.half;
    side.charges.set(key, (side.charges.get(key) ?? 0) + (share * electronsMmol * faraday) / 1000);
    for (const [name, n] of Object.entries(half.change)) {
      const amount = sign * n * extent;
      if (escaping.has(name)) side.gas = addAmounts(side.gas, { [name]: amount });
      else if (!elements.has(name)) side.components[name] = (side.components[name] ?? 0) + amount;
      else if (amount > 0) side.deposit = addAmounts(side.deposit, { [name]: amount });
      else side.lost = addAmounts(side.lost, { [name]: -amount });
    }
    const product = productOf(half, at);
    if (product.formula === 'Cl2') {
      const leaves = extent * (1 - chlorineDissolves);
      side.gas = addAmounts(side.gas, { Cl2: leaves });
      takeFrom(side, 'Cl2', leaves);
    }
    if (product.state === 's' && !elements.has(product.formula))
      side.deposit = addAmounts(side.deposit, { [product.formula]: extent * product.count });
  }
}

/** Ions carry the charge between the halves: cations towards minus, anions towards plus, each by its share. */
function migrate(
  { cathode, anode }: { readonly cathode: Side; readonly anode: Side },
  liquids: { readonly cathode: Equilibrium; readonly anode: Equilibrium },
  halfMl: number,
  electronsMmol: number,
): void {
  const carriers = [
    ...carriersIn(liquids.anode.species)
      .filter(({ charge }) => charge > 0)
      .map((one) => ({ ...one, from: anode, to: cathode })),
    ...carriersIn(liquids.cathode.species)
      .filter(({ charge }) => charge < 0)
      .map((one) => ({ ...one, from: cathode, to: anode })),
  ].map((one) => ({ ...one, mostMmol: 0.9 * one.concentrationM * halfMl, movedMmol: 0 }));
  let left = electronsMmol;
  for (let round = 0; round < 8 && left > 1e-9 * electronsMmol; round += 1) {
    const open = carriers.filter(({ mostMmol, movedMmol }) => movedMmol < mostMmol);
    const all = open.reduce((sum, { weight }) => sum + weight, 0);
    if (all === 0) break;
    const toCarry = left;
    for (const one of open) {
      const size = Math.abs(one.charge);
      const amount = Math.min((toCarry * one.weight) / all / size, one.mostMmol - one.movedMmol);
      one.movedMmol += amount;
      left -= amount * size;
    }
  }
  for (const { formula, from, to, movedMmol } of carriers)
    for (const [name, n] of Object.entries(componentsOfSpecies(formula) ?? {})) {
      from.components[name] = (from.components[name] ?? 0) - n * movedMmol;
      to.components[name] = (to.components[name] ?? 0) + n * movedMmol;
    }
  // Where all ions are nearly gone the ions of water carry what is left, which takes acid and base between the halves.
  if (left > 0) {
    anode.components['H^+'] = (anode.components['H^+'] ?? 0) - left;
    cathode.components['H^+'] = (cathode.components['H^+'] ?? 0) + left;
  }
}

function mix(
  { cathode, anode }: { readonly cathode: Side; readonly anode: Side },
  mixing: Mixing,
  dtS: number,
): void {
  const share = { divided: 0, still: 1 - Math.exp(-dtS / evensOutS), stirred: 1 }[mixing];
  for (const name of new Set([
    ...Object.keys(cathode.components),
    ...Object.keys(anode.components),
  ])) {
    const [c, a] = [cathode.components[name] ?? 0, anode.components[name] ?? 0];
    const moved = (share * (a - c)) / 2;
    cathode.components[name] = c + moved;
    anode.components[name] = a - moved;
  }
}

/** A gas beyond saturation leaves. */
function release(side: Side, atRest: Equilibrium, halfMl: number): void {
  for (const { formula, amountMolPerL } of atRest.gases) {
    const amount = amountMolPerL * halfMl;
    side.gas = addAmounts(side.gas, { [formula]: amount });
    takeFrom(side, formula, amount);
  }
}

function takeFrom(side: Side, formula: string, amountMmol: number): void {
  for (const [name, n] of Object.entries(componentsOfSpecies(formula) ?? {}))
    side.components[name] = (side.components[name] ?? 0) - n * amountMmol;
}

function perLitre(components: Components, volumeMl: number): Components {
  return Object.fromEntries(
    Object.entries(components).map(([name, n]) => [
      name,
      name === 'H^+' || name === 'H2O' ? n / volumeMl : Math.max(0, n) / volumeMl,
    ]),
  );
}

function scaled(amounts: Amounts, factor: number): Record<string, number> {
  return Object.fromEntries(Object.entries(amounts).map(([name, n]) => [name, n * factor]));
}
