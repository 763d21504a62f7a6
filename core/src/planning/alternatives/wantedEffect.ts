import * as z from 'zod';
import { parseFormula } from '../../matter/formula/parseFormula';
import { pureSolids } from '../../matter/substances/data/pureSolids';
import { sparinglySoluble } from '../../matter/substances/data/sparinglySoluble';
import type { ColourWord, Substance } from '../../matter/substances/types';
import { colourWords, hueOf } from '../../seeing/appearance/colourWords';
import { shownBy } from '../../seeing/observation/observation';
import type { Observation } from '../../seeing/observation/observation';

/** What one wants to see when two reagents meet. */
export const wantedSchema = z.object({
  /** `same` is what the test that it takes the place of shows. */
  effect: z.enum(['precipitate', 'gas', 'colour', 'dissolving', 'same']),
  /** Hue of the solid, of the gas or of the liquid that comes; any when left out. */
  colour: z.enum(colourWords as [ColourWord, ...ColourWord[]]).optional(),
  /** The solid or gas itself; any when left out. */
  formula: z.string().max(100).optional(),
  /** A reagent that is to stay; any two when left out. */
  keep: z.string().max(100).optional(),
  /** The two solutions it is to take the place of: only what is safer than they are in every respect counts. */
  insteadOf: z
    .array(
      z.object({ substance: z.string().max(100), concentrationM: z.number().positive().max(30) }),
    )
    .length(2)
    .optional(),
});
export type Wanted = z.infer<typeof wantedSchema>;

/** What is looked for, said outright. */
export type WantedEffect = Wanted & { readonly effect: Exclude<Wanted['effect'], 'same'> };

/** Whether two reagents bring the elements of something that is wanted; water brings hydrogen and oxygen. */
export function elementsWanted({ effect, colour, formula }: WantedEffect) {
  const solids = [...sparinglySoluble, ...pureSolids];
  const isHue = (phrase: string): boolean => colour === undefined || hueOf(phrase) === colour;
  const targets =
    formula !== undefined
      ? [formula]
      : effect === 'precipitate'
        ? solids.filter((row) => isHue(row.colour)).map((row) => row.formula)
        : undefined;
  const needed = targets?.map((target) => Object.keys(parseFormula(target).elements));
  return (one: Substance, other: Substance): boolean => {
    if (!needed) return true;
    const there = new Set(['H', 'O', ...elementsOf(one), ...elementsOf(other)]);
    return needed.some((elements) => elements.every((element) => there.has(element)));
  };
}

export const elementsOf = ({ formula }: Substance): string[] =>
  Object.keys(parseFormula(formula).elements);

export function isWanted(seen: Observation, { effect, colour, formula }: WantedEffect): boolean {
  const hue = (phrase: string | undefined): boolean =>
    colour === undefined || hueOf(phrase) === colour;
  const named = (what: string | undefined): boolean =>
    formula === undefined || what?.split('·')[0] === formula.split('·')[0];
  const shown = shownBy(seen);
  if (shown?.effect !== effect) return false;
  // A liquid’s colour is of no one substance, and a solid that goes leaves none to choose by.
  return (
    (effect === 'colour' || named(shown.formula)) && (effect === 'dissolving' || hue(shown.colour))
  );
}
