import { molarMassOf } from '../../matter/formula/molarMass';
import { sparinglySoluble } from '../../matter/substances/data/sparinglySoluble';
import { sourceText } from '../../matter/substances/source';
import type { SparinglySoluble } from '../../matter/substances/types';
import type { DrivingForce } from '../../matter/equation/reactionType';
import { claim, keyOf, openChanges } from '../change';
import { equationAround } from '../equationAround';
import type { RawEquation } from '../change';
import { isComplex } from './complexation';
import type { Process } from '../reaction';
import type { Rule } from './rule';
import { visibleMgPerL } from './rule';
import { formatNumber } from '../../common/formatNumber';

const rows = new Map<string, SparinglySoluble>(sparinglySoluble.map((row) => [row.formula, row]));

/** Hardly soluble solids that went into solution because acid, base or a ligand took their ions away. */
export const dissolution: Rule = {
  name: 'dissolution',
  find: ({ change, volumeMl }) =>
    openChanges(change).flatMap(({ term, amount }): Process[] => {
      const row = term.state === 's' ? rows.get(term.formula) : undefined;
      const visible =
        (-1000 * amount * (row ? molarMassOf(term.formula) : 0)) / volumeMl >=
        visibleMgPerL.precipitate;
      // What another reaction has claimed too much of has not dissolved: there was none of it before.
      const isGone = (change.atFirst.get(keyOf(term)) ?? 0) < 0;
      if (!row || row.elementary || !visible || !isGone) return [];
      const equation = equationAround(change, { used: [[term, 1]], extentMmol: -amount });
      if (!equation || equation.right.length === 0) return [];
      claim(change, equation, -amount);
      return [
        {
          about: term.formula,
          force: forceOf(equation),
          equation,
          extentMmol: -amount,
          why: [
            {
              text: `${term.formula}: Ksp = 10^−${formatNumber(row.pKsp)}; the ion product stays below it`,
              source: sourceText(row.source),
            },
          ],
        },
      ];
    }),
};

/** What took the ions away: a ligand, an acid or base, or only more water. */
function forceOf({ left, right }: RawEquation): DrivingForce {
  const others = left.filter(([{ state }]) => state !== 's');
  if (others.length === 0) return 'precipitation';
  return right.some(([term]) => isComplex(term.formula)) ? 'complexation' : 'acid–base';
}
