import { ChemistryError } from '../../common/errors';
import { plainFormula } from '../formula/plainFormula';
import { parseFormula } from '../formula/parseFormula';
import { molarMassOf } from '../formula/molarMass';
import { functionalGroups } from '../substances/data/functionalGroups';
import type { GroupName, Structure } from './structure';
import type { Molecule } from 'openchemlib';

/** The structure library is a megabyte: it is loaded when the first structure is read. */
const library = async () => {
  const loaded = await import('openchemlib');
  const parser = new loaded.SmilesParser({ smartsMode: 'smarts' });
  const patterns = functionalGroups.map(({ name, pattern }) => {
    const fragment = parser.parseMolecule(pattern);
    fragment.setFragment(true);
    return { name, fragment };
  });
  return { ...loaded, patterns };
};
let loading: ReturnType<typeof library> | undefined;
const loadLibrary = () => (loading ??= library());

/** Longest SMILES accepted, characters. */
const longest = 300;

/**
 * Reads a structure.
 *
 * @param smiles a structure in SMILES, up to 300 characters.
 * @throws ChemistryError `badStructure` when the text is no structure, or an atom has more bonds than it can carry.
 */
export async function readStructure(smiles: string): Promise<Structure> {
  const ocl = await loadLibrary();
  const molecule = parse(smiles.trim(), ocl, true);
  const atoms = Array.from({ length: molecule.getAllAtoms() }, (_, atom) => atom);
  const formula = plainFormula(molecule.getMolecularFormula().formula);
  const rings = molecule.getRingSet();
  const searcher = new ocl.SSSearcher();
  searcher.setMolecule(molecule);
  const groups: Partial<Record<GroupName, number>> = {};
  for (const { name, fragment } of ocl.patterns) {
    searcher.setFragment(fragment);
    const found = searcher.findFragmentInMolecule();
    if (found > 0) groups[name] = found;
  }
  const ringNumbers = Array.from({ length: rings.getSize() }, (_, ring) => ring);
  return {
    smiles: molecule.toIsomericSmiles(),
    formula,
    molarMassGPerMol: molarMassOf(formula),
    atoms: parseFormula(formula).elements,
    groups,
    rings: ringNumbers.length,
    aromaticRings: ringNumbers.filter((ring) => rings.isAromatic(ring)).length,
    branches: atoms.filter((atom) => isBranch(molecule, atom)).length,
    salt: molecule.getFragments().length > 1,
  };
}

/**
 * Draws a structure as SVG, to be set into a page.
 *
 * @param widthPx, heightPx the largest size, pixels.
 * @throws ChemistryError `badStructure` as `readStructure` does.
 */
export async function drawStructure(
  smiles: string,
  widthPx: number,
  heightPx: number,
): Promise<string> {
  const molecule = parse(smiles.trim(), await loadLibrary(), false);
  return molecule.toSVG(widthPx, heightPx, undefined, {
    autoCrop: true,
    autoCropMargin: 6,
    suppressChiralText: true,
    suppressCIPParity: true,
    suppressESR: true,
    noStereoProblem: true,
  });
}

function parse(
  smiles: string,
  { Molecule }: Awaited<ReturnType<typeof library>>,
  asGraph: boolean,
): Molecule {
  if (smiles === '') throw ChemistryError.of('badStructure', smiles, 'nothing is written');
  if (smiles.length > longest)
    throw ChemistryError.of(
      'badStructure',
      `${smiles.slice(0, 40)}…`,
      `it is longer than ${longest} characters`,
    );
  let molecule: Molecule;
  try {
    // Where the atoms lie is worked out only to draw them: it takes most of the time.
    molecule = Molecule.fromSmiles(smiles, { noCoordinates: asGraph });
  } catch (error) {
    throw ChemistryError.of('badStructure', smiles, reasonOf(error));
  }
  for (let atom = 0; atom < molecule.getAllAtoms(); atom += 1)
    if (molecule.getFreeValence(atom) < 0)
      throw ChemistryError.of(
        'badStructure',
        smiles,
        `a ${molecule.getAtomLabel(atom)} atom has more bonds than it can carry`,
      );
  return molecule;
}

/** What the library says, without its own names. */
function reasonOf(error: unknown): string {
  const text = error instanceof Error ? error.message : String(error);
  return text.replace(/^.*SmilesParser: /, '').replace(/\.$/, '');
}

function isBranch(molecule: Molecule, atom: number): boolean {
  if (molecule.getAtomicNo(atom) !== 6 || molecule.isAromaticAtom(atom)) return false;
  const neighbours = Array.from({ length: molecule.getConnAtoms(atom) }, (_, at) =>
    molecule.getConnAtom(atom, at),
  );
  return neighbours.filter((one) => molecule.getAtomicNo(one) === 6).length > 2;
}
