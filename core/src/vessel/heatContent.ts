import { dilutionHeats } from '../matter/substances/data/dilutionHeats';
import { sparinglySoluble } from '../matter/substances/data/sparinglySoluble';
import {
  componentsOfSolid,
  componentsOfSpecies,
  formedSpecies,
} from '../matter/substances/componentsOf';
import { chargeOf } from '../matter/substances/ionsOf';
import { formationEnthalpy } from '../matter/substances/enthalpy';
import { dissolvedGas } from '../matter/substances/gas';
import { molarMassOf } from '../matter/formula/molarMass';
import { addAmounts } from './amounts';
import type { Amounts } from './amounts';
import { containers } from './containers';
import type { Phases, Vessel } from './vessel';

/** An enthalpy, kJ/mol against the elements, and whether part of it had to be taken as nothing. */
interface Enthalpy {
  readonly kJPerMol: number;
  readonly rough: boolean;
}

const formed = new Map(formedSpecies.map((row) => [row.formula, row]));
const sparing = new Map(sparinglySoluble.map((row) => [row.formula, row]));
const waterKJPerMol = formationEnthalpy('H2O', 'l') ?? 0;
const known = new Map<string, Enthalpy>();

function remembered(key: string, work: () => Enthalpy): Enthalpy {
  const before = known.get(key);
  if (before) return before;
  const found = work();
  known.set(key, found);
  return found;
}

function sumOf(parts: Amounts): Enthalpy {
  let kJPerMol = 0;
  let rough = false;
  for (const [formula, count] of Object.entries(parts)) {
    const one = ofSpecies(formula);
    kJPerMol += count * one.kJPerMol;
    rough ||= one.rough;
  }
  return { kJPerMol, rough };
}

/**
 * Whether every component is tabulated against the elements. Where one is not, it counts as nothing, and so must all it
 * is part of: a tabulated value beside it would show the whole of its formation as heat.
 */
function isReferred(parts: Amounts = {}): boolean {
  return Object.keys(parts).every(
    (name) =>
      name === 'H^+' ||
      name === 'H2O' ||
      (['aq', 's', 'l', 'g'] as const).some(
        (state) => formationEnthalpy(name, state) !== undefined,
      ) ||
      /^[A-Z][a-z]?\d*$/.test(name),
  );
}

/** Of a dissolved species: as tabulated, or from its parts and the enthalpy of their coming together. */
function ofSpecies(formula: string): Enthalpy {
  return remembered(`${formula}(aq)`, () => {
    if (formula === 'H2O') return { kJPerMol: waterKJPerMol, rough: false };
    const row = formed.get(formula);
    const parts = row && componentsOfSpecies(formula);
    const value = isReferred(parts) ? formationEnthalpy(formula, 'aq') : undefined;
    if (value !== undefined) return { kJPerMol: value, rough: false };
    if (!row || !parts) return { kJPerMol: 0, rough: true };
    const { kJPerMol, rough } = sumOf(parts);
    const { enthalpyKJPerMol, ionPair } = row;
    return {
      kJPerMol: kJPerMol + (enthalpyKJPerMol ?? 0),
      rough: rough || (enthalpyKJPerMol === undefined && !ionPair),
    };
  });
}

/** Of a solid: as tabulated, or from its ions and the enthalpy of their dissolving; elements are zero. */
function ofSolid(formula: string): Enthalpy {
  return remembered(`${formula}(s)`, () => {
    const parts = componentsOfSolid(formula) ?? {};
    const value = isReferred(parts)
      ? (formationEnthalpy(formula, 's') ?? formationEnthalpy(formula, 'l'))
      : undefined;
    if (value !== undefined) return { kJPerMol: value, rough: false };
    if (formula in parts) return { kJPerMol: 0, rough: !/^[A-Z][a-z]?\d*$/.test(formula) };
    const { kJPerMol, rough } = sumOf(parts);
    const dissolving = sparing.get(formula)?.dissolutionKJPerMol;
    return {
      kJPerMol: kJPerMol - (dissolving ?? 0),
      rough: rough || dissolving === undefined,
    };
  });
}

/** Of a gas: as tabulated, or from its solution and the enthalpy of dissolving. */
function ofGas(formula: string): Enthalpy {
  return remembered(`${formula}(g)`, () => {
    const value = formationEnthalpy(formula, 'g');
    if (value !== undefined) return { kJPerMol: value, rough: false };
    const { kJPerMol, rough } = ofSpecies(formula);
    return { kJPerMol: kJPerMol - (dissolvedGas(formula)?.enthalpyKJPerMol ?? 0), rough };
  });
}

/** What a change between two states of the same contents gives off, J, and what it was not known for. */
export interface HeatReleased {
  readonly joules: number;
  /** Formulae whose enthalpy of forming or dissolving is not in the tables and was taken as nothing. */
  readonly unsure: readonly string[];
}

/** An enthalpy that is missing is taken to be below this, kJ/mol, when its weight is judged (common practice). */
const missingKJPerMol = 40;
/** A missing enthalpy that could move less heat than this, J per K of the vessel, is not mentioned. */
const worthMentioningK = 2;

/** Heat given off between two states of a vessel’s contents at the same temperature, from enthalpies of formation. */
export function heatReleased(before: Phases, after: Phases, capacityJPerK: number): HeatReleased {
  let joules = 0;
  const unsure: string[] = [];
  const count = (change: Amounts, of: (formula: string) => Enthalpy) => {
    for (const [formula, mmol] of Object.entries(change)) {
      if (Math.abs(mmol) < 1e-9) continue;
      const { kJPerMol, rough } = of(formula);
      joules -= mmol * kJPerMol;
      if (rough && Math.abs(mmol) * missingKJPerMol > worthMentioningK * capacityJPerK)
        unsure.push(formula);
    }
  };
  count(addAmounts(after.solution, before.solution, -1), ofSpecies);
  count(addAmounts(after.layer, before.layer, -1), ofSpecies);
  count(addAmounts(after.solids, before.solids, -1), ofSolid);
  count(addAmounts(after.gas, before.gas, -1), ofGas);
  return { joules, unsure };
}

/** Heat that the strong acids and other liquids in a solution still have to give when they are diluted without end, J. */
export function dilutionHeatLeft({ solution }: Phases): number {
  const { 'H^+': acid = 0, H2O: water = 0 } = solution;
  return dilutionHeats.reduce((sum, { of, fullKJPerMol, halfAtWater }) => {
    const there = solution[of] ?? 0;
    const amount = chargeOf(of) < 0 ? Math.min(acid, there) : there;
    if (amount < 1e-9) return sum;
    const n = water / amount;
    return sum + amount * fullKJPerMol * (halfAtWater / (n + halfAtWater));
  }, 0);
}

/** Specific heat capacities, J/(g K): water (CRC Handbook), and a round value for solids and other liquids (common practice). */
const specificHeat = { water: 4.18, solid: 0.8, layer: 2 } as const;

/** Heat capacity of a vessel with what is in it, J/K; what is dissolved is taken not to add to that of the water. */
export function heatCapacityOf({ phases, container }: Vessel): number {
  const grams = (amounts: Amounts) =>
    Object.entries(amounts).reduce(
      (sum, [formula, n]) => sum + (n * molarMassOf(formula)) / 1000,
      0,
    );
  return (
    specificHeat.water * grams({ H2O: Math.max(0, phases.solution.H2O ?? 0) }) +
    specificHeat.solid * grams(phases.solids) +
    specificHeat.layer * grams(phases.layer) +
    containers[container].heatCapacityJPerK
  );
}
