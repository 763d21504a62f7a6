import { findSubstance } from '../../matter/substances/findSubstance';
import { stockOf } from '../../solution/preparation/prepare';
import { dissolvesM } from '../../solution/preparation/solubility';
import { withFigures } from '../../common/formatNumber';
import { howItKeeps } from './keeping';
import type { HowItKeeps } from './keeping';
import { bottlesFor } from './measuring';
import type { Bottles, MeasuringKit } from './measuring';
import { planReagent } from './reagentPlan';
import type { PlannedSolution, MakingKit } from './reagentPlan';

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

/** One line of the prep sheet. */
export interface PrepLine extends SolutionNeed, PlannedSolution {
  /** By how much what will be made differs from what was asked, per cent of it; above 0 is stronger. */
  readonly offPercent: number;
  readonly bottles: Bottles;
  readonly keeps: HowItKeeps;
  /** Why it is begun early, where it is. */
  readonly slow?: string;
}

/** What is at hand for preparing. */
export interface PrepMeans extends MeasuringKit {
  /** Form in the jar, by substance, where somebody has looked. */
  readonly forms: Readonly<Record<string, string>>;
  /** Purity on the jar’s label, per cent, by form. */
  readonly purity?: Readonly<Record<string, number>>;
  /** Forms on the shelf, by substance; those of the table when left out. */
  readonly onShelf?: Readonly<Record<string, readonly string[]>>;
  /** Benches that each get a bottle; one bottle holds it all when left out. */
  readonly groups?: number;
}

/** Share of the solubility from which a solid takes its time (common practice). */
const slowFromShare = 0.4;

/**
 * The prep sheet: how each solution is made from what is on the shelf, all strengths of a substance planned together, in the
 * order to make them. Slow dissolvers come first, then what others are diluted from, then the rest, and last what does not keep.
 */
export function prepSheet(needs: readonly SolutionNeed[], means: PrepMeans): PrepLine[] {
  const bySubstance = new Map<string, SolutionNeed[]>();
  for (const need of needs)
    bySubstance.set(need.substance, [...(bySubstance.get(need.substance) ?? []), need]);
  const lines = [...bySubstance].flatMap(([substance, wanted]) =>
    planReagent(wanted, meansFor(substance, means)).map((planned) => {
      const need = wanted.find(({ key }) => key === planned.key);
      return lineOf(substance, planned, need?.usedMl ?? 0, means.groups ?? 1);
    }),
  );
  const byKey = new Map(lines.map((line) => [line.key, line]));
  return lines.sort((one, other) => rank(one, byKey) - rank(other, byKey));
}

/** What one substance is made from. */
export function meansFor(substance: string, means: PrepMeans): MakingKit {
  const known = findSubstance(substance).substance;
  const forms = means.onShelf?.[known.formula] ?? known.forms.map(({ formula }) => formula);
  const form = means.forms[known.formula] ?? (forms.length === 1 ? forms[0] : undefined);
  return {
    substance,
    form,
    forms,
    purityPercent: (form !== undefined && means.purity?.[form]) || 100,
    balanceG: means.balanceG,
    pipettes: means.pipettes,
  };
}

function lineOf(
  substance: string,
  planned: PlannedSolution,
  usedMl: number,
  groups: number,
): PrepLine {
  const slow = slowness(substance, planned);
  return {
    ...planned,
    substance,
    usedMl,
    offPercent: 100 * (planned.madeM / planned.concentrationM - 1),
    bottles: bottlesFor(planned.makeMl, planned.isIntermediate ? 1 : groups),
    keeps: howItKeeps(substance),
    ...(slow && { slow }),
  };
}

/** What is made from another comes after it, however many dilutions that takes. */
function rank(line: PrepLine, all: ReadonlyMap<string, PrepLine>): number {
  const { making, keeps, slow } = line;
  if (making.kind === 'fromOther') {
    const source = all.get(making.otherKey);
    return source ? Math.max(3, rank(source, all) + 1) : 3;
  }
  if (slow) return 0;
  return keeps.fresh ? 2 : 1;
}

function slowness(
  substance: string,
  { concentrationM, making }: Pick<PlannedSolution, 'concentrationM' | 'making'>,
): string | undefined {
  if (making.kind === 'fromOther' || stockOf(findSubstance(substance).substance.formula))
    return undefined;
  const limit = dissolvesM(substance);
  if (concentrationM > limit) return 'more than dissolves: stir, let it settle, use the clear part';
  return concentrationM > slowFromShare * limit
    ? `near its solubility, about ${withFigures(limit, 2)} mol/L: stir long, warm if need be`
    : undefined;
}
