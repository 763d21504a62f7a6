import { ChemistryError } from '../../common/errors';
import { atMostFigures, formatNumber } from '../../common/formatNumber';
import { molarMassOf } from '../../matter/formula/molarMass';
import { findSubstance } from '../../matter/substances/findSubstance';
import { concentrationMade, prepare, stockOf } from '../../solution/preparation/prepare';
import type { Recipe } from '../../solution/preparation/prepare';
import { dissolvesM } from '../../solution/preparation/solubility';
import {
  balancePercent,
  flaskSizesMl,
  isMeasurable,
  leastMassG,
  measureMl,
  roundToBalance,
  roundUpMl,
} from './measuring';
import type { Measured, MeasuringKit } from './measuring';

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
  | {
      readonly kind: 'askForm';
      readonly forms: readonly string[];
      /** What each of them would need, so that paper answers too, g. */
      readonly massG: Readonly<Record<string, number>>;
    }
  | { readonly kind: 'stock'; readonly recipe: Recipe; readonly measured: Measured }
  | {
      /** Some of a stronger solution of the sheet. */
      readonly kind: 'fromOther';
      readonly otherKey: string;
      readonly otherM: number;
      readonly measured: Measured;
      readonly working: readonly string[];
    }
  | { readonly kind: 'impossible'; readonly problem: string; readonly remedy: string };

/** A solution of one substance that is wanted. */
export interface StrengthNeed {
  readonly key: string;
  readonly concentrationM: number;
  /** mL to make, without what weaker ones take from it. */
  readonly makeMl: number;
}

/** One solution of the plan. */
export interface PlannedSolution extends StrengthNeed {
  /** With what others take from it, mL. */
  readonly totalMl: number;
  readonly making: Making;
  /** The strength that the measured amounts make, mol/L; what was asked where it cannot be said yet. */
  readonly madeM: number;
  /** Made only so that others can be diluted from it. */
  readonly isIntermediate: boolean;
}

/** What one substance is made from, and what it is measured with. */
export interface MakingKit extends MeasuringKit {
  readonly substance: string;
  /** Form in the jar; none where there are several and nobody has looked. */
  readonly form?: string | undefined;
  readonly forms: readonly string[];
  readonly purityPercent: number;
}

/** How far a solution is diluted in one step. */
const dilutions = [2, 3, 4, 5, 10, 20, 25, 40, 50, 100, 200, 250, 400, 500, 1000];
/** No more is made of a solution that is only diluted from than this, mL, or than is wanted of the dilution. */
const usualMl = 100;
/** Steps of dilution before the one that is wanted. */
const mostSteps = 3;

/** A solution whose place in the plan is settled, before the volumes are. */
interface Placed extends StrengthNeed {
  /** The solution it is diluted from; none for what is weighed or poured from the bottle. */
  readonly from?: string;
  readonly isIntermediate: boolean;
}

/**
 * Plans all strengths of one substance together: one weighing, or one pouring of the concentrated reagent, for the strongest, and
 * the others diluted from it. Where an amount would be too small to measure within two per cent, a solution between is put in,
 * and weaker strengths share it; the one that takes the least substance is chosen.
 *
 * @param needs strengths, each once.
 * @returns the plan, each solution after what it is made from.
 */
export function planReagent(needs: readonly StrengthNeed[], means: MakingKit): PlannedSolution[] {
  const placed: Placed[] = [];
  for (const need of [...needs].sort((a, b) => b.concentrationM - a.concentrationM))
    // Nothing is diluted from what cannot be made or does not dissolve whole.
    if (need.concentrationM > mostM(means)) placed.push({ ...need, isIntermediate: false });
    else {
      const sources = placed.filter(({ concentrationM }) => concentrationM <= mostM(means));
      const demandMl = needs
        .filter(({ concentrationM }) => concentrationM <= need.concentrationM)
        .reduce((sum, one) => sum + (one.concentrationM * one.makeMl) / need.concentrationM, 0);
      placed.push(...placesOf(need, demandMl, sources, means));
    }
  const made = new Map<string, PlannedSolution>();
  const totals = totalsOf(placed);
  for (const one of placed) {
    const source = one.from === undefined ? undefined : made.get(one.from);
    made.set(one.key, settled(one, totals.get(one.key) ?? one.makeMl, source, means));
  }
  return [...made.values()];
}

/** How much of each is made, with what weaker ones take from it, mL. */
function totalsOf(placed: readonly Placed[]): ReadonlyMap<string, number> {
  const taken = new Map<string, number>();
  const totals = new Map<string, number>();
  // From the weakest up: what is taken adds to what a stronger one is made to.
  for (const one of [...placed].reverse()) {
    const forOthers = taken.get(one.key) ?? 0;
    const totalMl = one.isIntermediate
      ? flaskFor(Math.max(one.makeMl, forOthers))
      : roundUpMl(one.makeMl + forOthers);
    totals.set(one.key, totalMl);
    const source = placed.find(({ key }) => key === one.from);
    if (!source) continue;
    const takenMl = (headroom * one.concentrationM * totalMl) / source.concentrationM;
    taken.set(source.key, (taken.get(source.key) ?? 0) + takenMl);
  }
  return totals;
}

/** What is poured from a flask is a little more than the sum. */
const headroom = 1.02;

const flaskFor = (volumeMl: number): number =>
  flaskSizesMl.find((size) => size >= volumeMl - 1e-9) ?? roundUpMl(volumeMl);

function settled(
  one: Placed,
  totalMl: number,
  source: PlannedSolution | undefined,
  means: MakingKit,
): PlannedSolution {
  const { key, concentrationM, makeMl, isIntermediate } = one;
  const common = { key, concentrationM, makeMl, isIntermediate, totalMl };
  if (source) {
    const measured = measureMl((concentrationM * totalMl) / source.madeM, means);
    return {
      ...common,
      making: {
        kind: 'fromOther',
        otherKey: source.key,
        otherM: source.concentrationM,
        measured,
        working: [
          `volume = ${show(concentrationM)} mol/L × ${show(totalMl)} mL ÷ ${show(source.madeM)} mol/L = ${show((concentrationM * totalMl) / source.madeM)} mL`,
        ],
      },
      madeM: (measured.roundedMl * source.madeM) / totalMl,
    };
  }
  const making = fromJar(concentrationM, totalMl, means);
  return { ...common, making, madeM: madeBy(making, concentrationM, totalMl, means) };
}

function madeBy(
  making: Making,
  concentrationM: number,
  volumeMl: number,
  { substance }: MakingKit,
): number {
  if (making.kind === 'weigh')
    return concentrationMade(making.roundedG, making.form, volumeMl, making.purityPercent);
  const stock = stockOf(findSubstance(substance).substance.formula);
  return making.kind === 'stock' && making.recipe.stockVolumeMl !== undefined && stock
    ? (concentrationM * making.measured.roundedMl) / making.recipe.stockVolumeMl
    : concentrationM;
}

/** One solution straight from the jar or the bottle of concentrated reagent. */
function fromJar(concentrationM: number, volumeMl: number, means: MakingKit): Making {
  const { substance, form, forms, purityPercent, balanceG } = means;
  try {
    const { formula } = findSubstance(substance).substance;
    const stock = stockOf(formula);
    if (stock) {
      const recipe = prepare({ substance, concentrationM, volumeMl });
      if (recipe.stockVolumeMl === undefined)
        throw ChemistryError.of(
          'stockTooWeak',
          `${formatNumber(concentrationM)} mol/L`,
          `${formatNumber(stock.concentrationM)} mol/L`,
        );
      return { kind: 'stock', recipe, measured: measureMl(recipe.stockVolumeMl, means) };
    }
    if (form === undefined)
      return {
        kind: 'askForm',
        forms,
        massG: Object.fromEntries(
          forms.map((one) => {
            const { massG = 0 } = prepare({ substance, concentrationM, volumeMl, form: one });
            return [one, roundToBalance(massG, balanceG)];
          }),
        ),
      };
    const recipe = prepare({ substance, concentrationM, volumeMl, form, purityPercent });
    const massG = recipe.massG ?? 0;
    return {
      kind: 'weigh',
      form,
      purityPercent,
      recipe,
      roundedG: roundToBalance(massG, balanceG),
      roundingPercent: balancePercent(massG, balanceG),
    };
  } catch (error) {
    if (!(error instanceof ChemistryError)) throw error;
    return { kind: 'impossible', problem: error.message, remedy: error.remedy };
  }
}

/** Whether there is enough to weigh or to pour, for a solution straight from the jar. */
function isEnough(concentrationM: number, volumeMl: number, means: MakingKit): boolean {
  const { formula } = findSubstance(means.substance).substance;
  const stock = stockOf(formula);
  if (stock) return isMeasurable((concentrationM * volumeMl) / stock.concentrationM, means);
  // Where nobody has looked, the lightest form decides.
  const lightest = Math.min(
    ...(means.form === undefined ? means.forms : [means.form]).map((form) => molarMassOf(form)),
  );
  const massG = (concentrationM * volumeMl * lightest) / 1000 / (means.purityPercent / 100);
  return massG >= leastMassG(means.balanceG) - 1e-9;
}

/** The strongest clear solution there is: that of the bottle, or what dissolves, mol/L. */
const mostM = ({ substance }: MakingKit): number => dissolvesM(substance);

/** Strongest that a solution made only for diluting is: it must dissolve well, and be weaker than the bottle. */
function strongestM(means: MakingKit): number {
  const stock = stockOf(findSubstance(means.substance).substance.formula);
  return stock ? stock.concentrationM : mostM(means) / 2;
}

/**
 * Where a solution comes from, with the solutions between that have to be put in first.
 *
 * @param demandMl with all that weaker ones will take from it, mL.
 */
function placesOf(
  need: StrengthNeed,
  demandMl: number,
  there: readonly Placed[],
  means: MakingKit,
): Placed[] {
  const source = there.find((one) =>
    isSurelyMeasurable((need.concentrationM * need.makeMl) / one.concentrationM, means),
  );
  if (source) return [{ ...need, from: source.key, isIntermediate: false }];
  const alone: Placed = { ...need, isIntermediate: false };
  if (there.length > 0) {
    const between = solutionsBetween(need.concentrationM, need.makeMl, there, means, mostSteps);
    const last = between?.at(-1);
    return between && last ? [...between, { ...alone, from: last.key }] : [alone];
  }
  if (isEnough(need.concentrationM, demandMl, means)) return [alone];
  // Making more of it is simpler than diluting, where that takes no more of the substance.
  const moreMl = enoughMl(need, means);
  const between = solutionsBetween(need.concentrationM, need.makeMl, there, means, mostSteps);
  const [first] = between ?? [];
  const last = between?.at(-1);
  const isSimpler =
    first === undefined ||
    (moreMl <= usualMl &&
      need.concentrationM * moreMl <= muchMore * first.concentrationM * first.makeMl);
  return isSimpler || !between || !last
    ? [{ ...alone, makeMl: moreMl }]
    : [...between, { ...alone, from: last.key }];
}

/** So many times the substance is still no more. */
const muchMore = 1.25;

/** Whether a volume is measurable even where the solution it is taken from came out a little stronger or weaker. */
const isSurelyMeasurable = (volumeMl: number, means: MakingKit): boolean =>
  [0.98, 1, 1.02].every((share) => isMeasurable(share * volumeMl, means));

/** So much that it can be weighed or poured, mL. */
function enoughMl({ concentrationM, makeMl }: StrengthNeed, means: MakingKit): number {
  const most = 10_000;
  let volumeMl = roundUpMl(makeMl);
  while (volumeMl < most && !isEnough(concentrationM, volumeMl, means)) volumeMl += 10;
  return volumeMl;
}

/** The solutions to make before one of so much at a strength, the one with the least substance in it. */
function solutionsBetween(
  concentrationM: number,
  makeMl: number,
  there: readonly Placed[],
  means: MakingKit,
  steps: number,
): Placed[] | undefined {
  const limitM = there[0]?.concentrationM ?? strongestM(means);
  const mostMl = Math.max(usualMl, makeMl);
  let best: { readonly chain: Placed[]; readonly amount: number } | undefined;
  for (const factor of dilutions) {
    const motherM = tidy(concentrationM * factor);
    const takenMl = makeMl / factor;
    if (motherM > limitM || !isSurelyMeasurable(takenMl, means)) continue;
    const motherMl = flaskSizesMl.find((size) => size >= takenMl * headroom);
    for (const volumeMl of flaskSizesMl.filter(
      (size) => size >= (motherMl ?? Infinity) && size <= mostMl,
    )) {
      const amount = motherM * volumeMl;
      if (best && amount >= best.amount) break;
      const key = `${means.substance} ${motherM}`;
      const mother = { key, concentrationM: motherM, makeMl: volumeMl, isIntermediate: true };
      const source = there.find((one) =>
        isSurelyMeasurable((motherM * volumeMl) / one.concentrationM, means),
      );
      if (source) best = { chain: [{ ...mother, from: source.key }], amount };
      else if (there.length === 0 && isEnough(motherM, volumeMl, means))
        best = { chain: [mother], amount };
      else continue;
      break;
    }
  }
  if (best || steps <= 1) return best?.chain;
  // No one solution does: the fewest steps, each as long as it may be.
  for (let before = 1; before < steps; before += 1)
    for (const factor of [...dilutions].reverse()) {
      const motherM = tidy(concentrationM * factor);
      const takenMl = makeMl / factor;
      if (motherM > limitM || !isSurelyMeasurable(takenMl, means)) continue;
      for (const volumeMl of [...flaskSizesMl].reverse()) {
        if (volumeMl > mostMl || volumeMl < takenMl * headroom) continue;
        const chain = solutionsBetween(motherM, volumeMl, there, means, before);
        const last = chain?.at(-1);
        if (!chain || !last) continue;
        const mother = {
          key: `${means.substance} ${motherM}`,
          concentrationM: motherM,
          makeMl: volumeMl,
          from: last.key,
          isIntermediate: true,
        };
        return [...chain, mother];
      }
    }
  return undefined;
}

const tidy = (value: number): number => Number(value.toPrecision(10));

/** Four significant figures without trailing zeros. */
const show = (value: number): string => atMostFigures(value, 4);
