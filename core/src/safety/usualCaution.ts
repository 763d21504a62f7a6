import { hazardsOf } from './hazards';

/** What harms metal or waters, which is for the label and the waste plan. */
const harmsNobodyHere = (code: string): boolean => code === 'H290' || code.startsWith('H4');

/** Statements told of one substance; the sheet has them all. */
const mostTold = 2;

/**
 * The caution beside a step whose author wrote none: eye protection, what each substance does, and who decides.
 *
 * @param substances names or formulas that come into hands.
 * @param named without names for those who must not learn what something is.
 * @throws ChemistryError `unknownSubstance`.
 */
export function usualCaution(substances: readonly string[], { named = true } = {}): string {
  const told = [...new Set(substances)].flatMap((substance) => {
    const { formula, statements } = hazardsOf(substance);
    const words = statements
      .filter(({ code }) => !harmsNobodyHere(code))
      .slice(0, mostTold)
      .map(({ text }) => text.toLowerCase());
    return words.length === 0 ? [] : [{ formula, words }];
  });
  const harms = named
    ? told.map(({ formula, words }) => `${formula}: ${words.join(', ')}.`)
    : [...new Set(told.flatMap(({ words }) => words))];
  return [
    'Eye protection.',
    ...(named || harms.length === 0 ? harms : [`What is used here: ${harms.join(', ')}.`]),
    'Local rules and the supplier’s data sheet decide.',
  ].join(' ');
}
