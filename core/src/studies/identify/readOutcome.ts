import { ChemistryError } from '../../common/errors';
import { meaningOf } from '../../seeing/observation/observation';
import type { Observation } from '../../seeing/observation/observation';
import { unsure } from './inference';
import { boilingPoint, meltingPoint, pointOutcome } from './organic/physicalPoint';

/** What somebody told of a test: a word, a reading in °C, or an observation. */
export type ToldOutcome = string | number | Observation;

const synonyms: Readonly<Record<string, string>> = {
  yes: 'positive',
  '+': 'positive',
  no: 'negative',
  '-': 'negative',
  none: 'no change',
  nothing: 'no change',
  'no reaction': 'no change',
  'no precipitate': 'no change',
};
/** What else a bench calls it, by test; the words of the trade for flames are those of the flame table. */
const ofTest: Readonly<Record<string, Readonly<Record<string, string>>>> = {
  litmus: { red: 'positive', 'turns red': 'positive', blue: 'negative', 'stays blue': 'negative' },
  redLitmus: {
    blue: 'positive',
    'turns blue': 'positive',
    red: 'negative',
    'stays red': 'negative',
  },
  flame: {
    lilac: 'violet',
    crimson: 'red',
    'brick red': 'orange',
    'apple green': 'yellow-green',
    'golden yellow': 'yellow',
    none: 'no colour',
  },
  NaOHExcess: {
    soluble: 'dissolves',
    redissolves: 'dissolves',
    insoluble: 'stays',
    none: 'no precipitate',
  },
  NH3Excess: {
    soluble: 'dissolves',
    redissolves: 'dissolves',
    insoluble: 'stays',
    none: 'no precipitate',
  },
  pH: { acid: 'acidic', neutral: 'nearly neutral', basic: 'alkaline' },
};
const scales = [meltingPoint, boilingPoint];

/** Words that say how strongly, not what; and what bubbling is also called. */
const unsaid = new Set(['pale', 'light', 'bright', 'faint', 'a', 'the', 'forms', 'with']);
const bubbling = new Set(['effervescence', 'effervesces', 'fizzes', 'fizz', 'fizzing', 'gas']);

const words = (text: string): string[] =>
  (text.toLowerCase().match(/[a-z-]+/g) ?? [])
    .filter((word) => !unsaid.has(word))
    .map((word) => (bubbling.has(word) ? 'bubbles' : word));

/**
 * The outcome of a test that was meant: one of those it can show, whatever the case; a point by its number; otherwise the
 * shortest outcome that has all words that were told.
 *
 * @param outcomes what the test can show among the candidates.
 * @param open whether outcomes that no candidate shows may be told too.
 * @throws ChemistryError `unknownOutcome` listing what the test can show.
 */
export function readOutcome(
  test: string,
  told: ToldOutcome,
  outcomes: readonly string[],
  open: boolean,
): string {
  const text = typeof told === 'object' ? observationWords(told) : String(told).trim();
  const scale = scales.find(({ name }) => name === test);
  if (scale) {
    // That there is none names the range, and the range has numbers.
    if (told === unsure || told === scale.none) return told;
    const celsius = typeof told === 'number' ? told : Number(/-?\d+(\.\d+)?/.exec(text)?.[0]);
    if (Number.isFinite(celsius)) return pointOutcome(scale, celsius);
    throw ChemistryError.of('unknownOutcome', text, scale.label, 'a temperature in °C');
  }
  const plain = text.toLowerCase();
  if (plain === unsure) return unsure;
  const named = (name: string | undefined): string | undefined =>
    outcomes.find((one) => one.toLowerCase() === name);
  const meant = named(plain) ?? named(ofTest[test]?.[plain]) ?? named(synonyms[plain]);
  if (meant !== undefined) return meant;
  const wanted = words(ofTest[test]?.[plain] ?? text);
  const holding = outcomes
    .filter((one) => {
      const own = words(one);
      return wanted.length > 0 && wanted.every((word) => own.includes(word));
    })
    .sort((one, other) => words(one).length - words(other).length);
  const [shortest, next] = holding;
  if (shortest !== undefined && (next === undefined || words(next).length > words(shortest).length))
    return shortest;
  if (open && typeof told === 'object') return text;
  if (open && shortest === undefined) return plain;
  throw ChemistryError.of('unknownOutcome', text, test, outcomes.join(', '));
}

/** An observation in the words of a test: what matters of it, without texture and amount. */
function observationWords(observation: Observation): string {
  const meaning = meaningOf(observation);
  return meaning.saysPlainly?.(observation) ?? meaning.says(observation);
}
