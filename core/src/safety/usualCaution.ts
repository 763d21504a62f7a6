import { hazardsOf } from './hazards';
import type { Bottle } from './hazards';
import { gradeOf } from './hazardRank';
import type { HazardCode } from './statements';

/** What harms metal or waters, which is for the label and the waste plan. */
const harmsNobodyHere = (code: HazardCode): boolean => code === 'H290' || code.startsWith('H4');

/** From this grade on a statement is always told; below it there is room for a few. */
const alwaysFrom = 3;
const fewest = 2;

/**
 * The caution beside a step whose author wrote none: eye protection, what everything does at the strength it is used at, the
 * worst first, and who decides.
 *
 * @param bottles what comes into hands.
 * @param named without names for those who must not learn what something is.
 * @throws ChemistryError `unknownSubstance`.
 */
export function usualCaution(bottles: readonly Bottle[], { named = true } = {}): string {
  const harmful = bottles.flatMap((bottle) => {
    const { formula, statements } = hazardsOf(bottle);
    const words = statements
      .filter(({ code }) => !harmsNobodyHere(code))
      .filter(({ code }, at) => at < fewest || gradeOf(code) >= alwaysFrom)
      .map(({ text }) => inSentence(text));
    return words.length === 0 ? [] : [{ formula, words }];
  });
  const lines = harmful.map(({ formula, words }) => `${formula}: ${words.join(', ')}.`);
  const harms = named ? [...new Set(lines)] : [...new Set(harmful.flatMap(({ words }) => words))];
  return [
    'Eye protection.',
    ...(named || harms.length === 0 ? harms : [`What is used here: ${harms.join(', ')}.`]),
    'Local rules and the supplier’s data sheet decide.',
  ].join(' ');
}

/** A statement of one or two sentences in the middle of another. */
const inSentence = (text: string): string => text.toLowerCase().replaceAll('. ', ', ');
