import { count, has } from '../../../matter/structure/structure';
import type { Structure } from '../../../matter/structure/structure';

/** Classes of organic unknowns, by the group that shows most in the tests. */
export const organicClasses = [
  'carbohydrate',
  'amino acid',
  'sulfonic acid',
  'carboxylic acid',
  'acid derivative',
  'phenol',
  'aldehyde',
  'ketone',
  'ester',
  'amide',
  'amine',
  'nitro compound',
  'nitrile',
  'alcohol',
  'halide',
  'ether',
  'alkene or alkyne',
  'aromatic hydrocarbon',
  'alkane',
] as const;
export type OrganicClass = (typeof organicClasses)[number] | 'other';

/** The class a structure is looked for in: the first of its groups in the order above. */
export function organicClass(structure: Structure): OrganicClass {
  if (
    structure.aromaticRings === 0 &&
    has(structure, 'vicinalDiol') &&
    count(structure, 'hydroxyl') > 4
  )
    return 'carbohydrate';
  if (has(structure, 'aminoAcid')) return 'amino acid';
  if (has(structure, 'sulfonicAcid')) return 'sulfonic acid';
  if (has(structure, 'carboxylicAcid')) return 'carboxylic acid';
  if (has(structure, 'acylHalide', 'anhydride')) return 'acid derivative';
  if (has(structure, 'aldehyde', 'methanal')) return 'aldehyde';
  if (has(structure, 'phenol')) return 'phenol';
  if (has(structure, 'ketone')) return 'ketone';
  if (has(structure, 'ester')) return 'ester';
  if (has(structure, 'amide', 'formamide', 'carbamide')) return 'amide';
  if (
    has(structure, 'primaryAmine', 'secondaryAmine', 'tertiaryAmine', 'aromaticAmine', 'pyridine')
  )
    return 'amine';
  if (has(structure, 'nitroAromatic', 'nitroAliphatic')) return 'nitro compound';
  if (has(structure, 'nitrile')) return 'nitrile';
  if (has(structure, 'primaryAlcohol', 'secondaryAlcohol', 'tertiaryAlcohol')) return 'alcohol';
  if (has(structure, 'alkylChloride', 'alkylBromide', 'alkylIodide', 'arylHalide')) return 'halide';
  if (has(structure, 'ether')) return 'ether';
  if (has(structure, 'alkene', 'alkyne')) return 'alkene or alkyne';
  if (structure.aromaticRings > 0) return 'aromatic hydrocarbon';
  return Object.keys(structure.atoms).every((one) => one === 'C' || one === 'H')
    ? 'alkane'
    : 'other';
}

/** A class by a name somebody typed: singular or plural, in any case. */
export function readClass(text: string): OrganicClass | undefined {
  const plain = text.trim().toLowerCase().replace(/ies$/, 'y').replace(/s$/, '');
  return organicClasses.find((one) => one === plain || one.split(' or ').includes(plain));
}
