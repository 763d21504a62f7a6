import { count, has } from '../../../../matter/structure/structure';
import type { OutcomeRule } from '../compound';
import { shows, rather } from '../expectation';

/** Alcohols larger than this hardly dissolve in the reagents, carbon atoms. */
const largest = 10;

/** Ceric nitrate: alcohols of every kind turn red; phenols give a brown or green-black solid, which does not count. */
export const cericNitrate: OutcomeRule = ({ structure }) => {
  const carbons = structure.atoms['C'] ?? 0;
  if (has(structure, 'phenol'))
    return rather('negative', 0.85, 'a phenol gives a brown to green-black solid, not red');
  if (has(structure, 'primaryAlcohol', 'secondaryAlcohol', 'tertiaryAlcohol', 'hemiacetal')) {
    if (carbons > largest) return rather('negative', 0.6, 'too large to dissolve in the reagent');
    if (has(structure, 'carboxylicAcid'))
      return rather('positive', 0.85, 'a hydroxy acid answers like an alcohol');
    return shows('positive', 'an alcohol with up to ten carbon atoms turns red');
  }
  if (has(structure, 'aromaticAmine'))
    return rather('negative', 0.8, 'an aromatic amine is oxidised to dark colours');
  return shows('negative', 'no alcohol');
};

/** Chromic acid within five seconds: primary and secondary alcohols and aldehydes; tertiary alcohols have nothing to give. */
export const chromicAcid: OutcomeRule = ({ structure }) => {
  if (has(structure, 'phenol') && !has(structure, 'aldehyde'))
    return rather('negative', 0.7, 'a phenol gives dark colours, not blue-green');
  if (has(structure, 'aromaticAldehyde'))
    return rather('positive', 0.8, 'an aromatic aldehyde, within half a minute');
  if (has(structure, 'aldehyde', 'methanal'))
    return shows('positive', 'an aldehyde is oxidised to its acid');
  if (has(structure, 'primaryAlcohol', 'secondaryAlcohol')) {
    if (count(structure, 'hydroxyl') > 3)
      return rather('positive', 0.6, 'hardly dissolves in propanone');
    if (has(structure, 'carboxylicAcid')) return rather('positive', 0.7, 'a hydroxy acid, slowly');
    return shows('positive', 'a primary or secondary alcohol is oxidised');
  }
  if (has(structure, 'tertiaryAlcohol'))
    return shows('negative', 'a tertiary alcohol has no hydrogen beside the oxygen');
  if (isMethanoic(structure)) return rather('positive', 0.6, 'methanoic acid is oxidised, slowly');
  if (has(structure, 'aromaticAmine'))
    return rather('negative', 0.7, 'an aromatic amine gives dark colours');
  return shows('negative', 'nothing in it is oxidised that fast');
};

/** Methanoic acid has an aldehyde’s hydrogen. */
const isMethanoic = ({ formula }: { readonly formula: string }): boolean => formula === 'CH2O2';

/** Zinc chloride in hydrochloric acid: the easier the cation, the sooner the cloud; only for alcohols that dissolve. */
export const lucas: OutcomeRule = ({ structure }) => {
  const carbons = structure.atoms['C'] ?? 0;
  if (has(structure, 'tertiaryAlcohol', 'benzylicAlcohol') && !has(structure, 'carboxylicAcid'))
    return carbons > 8
      ? rather('at once', 0.7, 'it gives a stable cation, but hardly dissolves')
      : shows('at once', 'a tertiary or benzylic alcohol gives a stable cation');
  if (has(structure, 'allylicAlcohol'))
    return rather('at once', 0.8, 'an allylic alcohol gives a stable cation');
  if (has(structure, 'secondaryAlcohol') && !has(structure, 'carboxylicAcid', 'hemiacetal')) {
    if (count(structure, 'hydroxyl') > 1)
      return rather('no cloud', 0.8, 'a diol: its chloride stays dissolved');
    return carbons > 6
      ? rather('within minutes', 0.6, 'a secondary alcohol, but hardly soluble')
      : shows('within minutes', 'a secondary alcohol');
  }
  if (has(structure, 'primaryAlcohol'))
    return shows('no cloud', 'a primary alcohol does not react in the cold');
  return shows('no cloud', 'no alcohol');
};

/** Iodoform: CH3CO– and what the reagent oxidises to it, CH3CH(OH)–. */
export const iodoform: OutcomeRule = ({ structure }) => {
  if (has(structure, 'methylKetone', 'aceticAldehyde'))
    return shows('positive', 'it has a CH₃CO group');
  if (has(structure, 'methylCarbinol'))
    return has(structure, 'carboxylicAcid')
      ? rather('positive', 0.65, 'a CH₃CH(OH) group, oxidised more slowly beside the acid')
      : shows('positive', 'its CH₃CH(OH) group is oxidised to CH₃CO');
  if (has(structure, 'ethanolGroup')) return shows('positive', 'ethanol is oxidised to ethanal');
  if (has(structure, 'ethylEster'))
    return rather('negative', 0.9, 'an ester of ethanol answers only once it is hydrolysed');
  return shows('negative', 'neither CH₃CO nor CH₃CH(OH)');
};
