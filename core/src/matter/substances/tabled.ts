import { atomicMasses } from '../formula/elements';
import { parseFormula } from '../formula/parseFormula';
import type { Species } from '../formula/species';
import { acidBaseSteps } from './data/acidBaseSteps';
import { complexes } from './data/complexes';
import { dissolvedGases } from './data/dissolvedGases';
import { ions } from './data/ions';
import { molecules } from './data/molecules';
import { namedSubstances } from './data/namedSubstances';
import { shelf } from './data/shelf';
import { sparinglySoluble } from './data/sparinglySoluble';

const rows: readonly { readonly formula: string }[] = [
  ...shelf,
  ...shelf.flatMap(({ forms }) => forms),
  ...sparinglySoluble,
  ...ions,
  ...molecules,
  ...namedSubstances,
  ...dissolvedGases,
  ...acidBaseSteps,
  ...complexes,
];
const tabled = [
  ...new Set([
    ...rows.map(({ formula }) => parseFormula(formula).formula),
    ...atomicMasses().map(({ symbol }) => symbol),
  ]),
];

/** What two spellings of one formula have in common: how many atoms of each element, and the charge where it counts. */
export function compositionKey({
  elements,
  charge = 0,
}: Pick<Species, 'elements'> & { charge?: number }): string {
  return Object.entries(elements)
    .sort(([a], [b]) => (a < b ? -1 : 1))
    .map(([symbol, count]) => `${symbol}${count}`)
    .concat(String(charge))
    .join(' ');
}

const byComposition = new Map(
  tabled.map((formula) => [compositionKey(parseFormula(formula)), formula]),
);

/** Every formula that some table of substances, ions or species has a row for, and the symbol of every element. */
export function tabledFormulae(): readonly string[] {
  return tabled;
}

/** The formula under which the tables know a species, in whatever order it was written; undefined where they do not. */
export function formulaOf(species: Species): string | undefined {
  return byComposition.get(compositionKey(species));
}
