import { sidesOf } from '../../matter/equation/sides';
import { parseFormula } from '../../matter/formula/parseFormula';
import { dryCombinations } from '../../matter/substances/data/dryCombinations';
import type { DryCombination } from '../../matter/substances/types';
import { attempt } from '../../common/attempt';
import { tabulated } from '../reaction';
import type { Reaction } from '../reaction';

/** A reaction of dry substances, and what sets it going. */
export interface Combination {
  readonly reaction: Reaction;
  readonly by: DryCombination['by'];
}

/** Elements under the formulae of their molecules, for which the table counts atoms. */
const asCounted: Readonly<Record<string, string>> = { P4: 'P', S8: 'S' };

const counted = (formula: string): string => asCounted[formula] ?? formula;

/** A formula in our own spelling; one that cannot be read stays as it is. */
function plainFormula(text: string): string {
  const read = attempt(() => parseFormula(text));
  return 'problem' in read ? text : read.formula;
}

/**
 * What stands in the table of dry combinations for exactly these reagents; several rows where more than one product is known.
 *
 * @param formulae formulae as written or as found; one that cannot be read matches nothing.
 */
export function combineDry(formulae: readonly string[]): Combination[] {
  const wanted = formulae.map((one) => counted(plainFormula(one)));
  return dryCombinations.flatMap(({ equation, by, catalyst, caution }) => {
    const used = Object.keys(sidesOf(equation).used);
    if (used.length !== wanted.length || !used.every((one) => wanted.includes(one))) return [];
    const [about = ''] = Object.keys(sidesOf(equation).made);
    const why = [
      ...(catalyst ? [{ text: `over ${catalyst}` }] : []),
      ...(caution ? [{ text: caution }] : []),
    ];
    const reaction = tabulated(equation, { about, extentMmol: 1, why });
    return [{ reaction, by }];
  });
}
