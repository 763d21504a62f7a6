import type { Equilibrium } from '../../solution/equilibrium/equilibrate';
import { coats } from '../../matter/substances/data/coats';
import type { Coat } from '../../matter/substances/types';

const rows: readonly Coat[] = coats;

/** The coat that settles on a lump of a solid where it is saturated: gypsum on marble in sulfuric acid. */
export function coatOn(solid: string, { solids }: Pick<Equilibrium, 'solids'>): Coat | undefined {
  const [dry] = solid.split('·');
  return rows.find(
    (row) => row.solid === dry && solids.some(({ formula }) => formula === row.coat),
  );
}

/** The coat that keeps a metal out of reach: it is there, or its anion is plentiful enough to make it at once. */
export function sealOf(metal: string, { solids, species }: Equilibrium): string | undefined {
  return rows.find(
    ({ solid, coat, sealsAboveM }) =>
      solid === metal &&
      (solids.some(({ formula }) => formula === coat) ||
        Object.entries(sealsAboveM ?? {}).some(([ion, limit]) => (species[ion] ?? 0) > limit)),
  )?.coat;
}
