import { parseFormula } from '../matter/formula/parseFormula';
import { logCoefficientIn } from '../solution/equilibrium/activity';
import type { Equilibrium } from '../solution/equilibrium/equilibrate';
import { faraday, gasConstant, kelvin, vantHoff } from '../solution/equilibrium/temperature';
import { componentsOfSolid, componentsOfSpecies } from '../matter/substances/componentsOf';
import type { Components } from '../matter/substances/componentsOf';
import { dissolvedGases } from '../matter/substances/data/dissolvedGases';
import { redoxCouples } from '../matter/substances/data/redoxCouples';
import type { DissolvedGas, RedoxCouple } from '../matter/substances/types';

/** One term of a half-equation. */
export interface HalfTerm {
  readonly formula: string;
  readonly state: 's' | 'l' | 'g' | 'aq';
  readonly count: number;
}

/** A couple read from its half-equation. */
export interface HalfReaction {
  readonly couple: RedoxCouple;
  readonly electrons: number;
  /** Without electrons. */
  readonly left: readonly HalfTerm[];
  readonly right: readonly HalfTerm[];
  /** The form that takes electrons, and the form it becomes. */
  readonly oxidised: HalfTerm;
  readonly reduced: HalfTerm;
  /** Components gained (+) and lost (−) when the couple is reduced once as written. */
  readonly change: Components;
}

const ever = new Set(['H^+', 'H2O']);

/** The couples of the table, read once. */
export const halfReactions: readonly HalfReaction[] = redoxCouples.map(readHalf);

/** Reads a couple from its half-equation. */
export function readHalf(couple: RedoxCouple): HalfReaction {
  const [leftText = '', rightText = ''] = couple.half.split(' → ');
  const left = terms(leftText);
  const right = terms(rightText);
  const electrons = left.find(({ formula }) => formula === 'e^-')?.count ?? 0;
  const matter = left.filter(({ formula }) => formula !== 'e^-');
  const change: Record<string, number> = {};
  const add = (term: HalfTerm, sign: number) => {
    for (const [name, n] of Object.entries(partsOf(term)))
      change[name] = (change[name] ?? 0) + sign * n * term.count;
  };
  matter.forEach((term) => add(term, -1));
  right.forEach((term) => add(term, 1));
  return {
    couple,
    electrons,
    left: matter,
    right,
    oxidised: principal(matter),
    reduced: principal(right),
    change,
  };
}

/** The term a couple is named for: the first that is neither a proton nor water, or else what is there. */
function principal(side: readonly HalfTerm[]): HalfTerm {
  const found = side.find(({ formula }) => !ever.has(formula)) ?? side[0];
  if (!found) throw new Error('A half-equation has an empty side.');
  return found;
}

function terms(side: string): HalfTerm[] {
  return side.split(' + ').map((text) => {
    const count = Number(/^(\d+)/.exec(text)?.[1] ?? 1);
    const { formula, state = 'aq' } = parseFormula(text);
    return { formula, state, count };
  });
}

/** A term in components. */
function partsOf({ formula, state }: HalfTerm): Components {
  const parts = state === 's' ? componentsOfSolid(formula) : componentsOfSpecies(formula);
  if (!parts) throw new Error(`No components for ${formula} in a half-equation.`);
  return parts;
}

const gasRow = new Map<string, DissolvedGas>(dissolvedGases.map((row) => [row.formula, row]));
/** Concentration a product that is not there yet is calculated with, mol/L: the first trace of it. */
const firstTraceM = 1e-15;

/**
 * Potential of a half-reaction by Nernst's equation in volts: E° + RT/nF Σ ν ln a, with activities from the equilibrium,
 * 1 for solids and water, and pressure over one atmosphere for gases. E° is taken as at 25 °C.
 *
 * @param asProduct the side that is being made: a gas there counts at one atmosphere.
 */
export function potentialV(
  half: HalfReaction,
  equilibrium: Equilibrium,
  temperatureC: number,
  asProduct: 'oxidised' | 'reduced',
): number {
  const logA = (term: HalfTerm, made: boolean) =>
    term.count * logActivity(term, equilibrium, temperatureC, made);
  const sum =
    half.left.reduce((total, term) => total + logA(term, asProduct === 'oxidised'), 0) -
    half.right.reduce((total, term) => total + logA(term, asProduct === 'reduced'), 0);
  const slope = (gasConstant * kelvin(temperatureC) * Math.LN10) / faraday;
  return half.couple.standardPotentialV + (slope / half.electrons) * sum;
}

function logActivity(
  { formula, state }: HalfTerm,
  { species, pH, ionicStrength }: Equilibrium,
  temperatureC: number,
  made: boolean,
): number {
  if (state === 's' || state === 'l') return 0;
  if (formula === 'H^+') return -pH;
  const concentration = Math.max(species[formula] ?? 0, firstTraceM);
  if (state === 'g') {
    const row = gasRow.get(formula);
    if (made || !row) return 0;
    return (
      Math.log10(concentration) -
      vantHoff(Math.log10(row.henryMPerAtm), row.enthalpyKJPerMol, temperatureC)
    );
  }
  return (
    Math.log10(concentration) +
    logCoefficientIn(formula, { species, ionicStrengthM: ionicStrength, temperatureC })
  );
}
