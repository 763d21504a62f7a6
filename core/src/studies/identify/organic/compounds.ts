import { ChemistryError } from '../../../common/errors';
import { readStructure } from '../../../matter/structure/readStructure';
import { nearestOf } from '../../../matter/substances/editDistance';
import { teachingCompounds } from '../../../matter/substances/data/teachingCompounds';
import type { TeachingCompound } from '../../../matter/substances/types';
import type { Compound } from './compound';

const rows: readonly TeachingCompound[] = teachingCompounds;

/** Names of the compounds that are known by name. */
export const compoundNames: readonly string[] = rows.map(({ name }) => name);

/** A compound as it is asked for: a name that is listed, or any name with its structure. */
export type CompoundInput = string | { readonly name: string; readonly smiles: string };

const read = new Map<string, Promise<Compound>>();

const plain = (text: string): string => text.trim().toLowerCase().replace(/\s+/g, ' ');

const namesOfRow = (row: TeachingCompound): string[] => [row.name, ...(row.alsoCalled ?? [])];

function rowOf(name: string): TeachingCompound | undefined {
  const wanted = plain(name);
  return rows.find((row) => namesOfRow(row).some((one) => plain(one) === wanted));
}

function ofRow({
  name,
  smiles,
  meltsC,
  boilsC,
  waterGPer100Ml,
  colour,
}: TeachingCompound): Promise<Compound> {
  const known = read.get(name);
  if (known) return known;
  const found = readStructure(smiles).then((structure) => ({
    name,
    structure,
    ...(meltsC !== undefined && { meltsC }),
    ...(boilsC !== undefined && { boilsC }),
    ...(waterGPer100Ml !== undefined && { waterGPer100Ml }),
    ...(colour !== undefined && { colour }),
  }));
  read.set(name, found);
  return found;
}

/**
 * Finds a compound by name, or reads its structure.
 *
 * @throws ChemistryError `unknownCompound` for a name that is not listed and comes without a structure; `badStructure`.
 */
export async function findCompound(input: CompoundInput): Promise<Compound> {
  const name = typeof input === 'string' ? input : input.name;
  const row = rowOf(name);
  if (typeof input === 'string') {
    if (!row)
      throw ChemistryError.of(
        'unknownCompound',
        name,
        nearestOf(plain(name), rows.flatMap(namesOfRow)),
      );
    return ofRow(row);
  }
  const structure = await readStructure(input.smiles);
  // A structure that is listed brings what is tabulated of it.
  const listed = row ? await ofRow(row) : await listedAs(structure.smiles);
  return listed?.structure.smiles === structure.smiles ? { ...listed, name } : { name, structure };
}

async function listedAs(smiles: string): Promise<Compound | undefined> {
  return (await allCompounds()).find(({ structure }) => structure.smiles === smiles);
}

/** All compounds that are listed, with their structures read. */
export function allCompounds(): Promise<readonly Compound[]> {
  return Promise.all(rows.map(ofRow));
}
