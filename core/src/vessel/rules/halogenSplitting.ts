import { formedSpecies } from '../../matter/substances/componentsOf';
import { sourceText } from '../../matter/substances/source';
import { claim, unclaimed } from '../change';
import type { Process } from '../reaction';
import { equationAround } from '../equationAround';
import type { Rule } from './rule';
import { noticeableM } from './rule';
import { withPlaces } from '../../common/formatNumber';

/** The halogens with the hypohalite and hypohalous acid they split into. */
const halogens = ['Cl', 'Br', 'I'].flatMap((symbol) =>
  formedSpecies
    .filter(({ formula }) => formula === `${symbol}2`)
    .map((row) => ({ row, products: [`${symbol}O^-`, `H${symbol}O`] })),
);

/** Whether a dissolved species is a halogen molecule. */
export function isHalogen(formula: string): boolean {
  return halogens.some(({ row }) => row.formula === formula);
}

/**
 * Halogens that fall apart in water or base into hypohalous acid or hypohalite and halide, and form again in acid. It is
 * fast and keeps an equilibrium, so that mass action finds how far it goes; electrons move in it all the same.
 */
export const halogenSplitting: Rule = {
  name: 'halogen splitting',
  find: ({ change, volumeMl }) =>
    halogens.flatMap(({ row, products }) =>
      products.flatMap((formula): Process[] => {
        const halogen = { formula: row.formula, state: 'aq' } as const;
        const product = { formula, state: 'aq' } as const;
        const [used, made] =
          unclaimed(change, product) > 0 ? [halogen, product] : [product, halogen];
        // A hypohalite that only took up a proton made no halogen.
        const extentMmol = Math.min(-unclaimed(change, used), unclaimed(change, made));
        if (extentMmol < noticeableM * volumeMl) return [];
        const equation = equationAround(change, {
          used: [[used, 1]],
          made: [[made, 1]],
          extentMmol,
        });
        if (!equation) return [];
        claim(change, equation, extentMmol);
        return [
          {
            about: formula,
            force: 'redox',
            equation,
            extentMmol,
            why: [
              {
                text: `${row.formula} from hypohalite, halide and acid: log K = ${withPlaces(row.logBeta, 2)}`,
                source: sourceText(row.source),
              },
            ],
          },
        ];
      }),
    ),
};
