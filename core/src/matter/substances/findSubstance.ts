import { ChemistryError } from '../../common/errors';
import { anhydrousFormula } from '../formula/molarMass';
import { parseFormula } from '../formula/parseFormula';
import type { Species } from '../formula/species';
import { shelf } from './data/shelf';
import { sparinglySoluble } from './data/sparinglySoluble';
import { aliases } from './data/aliases';
import { otherFormulae } from './data/otherFormulae';
import { nearestOf } from './editDistance';
import { chargeOf, findIon } from './ionsOf';
import { namesOf, ownNames } from './naming';
import { nearFormulae, otherCharges, readFormula } from './readFormula';
import { compositionKey } from './tabled';
import { shelfSolubility } from './shelfSolubility';
import type { ShelfRow, Substance } from './types';

/** Precipitates that no jar holds: they can be put into a vessel all the same, once they are made. */
const precipitates: readonly Substance[] = sparinglySoluble
  .filter(({ formula }) => !shelf.some((row) => row.formula === formula.split('·')[0]))
  .map(({ formula, ions, colour, commonName, source }) => {
    const row: ShelfRow = {
      formula: formula.split('·')[0] ?? formula,
      ions,
      ...(commonName && { commonName }),
      forms: [{ formula, appearance: `${colour} solid` }],
      source,
    };
    return { ...row, ...shelfSolubility(row) };
  });
const tabled: readonly Substance[] = [...shelf, ...precipitates];
const byFormula = new Map(tabled.map((row) => [row.formula, row]));

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
for (const substance of tabled) {
  for (const { formula: form } of substance.forms)
    for (const name of namesOfForm(form))
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

/** The names of one form of a substance, its trivial ones included; those of the substance where it is the dry one. */
export function namesOfForm(form: string): readonly string[] {
  return [...new Set([...(Object.values(namesOf(form)) as string[]), ...(aliases[form] ?? [])])];
}

/** Everything that a substance, or the crystals in its jar, may be asked for by. */
export function searchNames(substance: Substance): readonly string[] {
  return [
    ...new Set([
      ...allNames(substance),
      ...substance.forms.flatMap(({ formula }) => namesOfForm(formula)),
    ]),
  ];
}

/** Whether the shelf has a substance of this formula, as it stands in the tables. */
export function isOnShelf(formula: string): boolean {
  return byFormula.has(formula);
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
 * Nothing is corrected on the way: what is not known exactly is asked about.
 *
 * @throws ChemistryError `unknownSubstance` or `lookAlike`, naming what was likely meant.
 */
export function findSubstance(text: string): Found {
  const found = known(text);
  if (found) return found;
  const near = nearFormulae(text).filter((formula) =>
    byFormula.has(formula.split('·')[0] ?? formula),
  );
  const ion = ionWithoutCharge(text);
  if (ion !== undefined) throw ChemistryError.of('ionNotSubstance', text, ion, saltWith(ion));
  const meant = near.length > 0 ? near : [nearestName(text)].filter((name) => name !== '');
  throw ChemistryError.of('unknownSubstance', text, meant.join(' or '));
}

function known(text: string): Found | undefined {
  const row = byFormula.get(text);
  if (row) return { substance: row };
  const named = byName.get(plain(text));
  if (named) return named;
  const species = asSpecies(text);
  if (!species) return undefined;
  const substance = byFormula.get(anhydrousFormula(species)) ?? inOtherOrder(species);
  if (!substance) return undefined;
  const form = substance.forms.find(({ formula }) => formula === species.formula)?.formula;
  return { substance, ...(form && form !== substance.formula && { form }) };
}

function asSpecies(text: string): Species | undefined {
  try {
    return readFormula(text);
  } catch (error) {
    if (error instanceof ChemistryError && error.code === 'lookAlike') throw error;
    // Not a formula, so it can only have been a name: the caller reports it as an unknown substance.
    return undefined;
  }
}

/** The ion that was written without its charge, where the text is one. */
function ionWithoutCharge(text: string): string | undefined {
  const species = asSpecies(text);
  return species && otherCharges(species).find((formula) => findIon(formula) !== undefined);
}

/** A salt in which an ion stands on the shelf. */
const saltWith = (ion: string): string =>
  shelf.find(({ ions }) => ion in ions)?.formula ?? 'its sodium salt';

const asWritten = new Map(
  Object.entries(otherFormulae).flatMap(([formula, others]) =>
    others.map((other) => [parseFormula(other).formula, byFormula.get(formula)] as const),
  ),
);

/** Salts, bases and acids of ions, which are the same substance in whatever order they are written, as CH3COONa is NaCH3COO. */
const ionic = new Map(
  tabled
    .filter(({ ions }) => Object.keys(ions).some((ion) => chargeOf(ion) !== 0))
    .map((row) => [compositionKey(parseFormula(row.formula)), row]),
);

function inOtherOrder(species: Species): Substance | undefined {
  const dry = parseFormula(anhydrousFormula(species));
  return asWritten.get(dry.formula) ?? ionic.get(compositionKey(dry));
}

/** The known name that was most likely meant. */
function nearestName(text: string): string {
  return nearestOf(plain(text), [...byName.keys(), ...byFormula.keys()]);
}
