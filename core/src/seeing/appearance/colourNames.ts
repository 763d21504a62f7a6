import { ChemistryError } from '../../common/errors';
import { commonPractice } from '../../matter/substances/source';
import type { ColourDepth, ColourPhrase, ColourWord } from '../../matter/substances/types';
import { colourPhrase, colourPhrases, colourWords } from './colourWords';

export const colourNamesSource = commonPractice(
  'what people call colours, and which of our words lies nearest',
);

/** What is said for a word of the vocabulary, or for one with its depth. */
const names: Readonly<Record<string, ColourPhrase>> = {
  // Without a hue
  clear: 'colourless',
  'off-white': 'cream',
  offwhite: 'cream',
  ivory: 'cream',
  buff: 'cream',
  'yellowish white': 'cream',
  silver: 'grey',
  silvery: 'grey',
  'blue-grey': 'grey',
  'grey-blue': 'grey',
  'grey-black': 'black',
  'brown-black': 'black',
  'black-brown': 'black',
  // Violet to pink
  fuchsia: 'magenta',
  rose: 'pink',
  'rose-pink': 'pink',
  salmon: 'pale pink',
  flesh: 'pale pink',
  lilac: 'pale violet',
  lavender: 'pale violet',
  mauve: 'pale violet',
  indigo: 'deep violet',
  'pink-violet': 'purple',
  'violet-pink': 'purple',
  'purple-pink': 'magenta',
  'pink-purple': 'magenta',
  'red-violet': 'purple',
  'red-purple': 'purple',
  'blue-violet': 'violet',
  'violet-blue': 'violet',
  'lilac-blue': 'violet',
  'blue-purple': 'violet',
  'purple-blue': 'violet',
  // Red
  scarlet: 'bright red',
  crimson: 'deep red',
  maroon: 'deep red',
  'blood-red': 'deep red',
  blood: 'deep red',
  cherry: 'red',
  'brick-red': 'red-brown',
  brick: 'red-brown',
  'pink-red': 'red',
  'red-pink': 'red',
  'orange-red': 'red',
  'red-orange': 'red',
  'brown-red': 'red-brown',
  // Orange and brown
  amber: 'orange',
  'yellow-orange': 'orange',
  'orange-yellow': 'orange',
  'brown-orange': 'orange',
  'orange-brown': 'red-brown',
  rust: 'red-brown',
  copper: 'red-brown',
  'yellow-brown': 'pale brown',
  'brown-yellow': 'pale brown',
  tan: 'pale brown',
  beige: 'cream',
  chocolate: 'deep brown',
  'grey-brown': 'brown',
  'brown-grey': 'brown',
  // Yellow
  gold: 'bright yellow',
  golden: 'bright yellow',
  'golden yellow': 'bright yellow',
  'lemon yellow': 'bright yellow',
  lemon: 'bright yellow',
  straw: 'pale yellow',
  // Green
  lime: 'yellow-green',
  'green-yellow': 'yellow-green',
  olive: 'deep yellow-green',
  'apple green': 'pale green',
  'dirty green': 'green',
  'grey-green': 'green',
  'green-grey': 'green',
  emerald: 'green',
  // Blue
  turquoise: 'blue-green',
  cyan: 'blue-green',
  teal: 'blue-green',
  aqua: 'blue-green',
  'green-blue': 'blue-green',
  navy: 'deep blue',
  'royal blue': 'deep blue',
  'prussian blue': 'deep blue',
  'sky blue': 'pale blue',
  'black-blue': 'blue-black',
};

/** How strong a colour is said to be. */
const depths: Readonly<Record<string, ColourDepth>> = {
  pale: 'pale',
  light: 'pale',
  faint: 'pale',
  weak: 'pale',
  soft: 'pale',
  deep: 'deep',
  dark: 'deep',
  intense: 'deep',
  strong: 'deep',
  bright: 'bright',
  vivid: 'bright',
  brilliant: 'bright',
};

/** Weakening words, which say “pale”, and strengthening ones, which add nothing. */
const faintly = ['slightly', 'faintly', 'very pale', 'very light', 'very faint'];
const emphasis = ['very', 'rather', 'quite', 'a', 'distinctly'];

/**
 * A colour as people say it, as a phrase of the vocabulary: `purple`, `dark red`, `greenish yellow`, `blue-black`, `sky blue`.
 *
 * @throws ChemistryError `unknownColour`, naming what was written and the words there are.
 */
export function readColour(text: string): ColourPhrase {
  const found = resolve(normal(text));
  if (found) return found;
  throw ChemistryError.of('unknownColour', text, colourWords.join(', '));
}

/** The same as {@link readColour}, with nothing where the words name no colour. */
export function colourNamed(text: string): ColourPhrase | undefined {
  return resolve(normal(text));
}

const normal = (text: string): string =>
  text
    .trim()
    .toLowerCase()
    .replace(/gray/g, 'grey')
    .replace(/colorless|uncoloured|no colour/g, 'colourless')
    .replace(/\b(\w+?)d?ish\b/g, (_, stem: string) => hueOfStem[stem] ?? stem)
    .replace(/rusty/g, 'rust')
    .replace(/ (in )?(coloured|colored|colour|color)$/, '')
    .replace(/\s+/g, ' ');
/** `reddish`, `yellowish`, `bluish`: the hue in them. */
const hueOfStem: Readonly<Record<string, string>> = {
  re: 'red',
  red: 'red',
  blu: 'blue',
  whit: 'white',
  purpl: 'purple',
  orang: 'orange',
};

const vocabulary: ReadonlySet<string> = new Set(colourPhrases);
const isPhrase = (text: string): text is ColourPhrase => vocabulary.has(text);

function resolve(text: string): ColourPhrase | undefined {
  if (isPhrase(text)) return text;
  const joined = text.replace(/ /g, '-');
  const named = names[text] ?? names[joined];
  if (named) return named;
  if (isPhrase(joined)) return joined;
  const weak = faintly.find((one) => text.startsWith(`${one} `));
  if (weak) return withDepth(resolve(text.slice(weak.length + 1)), 'pale');
  const [first = '', ...rest] = text.split(' ');
  if (rest.length === 0) return undefined;
  const others = rest.join(' ');
  if (emphasis.includes(first)) return resolve(others);
  const depth = depths[first];
  if (depth) return withDepth(resolve(others), depth);
  // “Kelly green”, “pea green”: whatever stands before it, the last word is the hue.
  return /^[a-z]{3,}$/.test(first) ? resolve(others) : undefined;
}

function withDepth(phrase: ColourPhrase | undefined, depth: ColourDepth): ColourPhrase | undefined {
  if (!phrase) return undefined;
  const word = phrase.split(' ').at(-1) as ColourWord;
  return colourPhrase(word, depth);
}
