import type { ColourPhrase } from '../../../matter/substances/types';
import { vigours } from '../../observation/observation';
import { all, find } from './item';
import type { ComparedItem, Question } from './item';
import { colourItem, compareShades } from './shades';
import { colourPhrases } from '../../appearance/colourWords';

/** Whether gas comes off, which, how fast and of what colour. */
export const bubbles: Question = (expected, seen) => {
  const [wanted, got] = [find(expected, 'gas'), find(seen, 'gas')];
  if (!wanted && !got) return [];
  const answer = got ? 'bubbles' : seen.length > 0 ? 'no bubbles' : undefined;
  const should = wanted ? 'bubbles' : 'no bubbles';
  const other = wanted?.formula && got?.formula && wanted.formula !== got.formula;
  const items: ComparedItem[] = [
    {
      item: 'gas',
      expected: other ? (wanted.formula ?? should) : should,
      ...(answer && { seen: other ? (got.formula ?? answer) : answer }),
      outcome: !answer ? 'missing' : answer === should && !other ? 'agrees' : 'differs',
      decides: true,
    },
  ];
  if (wanted?.vigour && got?.vigour) {
    const apart = Math.abs(vigours.indexOf(wanted.vigour) - vigours.indexOf(got.vigour));
    items.push({
      item: 'how fast',
      expected: wanted.vigour,
      seen: got.vigour,
      // How fast it bubbles depends on grain and stirring, which nobody records.
      outcome: apart === 0 ? 'agrees' : 'near',
      decides: false,
      optional: true,
    });
  }
  if (wanted?.colour && got?.colour)
    items.push(colourItem('gas colour', wanted.colour, got.colour, false));
  return items;
};

/** Every test of the gas, a flame or a paper. */
export const gasTests: Question = (expected, seen) =>
  all(expected, 'gasTest').map((wanted) => {
    const got = all(seen, 'gasTest').findLast(({ test }) => test === wanted.test);
    return {
      item: wanted.test,
      expected: wanted.result,
      ...(got && { seen: got.result }),
      outcome: got ? sameResult(wanted.result, got.result) : 'missing',
      decides: true,
    };
  });

/** Words by which results of a test are told apart; colours are compared as colours. */
const tellingWords = [
  'pop',
  'relight',
  'goes out',
  'burns',
  'brightly',
  'milky',
  'clears',
  'bleached',
  'turns',
  'stays',
  'keeps',
  'decolourised',
  'glow',
  'red',
  'blue',
  'green',
  'black',
  'white',
  'brown',
] as const;
const colours: ReadonlySet<string> = new Set(colourPhrases);

/** Two results in words: the same when they say the same of every telling word, near when they share what happens. */
export function sameResult(expected: string, seen: string): ComparedItem['outcome'] {
  if (expected === seen) return 'agrees';
  const [turned, got] = [turnsTo(expected), turnsTo(seen)];
  if (turned && got) return compareShades(turned, got);
  const marks = (text: string) => tellingWords.filter((word) => text.includes(word));
  const [one, other] = [marks(expected), marks(seen)];
  if (one.length === 0 || other.length === 0) return 'differs';
  if (one.every((word) => other.includes(word)) || other.every((word) => one.includes(word)))
    return 'agrees';
  return 'differs';
}

function turnsTo(result: string): ColourPhrase | undefined {
  const [, colour] = /^(?:turns|stays) ([a-z- ]+)$/.exec(result) ?? [];
  return colour && colours.has(colour) && !/^(red|blue)$/.test(colour)
    ? (colour as ColourPhrase)
    : undefined;
}

/** A smell, which nobody has to notice. */
export const smell: Question = (expected, seen) => {
  const [wanted, got] = [find(expected, 'smell'), find(seen, 'smell')];
  if (!got || (!wanted && got.smell === 'none')) return [];
  const should = wanted?.smell ?? 'none';
  const share = wordsOf(should).some((word) => wordsOf(got.smell).includes(word));
  return [
    {
      item: 'smell',
      expected: should,
      seen: got.smell,
      // Noses differ, and get used to a gas; another smell than expected is worth a look, no more.
      outcome: share
        ? 'agrees'
        : (wanted === undefined) === (got.smell === 'none')
          ? 'agrees'
          : wanted && got.smell !== 'none'
            ? 'near'
            : 'differs',
      decides: false,
      optional: true,
    },
  ];
};

const wordsOf = (text: string): string[] =>
  text
    .toLowerCase()
    .split(/[^a-z]+/)
    .filter((word) => word.length > 3);
