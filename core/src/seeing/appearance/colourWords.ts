import {
  clampChroma,
  converter,
  formatHex,
  interpolate,
  modeOklab,
  modeOklch,
  modeRgb,
  parseHex,
  useMode,
} from 'culori/fn';
import type { ColourDepth, ColourPhrase, ColourWord } from '../../matter/substances/types';

/** What each hue word is drawn as. These are our own choices of a typical sample of the colour, sRGB. */
const drawn = {
  colourless: '#eef3f5',
  white: '#fbfbf8',
  cream: '#f3ecd2',
  grey: '#8f9499',
  black: '#26282b',
  brown: '#7a5230',
  'red-brown': '#97452a',
  red: '#c22b26',
  pink: '#e79ab4',
  orange: '#e5842a',
  yellow: '#ecd23f',
  'yellow-green': '#b4cf45',
  green: '#4f9e5c',
  'blue-green': '#3f9f9c',
  blue: '#3f7fc9',
  'blue-black': '#1a2036',
  violet: '#8a5bb0',
  purple: '#84317f',
  magenta: '#c4318f',
} as const satisfies Record<ColourWord, string>;

/** The hue words, in the order they are offered. */
export const colourWords = Object.keys(drawn) as readonly ColourWord[];
/** Words that take no pale, bright or deep. */
export const plainWords: readonly ColourWord[] = [
  'colourless',
  'white',
  'cream',
  'black',
  'blue-black',
];
export const colourDepths = ['pale', 'bright', 'deep'] as const satisfies readonly ColourDepth[];

/** Every phrase an observer may use. */
export const colourPhrases: readonly ColourPhrase[] = colourWords.flatMap((word) =>
  plainWords.includes(word)
    ? [word]
    : [word, ...colourDepths.map((depth): ColourPhrase => `${depth} ${word}`)],
);

/** The phrase for a hue word and a depth; words that take no depth stand alone. */
export function colourPhrase(word: ColourWord, depth?: ColourDepth): ColourPhrase {
  return depth && !plainWords.includes(word) ? `${depth} ${word}` : word;
}

/** The hue word of a phrase, without pale, bright or deep; '' for none. */
export const hueOf = (phrase: string | undefined): string => phrase?.split(' ').at(-1) ?? '';

/** The word and depth of a phrase. */
export function readPhrase(phrase: ColourPhrase): { word: ColourWord; depth?: ColourDepth } {
  const [first, second] = phrase.split(' ');
  return second === undefined
    ? { word: first as ColourWord }
    : { word: second as ColourWord, depth: first as ColourDepth };
}

// Only the colour spaces in use are registered, which keeps start and bundle small.
[modeRgb, modeOklab, modeOklch].forEach((mode) => useMode(mode));
const toOklch = converter('oklch');

/** The drawable sRGB value (#rrggbb) of a colour phrase. */
export function phraseHex(phrase: ColourPhrase): string {
  const { word, depth } = readPhrase(phrase);
  const base = toOklch(parseHex(drawn[word]));
  if (!base || !depth) return drawn[word];
  const shifted = {
    pale: { ...base, l: base.l + (1 - base.l) * 0.6, c: base.c * 0.45 },
    bright: { ...base, l: Math.min(0.93, base.l + 0.03), c: base.c * 1.25 },
    deep: { ...base, l: base.l * 0.56, c: base.c * 0.95 },
  }[depth];
  return formatHex(clampChroma(shifted, 'oklch'));
}

/** A colour by its coordinates: OKLab, and its chroma and hue angle (degrees) in OKLCH. */
export interface ColourLook {
  readonly l: number;
  readonly a: number;
  readonly b: number;
  readonly c: number;
  readonly h: number;
}

const looks = new Map<ColourPhrase, ColourLook>();

/** How a phrase looks: the coordinates of its drawn sample. */
export function phraseLook(phrase: ColourPhrase): ColourLook {
  const known = looks.get(phrase) ?? hexLook(phraseHex(phrase));
  looks.set(phrase, known);
  return known;
}

/** The coordinates of a colour (#rrggbb). */
export function hexLook(hex: string): ColourLook {
  const { l = 0, a = 0, b = 0 } = toOklab(parseHex(hex)) ?? {};
  return { l, a, b, c: Math.hypot(a, b), h: ((Math.atan2(b, a) * 180) / Math.PI + 360) % 360 };
}

/** Hue angle (OKLCH, degrees) up to which each word is used, going round from red. */
const hueLimits: readonly (readonly [number, ColourWord])[] = [
  [12, 'pink'],
  [30, 'red'],
  [76, 'orange'],
  [116, 'yellow'],
  [130, 'yellow-green'],
  [178, 'green'],
  [215, 'blue-green'],
  [282, 'blue'],
  [324, 'violet'],
  [342, 'purple'],
  [360, 'pink'],
];
/** Lightness below which orange is called red-brown or brown, and above which red and purple are called pink. */
const brownBelow = 0.62;
const pinkAbove = 0.72;
/** Dark blues lean to violet, and are called deep blue up to this hue angle. */
const darkBlue = { below: 0.4, upTo: 290 } as const;
/** A pale colour is called blue from this hue angle on, where a stronger one is still blue-green. */
const paleBlueFrom = 202;
/** Chroma below which a light colour is called pale. */
const paleBelow = 0.09;
/** Chroma below which a blue with red in it is called violet. */
const greyedBlue = 0.13;

/**
 * Names the colour of a liquid seen against white. Below a chroma of 0.01 (OKLCH), of yellow-green 0.02, nobody calls it coloured;
 * pale and deep follow chroma and lightness. The limits are common practice of naming, not a standard.
 */
export function nameColour(hex: string): ColourPhrase {
  const colour = toOklch(parseHex(hex));
  if (!colour) return 'colourless';
  const { l, c, h = 0 } = colour;
  if (c < (isFaintHue(h) ? 0.02 : 0.01)) return l > 0.9 ? 'colourless' : l < 0.3 ? 'black' : 'grey';
  if (l < 0.16) return 'black';
  const word = hueWord(h, l, c);
  if (c < paleBelow && l > 0.8) return `pale ${word}`;
  return l < (deepBelow[word] ?? 0.5) ? `deep ${word}` : word;
}

/** Hue angles (OKLCH, degrees) between yellow and green, of which the palest pass for the tint of glass. */
const isFaintHue = (h: number): boolean => h > 100 && h < 170;

/** Lightness below which a colour is called deep; 0.5 where nothing is said. Violet and purple are dark by themselves. */
const deepBelow: Readonly<Partial<Record<ColourWord, number>>> = { violet: 0.36, purple: 0.32 };

function hueWord(hue: number, lightness: number, chroma: number): ColourWord {
  const word = hueLimits.find(([limit]) => hue < limit)?.[1] ?? 'pink';
  if ((word === 'red' || word === 'purple') && lightness > pinkAbove) return 'pink';
  if (word === 'orange' && lightness < brownBelow)
    return hue < 32 || (hue < 36 && chroma > 0.14) ? 'red' : hue < 46 ? 'red-brown' : 'brown';
  if (word === 'blue-green' && hue > paleBlueFrom && chroma < paleBelow) return 'blue';
  if (word === 'violet' && lightness < darkBlue.below && hue < darkBlue.upTo) return 'blue';
  if (word === 'blue' && hue > 264 && chroma < greyedBlue) return 'violet';
  return word;
}

/** The phrase whose drawn value lies nearest to a colour, for solids, which are seen by reflected light. */
export function nearestPhrase(hex: string): ColourPhrase {
  const wanted = toOklab(parseHex(hex));
  let best: ColourPhrase = 'white';
  let least = Infinity;
  for (const phrase of colourPhrases) {
    const one = toOklab(parseHex(phraseHex(phrase)));
    if (phrase === 'colourless' || !one || !wanted) continue;
    const distance = Math.hypot(one.l - wanted.l, one.a - wanted.a, one.b - wanted.b);
    if (distance < least) [best, least] = [phrase, distance];
  }
  return best;
}

/** Two colours mixed in OKLab, `share` of the second (0 to 1). */
export function mixHex(first: string, second: string, share: number): string {
  return formatHex(interpolate([first, second], 'oklab')(share));
}

/** How different two colour phrases look: {@link hexDistance} of their drawn values. */
export function phraseDistance(a: ColourPhrase, b: ColourPhrase): number {
  return hexDistance(phraseHex(a), phraseHex(b));
}

/** How different two colours look: their distance in OKLab (0 same, about 1 black to white). */
export function hexDistance(a: string, b: string): number {
  const [one, two] = [toOklab(parseHex(a)), toOklab(parseHex(b))];
  if (!one || !two) return 1;
  return Math.hypot(one.l - two.l, one.a - two.a, one.b - two.b);
}

const toOklab = converter('oklab');
