import { atMostPlaces } from './formatNumber';
import { currentReader } from './reader';
import { fromCelsius } from './temperature';

/** A text with its decimal points written as commas: a point between two digits that is not one of several, as in 1.2.3. */
function withDecimalComma(text: string): string {
  return text.replace(/(?<![\d.])(\d+)\.(\d+)(?!\.?\d)/g, '$1,$2');
}

const number = String.raw`−?\d+(?:[.,]\d+)?`;
const blank = String.raw`[ \u00a0]`;
/** The first of two temperatures that share one sign: 0–5 °C, between 30 and 250 °C. */
const firstOfTwo = new RegExp(
  `(${number})(${blank}?(?:to|and|or|–)${blank}?)(?=${number}${blank}°C)`,
  'g',
);
const temperature = new RegExp(`(${number})(${blank})°C`, 'g');

/** A sentence in which temperatures stand in °C, with them on the reader's scale. */
function onReadersScale(text: string): string {
  const { scale } = currentReader();
  if (scale === '°C' || !text.includes('°C')) return text;
  const told = (typed: string) =>
    atMostPlaces(fromCelsius(Number(typed.replace('−', '-').replace(',', '.')), scale), 0);
  return text
    .replace(firstOfTwo, (_, one: string, between: string) => told(one) + between)
    .replace(temperature, (_, one: string, between: string) => `${told(one)}${between}${scale}`)
    .replaceAll('°C', scale);
}

/**
 * Prose that was written once, in a table, a procedure or a note, as whoever reads it now writes numbers: decimals with their sign,
 * temperatures on their scale. It does nothing to what is told for them already. A difference of temperatures must not be written
 * into prose as a number; it is told with `formatDegrees`.
 *
 * @example for a reader of °F with a decimal comma: proseTold('Warm 0.5 g to 60 °C') // 'Warm 0,5 g to 140 °F'
 */
export function proseTold(text: string): string {
  const scaled = onReadersScale(text);
  return currentReader().decimalSign === ',' ? withDecimalComma(scaled) : scaled;
}
