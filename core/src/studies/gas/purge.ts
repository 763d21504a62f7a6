import { ChemistryError } from '../../common/errors';
import { gasPropertiesOf } from '../../matter/substances/gas';
import { flammability } from '../../matter/substances/data/flammability';
import { oxygenShareOfAir } from '../../matter/substances/data/air';
import { parseFormula } from '../../matter/formula/parseFormula';
import type { Flammability } from '../../matter/substances/types';
import { atMostFigures } from '../../common/formatNumber';

/** Two ways in which gas pushes air out of an apparatus, between which every real one lies. */
export interface Bounds {
  /** The gas pushes the air before it like a plug. */
  readonly plug: number;
  /** The gas mixes with the air at once: the outflow is as pure as the apparatus. */
  readonly mixed: number;
}

/**
 * Share of the gas in what leaves an apparatus after so much has gone through it: a plug, or 1 − e^(−v/V) for a well-mixed
 * vessel (the washing-out of a stirred tank, Levenspiel, Chemical Reaction Engineering).
 *
 * @param goneMl gas made so far, mL, 0 or more.
 * @param apparatusMl volume of generator and tubes that held air, mL, above 0.
 * @example purityAfter(50, 50).mixed // 0.632
 */
export function purityAfter(goneMl: number, apparatusMl: number): Bounds {
  positive('apparatusMl', 'The volume of the apparatus', apparatusMl);
  return {
    plug: goneMl >= apparatusMl ? 1 : 0,
    mixed: 1 - Math.exp(-Math.max(0, goneMl) / apparatusMl),
  };
}

/**
 * What is discarded before what leaves is as pure as wanted: V by the plug, V·ln(1/(1 − p)) when well mixed.
 *
 * @param purity wanted share, above 0 and below 1.
 * @throws ChemistryError for a purity that cannot be reached.
 * @example discardFor(0.95, 40).mixed // 119.8
 */
export function discardFor(purity: number, apparatusMl: number): Bounds {
  positive('apparatusMl', 'The volume of the apparatus', apparatusMl);
  if (!(purity > 0 && purity < 1))
    throw ChemistryError.of(
      'outOfRange',
      'The wanted purity',
      `${atMostFigures(100 * purity, 4)} %`,
      'above 0 % and below 100 %; the last trace of air never goes',
    ).in('purity');
  return { plug: apparatusMl, mixed: apparatusMl * Math.log(1 / (1 - purity)) };
}

/** Mean share of the gas in what is caught between two moments. */
export function purityBetween(fromMl: number, toMl: number, apparatusMl: number): Bounds {
  positive('apparatusMl', 'The volume of the apparatus', apparatusMl);
  const spanMl = toMl - fromMl;
  if (!(spanMl > 0)) return purityAfter(fromMl, apparatusMl);
  const airLeft = (at: number) => apparatusMl * Math.exp(-at / apparatusMl);
  return {
    plug: Math.min(1, Math.max(0, toMl - Math.max(fromMl, apparatusMl)) / spanMl),
    mixed: 1 - (airLeft(fromMl) - airLeft(toMl)) / spanMl,
  };
}

/** What is filled one after the other. */
export interface FillingRequest {
  readonly gas: string;
  /** Tubes, jars or syringes, mL each. */
  readonly eachMl: number;
  readonly apparatusMl: number;
  /** Wanted share of the gas, 0 to below 1. */
  readonly purity: number;
  /** Full ones that are wanted at that purity. */
  readonly count: number;
  /** mL a minute. */
  readonly rateMlPerMin: number;
  /** Gas that still comes after the heat is taken away, mL. */
  readonly runOnMl?: number;
}

/** One tube or syringe: what is in it and when it is full. */
export interface Filling {
  readonly number: number;
  readonly fromMl: number;
  readonly toMl: number;
  readonly fullAtMin: number;
  readonly purity: Bounds;
  readonly keep: boolean;
  /** What a lit splint does at its mouth, where the gas burns. */
  readonly splint?: string;
}

/** A run of tubes or syringes, with what is discarded and when each is changed. */
export interface FillingPlan {
  readonly fillings: readonly Filling[];
  readonly discard: Bounds;
  readonly discarded: number;
  /** Gas made in all, mL, with what still comes at the end. */
  readonly totalMl: number;
  /** When the heat is taken away so that the last is just full, min. */
  readonly heatOffMin: number;
  readonly minutes: number;
}

/** As many as anyone fills in a lesson. */
const mostFillings = 60;

/**
 * Tubes or syringes filled one after the other: those that hold too much air are discarded, and each has its composition and the
 * minute at which it is changed. Which are kept is decided by the well-mixed bound, the worse of the two.
 *
 * @throws ChemistryError for volumes, rates or counts that are not above 0, or more of them than a lesson has room for.
 */
export function fillingPlan(request: FillingRequest): FillingPlan {
  const { gas, eachMl, apparatusMl, purity, count, rateMlPerMin, runOnMl = 0 } = request;
  positive('eachMl', 'The volume of a tube or syringe', eachMl);
  positive('rateMlPerMin', 'The rate', rateMlPerMin);
  positive('count', 'The number of tubes or syringes', count);
  const discard = discardFor(purity, apparatusMl);
  const fillings: Filling[] = [];
  let kept = 0;
  while (kept < count) {
    const number = fillings.length + 1;
    if (number > mostFillings)
      throw ChemistryError.of(
        'tooManyFillings',
        String(mostFillings),
        `${atMostFigures(100 * purity, 3)} %`,
      ).in('purity');
    const [fromMl, toMl] = [(number - 1) * eachMl, number * eachMl];
    const found = purityBetween(fromMl, toMl, apparatusMl);
    const keep = found.mixed >= purity;
    if (keep) kept += 1;
    const splint = splintAt(gas, found.mixed);
    fillings.push({
      number,
      fromMl,
      toMl,
      fullAtMin: toMl / rateMlPerMin,
      purity: found,
      keep,
      ...(splint && { splint }),
    });
  }
  const totalMl = fillings.length * eachMl;
  const minutes = totalMl / rateMlPerMin;
  return {
    fillings,
    discard,
    discarded: fillings.length - count,
    totalMl,
    heatOffMin: Math.max(0, (totalMl - runOnMl) / rateMlPerMin),
    minutes,
  };
}

// Ammonia burns only in a narrow mixture and does not go on burning in air: a splint goes out in it.
const limits = new Map<string, Flammability>(
  flammability
    .filter(({ gas }) => gasPropertiesOf(gas)?.litSplint !== 'goes out')
    .map((row) => [row.gas, row]),
);

/** Oxygen that a mole of a gas of C, H, O, N and S takes to burn completely, mol: nitrogen stays as such. */
export function oxygenToBurn(gas: string): number {
  const { C = 0, H = 0, O = 0, S = 0 } = parseFormula(gas).elements;
  return C + H / 4 + S - O / 2;
}

/**
 * Share of a gas in air at which both are used up together: there the pop is loudest.
 *
 * @returns undefined for a gas that a splint does not light in air.
 * @example loudestShare('H2') // 0.295
 */
export function loudestShare(gas: string): number | undefined {
  if (!limits.has(gas)) return undefined;
  return 1 / (1 + oxygenToBurn(gas) / oxygenShareOfAir.value);
}

/** What a lit splint does to a gas with air in it; undefined for one that does not burn. */
export function splintAt(gas: string, share: number): string | undefined {
  const row = limits.get(gas);
  const loudest = loudestShare(gas);
  if (!row || loudest === undefined) return undefined;
  const percent = 100 * share;
  if (percent < row.lowPercent) return 'nothing';
  if (percent > row.highPercent) return 'burns quietly';
  const near = Math.min(share / loudest, (1 - share) / (1 - loudest));
  return near > 0.8 ? 'pops loudest' : 'pops';
}

function positive(field: string, what: string, value: number): void {
  if (!(value > 0)) throw ChemistryError.of('outOfRange', what, String(value), 'above 0').in(field);
}
