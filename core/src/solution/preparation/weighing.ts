import { anhydrousFormula, molarMassOf } from '../../matter/formula/molarMass';
import { parseFormula } from '../../matter/formula/parseFormula';
import { shelfSubstances } from '../../matter/substances/findSubstance';
import { concentrationMade } from './prepare';
import { solubilityM } from './solubility';
import { withFigures, withPlaces } from '../../common/formatNumber';

/** How far from the target an actual mass may lie without comment (common practice: 1.07 g for “about 1 g”). */
export const weighingTolerance = 0.1;
/** A mass this many times off is no weighing of what was wanted. */
const implausibleRatio = 20;
/** How close to ten times, a tenth, or another form’s mass counts as that slip. */
const slipTolerance = 0.25;

/** Why a weighed mass should be looked at again. */
export interface Challenge {
  readonly kind:
    'factorOfTen' | 'wrongForm' | 'implausible' | 'aboveSolubility' | 'outsideTolerance';
  readonly message: string;
}

/** What a weighing really made. */
export interface WeighingResult {
  readonly concentrationM: number;
  /** Actual over target mass. */
  readonly ratio: number;
  readonly challenge?: Challenge;
}

/**
 * Judges an actual mass against its target: the concentration it makes, and the slip it looks like, if any.
 *
 * @param actualG weighed mass in g, above 0.
 * @param otherForms forms the same substance is kept in, to recognise the wrong hydrate.
 */
export function judgeWeighing(
  actualG: number,
  targetG: number,
  form: string,
  otherForms: readonly string[],
  volumeMl: number,
  purityPercent = 100,
): WeighingResult {
  const ratio = actualG / targetG;
  const concentrationM = concentrationMade(actualG, form, volumeMl, purityPercent);
  const challenge =
    findSlip(ratio, targetG, form, otherForms) ??
    aboveSolubility(concentrationM, form, ratio) ??
    outsideTolerance(ratio);
  return { ratio, concentrationM, ...(challenge && { challenge }) };
}

function findSlip(
  ratio: number,
  targetG: number,
  form: string,
  otherForms: readonly string[],
): Challenge | undefined {
  if (Math.abs(ratio - 1) <= weighingTolerance) return undefined;
  for (const factor of [10, 0.1])
    if (isNear(ratio, factor, slipTolerance))
      return {
        kind: 'factorOfTen',
        message: `That is about ${factor === 10 ? 'ten times' : 'a tenth of'} the ${withPlaces(targetG, 2)} g wanted. Check the decimal point.`,
      };
  const relatives = new Set([...otherForms, anhydrousFormula(parseFormula(form))]);
  relatives.delete(form);
  for (const other of relatives)
    if (isNear(ratio, molarMassOf(other) / molarMassOf(form), 0.04))
      return {
        kind: 'wrongForm',
        message: `That would be right for ${other}. Is the jar ${form}?`,
      };
  return ratio > implausibleRatio || ratio < 1 / implausibleRatio
    ? {
        kind: 'implausible',
        message: `Nobody means ${ratio > 1 ? 'that much' : 'so little'} when ${withPlaces(targetG, 2)} g are wanted. Grams or milligrams?`,
      }
    : undefined;
}

/** Only what is over the target can be a slip; a planned concentration above the solubility is told with the recipe. */
function aboveSolubility(
  concentrationM: number,
  form: string,
  ratio: number,
): Challenge | undefined {
  if (ratio <= 1 + weighingTolerance) return undefined;
  const limit = dissolvesM(form);
  return limit !== undefined && concentrationM > limit
    ? {
        kind: 'aboveSolubility',
        message: `That would make ${withFigures(concentrationM, 3)} mol/L, and no more than about ${withFigures(limit, 2)} mol/L dissolves.`,
      }
    : undefined;
}

/** The solubility of a form the table knows, mol/L; anything else can be weighed out too. */
function dissolvesM(form: string): number | undefined {
  const dry = anhydrousFormula(parseFormula(form));
  return shelfSubstances().some(({ formula }) => formula === dry)
    ? solubilityM(dry).concentrationM
    : undefined;
}

function outsideTolerance(ratio: number): Challenge | undefined {
  if (Math.abs(ratio - 1) <= weighingTolerance) return undefined;
  const side = ratio > 1 ? 'over' : 'under';
  return {
    kind: 'outsideTolerance',
    message: `That is ${Math.round(100 * Math.abs(ratio - 1))} % ${side} the target; the concentration changes with it.`,
  };
}

const isNear = (value: number, target: number, tolerance: number): boolean =>
  Math.abs(value / target - 1) <= tolerance;
