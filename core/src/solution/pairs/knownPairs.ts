import { followedAs, pairGrounds } from '../../matter/substances/data/pairGrounds';
import { complexes } from '../../matter/substances/data/complexes';
import { shelf } from '../../matter/substances/data/shelf';
import { sparinglySoluble } from '../../matter/substances/data/sparinglySoluble';

/** What the tables know of a pair of ions. */
export interface KnownPair {
  readonly cation: string;
  readonly anion: string;
  /** A solid of theirs, a complex, a salt of the shelf, or a ground why nothing settles; undefined where nothing is known. */
  readonly by?: 'solid' | 'complex' | 'soluble' | 'ground';
  /** The formula of the solid, complex or salt, or the ground in words. */
  readonly what?: string;
}

const isCation = (ion: string): boolean => ion.endsWith('+');
const isAnion = (ion: string): boolean => ion.endsWith('-');
const key = (cation: string, anion: string): string => `${cation} ${anion}`;

/** Every pair of ions that the parts of something hold, with its formula. */
function pairsOf(rows: readonly { formula: string; ions: Readonly<Record<string, number>> }[]) {
  return new Map(
    rows.flatMap(({ formula, ions }) =>
      Object.keys(ions)
        .filter(isCation)
        .flatMap((cation) =>
          Object.keys(ions)
            .filter(isAnion)
            .map((anion) => [key(cation, anion), formula] as const),
        ),
    ),
  );
}

const solids = pairsOf(sparinglySoluble);
const bound = pairsOf(complexes.map(({ formula, from }) => ({ formula, ions: from })));
const salts = pairsOf(shelf);

/**
 * What is known of a pair of ions in water: a solid with its solubility product, a complex, a salt that stands on the shelf, or a
 * ground why nothing settles.
 *
 * @example knownPair('Mg^2+', 'SO4^2-').by // 'soluble'
 */
export function knownPair(cation: string, anion: string): KnownPair {
  const form = followedAs[anion];
  if (form !== undefined && !salts.has(key(cation, anion)))
    return { ...knownPair(cation, form), anion };
  const pair = key(cation, anion);
  for (const [by, rows] of [
    ['solid', solids],
    ['soluble', salts],
    ['complex', bound],
  ] as const) {
    const what = rows.get(pair);
    if (what !== undefined) return { cation, anion, by, what };
  }
  const row = pairGrounds.find(
    ({ cations, anions }) =>
      (cations?.includes(cation) ?? true) && (anions?.includes(anion) ?? true),
  );
  return { cation, anion, ...(row && { by: 'ground' as const, what: row.ground }) };
}

/** Every pair of the ions that the substances of the shelf bring, cation by cation. */
export function everyPair(): KnownPair[] {
  const ions = [...new Set(shelf.flatMap((row) => Object.keys(row.ions)))];
  const anions = ions.filter(isAnion);
  return ions.filter(isCation).flatMap((cation) => anions.map((anion) => knownPair(cation, anion)));
}

/** The completeness table as CSV: a row for each pair, what is known of it, and by what; nothing where it is not known. */
export function pairsCsv(): string {
  const rows = everyPair().map(({ cation, anion, by = 'unknown', what = '' }) => [
    cation,
    anion,
    by,
    what.includes(',') ? `"${what}"` : what,
  ]);
  return [['cation', 'anion', 'known by', 'what'], ...rows]
    .map((row) => `${row.join(',')}\n`)
    .join('');
}

/**
 * Pairs of ions of which nothing is known that meet in a mixture.
 *
 * @param concentrationsM what each ion would be in the mixture if nothing reacted, mol/L.
 * @param isNew whether a pair was not together before.
 */
export function unknownPairs(
  concentrationsM: Readonly<Record<string, number>>,
  isNew: (cation: string, anion: string) => boolean,
): KnownPair[] {
  const there = Object.entries(concentrationsM).flatMap(([ion, m]) =>
    m > worthAskingM ? [ion] : [],
  );
  return there
    .filter((ion) => isCation(ion) && metals.has(ion))
    .flatMap((cation) =>
      there
        .filter((ion) => isAnion(ion) && anionsKnown.has(ion) && isNew(cation, ion))
        .map((anion) => knownPair(cation, anion)),
    )
    .filter(({ by }) => by === undefined);
}

/** Below this a salt of unknown solubility is taken to stay dissolved, mol/L (common practice). */
const worthAskingM = 5e-3;
const metals = new Set(shelf.flatMap((row) => Object.keys(row.ions).filter(isCation)));
const anionsKnown = new Set([
  ...shelf.flatMap((row) => Object.keys(row.ions).filter(isAnion)),
  ...Object.keys(followedAs),
]);
