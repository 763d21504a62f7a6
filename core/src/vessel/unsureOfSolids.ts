import { withPlaces } from '../common/formatNumber';
import { daviesLimitM } from '../solution/equilibrium/activity';
import type { Equilibrium, Saturation } from '../solution/equilibrium/equilibrate';
import type { Warning } from './warnings';

/** How far activities held at the limit of the Davies equation may be out, as a power of ten of an ion product (docs/engine.md). */
const unsure = 0.3;

/**
 * In a strong solution, the solids that stand so near to saturation that activities decide whether they settle. Elsewhere that
 * amounts are approximate changes nothing that is seen.
 */
export function unsureOfSolids(
  equilibrium: Equilibrium | undefined,
  considered: readonly Saturation[],
): Warning[] {
  if (!equilibrium?.approximate) return [];
  const near = considered.filter(({ logRatio }) => Math.abs(logRatio) < unsure);
  const [first] = near;
  return first
    ? [
        {
          code: 'approximate',
          message: `Whether ${first.solid.formula} settles is not sure: ionic strength is ${withPlaces(equilibrium.ionicStrength, 2)} mol/L, and above ${daviesLimitM} amounts are approximate.`,
        },
      ]
    : [];
}
