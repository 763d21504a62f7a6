import { count, has } from '../../../../matter/structure/structure';
import type { OutcomeRule } from '../compound';
import { shows, rather } from '../expectation';

/** Bromine water: alkenes and alkynes by addition, phenols and anilines by substitution. */
export const bromineWater: OutcomeRule = ({ structure }) => {
  if (has(structure, 'phenol')) {
    return has(structure, 'aldehyde', 'nitroAromatic', 'carboxylicAcid', 'ester')
      ? rather('positive', 0.85, 'a phenol is brominated; a group that draws electrons slows it')
      : shows('positive', 'a phenol is brominated at once, often with a white solid');
  }
  if (has(structure, 'aromaticAmine') && !has(structure, 'nitroAromatic'))
    return shows('positive', 'an aromatic amine is brominated at once, often with a white solid');
  if (has(structure, 'aromaticAmine'))
    return rather('positive', 0.75, 'an aromatic amine with a nitro group, slower');
  if (has(structure, 'alkeneCarbonyl'))
    return rather(
      'negative',
      0.6,
      'a double bond beside a carbonyl group is poor in electrons: slow',
    );
  if (has(structure, 'diarylAlkene'))
    return rather('positive', 0.6, 'a double bond between two rings, slowly');
  if (has(structure, 'alkene', 'alkyne'))
    return shows('positive', 'bromine is added to the multiple bond');
  if (has(structure, 'furan')) return rather('positive', 0.7, 'the furan ring takes up bromine');
  if (has(structure, 'alkoxyBenzene'))
    return rather('negative', 0.65, 'an alkoxy ring is brominated slowly');
  if (has(structure, 'aldehyde', 'methanal') || structure.formula === 'CH2O2')
    return rather('negative', 0.75, 'it is oxidised by bromine water slowly');
  if (has(structure, 'primaryAmine', 'secondaryAmine'))
    return rather('negative', 0.6, 'the base takes up bromine and the colour fades');
  return shows('negative', 'nothing in it takes up bromine in the cold and dark');
};

/** Cold dilute permanganate: multiple bonds, and whatever is easily oxidised. */
export const permanganate: OutcomeRule = ({ structure }) => {
  if (has(structure, 'alkene', 'alkyne')) return shows('positive', 'the multiple bond is oxidised');
  if (has(structure, 'phenol', 'aromaticAmine'))
    return rather('positive', 0.85, 'a phenol or aromatic amine is oxidised as well');
  if (has(structure, 'aldehyde', 'methanal'))
    return rather('positive', 0.85, 'an aldehyde is oxidised as well');
  if (structure.formula === 'CH2O2') return rather('positive', 0.8, 'methanoic acid is oxidised');
  if (structure.formula === 'C2H2O4')
    return rather('positive', 0.6, 'ethanedioic acid is oxidised, in the cold slowly');
  if (has(structure, 'hemiacetal')) return rather('positive', 0.6, 'a sugar, slowly');
  if (has(structure, 'benzylicAlcohol'))
    return rather('negative', 0.6, 'a benzylic alcohol, slowly');
  if (has(structure, 'primaryAlcohol', 'secondaryAlcohol'))
    return rather('negative', 0.8, 'an alcohol, slowly');
  if (has(structure, 'primaryAmine', 'secondaryAmine', 'tertiaryAmine'))
    return rather('negative', 0.7, 'an amine, slowly');
  return shows('negative', 'nothing in it is oxidised in the cold');
};

/** The flame: rings and alkynes soot, small oxygen compounds burn blue, sugars char, much halogen puts it out. */
export const burning: OutcomeRule = ({ structure }) => {
  const { atoms, aromaticRings } = structure;
  const carbons = atoms['C'] ?? 0;
  const oxygens = atoms['O'] ?? 0;
  const halogens = ['Cl', 'Br', 'I'].reduce((sum, one) => sum + (atoms[one] ?? 0), 0);
  if (structure.salt) return rather('does not burn', 0.8, 'a salt');
  if (has(structure, 'geminalHalide') || halogens >= carbons)
    return rather('does not burn', 0.8, 'much halogen');
  if (
    has(structure, 'hemiacetal') ||
    (has(structure, 'vicinalDiol') && count(structure, 'hydroxyl') > 4)
  )
    return shows('chars', 'a sugar swells and chars');
  if (structure.formula === 'CH4N2O' || has(structure, 'aminoAcid'))
    return rather('chars', 0.6, 'it decomposes before it burns');
  if (aromaticRings > 0 || has(structure, 'alkyne')) {
    return has(structure, 'carboxylicAcid', 'sulfonicAcid')
      ? rather('sooty flame', 0.8, 'an aromatic ring; as an acid it burns with less soot')
      : shows('sooty flame', 'little hydrogen for its carbon: soot');
  }
  if (count(structure, 'carboxylicAcid') > 1)
    return rather('chars', 0.6, 'it decomposes and chars before it burns');
  if (carbons > 0 && oxygens / carbons >= 0.33 && carbons <= 4)
    return rather('blue flame', 0.8, 'much oxygen for its carbon: hardly any glow');
  if (oxygens > 0 && carbons <= 4) return rather('blue flame', 0.65, 'some oxygen for its carbon');
  if (has(structure, 'alkene') && oxygens === 0)
    return rather('yellow flame', 0.65, 'an alkene burns yellow with a little soot');
  return rather('yellow flame', 0.85, 'a chain that burns with a yellow flame');
};
