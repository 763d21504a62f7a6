import { parseFormula } from '../matter/formula/parseFormula';
import { formatEquation, withState } from '../matter/equation/formatEquation';
import { sparinglySoluble } from '../matter/substances/data/sparinglySoluble';
import { findSubstance } from '../matter/substances/findSubstance';
import { chargeOf, ionsOf } from '../matter/substances/ionsOf';
import { saltOf } from '../matter/substances/saltOf';
import type { PhaseTerm, RawEquation, Terms } from './change';
import { greatestCommonDivisor } from '../matter/formula/greatestCommonDivisor';

const sparing = new Set<string>(sparinglySoluble.map(({ formula }) => formula));
/** Sparingly soluble substances of which solutions are made all the same, g per 100 g of water: lime water is one. */
const madeIntoSolutions = 0.15;

/** An equation with the reagents written whole, and the ions that only look on. */
export interface MolecularEquation {
  readonly text: string;
  readonly spectators: readonly string[];
}

/**
 * The molecular equation to a net ionic one: each ion that reacts is drawn from a reagent that was put in and brings it,
 * the partners it brings along look on and form salts with the ions that come out.
 *
 * @param settling solids that come down in the same step: a partner among them is no onlooker in solution.
 * @returns undefined when some reacting ion is in no reagent, or ions left over can be paired in more than one way.
 */
export function molecularEquation(
  { left, right }: RawEquation,
  put: readonly string[],
  settling: ReadonlySet<string>,
): MolecularEquation | undefined {
  const reagents = new Map<string, number>();
  const wholes: [PhaseTerm, number][] = [];
  /** Ions brought in less ions used, by formula. */
  const over: Record<string, number> = {};
  const add = (ion: string, count: number) => (over[ion] = (over[ion] ?? 0) + count);

  for (const [term, count] of left) {
    if (chargeOf(term.formula) === 0) wholes.push([term, count]);
    else add(term.formula, -count);
  }
  // A reagent that brings two of the ions (iron(III) chloride into chloride) is counted for the one that needs most of it.
  for (let pass = 0; pass < 8; pass += 1) {
    const missing = Object.entries(over).find(([, n]) => n < -1e-9);
    if (!missing) break;
    const [ion, n] = missing;
    const source = sourceOf(ion, over, left, put);
    if (!source) return undefined;
    const units = -n / (source.brings[ion] ?? 1);
    reagents.set(source.formula, (reagents.get(source.formula) ?? 0) + units);
    for (const [part, count] of Object.entries(source.brings)) add(part, count * units);
  }
  if (Object.values(over).some((n) => n < -1e-9)) return undefined;
  const spectators = Object.keys(over).filter((ion) => (over[ion] ?? 0) > 1e-9);

  const outcome: [PhaseTerm, number][] = [];
  for (const [term, count] of right) {
    if (chargeOf(term.formula) === 0) outcome.push([term, count]);
    else add(term.formula, count);
  }
  const salts = pairUp(over);
  if (!salts) return undefined;
  const scaled = wholeNumbers([
    ...[...reagents].map(([formula, n]) => [inSolution(formula), n] as const),
    ...wholes.map(([term, n]) => [written(term), n] as const),
    ['|', 1] as const,
    ...outcome.map(([term, n]) => [written(term), n] as const),
    ...salts.map(
      ([formula, n]) =>
        [settling.has(formula) ? asSolid(formula) : inSolution(formula), n] as const,
    ),
  ]);
  if (!scaled) return undefined;
  const bar = scaled.terms.findIndex(([text]) => text === '|');
  const [before, after] = [scaled.terms.slice(0, bar), scaled.terms.slice(bar + 1)];
  return { text: formatEquation(merged(before), merged(after)), spectators };
}

interface Reagent {
  readonly formula: string;
  readonly brings: Readonly<Record<string, number>>;
}

/** The reagent an ion is drawn from: of those that bring it, one that brings no other reacting ion that is already there. */
function sourceOf(
  ion: string,
  over: Readonly<Record<string, number>>,
  left: Terms,
  put: readonly string[],
): Reagent | undefined {
  const reacting = left.map(([{ formula }]) => formula);
  const surplus = ({ brings }: Reagent) =>
    reacting.filter((other) => other !== ion && other in brings && (over[other] ?? 0) > -1e-9)
      .length;
  const [best] = put
    .map((formula) => ({ formula, brings: broughtBy(formula) ?? {} }))
    .filter(({ brings }) => ion in brings)
    .sort((a, b) => surplus(a) - surplus(b));
  return best;
}

const written = ({ formula, state }: PhaseTerm): string => withState({ formula, state });
const asSolid = (formula: string): string => withState({ formula, state: 's' });
const inSolution = (formula: string): string => withState({ formula, state: 'aq' });

/** The ions a reagent brings into solution, hydrogensulfate as the strong acid it is; undefined for one that does not dissolve into ions. */
export function broughtBy(formula: string): Readonly<Record<string, number>> | undefined {
  const { substance } = findSubstance(formula);
  const salt = Object.keys(substance.ions).every((part) => chargeOf(part) !== 0);
  const dissolves =
    !sparing.has(substance.formula) || substance.solubilityGPer100G > madeIntoSolutions;
  if (!salt || !dissolves) return undefined;
  const { 'HSO4^-': acid = 0, ...others } = substance.ions;
  return acid === 0 ? others : { ...others, 'H^+': acid, 'SO4^2-': acid };
}

/** Salts of the ions left over, when one kind of cation or of anion settles who goes with whom. */
function pairUp(over: Readonly<Record<string, number>>): [string, number][] | undefined {
  const there = Object.entries(over).filter(([, n]) => n > 1e-9);
  const cations = there.filter(([ion]) => chargeOf(ion) > 0);
  const anions = there.filter(([ion]) => chargeOf(ion) < 0);
  if (there.length === 0) return [];
  if (cations.length === 0 || anions.length === 0) return undefined;
  if (cations.length > 1 && anions.length > 1) return undefined;
  const salts: [string, number][] = [];
  for (const [cation, cationCount] of cations)
    for (const [anion, anionCount] of anions) {
      const formula = compound(cation, anion);
      if (!formula) return undefined;
      const content = positiveUnits(cation, anion);
      const negative = (content * chargeOf(cation)) / -chargeOf(anion);
      salts.push([formula, cations.length === 1 ? anionCount / negative : cationCount / content]);
    }
  return salts;
}

/** Salt or strong acid of two ions; undefined where such a compound is not what the solution holds. */
function compound(cation: string, anion: string): string | undefined {
  if (cation === 'H^+') return strongAcids.find((acid) => anion in (ionsOf(acid) ?? {}));
  if (cation === 'NH4^+' && anion === 'OH^-') return undefined;
  // A metal beside its own complex is no salt of it: that solution is told in ions.
  const [metal = ''] = Object.keys(parseFormula(cation).elements);
  if (cation !== 'NH4^+' && metal in parseFormula(anion).elements) return undefined;
  return saltOf(cation, anion);
}

const strongAcids = ['HCl', 'HBr', 'HI', 'HNO3', 'H2SO4', 'HClO4'];

function positiveUnits(cation: string, anion: string): number {
  const [positive, negative] = [chargeOf(cation), -chargeOf(anion)];
  return negative / greatestCommonDivisor(positive, negative);
}

function merged(terms: readonly (readonly [string, number])[]): [string, number][] {
  const sum = new Map<string, number>();
  for (const [text, n] of terms) sum.set(text, (sum.get(text) ?? 0) + n);
  return [...sum];
}

/** Coefficients as the smallest whole numbers; undefined when no common multiple up to 24 makes them whole. */
export function wholeNumbers(
  terms: readonly (readonly [string, number])[],
): { readonly terms: [string, number][]; readonly factor: number } | undefined {
  for (let factor = 1; factor <= 24; factor += 1) {
    const scaled = terms.map(([text, n]) => [text, text === '|' ? 0 : n * factor] as const);
    if (scaled.some(([, n]) => Math.abs(n - Math.round(n)) > 1e-6)) continue;
    const whole = scaled.map(([text, n]) => [text, Math.round(n)] as [string, number]);
    const common = whole.map(([, n]) => n).reduce(greatestCommonDivisor, 0) || 1;
    return { terms: whole.map(([text, n]) => [text, n / common]), factor: factor / common };
  }
  return undefined;
}

/** An equation between phases in whole numbers. */
export interface WholeEquation {
  readonly text: string;
  /** How many times the equation given this one is. */
  readonly factor: number;
}

/** The net ionic text of an equation between phases; undefined when its coefficients are not small whole numbers. */
export function ionicText({ left, right }: RawEquation): WholeEquation | undefined {
  const texts = (side: Terms) => side.map(([term, n]) => [written(term), n] as const);
  const whole = wholeNumbers([...texts(left), ['|', 1], ...texts(right)]);
  if (!whole) return undefined;
  const bar = whole.terms.findIndex(([text]) => text === '|');
  return {
    text: formatEquation(merged(whole.terms.slice(0, bar)), merged(whole.terms.slice(bar + 1))),
    factor: whole.factor,
  };
}
