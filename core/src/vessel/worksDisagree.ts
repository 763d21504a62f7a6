import { withPlaces } from '../common/formatNumber';
import { productSpread } from '../matter/substances/productSpread';
import type { Saturation } from '../solution/equilibrium/equilibrate';
import type { Amounts } from './amounts';
import type { Warning } from './warnings';

/** Spread of a product, in its logarithm, below which no one speaks of a disagreement. */
const worthTelling = 0.1;

/**
 * Solids of which the works do not agree whether they settle here: one value of the product lies above the ion product and another
 * below it.
 *
 * @param considered every solid that the ions could make, by how far they are beyond saturation.
 * @param solidsChange solids that formed (+) or dissolved (−), mmol.
 */
export function worksDisagree(considered: readonly Saturation[], solidsChange: Amounts): Warning[] {
  const hasSettled = Object.values(solidsChange).some((change) => change > 0);
  return considered.flatMap(({ solid, logRatio }) => {
    const spread = productSpread(solid);
    if (!spread || spread[1] - spread[0] < worthTelling) return [];
    const settles = (solidsChange[solid.formula] ?? 0) > 0;
    // Another solid that settled has taken ions away, and this one is not compared with what is left.
    const hangs = settles
      ? logRatio < solid.pKsp - spread[0]
      : !hasSettled && !solid.needsBase && logRatio < 0 && -logRatio < spread[1] - solid.pKsp;
    if (!hangs) return [];
    const [most, least] = spread.map((pKsp) => `10^${withPlaces(-pKsp, 1)}`);
    return [
      {
        code: 'worksDisagree',
        message: `Whether ${solid.formula} settles hangs on its solubility product: works have ${least} to ${most}.`,
      },
    ];
  });
}
