import * as z from 'zod';
import { ChemistryError, inField } from '../common/errors';
import { molarMassOf } from '../matter/formula/molarMass';
import { parseFormula } from '../matter/formula/parseFormula';
import { findSubstance } from '../matter/substances/findSubstance';
import { heatingSchools } from './heatingSchool';
import { combined } from './uncertainty';
import { formatNumber, withPlaces } from '../common/formatNumber';

const mass = z
  .number()
  .positive('A weighing is above 0 g')
  .max(10_000, 'A weighing is at most 10 000 g; check the decimal point');

/** A school balance shows hundredths of a gram. */
const usualBalanceG = 0.01;

/** Weighings of a dish with a hydrate that is heated until its water is gone, g. */
export const hydrateSchema = z.object({
  /** The salt without its water, by formula or name. */
  anhydrous: z.string().min(1).max(100),
  dishG: mass,
  withHydrateG: mass,
  /** After each heating and cooling, in order. */
  weighingsG: z.array(mass).min(1, 'There is no weighing after heating').max(50),
  /** Standard uncertainty of one weighing, g. */
  balanceUncertaintyG: z.number().positive().max(10).default(usualBalanceG),
  /** Water molecules to one formula unit as the books have it. */
  literatureX: z.number().positive().max(30).optional(),
  school: z.enum(heatingSchools).default('constantMass'),
});
export type HydrateRequest = z.input<typeof hydrateSchema>;

/** Water of crystallisation from weighings, with its working. */
export interface HydrateResult {
  /** Water molecules to one formula unit, and its standard uncertainty. */
  readonly x: number;
  readonly xUncertainty: number;
  readonly nearestWhole: number;
  /** Share of water in the hydrate by mass, %. */
  readonly waterPercent: number;
  /** Against the literature, %; below zero where too little water was found. */
  readonly errorPercent?: number;
  /** Whether the last two weighings agree. */
  readonly constantMass: boolean;
  /** What two weighings may differ by and still count as the same, g. */
  readonly toleranceG: number;
  readonly formula: string;
  /** Whether x is what the literature says, within twice its uncertainty; without a literature value, a whole number. */
  readonly verdict: 'agrees' | 'low' | 'high' | 'open';
  readonly advice: readonly string[];
  readonly working: readonly string[];
}

/** Weighings that lie this close count as one (common practice: 0.01 to 0.02 g). */
const sameMassG = 0.02;
/** Uncertainties within which x is taken to agree. */
const coverage = 2;

/**
 * Water of crystallisation x in a salt·xH2O from the masses before and after heating; the last weighing counts. Its
 * uncertainty is that of the three weighings, carried through (GUM, first order).
 *
 * @throws ChemistryError naming the weighing that cannot be: nothing in the dish, nothing left, heavier than before.
 * @example hydrate({ anhydrous: 'CuSO4', dishG: 20, withHydrateG: 22.5, weighingsG: [21.59] }).nearestWhole // 5
 */
export function hydrate(request: HydrateRequest): HydrateResult {
  const { anhydrous, dishG, withHydrateG, weighingsG, literatureX } = request;
  const { balanceUncertaintyG = usualBalanceG, school = 'constantMass' } = request;
  const salt = inField('anhydrous', () => saltFormula(anhydrous));
  const toleranceG = Math.max(sameMassG, 2 * balanceUncertaintyG);
  checkMasses(dishG, withHydrateG, weighingsG, toleranceG);
  const lastG = weighingsG.at(-1) ?? NaN;
  const [waterG, saltG, hydrateG] = [withHydrateG - lastG, lastG - dishG, withHydrateG - dishG];
  const [saltM, waterM] = [molarMassOf(salt), molarMassOf('H2O')];
  const perGram = saltM / waterM;
  const x = (perGram * waterG) / saltG;
  const xUncertainty =
    balanceUncertaintyG *
    combined(perGram / saltG, (perGram * waterG) / saltG ** 2, (perGram * hydrateG) / saltG ** 2);
  const nearestWhole = Math.round(x);
  const fell = weighingsG.length > 1 ? (weighingsG.at(-2) ?? NaN) - lastG : undefined;
  const constantMass = fell !== undefined && Math.abs(fell) <= toleranceG + 1e-9;
  const should = literatureX ?? knownWater(salt, x);
  const off = x - (should ?? nearestWhole);
  const isNear = Math.abs(off) <= coverage * xUncertainty;
  const verdict = isNear ? 'agrees' : should === undefined ? 'open' : off < 0 ? 'low' : 'high';
  return {
    x,
    xUncertainty,
    nearestWhole,
    waterPercent: (100 * waterG) / hydrateG,
    ...(literatureX !== undefined && { errorPercent: (100 * (x - literatureX)) / literatureX }),
    constantMass,
    toleranceG,
    formula: nearestWhole > 0 ? `${salt}·${nearestWhole === 1 ? '' : nearestWhole}H2O` : salt,
    verdict,
    advice: [
      ...heatingAdvice(weighingsG, toleranceG, constantMass, school),
      ...causeAdvice(verdict, should, nearestWhole),
    ],
    working: [
      `m(water) = ${formatNumber(withHydrateG)} g − ${formatNumber(lastG)} g = ${withPlaces(waterG, 3)} g`,
      `m(${salt}) = ${formatNumber(lastG)} g − ${formatNumber(dishG)} g = ${withPlaces(saltG, 3)} g`,
      `n(water) = ${withPlaces(waterG, 3)} g ÷ ${withPlaces(waterM, 3)} g/mol = ${withPlaces(waterG / waterM, 5)} mol`,
      `n(${salt}) = ${withPlaces(saltG, 3)} g ÷ ${withPlaces(saltM, 3)} g/mol = ${withPlaces(saltG / saltM, 5)} mol`,
      `x = n(water) ÷ n(${salt}) = ${withPlaces(x, 2)}, with ±${formatNumber(balanceUncertaintyG)} g in each weighing ±${withPlaces(xUncertainty, 2)}`,
    ],
  };
}

/** The formula of the salt without water, from a formula or any of its names. */
function saltFormula(text: string): string {
  try {
    return findSubstance(text).substance.formula;
  } catch {
    return parseFormula(text).formula;
  }
}

/** Water of the hydrate of the shelf that lies nearest to what was found, where the salt is kept as one. */
function knownWater(salt: string, x: number): number | undefined {
  let forms: readonly string[];
  try {
    forms = findSubstance(salt).substance.forms.map(({ formula }) => formula);
  } catch {
    return undefined;
  }
  const waters = forms.flatMap((form) => {
    const [, count] = /·(\d*\.?\d*)H2O$/.exec(form) ?? [];
    return count === undefined ? [] : [count === '' ? 1 : Number(count)];
  });
  return waters.sort((a, b) => Math.abs(a - x) - Math.abs(b - x))[0];
}

function checkMasses(
  dishG: number,
  withHydrateG: number,
  weighingsG: readonly number[],
  toleranceG: number,
): void {
  if (withHydrateG <= dishG)
    throw ChemistryError.of(
      'invalidInput',
      `The dish with the hydrate, ${formatNumber(withHydrateG)} g, is not heavier than the empty dish, ${formatNumber(dishG)} g.`,
    ).in('withHydrateG');
  weighingsG.forEach((one, at) => {
    const problem =
      one <= dishG
        ? `not heavier than the empty dish, ${formatNumber(dishG)} g, so nothing would be left in it`
        : one > withHydrateG + toleranceG
          ? `heavier than before heating, ${formatNumber(withHydrateG)} g`
          : undefined;
    if (problem)
      throw ChemistryError.of(
        'invalidInput',
        `Weighing ${at + 1}, ${formatNumber(one)} g, is ${problem}.`,
      ).in(`weighingsG.${at}`);
  });
}

function heatingAdvice(
  weighingsG: readonly number[],
  toleranceG: number,
  constantMass: boolean,
  school: (typeof heatingSchools)[number],
): string[] {
  const [before, last] = [weighingsG.at(-2), weighingsG.at(-1) ?? NaN];
  if (before === undefined)
    return school === 'fixedTimes'
      ? []
      : [
          'Heat again, cool in the desiccator and weigh: one weighing cannot show that all the water has gone.',
        ];
  if (constantMass)
    return [
      `Constant mass: the last two weighings agree within ${withPlaces(toleranceG, 2)} g; stop heating.`,
    ];
  const change = withPlaces(Math.abs(before - last), 3);
  return last < before
    ? [`Heat again: the mass still fell by ${change} g.`]
    : [
        `The mass rose by ${change} g: water was taken up from the air, or the weighing before was made hot. Heat again, cool in a desiccator, weigh cold.`,
      ];
}

function causeAdvice(
  verdict: HydrateResult['verdict'],
  should: number | undefined,
  nearestWhole: number,
): string[] {
  switch (verdict) {
    case 'low':
      return [
        `Less water than ${should}: under-heated, or it took water up again from the air before it was weighed.`,
      ];
    case 'high':
      return [
        `More water than ${should}: some spattered out, the salt itself decomposed, or it was weighed hot, when the air it lifts makes it read light.`,
      ];
    case 'open':
      return [
        `x is not a whole number within its uncertainty; ${nearestWhole} is the nearest. Weigh more carefully or take more of the hydrate.`,
      ];
    case 'agrees':
      return [];
  }
}
