import { ChemistryError } from '../../common/errors';
import { ionicDiffusion } from '../../matter/substances/data/diffusion';
import { chargeOf } from '../../matter/substances/ionsOf';
import type { IonicDiffusion } from '../../matter/substances/types';

const rows = new Map(ionicDiffusion.map((row) => [row.formula, row]));

/**
 * How fast an ion spreads by itself.
 *
 * @throws ChemistryError `noDiffusionRow` for an ion that the table lacks.
 */
export function diffusionOf(ion: string): IonicDiffusion {
  const row = rows.get(ion);
  if (!row) throw ChemistryError.of('noDiffusionRow', ion);
  return row;
}

/**
 * The diffusion coefficient of a salt, 1e-9 m²/s: its two ions keep pace, because a lead of either would pull the other after it
 * (Nernst–Hartley, D = (z₊ + z₋) D₊ D₋ / (z₊ D₊ + z₋ D₋) with the sizes of the charges).
 *
 * @throws ChemistryError `noDiffusionRow` for an ion that the table lacks.
 * @example saltDiffusion('Na^+', 'Cl^-') // 1.61
 */
export function saltDiffusion(cation: string, anion: string): number {
  const [plus, minus] = [diffusionOf(cation).coefficient, diffusionOf(anion).coefficient];
  const [zPlus, zMinus] = [chargeOf(cation), -chargeOf(anion)];
  return ((zPlus + zMinus) * plus * minus) / (zPlus * plus + zMinus * minus);
}
