import { ChemistryError } from '../../common/errors';
import { normaliseText } from '../formula/normaliseText';
import { parseFormula } from '../formula/parseFormula';
import type { Species } from '../formula/species';
import { compositionKey, formulaOf, tabledFormulae } from './tabled';

/** Characters that are typed for each other, each brought to one of them. */
const glyphs = [
  [/0/g, 'O'],
  [/[1l]/g, 'I'],
  [/5/g, 'S'],
] as const;

/** A formula without what people leave out, with look-alike characters alike. */
const shape = (text: string): string =>
  glyphs.reduce(
    (shaped, [from, to]) => shaped.replace(from, to),
    normaliseText(text)
      .replace(/[\s^()[\]{}]/g, '')
      .replace(/\./g, '·'),
  );

const byShape = new Map<string, string[]>();
/** As {@link byShape}, for text in which capitals and small letters are not told apart. */
const byLetters = new Map<string, string[]>();
for (const formula of tabledFormulae()) {
  for (const [table, key] of [
    [byShape, shape(formula)],
    [byLetters, shape(formula).toLowerCase()],
  ] as const)
    table.set(key, [...(table.get(key) ?? []), formula]);
}

/** A digit that changes nothing, or a number before a formula: either may stand for a letter. */
const idleDigit = /(?<!\d)1(?!\d)|^[05]\S/;

/**
 * Reads a formula that somebody typed. One that the tables do not know is refused where its characters are those of one they
 * know: `NaN03` is neither read as an azide nor as a nitrate.
 *
 * @throws ChemistryError `lookAlike` naming the likely formula, or what `parseFormula` throws.
 */
export function readFormula(text: string): Species {
  let species: Species;
  try {
    species = parseFormula(text);
  } catch (error) {
    const meant = lookAlikes(text);
    if (meant.length === 0) throw error;
    throw ChemistryError.of('lookAlike', text, meant.join(' or '));
  }
  if (formulaOf(species) !== undefined && !idleDigit.test(normaliseText(text))) return species;
  const meant = lookAlikes(text).filter((formula) => formula !== species.formula);
  if (meant.length > 0) throw ChemistryError.of('lookAlike', text, meant.join(' or '));
  return species;
}

/** Formulae of the tables that have the same characters as a text, digits and letters that look alike being the same. */
function lookAlikes(text: string): readonly string[] {
  return byShape.get(shape(text)) ?? [];
}

/** As many as anybody reads. */
const mostNear = 3;

/**
 * Formulae of the tables that a text may have been meant for, the likeliest first: the same characters, the same letters in
 * another case, the same without its charge, then the same elements in other numbers.
 */
export function nearFormulae(text: string): readonly string[] {
  const species = readable(text);
  return [
    ...new Set([
      ...lookAlikes(text),
      ...(byLetters.get(shape(text).toLowerCase()) ?? []),
      ...(species ? [...otherCharges(species), ...otherCounts(species)] : []),
    ]),
  ]
    .filter((formula) => formula !== species?.formula)
    .slice(0, mostNear);
}

/**
 * What should be asked about a formula that can be read and that the tables do not know: a charge that is missing or numbers
 * that are not those of a substance with these elements. Empty where the formula is known, or like none that is.
 */
export function questionsOn(species: Species): readonly string[] {
  if (formulaOf(species) !== undefined) return [];
  const charged = otherCharges(species);
  if (charged.length > 0)
    return [
      `${species.formula} carries no charge as it is written. Did you mean ${charged.join(' or ')}?`,
    ];
  const near = otherCounts(species).slice(0, mostNear);
  return near.length > 0
    ? [`${species.formula} is not in the tables. Did you mean ${near.join(' or ')}?`]
    : [];
}

/** Ions that a formula without a charge would be with one, such as SO4^2- for SO4. */
export function otherCharges({ elements, charge, formula }: Species): string[] {
  if (charge !== 0) return [];
  const key = compositionKey({ elements });
  return tabledFormulae().filter((one) => {
    const other = parseFormula(one);
    return (
      one !== formula && other.charge !== 0 && compositionKey({ elements: other.elements }) === key
    );
  });
}

/** Atoms that may be missing or too many; hydrogen, which comes in numbers, counts for a quarter. */
const mostAtomsOff = 4;

function otherCounts({ elements, charge }: Species): string[] {
  const symbols = Object.keys(elements);
  return tabledFormulae()
    .flatMap((formula) => {
      const other = parseFormula(formula);
      if (other.charge !== charge || symbols.length < 2) return [];
      const all = new Set([...symbols, ...Object.keys(other.elements)]);
      let off = 0;
      for (const symbol of all)
        off +=
          (symbol === 'H' ? 0.25 : 1) *
          Math.abs((elements[symbol] ?? 0) - (other.elements[symbol] ?? 0));
      // An element that one of them lacks makes another substance of it, but for hydrogen, which is easily dropped.
      const isKin = [...all].every(
        (symbol) => symbol === 'H' || (symbol in elements && symbol in other.elements),
      );
      return isKin && off > 0 && off <= mostAtomsOff ? [{ formula, off }] : [];
    })
    .sort((one, other) => one.off - other.off)
    .map(({ formula }) => formula);
}

function readable(text: string): Species | undefined {
  try {
    return parseFormula(text);
  } catch {
    // No formula at all: there is nothing to count.
    return undefined;
  }
}
