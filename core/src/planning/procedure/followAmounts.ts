import {
  molarMassOf,
  anhydrousFormula,
  waterOfCrystallisation,
} from '../../matter/formula/molarMass';
import { parseFormula } from '../../matter/formula/parseFormula';
import type { Analysis } from './measures';
import type { Procedure, Step } from './procedure';
import { reagentsOf } from './reagents';
import type { Reagent } from './reagents';

type Steps = Pick<Procedure, 'steps'>;
type Temperature = Extract<Analysis, { kind: 'temperature' }>;
type Hydrate = Extract<Analysis, { kind: 'hydrate' }>;

/** Nearer than this, as a share, and a number in an analysis is the amount that was put in, rounded. */
const sameWithin = 0.02;

const rounded = (value: number): number => Number(value.toPrecision(4));

/**
 * What is worked out, after the steps were changed: a salt that was taken for another one is worked out as that one, and
 * heat is shared by the mass, and calculated to the amount, that is put in now. What does not hang on the change stays.
 *
 * @example a calorimeter log for 6 g of ammonium nitrate (0.075 mol), after 10 g were written: 0.1249 mol
 */
export function followAmounts(
  analyses: readonly Analysis[],
  before: Steps,
  now: Steps,
): Analysis[] {
  return analyses.map((analysis) => {
    if (analysis.kind === 'hydrate') return hydrateAfter(analysis, before, now);
    if (analysis.kind === 'temperature') return temperatureAfter(analysis, before, now);
    if (analysis.kind === 'recovery')
      return { ...analysis, thereG: thereAfter(analysis.thereG, before, now) };
    return analysis;
  });
}

function hydrateAfter(analysis: Hydrate, before: Steps, now: Steps): Hydrate {
  const [was, is] = [hydratesIn(before), hydratesIn(now)];
  if (!was.some(({ salt }) => salt === analysis.anhydrous)) return analysis;
  const same = is.find(({ salt }) => salt === analysis.anhydrous);
  const next = same ?? is.find(({ salt }) => !was.some((one) => one.salt === salt));
  if (!next || (same && was.some(({ x, salt }) => salt === same.salt && x === same.x)))
    return analysis;
  return { ...analysis, anhydrous: next.salt, literatureX: next.x };
}

/** Hydrates that are put in, with their water. */
function hydratesIn(procedure: Steps): { readonly salt: string; readonly x: number }[] {
  return reagentsOf(procedure).flatMap((reagent) => {
    if (reagent.kind !== 'solid') return [];
    const species = parseFormula(reagent.form ?? reagent.substance);
    const x = waterOfCrystallisation(species);
    return x > 0 ? [{ salt: anhydrousFormula(species), x }] : [];
  });
}

function temperatureAfter(analysis: Temperature, before: Steps, now: Steps): Temperature {
  const [was, is] = [measuredContents(before, analysis.log), measuredContents(now, analysis.log)];
  const { massG, of } = analysis;
  const grown = rounded(massOf(is) - massOf(was));
  return {
    ...analysis,
    ...(massG !== undefined &&
      grown !== 0 &&
      massG + grown > 0 && { massG: rounded(massG + grown) }),
    ...(of && { of: calculatedTo(of, was, is) }),
  };
}

function calculatedTo(
  of: NonNullable<Temperature['of']>,
  was: readonly Reagent[],
  is: readonly Reagent[],
): NonNullable<Temperature['of']> {
  const [had, has] = [molesOf(was, of.substance), molesOf(is, of.substance)];
  if (had === 0 || had === has) return of;
  if (has > 0) {
    const wasIt = Math.abs(of.amountMol - had) < sameWithin * had;
    return { ...of, amountMol: rounded(wasIt ? has : (of.amountMol * has) / had) };
  }
  const [other] = is.filter(
    ({ key, kind }) => kind !== 'water' && !was.some((one) => one.key === key),
  );
  if (!other) return of;
  const substance = nameOf(other);
  return { substance, amountMol: rounded(molesOf(is, substance)) };
}

/** What stands in the vessels that a log is read in, from the first step to the last that reads it. */
function measuredContents({ steps }: Steps, log: string): Reagent[] {
  const reads = (step: Step): boolean => step.measures.some(({ name }) => name === log);
  const vessels = new Set(
    steps
      .filter(reads)
      .flatMap(({ events }) =>
        events.map((event) => ('vessel' in event ? event.vessel : event.into)),
      ),
  );
  const last = steps.findLastIndex(reads);
  return reagentsOf({
    steps: steps.slice(0, last + 1).map((step) => ({
      ...step,
      ranges: [],
      events: step.events.filter((event) => 'vessel' in event && vessels.has(event.vessel)),
    })),
  });
}

const nameOf = (reagent: Reagent): string => reagent.form ?? reagent.substance;

/** g, a millilitre of any solution taken for a gram. */
function massOf(contents: readonly Reagent[]): number {
  return contents.reduce((sum, reagent) => {
    if (reagent.kind === 'solid') return sum + reagent.amountG;
    return 'amountMl' in reagent ? sum + reagent.amountMl : sum;
  }, 0);
}

/** mol of a substance, by its form or by its formula. */
function molesOf(contents: readonly Reagent[], substance: string): number {
  return contents
    .filter((reagent) => nameOf(reagent) === substance || reagent.substance === substance)
    .reduce((sum, reagent) => {
      if (reagent.kind === 'solid') return sum + reagent.amountG / molarMassOf(nameOf(reagent));
      return reagent.kind === 'solution'
        ? sum + (reagent.amountMl / 1000) * reagent.concentrationM
        : sum;
    }, 0);
}

/** The mass that was there to be recovered, where exactly one solid had it before. */
function thereAfter(thereG: number, before: Steps, now: Steps): number {
  const weighed = (procedure: Steps) =>
    reagentsOf(withoutRanges(procedure)).flatMap((one) => (one.kind === 'solid' ? [one] : []));
  const had = weighed(before).filter(({ amountG }) => Math.abs(amountG - thereG) < 1e-6);
  const [own] = had;
  if (!own || had.length > 1) return thereG;
  return weighed(now).find(({ key }) => key === own.key)?.amountG ?? thereG;
}

const withoutRanges = ({ steps }: Steps): Steps => ({
  steps: steps.map((step) => ({ ...step, ranges: [] })),
});
