import { dissolvedGases } from '../../matter/substances/data/dissolvedGases';
import { sourceText } from '../../matter/substances/source';
import { claim, openChanges } from '../change';
import { equationAround } from '../equationAround';
import type { Process, Reason } from '../reaction';
import type { Rule } from './rule';
import { noticeableGasMmol } from './rule';
import { formatNumber } from '../../common/formatNumber';

/** Gas that left because the solution could hold no more of it. */
export const gasEvolution: Rule = {
  name: 'gas evolution',
  find: ({ change }) =>
    openChanges(change)
      .filter(({ term, amount }) => term.state === 'g' && amount > noticeableGasMmol)
      .sort((a, b) => b.amount - a.amount)
      .flatMap(({ term, amount }): Process[] => {
        const equation = equationAround(change, { made: [[term, 1]], extentMmol: amount });
        // A gas that was dissolved and only left is no reaction.
        if (!equation || equation.left.every(([{ formula }]) => formula === term.formula))
          return [];
        claim(change, equation, amount);
        return [
          {
            about: term.formula,
            force: 'gas',
            equation,
            extentMmol: amount,
            why: reasons(term.formula),
          },
        ];
      }),
};

function reasons(formula: string): Reason[] {
  const row = dissolvedGases.find((one) => one.formula === formula);
  return row
    ? [
        {
          text: `water holds ${formatNumber(row.henryMPerAtm)} mol/L of ${formula} at 1 atm and 25 °C; more than that leaves`,
          source: sourceText(row.source),
        },
      ]
    : [];
}
