import { ChemistryError } from '../../common/errors';
import { molarMassOf } from '../../matter/formula/molarMass';
import type { Ring } from './runRing';
import { formatNumber } from '../../common/formatNumber';

/** A compound of a ring with what could be there of it at most, and what was found. */
export interface RingMass {
  readonly formula: string;
  /** g, if nothing were lost from the start. */
  readonly mostG: number;
  readonly weighedG?: number;
  /** Of what the compound before it could give, 0 to 1 and above where something else was weighed with it. */
  readonly stepYield?: number;
  /** Of what the start could give. */
  readonly yieldSoFar?: number;
  /** What a yield says. */
  readonly words?: string;
}

/** A yield above this cannot be: something else was weighed with it (common practice: balance and drying aside). */
const tooMuch = 1.02;

/**
 * Masses round a ring: at most by the equations (m = n·ratio·M), and as weighed, with the yield of each arrow and of all so far.
 *
 * @param startG what one begins with, as it is in the jar, g, above 0.
 * @param weighedG what was weighed after each arrow, g; undefined where it was not.
 * @throws ChemistryError for masses that are not above 0.
 * @example ringMasses(runRing(rings[0]), 1)[0].mostG // 0.560 g of CaO from 1 g of CaCO3
 */
export function ringMasses(
  ring: Ring,
  startG: number,
  weighedG: readonly (number | undefined)[] = [],
): RingMass[] {
  above('startG', startG);
  let amount = startG / molarMassOf(ring.startKept);
  let before: { readonly most: number; readonly weighed?: number } = {
    most: startG,
    weighed: startG,
  };
  return ring.arcs.map((arc, at): RingMass => {
    amount *= arc.ratio;
    const mostG = amount * molarMassOf(arc.to);
    const weighed = weighedG[at];
    if (weighed !== undefined) above(`weighedG.${at}`, weighed);
    const fromBefore =
      before.weighed === undefined ? undefined : (before.weighed * mostG) / before.most;
    before = { most: mostG, ...(weighed !== undefined && { weighed }) };
    if (weighed === undefined) return { formula: arc.to, mostG };
    const stepYield = fromBefore === undefined ? undefined : weighed / fromBefore;
    const yieldSoFar = weighed / mostG;
    const words =
      (stepYield ?? yieldSoFar) > tooMuch
        ? 'more than there can be: not dry, or something else is with it'
        : undefined;
    return {
      formula: arc.to,
      mostG,
      weighedG: weighed,
      ...(stepYield !== undefined && { stepYield }),
      yieldSoFar,
      ...(words && { words }),
    };
  });
}

function above(field: string, value: number): void {
  if (!(value > 0 && value <= 500))
    throw ChemistryError.of(
      'outOfRange',
      'A mass',
      `${formatNumber(value)} g`,
      'above 0 g and at most 500 g',
    ).in(field);
}
