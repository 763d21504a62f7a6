import type { functionalGroups } from '../substances/data/functionalGroups';

/** A functional group that is looked for. */
export type GroupName = (typeof functionalGroups)[number]['name'];

/** A structure as read: plain data, so that what follows needs no structure library. */
export interface Structure {
  /** SMILES in one spelling for each structure. */
  readonly smiles: string;
  readonly formula: string;
  readonly molarMassGPerMol: number;
  /** Atoms by element. */
  readonly atoms: Readonly<Record<string, number>>;
  /** How often each group is found; those not found are left out. */
  readonly groups: Readonly<Partial<Record<GroupName, number>>>;
  readonly rings: number;
  readonly aromaticRings: number;
  /** Carbon atoms that carry three or four other carbons: branches make a molecule compact. */
  readonly branches: number;
  /** Whether it is in more than one part: a salt. */
  readonly salt: boolean;
}

/** How often a group is found. */
export function count({ groups }: Structure, name: GroupName): number {
  return groups[name] ?? 0;
}

/** Whether any of the groups is found. */
export function has(structure: Structure, ...names: readonly GroupName[]): boolean {
  return names.some((name) => count(structure, name) > 0);
}
