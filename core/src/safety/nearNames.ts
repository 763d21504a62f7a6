import { commonPractice } from '../matter/substances/source';
import { editDistance } from '../matter/substances/editDistance';
import { allNames, findSubstance, shelfSubstances } from '../matter/substances/findSubstance';
import { nameOnShelf } from '../matter/substances/naming';
import type { Substance } from '../matter/substances/types';
import { isWater } from '../matter/substances/isWater';
import { hazardGrades, hazardRank } from './hazardRank';

/** Names that have been taken for each other, and what came of it. */
const mixedUp: readonly (readonly [string, string])[] = [
  ['thiocyanate', 'cyanide'],
  ['hexacyanoferrate(iii)', 'hexacyanoferrate(ii)'],
  ['ferricyanide', 'ferrocyanide'],
  ['nitrate', 'nitrite'],
  ['sulfate', 'sulfite'],
  ['sulfate', 'sulfide'],
  ['sulfite', 'sulfide'],
  ['chloride', 'chlorate'],
  ['manganese', 'magnesium'],
];
export const mixedUpSource = commonPractice(
  'names that have killed or ruined an experiment by one syllable; and any two names one or two letters apart',
);

/** Things of the bench whose names are mixed up, and that no table of substances holds. */
export const mixedUpThings: readonly (readonly [string, string, string])[] = [
  [
    'mineral wool',
    'mineral oil',
    'a plug of oil-soaked wool burns: wool holds the oil, oil is not wool',
  ],
  ['alkene', 'alkane', 'only the alkene takes up bromine: the control becomes the test'],
  [
    'lime water',
    'lime juice',
    'calcium hydroxide turns milky with carbon dioxide, fruit juice does not',
  ],
];

/** A substance that another may be mistaken for. */
export interface NearName {
  readonly formula: string;
  readonly name: string;
  /** The name of the chosen substance that comes near. */
  readonly ownName: string;
  /** The other is the more dangerous one, or the chosen one is. */
  readonly graver: 'other' | 'chosen';
  /** Choosing it should be asked about: the chosen one is much more dangerous than its neighbour. */
  readonly mustAsk: boolean;
  readonly message: string;
}

/** Difference of hazard grades from which two near names are worth a question, where nobody is known to have mixed them up. */
const gradesApart = 2;
/** Names shorter than this differ by too little for a letter to mean anything; from the longer length on two letters do. */
const shortestName = 7;
const longName = 12;
/** From this grade on a mistaken jar is asked about. */
const askFromGrade = 4;

const plain = (name: string): string => name.toLowerCase().replace(/sulph/g, 'sulf');

/**
 * Substances of the shelf whose names or formulae come near that of a chosen one, and that are more, or less, dangerous: by the
 * list of names that have been mixed up, by a letter where the hazards differ much, or by a character of the formula that is
 * easily dropped, as NaN3 is NaNO3 without its O. Gases, which stand in no jar, are left out. The gravest first.
 *
 * @throws ChemistryError for an unknown substance.
 */
export function nearNames(chosen: string): NearName[] {
  if (isWater(chosen)) return [];
  const own = findSubstance(chosen).substance;
  const found = nearOf.get(own.formula) ?? lookUp(own);
  nearOf.set(own.formula, found);
  return found;
}

const nearOf = new Map<string, NearName[]>();

const standsInAJar = ({ state }: Substance): boolean => state !== 'gas';

function lookUp(own: Substance): NearName[] {
  if (!standsInAJar(own)) return [];
  const ownGrade = hazardRank(own.formula);
  return shelfSubstances()
    .filter((other) => other.formula !== own.formula && standsInAJar(other))
    .flatMap((other): NearName[] => {
      const grade = hazardRank(other.formula);
      if (grade === ownGrade) return [];
      const isFarApart = Math.abs(grade - ownGrade) >= gradesApart;
      const pair =
        nearPair(allNames(own), allNames(other), isFarApart) ??
        (isFarApart ? nearFormulae(own, other) : undefined);
      if (!pair) return [];
      const graver = grade > ownGrade ? 'other' : 'chosen';
      return [
        {
          formula: other.formula,
          name: pair.other,
          ownName: pair.own,
          graver,
          mustAsk: graver === 'chosen' && ownGrade >= askFromGrade,
          message: `${pair.own} (${hazardGrades[ownGrade] ?? ''}) or ${pair.other} (${hazardGrades[grade] ?? ''})? Read the label twice.`,
        },
      ];
    })
    .sort((one, other) => hazardRank(other.formula) - hazardRank(one.formula));
}

interface NearPair {
  readonly own: string;
  readonly other: string;
}

function nearPair(
  ownNames: readonly string[],
  otherNames: readonly string[],
  isFarApart: boolean,
): NearPair | undefined {
  for (const ownName of ownNames)
    for (const otherName of otherNames) {
      const [own, other] = [plain(ownName), plain(otherName)];
      const isMixedUp = mixedUp.some(
        ([a, b]) =>
          (own.includes(a) && own.replace(a, b) === other) ||
          (own.includes(b) && own.replace(b, a) === other),
      );
      if (isMixedUp) return { own: ownName, other: otherName };
      const shorter = Math.min(own.length, other.length);
      if (!isFarApart || shorter < shortestName) continue;
      const most = shorter >= longName ? 2 : 1;
      if (Math.abs(own.length - other.length) <= most && editDistance(own, other) <= most)
        return { own: ownName, other: otherName };
    }
  return undefined;
}

/** The shortest formula in which a dropped character still leaves something to read. */
const shortestFormula = 3;

/** Two formulae of which one is the other with a character dropped. */
function nearFormulae(own: Substance, other: Substance): NearPair | undefined {
  const [short, long] = [own.formula, other.formula].sort((a, b) => a.length - b.length);
  const isDropped =
    short !== undefined &&
    long !== undefined &&
    short.length >= shortestFormula &&
    long.length === short.length + 1 &&
    [...long].some((_, at) => long.slice(0, at) + long.slice(at + 1) === short);
  const named = ({ formula }: Substance): string => `${nameOnShelf('stock', formula)}, ${formula},`;
  return isDropped ? { own: named(own), other: named(other) } : undefined;
}
