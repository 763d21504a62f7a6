import { formedSpecies } from '../../substances/componentsOf';
import { sourceText } from '../../substances/source';
import { claim, unclaimed } from '../change';
import { writeThrough } from '../writeThrough';
import type { Process } from '../reaction';
import { isSplit } from './complexation';
import type { Rule } from './rule';
import { noticeableM } from './rule';

const rows = formedSpecies.filter(({ from }) => isSplit(from));

/**
 * Halogens that fall apart in water or base into hypohalous acid or hypohalite and halide. It is fast and keeps an
 * equilibrium, so that mass action finds how far it goes; electrons move in it all the same.
 */
export const halogenSplitting: Rule = {
  name: 'halogen splitting',
  find: ({ change, volumeMl }) =>
    rows.flatMap((row): Process[] => {
      const term = { formula: row.formula, state: 'aq' } as const;
      const amount = unclaimed(change, term);
      if (Math.abs(amount) < noticeableM * volumeMl) return [];
      const terms = [[term, 1]] as const;
      const equation = writeThrough(change, {
        ...(amount > 0 ? { made: terms } : { used: terms }),
        extentMmol: Math.abs(amount),
      });
      if (!equation) return [];
      claim(change, equation, Math.abs(amount));
      return [
        {
          about: row.formula,
          force: 'redox',
          equation,
          extentMmol: Math.abs(amount),
          why: [
            {
              text: `${row.formula}: log K = ${row.logBeta.toFixed(2)}`,
              source: sourceText(row.source),
            },
          ],
        },
      ];
    }),
};
