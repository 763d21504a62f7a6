import * as z from 'zod';
import { parseEquation } from '../../matter/equation/parseEquation';
import { sidesOf } from '../../matter/equation/sides';
import { chlorideSource, logCoefficientIn } from '../../solution/equilibrium/activity';
import type { Solution } from '../../solution/equilibrium/activity';
import { vantHoff } from '../../solution/equilibrium/temperature';
import { ChemistryError, inField } from '../../common/errors';
import { formedSpecies } from '../../matter/substances/componentsOf';
import { indicators } from '../../matter/substances/data/indicators';
import { sparinglySoluble } from '../../matter/substances/data/sparinglySoluble';
import { dissolutionEnthalpy } from '../../matter/substances/enthalpy';
import { sourceText } from '../../matter/substances/source';
import type { Source } from '../../matter/substances/source';

/** What is watched while a mixture is shifted: an equilibrium as an equation, or an indicator between its two forms. */
export const watchedSchema = z.union([
  z.strictObject({ equation: z.string().min(3).max(200) }),
  z.strictObject({ indicator: z.string().min(1).max(60) }),
]);
export type Watched = z.infer<typeof watchedSchema>;

/** One substance of a watched equilibrium. */
export interface WatchedTerm {
  readonly formula: string;
  /** Its coefficient: above zero on the right of the equation, below zero on the left. */
  readonly count: number;
  /** A solid, which counts by being there and not by how much of it there is; water, which is taken as pure. */
  readonly kind: 'dissolved' | 'solid' | 'water' | 'indicatorForm';
}

/** An equilibrium ready to be compared with what is in a vessel. */
export interface WatchedEquilibrium {
  readonly equation: string;
  readonly terms: readonly WatchedTerm[];
  /** log10 K at 25 °C. */
  readonly logK: number;
  /** ΔH° of going from left to right, kJ/mol; undefined when the tables lack a part of it. */
  readonly enthalpyKJPerMol?: number;
  /** Substances whose enthalpy is not in the tables, so that K is held at its value for 25 °C. */
  readonly lacking: readonly string[];
  readonly sources: readonly string[];
  /** The indicator, where one is watched. */
  readonly indicator?: string;
}

/** A formation from components: log10 β at 25 °C, its enthalpy where known, and where they stand. */
interface Standard {
  readonly log: number;
  readonly enthalpy: number | undefined;
  readonly source?: Source;
}

const formed = new Map(formedSpecies.map((row) => [row.formula, row]));
const solids = new Map(sparinglySoluble.map((row) => [row.formula, row]));
const indicatorRows = new Map(indicators.map((row) => [row.name, row]));
const known = new Map<string, WatchedEquilibrium>();

/**
 * Reads what is watched and finds its constant by adding up the formation constants of the tables (Hess’s law for log K).
 *
 * @throws ChemistryError for an equation that cannot be balanced, a solid or an indicator without a row.
 * @example readWatched({ equation: 'Cu^2+ + 4 Cl^- ⇌ CuCl4^2-' }).logK // −2.2
 */
export function readWatched(watched: Watched): WatchedEquilibrium {
  const key = 'equation' in watched ? watched.equation : `indicator ${watched.indicator}`;
  const read = known.get(key);
  if (read) return read;
  const found =
    'equation' in watched
      ? inField('equation', () => readEquation(watched.equation))
      : inField('indicator', () => readIndicator(watched.indicator));
  known.set(key, found);
  return found;
}

function readEquation(equation: string): WatchedEquilibrium {
  const { reactants, products } = parseEquation(equation);
  const { used, made } = sidesOf(equation);
  const terms = [
    ...reactants.map(({ formula, state }) => termOf(formula, -(used[formula] ?? 0), state)),
    ...products.map(({ formula, state }) => termOf(formula, made[formula] ?? 0, state)),
  ];
  const standards = terms.map((term) => ({ term, ...standardOf(term) }));
  const lacking = standards.flatMap(({ term, enthalpy }) =>
    enthalpy === undefined ? [term.formula] : [],
  );
  const sum = (value: (one: (typeof standards)[number]) => number) =>
    standards.reduce((total, one) => total + one.term.count * value(one), 0);
  const sources = standards.flatMap(({ term, source }) =>
    source ? [`${term.formula}: ${sourceText(source)}`] : [],
  );
  if (terms.some(({ formula }) => formula === 'Cl^-'))
    sources.push(`Cl^- in concentrated acid: ${sourceText(chlorideSource)}`);
  return {
    equation,
    terms,
    logK: sum(({ log }) => log),
    ...(lacking.length === 0 && { enthalpyKJPerMol: sum(({ enthalpy = 0 }) => enthalpy) }),
    lacking,
    sources: [...new Set(sources)],
  };
}

function termOf(formula: string, count: number, state?: string): WatchedTerm {
  const kind = formula === 'H2O' ? 'water' : state === 's' ? 'solid' : 'dissolved';
  return { formula, count, kind };
}

function standardOf({ formula, kind }: WatchedTerm): Standard {
  if (kind === 'water') return { log: 0, enthalpy: 0 };
  if (kind === 'solid') {
    const row = solids.get(formula);
    if (!row) throw ChemistryError.of('mixtureOutsideData', `${formula}(s)`);
    const dissolving = dissolutionEnthalpy(row);
    let [log, enthalpy] = [row.pKsp, dissolving === undefined ? undefined : -dissolving];
    for (const [ion, count] of Object.entries(row.ions)) {
      const part = standardOf({ formula: ion, count, kind: 'dissolved' });
      log += count * part.log;
      enthalpy =
        enthalpy === undefined || part.enthalpy === undefined
          ? undefined
          : enthalpy + count * part.enthalpy;
    }
    return { log, enthalpy, source: row.source };
  }
  const row = formed.get(formula);
  // What is no formed species is a component, from which the others are counted.
  if (!row) return { log: 0, enthalpy: 0 };
  return { log: row.logBeta, enthalpy: row.enthalpyKJPerMol, source: row.source };
}

function readIndicator(name: string): WatchedEquilibrium {
  const row = indicatorRows.get(name);
  if (!row) throw ChemistryError.of('unknownIndicator', name, [...indicatorRows.keys()].join(', '));
  const pKa = row.pKa.reduce((sum, one) => sum + one, 0) / row.pKa.length;
  return {
    equation: 'HIn ⇌ H^+ + In^-',
    terms: [
      { formula: 'HIn', count: -1, kind: 'indicatorForm' },
      { formula: 'H^+', count: 1, kind: 'dissolved' },
      { formula: 'In^-', count: 1, kind: 'indicatorForm' },
    ],
    logK: -pKa,
    // Published enthalpies of indicators are small and scattered; the pKa is held.
    lacking: [name],
    sources: [sourceText(row.source)],
    indicator: name,
  };
}

/** log10 K of a watched equilibrium at a temperature (van ’t Hoff, part by part, as the engine moves its constants). */
export function logKAt(
  { terms, logK, indicator }: WatchedEquilibrium,
  temperatureC: number,
): number {
  if (indicator !== undefined) return logK;
  return terms.reduce((sum, term) => {
    const { log, enthalpy } = standardOf(term);
    return sum + term.count * vantHoff(log, enthalpy, temperatureC);
  }, 0);
}

/** log10 of the activity of a dissolved species; −∞ where there is none. */
export function logActivity(formula: string, solution: Solution): number {
  return Math.log10(solution.species[formula] ?? 0) + logCoefficientIn(formula, solution);
}

/**
 * log10 of the reaction quotient Q of a watched equilibrium, in activities (Davies), with solids and water at 1.
 *
 * @returns −∞ or +∞ when one side is missing, undefined when substances of both sides are.
 */
export function logQuotient({ terms }: WatchedEquilibrium, solution: Solution): number | undefined {
  let log = 0;
  for (const { formula, count, kind } of terms)
    if (kind === 'dissolved') log += count * logActivity(formula, solution);
  return Number.isNaN(log) ? undefined : log;
}
