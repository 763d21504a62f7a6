import { has } from '../../../../matter/structure/structure';
import type { OutcomeRule } from '../compound';
import { shows, rather } from '../expectation';

/** Iron(III) chloride: most phenols and enols are coloured; nitro groups and bulk weaken it. */
export const ferricChloride: OutcomeRule = ({ structure }) => {
  if (has(structure, 'phenol')) {
    if (has(structure, 'nitroAromatic'))
      return rather('negative', 0.6, 'a nitrophenol, faint or not at all');
    if (has(structure, 'dihydricPhenol14'))
      return rather('negative', 0.6, 'it is oxidised: a passing colour, then brown');
    if (has(structure, 'carboxylicAcid') && !has(structure, 'orthoHydroxyAcid'))
      return rather('negative', 0.6, 'a hydroxy acid with its groups apart gives a buff solid');
    if ((structure.atoms['C'] ?? 0) >= 10)
      return rather('positive', 0.65, 'a large phenol that hardly dissolves: faint');
    return shows('positive', 'a phenol binds iron(III): violet, blue or green');
  }
  return shows('negative', 'neither phenol nor enol');
};
