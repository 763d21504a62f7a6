import { commonPractice } from '../matter/substances/source';
import { editDistance } from '../matter/substances/editDistance';
import { allNames, findSubstance, shelfSubstances } from '../matter/substances/findSubstance';
import type { Substance } from '../matter/substances/types';
import { isWater } from '../vessel/pour';
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
  readonly graver: 'other' | 'chosen' | 'neither';
  /** Choosing it should be asked about: the chosen one is much more dangerous than its neighbour. */
  readonly mustAsk: boolean;
  readonly message: string;
}

/** Difference of hazard grades from which two near names are worth a question. */
const gradesApart = 2;
/** Names shorter than this differ by too little for a distance to mean anything. */
const shortestName = 7;
/** From this grade on a mistaken jar is asked about. */
const askFromGrade = 4;

const plain = (name: string): string => name.toLowerCase().replace(/sulph/g, 'sulf');

/**
 * Substances of the shelf whose names come near that of a chosen one: by the list of pairs that have been mixed up, or by a
 * letter or two where the hazards differ much. The gravest first.
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

function lookUp(own: Substance): NearName[] {
  const ownGrade = hazardRank(own.formula);
  const ownNames = allNames(own);
  return shelfSubstances()
    .flatMap((other): NearName[] => {
      if (other.formula === own.formula) return [];
      const grade = hazardRank(other.formula);
      const pair = nearPair(ownNames, allNames(other), Math.abs(grade - ownGrade));
      if (!pair) return [];
      const graver = grade > ownGrade ? 'other' : grade < ownGrade ? 'chosen' : 'neither';
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

function nearPair(
  ownNames: readonly string[],
  otherNames: readonly string[],
  apart: number,
): { readonly own: string; readonly other: string } | undefined {
  for (const ownName of ownNames)
    for (const otherName of otherNames) {
      const [own, other] = [plain(ownName), plain(otherName)];
      const isMixedUp = mixedUp.some(
        ([a, b]) =>
          (own.includes(a) && own.replace(a, b) === other) ||
          (own.includes(b) && own.replace(b, a) === other),
      );
      if (isMixedUp) return { own: ownName, other: otherName };
      if (apart < gradesApart || Math.min(own.length, other.length) < shortestName) continue;
      if (Math.abs(own.length - other.length) <= 2 && editDistance(own, other) <= 2)
        return { own: ownName, other: otherName };
    }
  return undefined;
}
