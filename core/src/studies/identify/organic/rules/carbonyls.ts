import { has } from '../../../../matter/structure/structure';
import type { Structure } from '../../../../matter/structure/structure';
import type { OutcomeRule } from '../compound';
import { shows, rather } from '../expectation';

/** A ring with the oxygen of an open aldehyde closed onto it opens again in the reagent. */
const isReducingSugar = (structure: Structure): boolean => has(structure, 'hemiacetal');
/** A ring whose electrons feed the aldehyde group. */
const isFed = (structure: Structure): boolean =>
  has(structure, 'aromaticAmine') && has(structure, 'aromaticAldehyde');
const isAnAldehyde = (structure: Structure): boolean => has(structure, 'aldehyde', 'methanal');

/** 2,4-Dinitrophenylhydrazine: aldehydes and ketones, not acids, esters and amides. */
export const dnp: OutcomeRule = ({ structure }) => {
  if (isAnAldehyde(structure)) return shows('positive', 'an aldehyde gives its hydrazone');
  if (has(structure, 'ketone')) {
    if (structure.branches > 2)
      return rather('positive', 0.75, 'a ketone crowded on both sides, slowly');
    return structure.aromaticRings > 1
      ? rather('positive', 0.9, 'a ketone between two rings, slowly')
      : shows('positive', 'a ketone gives its hydrazone');
  }
  if (isReducingSugar(structure))
    return rather('negative', 0.75, 'closed as a ring; only slowly when warm');
  if (has(structure, 'allylicAlcohol', 'benzylicAlcohol'))
    return rather('negative', 0.85, 'an alcohol that the reagent’s acid and air oxidise a little');
  return shows('negative', 'neither aldehyde nor ketone');
};

function reducesSilver(structure: Structure): ReturnType<OutcomeRule> {
  if (isFed(structure))
    return rather('negative', 0.7, 'the amino group makes its aldehyde sluggish');
  if (isAnAldehyde(structure)) return shows('positive', 'an aldehyde reduces silver ions');
  if (isReducingSugar(structure))
    return shows('positive', 'the ring opens to an aldehyde or hydroxy ketone');
  if (structure.formula === 'CH2O2')
    return rather('positive', 0.8, 'methanoic acid has an aldehyde’s hydrogen');
  if (has(structure, 'hydroxyCarbonyl') && has(structure, 'ketone'))
    return shows('positive', 'a hydroxy ketone reduces silver ions');
  if (has(structure, 'dihydricPhenol12', 'dihydricPhenol14'))
    return shows('positive', 'it is oxidised to a quinone');
  if (has(structure, 'diarylAmine', 'primaryAromaticAmine'))
    return rather('negative', 0.85, 'some aromatic amines darken the reagent');
  if (has(structure, 'terminalAlkyne'))
    return rather('negative', 0.7, 'it gives a pale acetylide, explosive when dry: no mirror');
  return shows('negative', 'nothing in it reduces silver ions');
}

/** Ammoniacal silver, warmed. */
export const silverMirror: OutcomeRule = ({ structure }) => reducesSilver(structure);

/** Ammoniacal silver in the cold: aromatic aldehydes and sugars need warmth. */
export const silverMirrorCold: OutcomeRule = ({ structure }) => {
  const warm = reducesSilver(structure);
  if (warm?.outcome !== 'positive') return warm;
  if (has(structure, 'aromaticAldehyde'))
    return rather('negative', 0.7, 'an aromatic aldehyde that is not wetted: it needs warmth');
  if (isReducingSugar(structure) || structure.formula === 'CH2O2')
    return rather('negative', 0.6, 'slow in the cold');
  return warm;
};

/** Copper(II) tartrate: aliphatic aldehydes and reducing sugars, not aromatic aldehydes. */
export const fehling: OutcomeRule = ({ structure }) => {
  if (has(structure, 'aromaticAldehyde', 'furan') && isAnAldehyde(structure))
    return rather('negative', 0.9, 'an aromatic aldehyde is too weak a reducing agent for copper');
  if (isAnAldehyde(structure))
    return has(structure, 'alkeneCarbonyl')
      ? rather('positive', 0.6, 'an aldehyde beside a double bond, slowly')
      : shows('positive', 'an aliphatic aldehyde reduces copper(II)');
  if (isReducingSugar(structure)) return shows('positive', 'a reducing sugar');
  if (has(structure, 'hydroxyCarbonyl') && has(structure, 'ketone'))
    return shows('positive', 'a hydroxy ketone');
  if (has(structure, 'dihydricPhenol14', 'dihydricPhenol12'))
    return rather('positive', 0.6, 'it is oxidised to a quinone');
  return shows('negative', 'nothing in it reduces copper(II)');
};

/** Decolourised fuchsin: aldehydes. */
export const schiff: OutcomeRule = ({ structure }) => {
  if (isFed(structure))
    return rather('negative', 0.7, 'the amino group makes its aldehyde sluggish');
  if (isAnAldehyde(structure))
    return has(structure, 'phenol')
      ? rather('positive', 0.65, 'an aldehyde beside a phenol, slowly')
      : shows('positive', 'an aldehyde');
  if (isReducingSugar(structure)) return shows('negative', 'a sugar is closed as a ring');
  if (has(structure, 'methylKetone') && (structure.atoms['C'] ?? 0) < 5)
    return rather('negative', 0.9, 'a small ketone tints it slowly');
  return shows('negative', 'no aldehyde');
};

/** Hydroxamate: esters, anhydrides and acid chlorides. */
export const hydroxamate: OutcomeRule = ({ structure }) => {
  if (has(structure, 'phenol') && has(structure, 'ester'))
    return rather('positive', 0.7, 'an ester, but the phenol colours the blank too');
  if (has(structure, 'ester', 'anhydride', 'acylHalide'))
    return shows('positive', 'it gives a hydroxamic acid');
  if (has(structure, 'phenol'))
    return rather('negative', 0.75, 'the phenol colours the blank as well');
  if (has(structure, 'amide', 'formamide', 'nitrile'))
    return rather('negative', 0.85, 'an amide or nitrile needs a higher temperature');
  return shows('negative', 'no ester');
};
