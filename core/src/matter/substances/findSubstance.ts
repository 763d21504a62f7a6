import { ChemistryError } from '../../common/errors';
import { anhydrousFormula } from '../formula/molarMass';
import { parseFormula } from '../formula/parseFormula';
import { shelf } from './data/shelf';
import { sparinglySoluble } from './data/sparinglySoluble';
import { aliases } from './data/aliases';
import { nearestOf } from './editDistance';
import { namesOf, ownNames } from './naming';
import type { SparinglySoluble, Substance } from './types';

/** Precipitates that no jar holds: they can be put into a vessel all the same, once they are made. */
const precipitates: readonly Substance[] = (sparinglySoluble as readonly SparinglySoluble[])
  .filter(({ formula }) => !shelf.some((row) => row.formula === formula.split('·')[0]))
  .map(({ formula, ions, colour, commonName, source }) => ({
    formula: formula.split('·')[0] ?? formula,
    ions,
    ...(commonName && { commonName }),
    forms: [{ formula, appearance: `${colour} solid` }],
    solubilityGPer100G: 0.0001,
    source,
  }));
const known: readonly Substance[] = [...shelf, ...precipitates];
const byFormula = new Map(known.map((row) => [row.formula, row]));

/** One spelling for those of both sides of the Atlantic. */
const spellings = [
  [/sulph/g, 'sulf'],
  [/aluminum/g, 'aluminium'],
  [/\bcesium/g, 'caesium'],
] as const;

const plain = (text: string): string =>
  spellings
    .reduce((told, [other, ours]) => told.replace(other, ours), text.toLowerCase())
    .replace(/[’']/g, '')
    .replace(/\s+/g, ' ')
    .trim();

interface Found {
  readonly substance: Substance;
  /** The shelf form that was named, when a hydrate was. */
  readonly form?: string;
}

/** An oxidation number in a name, which people leave out. */
const oxidationNumber = /\s?\([ivx]+\)/gi;

const byName = new Map<string, Found>();
const shortened = new Map<string, Set<Substance>>();
for (const substance of known) {
  for (const { formula: form } of substance.forms)
    for (const name of Object.values(namesOf(form)) as string[])
      if (!byName.has(plain(name))) byName.set(plain(name), { substance, form });
  for (const name of allNames(substance)) {
    byName.set(plain(name), { substance });
    const short = plain(name.replace(oxidationNumber, ''));
    shortened.set(short, (shortened.get(short) ?? new Set()).add(substance));
  }
}
// “Copper sulfate” is taken for the only one the shelf has; “iron chloride” could be either.
for (const [name, meant] of shortened) {
  const onShelf = [...meant].filter((one) => shelf.includes(one));
  const [only] = onShelf.length > 0 ? onShelf : meant;
  if (only && onShelf.length <= 1 && !byName.has(name)) byName.set(name, { substance: only });
}

/** Every name a substance goes by: in the three schools, of old, and in the shop. */
export function allNames({ formula, commonName }: Substance): readonly string[] {
  return [
    ...new Set([
      ...(Object.values(namesOf(formula)) as string[]),
      ...ownNames(formula),
      ...(commonName ? [commonName] : []),
      ...(aliases[formula] ?? []),
    ]),
  ];
}

/** Every substance on the shelf, in table order. */
export function shelfSubstances(): readonly Substance[] {
  return shelf;
}

/** Less than this, g per 100 g of water, and nobody makes a solution of it. */
const worthDissolving = 0.15;

/** Every substance that solutions are made from, in table order. */
export function solubleSubstances(): readonly Substance[] {
  return shelf.filter(
    ({ state, solubilityGPer100G }) => state !== 'gas' && solubilityGPer100G > worthDissolving,
  );
}

/**
 * Finds a shelf substance or a precipitate by formula (any spelling, with or without crystal water) or by any of its names.
 *
 * @throws ChemistryError `unknownSubstance`, suggesting the nearest name.
 */
export function findSubstance(text: string): Found {
  const named = byName.get(plain(text));
  if (named) return named;
  const species = asSpecies(text);
  if (species) {
    const substance = byFormula.get(anhydrousFormula(species)) ?? byComposition(species.formula);
    if (substance) {
      const form = substance.forms.find(({ formula }) => formula === species.formula)?.formula;
      return { substance, ...(form && form !== substance.formula && { form }) };
    }
  }
  throw ChemistryError.of('unknownSubstance', text, nearestName(text));
}

function asSpecies(text: string) {
  try {
    return parseFormula(text);
  } catch {
    // Not a formula, so it can only have been a name: the caller reports it as an unknown substance.
    return undefined;
  }
}

/** The same substance written in another order, such as CH3COONa for NaCH3COO. */
function byComposition(formula: string): Substance | undefined {
  const key = compositionKey(anhydrousFormula(parseFormula(formula)));
  return known.find((row) => compositionKey(row.formula) === key);
}

function compositionKey(formula: string): string {
  const { elements, charge } = parseFormula(formula);
  return Object.entries(elements)
    .sort(([a], [b]) => (a < b ? -1 : 1))
    .map(([symbol, count]) => `${symbol}${count}`)
    .concat(String(charge))
    .join(' ');
}

/** The known name that was most likely meant. */
function nearestName(text: string): string {
  return nearestOf(plain(text), [...byName.keys(), ...byFormula.keys()]);
}
