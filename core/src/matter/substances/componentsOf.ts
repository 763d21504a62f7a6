import { parseFormula } from '../formula/parseFormula';
import { acidBaseSteps } from './data/acidBaseSteps';
import { complexes } from './data/complexes';
import { ions } from './data/ions';
import { ionsInWater } from './data/ionsInWater';
import { molecules } from './data/molecules';
import { pureSolids } from './data/pureSolids';
import { shelf } from './data/shelf';
import { sparinglySoluble } from './data/sparinglySoluble';
import type { FormedSpecies } from './types';

/** Counts by component formula; `H^+` may be negative (hydroxide), and water is counted as `H2O`. */
export type Components = Readonly<Record<string, number>>;

/** Every species that mass action makes from components. */
export const formedSpecies: readonly FormedSpecies[] = [...acidBaseSteps, ...complexes];

const formedFrom = new Map(formedSpecies.map(({ formula, from }) => [formula, from]));
const becomes = new Map<string, Components>(ionsInWater.map((row) => [row.formula, row.becomes]));
const known = new Set<string>(
  [...ions, ...molecules, ...pureSolids, { formula: 'H2O' }].map(({ formula }) => formula),
);
const contents = new Map<string, Components>(
  [...shelf, ...sparinglySoluble].map(({ formula, ions: parts }) => [formula, parts]),
);
const speciesCache = new Map<string, Components | undefined>();
const solidCache = new Map<string, Components | undefined>();

/**
 * A dissolved species (or an element that stays apart) as components, water included, so that atoms and charge balance.
 *
 * @returns undefined when the tables do not know it.
 */
export function componentsOfSpecies(formula: string): Components | undefined {
  if (!speciesCache.has(formula)) speciesCache.set(formula, findSpecies(formula));
  return speciesCache.get(formula);
}

/** A solid, crystal form or shelf substance as components, by its row; crystal water is counted. */
export function componentsOfSolid(formula: string): Components | undefined {
  if (!solidCache.has(formula)) solidCache.set(formula, findSolid(formula));
  return solidCache.get(formula);
}

function findSpecies(formula: string): Components | undefined {
  const parts = becomes.get(formula) ?? formedFrom.get(formula);
  if (parts) return withWater(formula, parts);
  return known.has(formula) ? { [formula]: 1 } : undefined;
}

function findSolid(formula: string): Components | undefined {
  const own = contents.get(formula);
  if (own) return withWater(formula, own);
  const [dry = ''] = formula.split('·');
  const parts = contents.get(dry);
  return parts ? withWater(formula, parts) : componentsOfSpecies(formula);
}

/** Adds up the components of the parts; what is still missing to the formula is water, taken up or given off. */
function withWater(formula: string, parts: Components): Components | undefined {
  const sum: Record<string, number> = {};
  for (const [part, count] of Object.entries(parts)) {
    const inside = componentsOfSpecies(part);
    if (!inside) return undefined;
    for (const [name, n] of Object.entries(inside)) sum[name] = (sum[name] ?? 0) + n * count;
  }
  const { O: wanted = 0, H: hydrogen = 0 } = parseFormula(formula).elements;
  const held = { O: 0, H: 0 };
  for (const [name, n] of Object.entries(sum)) {
    const { O = 0, H = 0 } = parseFormula(name).elements;
    held.O += n * O;
    held.H += n * H;
  }
  const water = wanted - held.O;
  if (Math.abs(hydrogen - held.H - 2 * water) > 1e-9) return undefined;
  if (water !== 0) sum.H2O = (sum.H2O ?? 0) + water;
  return sum;
}
