import { has } from '../../../../matter/structure/structure';
import type { OutcomeRule } from '../compound';
import { shows, rather } from '../expectation';

/** Boiled with base: amides give ammonia or an amine, nitriles slowly. */
export const ammoniaOnBoiling: OutcomeRule = ({ structure }) => {
  if (has(structure, 'carbamide')) return shows('positive', 'carbamide gives ammonia');
  if (has(structure, 'formamide')) return shows('positive', 'it gives its volatile amine');
  if (has(structure, 'amide'))
    return has(structure, 'anilide')
      ? rather('negative', 0.6, 'it gives an aromatic amine, too weak for litmus')
      : shows('positive', 'an amide gives ammonia or an amine');
  if (has(structure, 'nitrile')) return rather('positive', 0.6, 'a nitrile gives ammonia, slowly');
  if (has(structure, 'aminoAcid')) return shows('negative', 'an amino acid keeps its nitrogen');
  if (has(structure, 'primaryAmine', 'secondaryAmine', 'tertiaryAmine'))
    return rather('positive', 0.85, 'the amine itself boils over and turns litmus');
  if (has(structure, 'pyridine')) return rather('positive', 0.6, 'the base itself boils over');
  return shows('negative', 'no nitrogen that base sets free');
};

/** Diazotised and coupled: only primary aromatic amines. */
export const azoDye: OutcomeRule = ({ structure }) =>
  has(structure, 'primaryAromaticAmine')
    ? shows('positive', 'a primary aromatic amine gives a diazonium salt that couples')
    : has(structure, 'tertiaryAmine', 'aromaticAmine')
      ? rather('negative', 0.9, 'no primary aromatic amine; it may turn yellow or green')
      : shows('negative', 'no primary aromatic amine');

/** Benzenesulfonyl chloride: how many hydrogens the nitrogen has. */
export const hinsberg: OutcomeRule = ({ structure }) => {
  if (has(structure, 'aminoAcid')) return rather('primary', 0.7, 'its amino group is primary');
  if (has(structure, 'primaryAmine', 'primaryAromaticAmine'))
    return has(structure, 'nitroAromatic')
      ? rather('primary', 0.65, 'primary, but slow')
      : shows('primary', 'two hydrogens on nitrogen: its sulfonamide dissolves in base');
  if (has(structure, 'diarylAmine'))
    return rather('tertiary', 0.6, 'too sluggish: it stays as it is');
  if (has(structure, 'secondaryAmine', 'secondaryAromaticAmine'))
    return shows(
      'secondary',
      'one hydrogen on nitrogen: its sulfonamide does not dissolve in base',
    );
  if (has(structure, 'tertiaryAmine', 'aromaticAmine', 'pyridine'))
    return shows('tertiary', 'no hydrogen on nitrogen: it stays, and dissolves in acid');
  return shows('no amine', 'no amine');
};

/** Iron(II) hydroxide: nitro groups oxidise it. */
export const ironHydroxide: OutcomeRule = ({ structure }) =>
  has(structure, 'nitroAromatic', 'nitroAliphatic')
    ? shows('positive', 'the nitro group oxidises iron(II) to iron(III)')
    : shows('negative', 'nothing in it oxidises iron(II)');

/** Ninhydrin: amino acids. */
export const ninhydrin: OutcomeRule = ({ structure }) => {
  if (has(structure, 'aminoAcid')) return shows('positive', 'an amino acid gives the violet dye');
  if (has(structure, 'primaryAmine')) return rather('negative', 0.7, 'primary amines may tint it');
  return shows('negative', 'no amino acid');
};

/** Naphthol and sulfuric acid: carbohydrates, and the aldehyde they give. */
export const molisch: OutcomeRule = ({ structure }) => {
  const sugar =
    has(structure, 'hemiacetal') ||
    (structure.rings > 1 && has(structure, 'vicinalDiol') && structure.aromaticRings === 0);
  if (sugar) return shows('positive', 'a carbohydrate gives a furan aldehyde that couples');
  if (has(structure, 'furan'))
    return rather('positive', 0.8, 'it is the aldehyde that carbohydrates give');
  return shows('negative', 'no carbohydrate');
};
