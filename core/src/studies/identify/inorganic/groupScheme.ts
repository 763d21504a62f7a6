import { parseFormula } from '../../../matter/formula/parseFormula';
import { molarMassOf } from '../../../matter/formula/molarMass';
import { mix } from '../../../seeing/rack/mix';
import { analyticalGroups } from '../../../matter/substances/data/analyticalGroups';
import type { AnalyticalGroup, ColourPhrase, TestDoing } from '../../../matter/substances/types';
import { ionsOf, chargeOf } from '../../../matter/substances/ionsOf';
import type { Action } from '../../../vessel/action';
import type { AnyPortion } from '../../../vessel/portion';
import { actionOf } from './runTests';
import type { InorganicCandidate } from './candidate';
import { solubilityM } from '../../../solution/preparation/solubility';

/** A solid that came down in a group. */
export interface GroupSolid {
  readonly formula: string;
  readonly colour: ColourPhrase;
  readonly massMg: number;
}

/** Where a cation went: the share of it that came down here, 0 to 1. */
export interface Share {
  readonly ion: string;
  readonly share: number;
}

/** One group of the scheme as it went for this mixture. */
export interface GroupStage {
  readonly group: AnalyticalGroup;
  readonly solids: readonly GroupSolid[];
  readonly shares: readonly Share[];
  /** Colour of the liquid that goes on. */
  readonly liquid: ColourPhrase;
  readonly cautions: readonly string[];
}

/** The whole scheme as it went. */
export interface SchemeRun {
  readonly stages: readonly GroupStage[];
  /** Cations that are still in solution at the end, with the share of each. */
  readonly left: readonly Share[];
  /** What the model cannot say, and from which group on. */
  readonly notPredicted?: string;
}

/** What is taken for the scheme: 10 mL, each part 0.05 mol/L. */
const sampleMl = 10;
const sampleM = 0.05;
/** Shares below this are not told: a trace stays behind in every filtration. */
const tracedFrom = 0.02;
/** What five filtrations hold back in their papers is not told as being in the last filtrate. */
const heldBack = 0.2;

/**
 * Takes a mixture through the classical groups in the engine: reagent, what comes down, filter, on with the filtrate.
 *
 * @param mixture up to four salts; what does not dissolve in water is not taken through.
 */
export function runScheme(mixture: InorganicCandidate): SchemeRun {
  const contents = mixture.salts.map((substance): AnyPortion => {
    const { concentrationM: most } = solubilityM(substance);
    const each = sampleMl / mixture.salts.length;
    return {
      substance,
      concentrationM: Math.min(sampleM * mixture.salts.length, most * 0.9),
      volumeMl: each,
    };
  });
  const total = cationAmounts(mixture, contents);
  const doings: (TestDoing | 'filter')[] = analyticalGroups.flatMap(({ doings: own }) => [
    ...own,
    'filter' as const,
  ]);
  const actions = doings.map((doing): Action =>
    doing === 'filter' ? { do: 'filter', keep: 'filtrate' } : actionOf(doing),
  );
  const { steps } = mix({ vessel: { contents, container: 'beaker' }, actions });
  const stages: GroupStage[] = [];
  const down = new Map<string, number>();
  let at = 0;
  for (const group of analyticalGroups) {
    const own = steps.slice(at + 1, at + group.doings.length + 1);
    at += group.doings.length;
    const step = steps[at];
    const trouble = own.flatMap(({ notPredicted }) => notPredicted)[0];
    if (!step || trouble !== undefined)
      return {
        stages,
        left: leftOf(total, down),
        notPredicted: `${group.label}: ${trouble ?? 'not reached'}`,
      };
    const solids = step.state.solids.map(({ formula, colour, massG }) => ({
      formula,
      colour,
      massMg: 1000 * massG,
    }));
    const shares = Object.entries(total).flatMap(([ion, amount]): Share[] => {
      const share = Math.min(1, amountIn(solids, elementOf(ion)) / amount);
      down.set(ion, (down.get(ion) ?? 0) + share);
      return share > tracedFrom ? [{ ion, share }] : [];
    });
    stages.push({
      group,
      solids: solids.filter(({ massMg }) => massMg > 0.5),
      shares,
      liquid: step.state.colour,
      cautions: [...new Set(own.flatMap(({ warnings }) => warnings.map(({ message }) => message)))],
    });
    at += 1; // The filtration.
  }
  return { stages, left: leftOf(total, down) };
}

function leftOf(
  total: Readonly<Record<string, number>>,
  down: ReadonlyMap<string, number>,
): Share[] {
  return Object.keys(total)
    .map((ion) => ({ ion, share: Math.max(0, 1 - (down.get(ion) ?? 0)) }))
    .filter(({ share }) => share > heldBack);
}

/** Amounts of the cations put in, mmol. */
function cationAmounts(
  { salts }: InorganicCandidate,
  contents: readonly AnyPortion[],
): Record<string, number> {
  const total: Record<string, number> = {};
  salts.forEach((salt, at) => {
    const portion = contents[at];
    const amount =
      portion && 'concentrationM' in portion ? portion.concentrationM * portion.volumeMl : 0;
    for (const [ion, count] of Object.entries(ionsOf(salt) ?? {}))
      if (chargeOf(ion) > 0) total[ion] = (total[ion] ?? 0) + amount * count;
  });
  return total;
}

const elementOf = (ion: string): string => Object.keys(parseFormula(ion).elements)[0] ?? '';

/** Amount of an element in solids, mmol. */
function amountIn(solids: readonly GroupSolid[], element: string): number {
  return solids.reduce(
    (sum, { formula, massMg }) =>
      sum + ((parseFormula(formula).elements[element] ?? 0) * massMg) / molarMassOf(formula),
    0,
  );
}
