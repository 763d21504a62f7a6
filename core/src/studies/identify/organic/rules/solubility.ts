import { count, has } from '../../../../matter/structure/structure';
import type { Structure } from '../../../../matter/structure/structure';
import type { OutcomeRule } from '../compound';
import { shows, rather } from '../expectation';
import type { Expectation } from '../expectation';
import { formatNumber } from '../../../../common/formatNumber';

/** The customary limit: 0.1 g that dissolves in 3 mL, g per 100 mL (Shriner, Hermann, Morrill, Curtin, Fuson: The Systematic Identification of Organic Compounds; recalled). */
const limitGPer100Ml = 3;
/** Tabulated values this near to the limit turn out either way, as a factor. */
const borderFactor = 1.7;

/** Groups that hold on to water, each of which carries about four carbon atoms into solution. */
const polarGroups = [
  'hydroxyl',
  'aldehyde',
  'ketone',
  'ester',
  'amide',
  'formamide',
  'ether',
  'primaryAmine',
  'secondaryAmine',
  'tertiaryAmine',
  'aromaticAmine',
  'pyridine',
  'nitrile',
  'nitroAliphatic',
] as const;

/** Whether it dissolves in water: by the table where it is tabulated, else by size and branching. */
export const water: OutcomeRule = ({ structure, waterGPer100Ml: known }) => {
  if (known === 'miscible') return shows('soluble', 'it mixes with water in all proportions');
  if (known === undefined) return waterBySize(structure);
  const outcome = known >= limitGPer100Ml ? 'soluble' : 'insoluble';
  const words = `about ${formatNumber(known)} g dissolve in 100 mL of water; the limit of the test is ${formatNumber(limitGPer100Ml)} g`;
  const near = known < limitGPer100Ml * borderFactor && known > limitGPer100Ml / borderFactor;
  return near ? rather(outcome, 0.65, `${words}: borderline`) : shows(outcome, words);
};

/** By size and branching alone: about four carbons for each polar group, one more where the chain is branched. */
export function waterBySize(structure: Structure): Expectation {
  const { atoms, branches, aromaticRings, salt } = structure;
  if (salt || has(structure, 'sulfonicAcid', 'aminoAcid'))
    return shows('soluble', 'it is made of ions in water');
  const carbons = atoms['C'] ?? 0;
  const groups = polarGroups.reduce((sum, name) => sum + count(structure, name), 0);
  if (groups === 0) return shows('insoluble', 'it has no group that holds on to water');
  const perGroup = carbons / groups;
  // A compact molecule makes a smaller hole in the water.
  const limit = 4 + Math.min(1, 0.8 * branches) - (aromaticRings > 0 && groups === 1 ? 0.5 : 0);
  const words = `${carbons} carbon atoms for ${groups} polar group${groups > 1 ? 's' : ''}${branches > 0 ? ', branched' : ''}`;
  if (Math.abs(perGroup - limit) < 0.9)
    return rather(perGroup <= limit ? 'soluble' : 'insoluble', 0.65, `${words}: borderline`);
  return perGroup < limit ? shows('soluble', words) : shows('insoluble', `${words}: too large`);
}

const alsoInWater =
  (rule: OutcomeRule): OutcomeRule =>
  (compound) => {
    const inWater = water(compound);
    if (inWater?.outcome !== 'soluble') return rule(compound);
    return { ...inWater, why: `it dissolves in the water of the reagent: ${inWater.why}` };
  };

/** Fatty acids from here on make a soap that foams and stays cloudy, carbon atoms. */
const soapFrom = 12;

/** Whether it dissolves in 5 % sodium hydroxide: acids and phenols do. */
export const base: OutcomeRule = alsoInWater(({ structure }) => {
  const carbons = structure.atoms['C'] ?? 0;
  if (has(structure, 'carboxylicAcid') && carbons >= soapFrom && structure.aromaticRings === 0)
    return rather('insoluble', 0.6, 'its sodium salt is a soap: it foams and stays cloudy');
  if (has(structure, 'carboxylicAcid', 'sulfonicAcid'))
    return shows('soluble', 'an acid gives its sodium salt');
  if (has(structure, 'phenol'))
    return has(structure, 'ester', 'aldehyde', 'nitroAromatic') || carbons < 10
      ? shows('soluble', 'a phenol gives its sodium salt')
      : rather('soluble', 0.8, 'a phenol gives its sodium salt; a large one slowly');
  if (has(structure, 'acylHalide', 'anhydride'))
    return rather('soluble', 0.7, 'it is hydrolysed to the salt of its acid, slowly');
  if (has(structure, 'nitroAliphatic'))
    return rather(
      'soluble',
      0.7,
      'a nitroalkane with hydrogen beside the nitro group is a weak acid',
    );
  return shows('insoluble', 'nothing in it gives a proton to the base');
});

/** Whether it fizzes with hydrogencarbonate: carboxylic and sulfonic acids do, common phenols do not. */
export const bicarbonate: OutcomeRule = ({ structure }) => {
  if (has(structure, 'aminoAcid')) return rather('negative', 0.8, 'an amino acid is its own salt');
  if (has(structure, 'carboxylicAcid') && (structure.atoms['C'] ?? 0) >= soapFrom)
    return rather('negative', 0.6, 'a fatty acid is hardly wetted');
  if (has(structure, 'carboxylicAcid', 'sulfonicAcid'))
    return shows('positive', 'the acid is stronger than carbonic acid');
  if (has(structure, 'acylHalide'))
    return shows('positive', 'water sets hydrogen chloride free from it');
  if (has(structure, 'anhydride')) return rather('positive', 0.75, 'water turns it into its acid');
  if (has(structure, 'phenol') && has(structure, 'nitroAromatic'))
    return rather(
      'negative',
      0.8,
      'with one nitro group a phenol is hardly stronger than carbonic acid',
    );
  return shows('negative', 'it is no acid, or weaker than carbonic acid');
};

/** Whether it dissolves in 5 % hydrochloric acid: bases do, unless their electrons are drawn away. */
export const acid: OutcomeRule = alsoInWater(({ structure }) => {
  if (has(structure, 'primaryAmine', 'secondaryAmine', 'tertiaryAmine', 'pyridine'))
    return shows('soluble', 'the amine takes a proton');
  if (has(structure, 'diarylAmine'))
    return shows('insoluble', 'two rings draw the electrons of its nitrogen away: hardly a base');
  if (has(structure, 'aromaticAmine')) {
    if (has(structure, 'nitroAromatic'))
      return rather('insoluble', 0.65, 'the nitro group makes it a very weak base');
    if (has(structure, 'aldehyde')) return rather('soluble', 0.8, 'a weak base');
    if (has(structure, 'arylHalide'))
      return rather('soluble', 0.8, 'a weak base whose salt dissolves slowly');
    return shows('soluble', 'an aromatic amine is base enough for 5 % acid');
  }
  return shows('insoluble', 'it is no base');
});

/** Whether it dissolves in cold concentrated sulfuric acid: whatever has oxygen, nitrogen or a multiple bond does. */
export const sulfuric: OutcomeRule = alsoInWater(({ structure }) => {
  const { atoms } = structure;
  if (has(structure, 'sulfonicAcid')) return shows('soluble', 'a sulfonic acid');
  if ((atoms['N'] ?? 0) > 0 || (atoms['O'] ?? 0) > 0) {
    const bare = has(structure, 'ether') && structure.aromaticRings > 1;
    return bare
      ? rather('insoluble', 0.6, 'an ether between two rings is hardly a base')
      : shows('soluble', 'oxygen or nitrogen takes a proton');
  }
  if (has(structure, 'diarylAlkene'))
    return rather('soluble', 0.6, 'an alkene between two rings, slowly');
  if (has(structure, 'alkene', 'alkyne'))
    return shows('soluble', 'the multiple bond takes a proton');
  if (has(structure, 'polyalkylBenzene'))
    return rather('soluble', 0.7, 'three alkyl groups let the ring be sulfonated in the cold');
  if (structure.aromaticRings > 2)
    return rather('insoluble', 0.6, 'a large ring system, slowly sulfonated');
  if (has(structure, 'tertiaryHalide', 'benzylicHalide'))
    return rather('insoluble', 0.6, 'a halide that may lose hydrogen halide');
  return shows(
    'insoluble',
    'neither oxygen nor nitrogen nor a multiple bond: alkanes, halides and simple arenes',
  );
});

/** Whether its solution reddens blue litmus. */
export const litmus: OutcomeRule = ({ structure }) => {
  if (has(structure, 'aminoAcid'))
    return rather('negative', 0.8, 'an amino acid is nearly neutral');
  if (has(structure, 'carboxylicAcid', 'sulfonicAcid'))
    return (structure.atoms['C'] ?? 0) >= soapFrom
      ? rather('negative', 0.7, 'too little of it dissolves')
      : shows('positive', 'an acid');
  if (has(structure, 'acylHalide'))
    return shows('positive', 'water sets hydrogen chloride free from it');
  if (has(structure, 'anhydride')) return rather('positive', 0.8, 'water turns it into its acid');
  if (has(structure, 'phenol')) return rather('negative', 0.7, 'a phenol is a very weak acid');
  return shows('negative', 'no acid');
};

/** Whether its solution turns red litmus blue. */
export const redLitmus: OutcomeRule = ({ structure }) => {
  if (has(structure, 'aminoAcid', 'carboxylicAcid')) return shows('negative', 'the acid outweighs');
  if (has(structure, 'primaryAmine', 'secondaryAmine', 'tertiaryAmine'))
    return shows('positive', 'an aliphatic amine is a stronger base than ammonia');
  if (has(structure, 'pyridine')) return rather('positive', 0.6, 'a weak base');
  if (has(structure, 'aromaticAmine'))
    return shows('negative', 'aromatic amines are too weak for litmus');
  return shows('negative', 'no base');
};
