import type { Species } from '../formula/species';
import { dissolvedGases } from '../substances/data/dissolvedGases';
import { namedSubstances, strongElectrolytes } from '../substances/data/namedSubstances';
import { shelf } from '../substances/data/shelf';
import { sparinglySoluble } from '../substances/data/sparinglySoluble';
import { chargeOf, ionsOf } from '../substances/ionsOf';

const solids = new Set<string>(sparinglySoluble.map(({ formula }) => formula));
const strong = new Set<string>([
  ...shelf
    .filter(({ formula, ions }) => !solids.has(formula) && isSalt(ions))
    .map(({ formula }) => formula),
  ...strongElectrolytes.formulae,
]);
const molecules = new Set(namedSubstances.map(({ formula }) => formula));
/** Gases of the table, and two fuels that only equations know. */
const gases = new Set<string>([...dissolvedGases.map(({ formula }) => formula), 'CH4', 'C3H8']);

function isSalt(content: Readonly<Record<string, number>>): boolean {
  return Object.keys(content).every((part) => chargeOf(part) !== 0);
}

/** How a species stands in an ionic equation. */
export type Standing =
  | { readonly kind: 'ions'; readonly ions: Readonly<Record<string, number>> }
  | { readonly kind: 'whole'; readonly phase: 'solid' | 'gas' | 'molecule' | 'ion' | 'element' }
  | { readonly kind: 'unknown' };

/**
 * Whether a species is written as ions or whole in water: a stated phase decides first, then the tables of
 * strong electrolytes and of sparingly soluble solids. A compound in neither table is `unknown`, never guessed.
 */
export function standingOf(species: Species): Standing {
  const { formula, charge, state, elements } = species;
  if (charge !== 0) return { kind: 'whole', phase: 'ion' };
  if (state === 's') return { kind: 'whole', phase: 'solid' };
  if (state === 'g') return { kind: 'whole', phase: 'gas' };
  if (state === 'l') return { kind: 'whole', phase: 'molecule' };
  if (Object.keys(elements).length === 1)
    return { kind: 'whole', phase: gases.has(formula) ? 'gas' : 'element' };
  if (strong.has(formula) || (state === 'aq' && !molecules.has(formula) && ionsOf(formula))) {
    const content = ionsOf(formula);
    if (content) return { kind: 'ions', ions: content };
  }
  if (solids.has(formula)) return { kind: 'whole', phase: 'solid' };
  if (gases.has(formula) && state !== 'aq') return { kind: 'whole', phase: 'gas' };
  if (molecules.has(formula) || gases.has(formula)) return { kind: 'whole', phase: 'molecule' };
  return { kind: 'unknown' };
}
