import { molarMassOf } from '../../formula/molarMass';
import { sparinglySoluble } from '../../substances/data/sparinglySoluble';
import { sourceText } from '../../substances/source';
import type { SparinglySoluble } from '../../substances/types';
import { claim, openChanges, writeThrough } from '../change';
import type { Process } from '../reaction';
import type { Rule } from './rule';
import { visibleMgPerL } from './rule';

const rows = new Map<string, SparinglySoluble>(sparinglySoluble.map((row) => [row.formula, row]));

/** Hardly soluble solids that went into solution because acid, base or a ligand took their ions away. */
export const dissolution: Rule = {
  name: 'dissolution',
  find: ({ change, volumeMl }) =>
    openChanges(change).flatMap(({ term, amount }): Process[] => {
      const row = term.state === 's' ? rows.get(term.formula) : undefined;
      const visible =
        (-1000 * amount * (row ? molarMassOf(term.formula) : 0)) / volumeMl >= visibleMgPerL.haze;
      if (!row || row.elementary || !visible) return [];
      const equation = writeThrough(change, [], [[term, 1]]);
      if (!equation || equation.right.length === 0) return [];
      claim(change, equation, -amount);
      return [
        {
          about: term.formula,
          force: equation.left.length > 1 ? 'acid–base' : 'precipitation',
          equation,
          extentMmol: -amount,
          why: [
            `${term.formula}: Ksp = 10^−${row.pKsp} (${sourceText(row.source)}); the ion product stays below it`,
          ],
        },
      ];
    }),
};
