import { ChemistryError } from '../../common/errors';
import { prepare, stockOf } from '../../solution/preparation/prepare';
import type { Recipe } from '../../solution/preparation/prepare';
import { solubilityM } from '../../solution/preparation/solubility';
import { findSubstance } from '../../matter/substances/findSubstance';
import { howItKeeps } from './keeping';
import type { HowItKeeps } from './keeping';
import { measureMl, roundToBalance } from './measuring';
import type { Measured } from './measuring';
import { atMostFigures, formatNumber, withFigures } from '../../common/formatNumber';

/** A solution that the day needs. */
export interface SolutionNeed {
  readonly key: string;
  readonly substance: string;
  readonly concentrationM: number;
  /** Volume all groups use, mL. */
  readonly usedMl: number;
  /** Volume to make up: with the spare, rounded up, mL. */
  readonly makeMl: number;
}

/** How one solution is made. */
export type Making =
  | {
      readonly kind: 'weigh';
      readonly form: string;
      readonly purityPercent: number;
      readonly recipe: Recipe;
      readonly roundedG: number;
      /** By how much the rounding to the balance may be off, per cent. */
      readonly roundingPercent: number;
    }
  | { readonly kind: 'askForm'; readonly forms: readonly string[] }
  | { readonly kind: 'stock'; readonly recipe: Recipe; readonly measured: Measured }
  | {
      /** Some of a stronger solution that is made anyway. */
      readonly kind: 'fromOther';
      readonly otherKey: string;
      readonly otherM: number;
      readonly measured: Measured;
      readonly working: readonly string[];
    }
  | {
      /** A stronger solution made only to be diluted: too little to weigh otherwise. */
      readonly kind: 'chain';
      readonly form: string;
      readonly motherM: number;
      readonly motherMl: number;
      readonly motherG: number;
      readonly measured: Measured;
      readonly working: readonly string[];
      readonly cautions: readonly string[];
    }
  | { readonly kind: 'impossible'; readonly problem: string; readonly remedy: string };

/** One line of the prep sheet. */
export interface PrepLine extends SolutionNeed {
  /** With what others on the sheet take from it, mL. */
  readonly totalMl: number;
  readonly making: Making;
  readonly keeps: HowItKeeps;
  /** Why it is begun early, where it is. */
  readonly slow?: string;
}

/** What is at hand for preparing. */
export interface PrepMeans {
  /** Form in the jar, by substance, where somebody has looked. */
  readonly forms: Readonly<Record<string, string>>;
  /** Purity on the jar’s label, per cent, by form. */
  readonly purity?: Readonly<Record<string, number>>;
  /** Forms on the shelf, by substance; those of the table when left out. */
  readonly onShelf?: Readonly<Record<string, readonly string[]>>;
  /** Finest mass the balance shows, g. */
  readonly balanceG: number;
  /** Drops of the droppers at hand to a millilitre; the usual twenty when left out. */
  readonly dropsPerMl?: number | undefined;
}

/** A mass that the balance knows no better than this is not weighed: a stronger solution is diluted. */
const worstRoundingPercent = 5;
/** Share of the solubility from which a solid takes its time (common practice). */
const slowFromShare = 0.4;
/** How far a mother solution is diluted, in what volumes it is made, and what is the least one measures of it, mL. */
const dilutions = [5, 10, 20, 50, 100, 200, 500, 1000];
const motherVolumesMl = [10, 25, 50, 100, 250];
const leastTakenMl = 1;

/**
 * The prep sheet: how each solution is made from what is on the shelf, in the order to make them. Slow dissolvers come first,
 * then what others are diluted from, then the rest, and last what does not keep.
 */
export function prepSheet(needs: readonly SolutionNeed[], means: PrepMeans): PrepLine[] {
  const first = needs.map((need) => ({ need, making: makingOf(need, means, need.makeMl) }));
  const settled = first.map(({ need, making }) => ({
    need,
    making: isTooFine(making)
      ? (fromOther(need, first, means) ?? chained(need, means) ?? making)
      : making,
  }));
  const taken = (key: string): number =>
    settled.reduce(
      (sum, { making }) =>
        sum +
        (making.kind === 'fromOther' && making.otherKey === key ? making.measured.roundedMl : 0),
      0,
    );
  const lines = settled.map(({ need, making }): PrepLine => {
    const totalMl = roundUpMl(need.makeMl + taken(need.key));
    const slow = slowness(need);
    return {
      ...need,
      totalMl,
      making: totalMl === need.makeMl ? making : makingOf(need, means, totalMl),
      keeps: howItKeeps(need.substance),
      ...(slow && { slow }),
    };
  });
  return lines.sort((one, other) => rank(one) - rank(other));
}

/** Volumes are made up to the next 10 mL. */
export function roundUpMl(volumeMl: number): number {
  return Math.ceil(volumeMl / 10 - 1e-9) * 10;
}

function rank({ making, keeps, slow }: PrepLine): number {
  if (slow) return 0;
  if (making.kind === 'fromOther') return 3;
  return keeps.fresh ? 2 : 1;
}

function makingOf(need: SolutionNeed, means: PrepMeans, volumeMl: number): Making {
  const { substance, concentrationM } = need;
  const known = findSubstance(substance).substance;
  try {
    if (stockOf(known.formula)) {
      const recipe = prepare({ substance, concentrationM, volumeMl });
      if (recipe.stockVolumeMl === undefined)
        throw ChemistryError.of(
          'stockTooWeak',
          `${formatNumber(concentrationM)} mol/L`,
          `${formatNumber(stockOf(known.formula)?.concentrationM ?? 0)} mol/L`,
        );
      return { kind: 'stock', recipe, measured: measureMl(recipe.stockVolumeMl, means.dropsPerMl) };
    }
    const forms = means.onShelf?.[known.formula] ?? known.forms.map(({ formula }) => formula);
    const form = means.forms[known.formula] ?? (forms.length === 1 ? forms[0] : undefined);
    if (form === undefined) return { kind: 'askForm', forms };
    const purityPercent = means.purity?.[form] ?? 100;
    const recipe = prepare({
      substance,
      concentrationM,
      volumeMl,
      form,
      purityPercent,
    });
    const massG = recipe.massG ?? 0;
    return {
      kind: 'weigh',
      form,
      purityPercent,
      recipe,
      roundedG: roundToBalance(massG, means.balanceG),
      roundingPercent: (50 * means.balanceG) / massG,
    };
  } catch (error) {
    if (!(error instanceof ChemistryError)) throw error;
    return { kind: 'impossible', problem: error.message, remedy: error.remedy };
  }
}

const isTooFine = (making: Making): boolean =>
  making.kind === 'weigh' && making.roundingPercent > worstRoundingPercent;

function fromOther(
  need: SolutionNeed,
  all: readonly { readonly need: SolutionNeed; readonly making: Making }[],
  means: PrepMeans,
): Making | undefined {
  const stronger = all
    .filter(
      ({ need: other, making }) =>
        other.substance === need.substance &&
        other.concentrationM >= 2 * need.concentrationM &&
        making.kind === 'weigh' &&
        !isTooFine(making),
    )
    .sort((one, other) => one.need.concentrationM - other.need.concentrationM)[0];
  if (!stronger) return undefined;
  const otherM = stronger.need.concentrationM;
  const volumeMl = (need.concentrationM * need.makeMl) / otherM;
  return {
    kind: 'fromOther',
    otherKey: stronger.need.key,
    otherM,
    measured: measureMl(volumeMl, means.dropsPerMl),
    working: [
      `volume = ${show(need.concentrationM)} mol/L × ${show(need.makeMl)} mL ÷ ${show(otherM)} mol/L = ${show(volumeMl)} mL`,
    ],
  };
}

/** The mother solution that takes the least solid: weighable, and of which at least a millilitre is taken. */
function chained(need: SolutionNeed, means: PrepMeans): Making | undefined {
  const limitM = solubilityM(need.substance).concentrationM;
  let best: Extract<Making, { kind: 'chain' }> | undefined;
  for (const factor of dilutions)
    for (const motherMl of motherVolumesMl) {
      const motherM = need.concentrationM * factor;
      const takeMl = need.makeMl / factor;
      if (motherM > limitM / 2 || takeMl > motherMl || takeMl < leastTakenMl) continue;
      const mother = makingOf({ ...need, concentrationM: motherM }, means, motherMl);
      if (mother.kind !== 'weigh' || isTooFine(mother)) continue;
      if (best && mother.roundedG >= best.motherG) continue;
      best = {
        kind: 'chain',
        form: mother.form,
        motherM,
        motherMl,
        motherG: mother.roundedG,
        measured: measureMl(takeMl, means.dropsPerMl),
        working: [
          ...mother.recipe.working,
          `then ${show(need.makeMl)} mL ÷ ${formatNumber(factor)} = ${show(takeMl)} mL of it, made up to ${show(need.makeMl)} mL`,
        ],
        cautions: mother.recipe.cautions,
      };
    }
  return best;
}

function slowness({ substance, concentrationM }: SolutionNeed): string | undefined {
  if (stockOf(findSubstance(substance).substance.formula)) return undefined;
  const limit = solubilityM(substance).concentrationM;
  if (concentrationM > limit) return 'more than dissolves: stir, let it settle, use the clear part';
  return concentrationM > slowFromShare * limit
    ? `near its solubility, about ${withFigures(limit, 2)} mol/L: stir long, warm if need be`
    : undefined;
}

/** Four significant figures without trailing zeros. */
const show = (value: number): string => atMostFigures(value, 4);
