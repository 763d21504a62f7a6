import { withPlaces } from '../../common/formatNumber';
import type { Saturation } from '../../solution/equilibrium/equilibrate';
import { molarMassOf } from '../../matter/formula/molarMass';
import { sparinglySoluble } from '../../matter/substances/data/sparinglySoluble';
import { sourceText } from '../../matter/substances/source';
import type { SparinglySoluble } from '../../matter/substances/types';
import { claim, openChanges } from '../change';
import { equationAround } from '../equationAround';
import type { Process, Reason } from '../reaction';
import type { Rule } from './rule';
import { visibleMgPerL } from './rule';

const rows = new Map<string, SparinglySoluble>(sparinglySoluble.map((row) => [row.formula, row]));

/** Solids that settled because their ion product passed Ksp. */
export const precipitation: Rule = {
  name: 'precipitation',
  find: ({ change, volumeMl, unsettled }) =>
    openChanges(change)
      .filter(({ term, amount }) => {
        const row = term.state === 's' ? rows.get(term.formula) : undefined;
        if (!row || row.elementary) return false;
        return (1000 * amount * molarMassOf(term.formula)) / volumeMl >= visibleMgPerL.haze;
      })
      .sort((a, b) => b.amount - a.amount)
      .flatMap(({ term, amount }): Process[] => {
        const equation = equationAround(change, { made: [[term, 1]], extentMmol: amount });
        if (!equation) return [];
        claim(change, equation, amount);
        const why = unsettled.saturation.find(({ solid }) => solid.formula === term.formula);
        return [
          {
            about: term.formula,
            force: 'precipitation',
            equation,
            extentMmol: amount,
            why: why ? [saturationReason(why)] : [],
          },
        ];
      }),
};

function saturationReason({ solid, logIonProduct, logRatio }: Saturation): Reason {
  const standing = logRatio > 0 ? 'above' : 'below';
  return {
    text: `${solid.formula}: ion product 10^${signed(logIonProduct)}, ${standing} Ksp = 10^${signed(-solid.pKsp)}`,
    source: sourceText(solid.source),
  };
}

const signed = (log: number): string => withPlaces(log, 1);
