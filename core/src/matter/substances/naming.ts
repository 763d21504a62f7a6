import { anhydrousFormula, waterOfCrystallisation } from '../formula/molarMass';
import { parseFormula } from '../formula/parseFormula';
import { namedSubstances } from './data/namedSubstances';
import { shelf } from './data/shelf';
import { sparinglySoluble } from './data/sparinglySoluble';
import { findIon, ionsHeld } from './ionsOf';
import type { NamingSchool, ShelfForm } from './types';

/** A substance's names. A school in which it has no name of its own is left out. */
export interface Names {
  readonly common?: string;
  readonly stock?: string;
  readonly oxo?: string;
}

const prefixes = [
  '',
  'mono',
  'di',
  'tri',
  'tetra',
  'penta',
  'hexa',
  'hepta',
  'octa',
  'nona',
  'deca',
];
const hydratePrefix = (count: number): string =>
  count === 0.5 ? 'hemi' : count === 12 ? 'dodeca' : (prefixes[count] ?? `${count}-`);

const named = new Map(namedSubstances.map((row) => [row.formula, row]));
const traditional = new Map<string, string>(
  [
    ...shelf,
    ...shelf.flatMap(({ forms }): readonly ShelfForm[] => forms),
    ...sparinglySoluble,
  ].flatMap(({ formula, commonName }) => (commonName ? [[formula, commonName] as const] : [])),
);

/**
 * The names of a substance or ion in the three schools (IUPAC Red Book 2005 for `stock`): a name of its own
 * from the table, or one built from its ions, with the water of crystallisation counted.
 *
 * @example namesOf('CuSO4·5H2O').stock // 'copper(II) sulfate pentahydrate'
 */
export function namesOf(formula: string): Names {
  const ion = findIon(formula);
  if (ion) return schools((school) => ionPart(formula, school));
  const species = parseFormula(formula);
  const water = waterOfCrystallisation(species);
  const hydrate = water === 0 ? '' : ` ${hydratePrefix(water)}hydrate`;
  const dry = anhydrousFormula(species);
  const own = named.get(dry);
  const content = own ? undefined : ionsHeld(formula);
  if (!own && !content) return {};
  const built = schools((school) =>
    own
      ? (own[school] ?? own.stock)
      : Object.keys(content ?? {})
          .map((part) => ionPart(part, school))
          .join(' '),
  );
  const tradition = traditional.get(formula) ?? traditional.get(dry);
  return {
    common: tradition ?? built.common + hydrate,
    stock: built.stock + hydrate,
    oxo: built.oxo + hydrate,
  };
}

function ionPart(formula: string, school: NamingSchool): string {
  const ion = findIon(formula);
  return ion?.[school] ?? ion?.stock ?? formula;
}

function schools(nameIn: (school: NamingSchool) => string): Record<NamingSchool, string> {
  return { common: nameIn('common'), stock: nameIn('stock'), oxo: nameIn('oxo') };
}

/** The names that a row of its own gives a substance, whatever the shelf calls it. */
export function ownNames(formula: string): readonly string[] {
  const { stock, common, oxo } = named.get(formula) ?? {};
  return [stock, common, oxo].filter((name) => name !== undefined);
}

/** One name in the wanted school, falling back to the systematic name, then to the formula itself. */
export function nameIn(school: NamingSchool, formula: string): string {
  const names = namesOf(formula);
  return names[school] ?? names.stock ?? formula;
}

/** The name on a jar: a hydrogen halide, which is kept in water, is called the acid it is there. */
export function nameOnShelf(school: NamingSchool, formula: string): string {
  const name = nameIn(school, formula);
  const acid = ownNames(formula).find((one) => one.endsWith(' acid'));
  return name.startsWith('hydrogen ') && acid ? acid : name;
}
