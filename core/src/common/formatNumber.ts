import { currentReader } from './reader';
import type { DecimalSign } from './reader';

const locales: Readonly<Record<DecimalSign, string>> = { '.': 'en-GB', ',': 'de-DE' };
const formats = new Map<string, Intl.NumberFormat>();

/** More figures than any reading of a teaching laboratory has; beyond them stands the noise of the arithmetic. */
export const mostFigures = 6;

interface NumberStyle {
  /** Significant figures at most. */
  readonly figures?: number;
  /** All figures are written, also where they are noughts. */
  readonly trailingZeros?: boolean;
  /** Places after the decimal sign; instead of figures. */
  readonly places?: number;
}

/** Beyond these a number is written with a power of ten. */
const [leastPlain, mostPlain] = [1e-4, 1e7];

function written(value: number, { figures, trailingZeros, places }: NumberStyle): string {
  const { decimalSign } = currentReader();
  const key = `${decimalSign} ${figures ?? ''} ${String(trailingZeros)} ${places ?? ''}`;
  const format =
    formats.get(key) ??
    new Intl.NumberFormat(locales[decimalSign], {
      useGrouping: false,
      ...(places === undefined
        ? {
            maximumSignificantDigits: figures ?? mostFigures,
            ...(trailingZeros && { minimumSignificantDigits: figures ?? mostFigures }),
          }
        : {
            maximumFractionDigits: places,
            ...(trailingZeros && { minimumFractionDigits: places }),
          }),
    });
  formats.set(key, format);
  const text = format.format(value);
  // What rounds to nothing is nothing, not minus nothing.
  return /^-0(?:[.,]0+)?$/.test(text) ? text.slice(1) : text.replace('-', '−');
}

const superscripts = '⁰¹²³⁴⁵⁶⁷⁸⁹';
const raised = (exponent: number): string =>
  (exponent < 0 ? '⁻' : '') +
  String(Math.abs(exponent)).replace(/\d/g, (digit) => superscripts[Number(digit)] ?? '');

/**
 * A number as it stands on paper: rounded, without the noise of the arithmetic, with a true minus sign (U+2212), without marks
 * between the thousands, with the decimal sign of whoever reads (see `reader`). Below 0.0001 and from ten millions on, where figures
 * are asked for, a power of ten.
 *
 * @example formatNumber(20.555555555555554, { figures: 3 }) // '20.6'
 * @example formatNumber(-0.5, { places: 2, trailingZeros: true }) // '−0.50'
 * @example formatNumber(1.8e-10) // '1.8 × 10⁻¹⁰'
 */
export function formatNumber(value: number, style: NumberStyle = {}): string {
  const size = Math.abs(value);
  const plain = size === 0 || (size >= leastPlain && size < mostPlain) || !Number.isFinite(value);
  if (plain || style.places !== undefined) return written(value, style);
  const exponent = Math.floor(Math.log10(size));
  return `${written(value / 10 ** exponent, style)} × 10${raised(exponent)}`;
}

/** With so many places after the decimal sign: 0.50. */
export const withPlaces = (value: number, places: number): string =>
  formatNumber(value, { places, trailingZeros: true });

/** With at most so many places after the decimal sign: 0.5. */
export const atMostPlaces = (value: number, places: number): string =>
  formatNumber(value, { places });

/** With so many significant figures, noughts among them: 0.500. */
export const withFigures = (value: number, figures: number): string =>
  formatNumber(value, { figures, trailingZeros: true });

/** With at most so many significant figures: 0.5. */
export const atMostFigures = (value: number, figures: number): string =>
  formatNumber(value, { figures });

/** A change with its sign, unless it rounds to nothing: +0.50, −0.50, 0.00. */
export function withSign(value: number, places: number): string {
  const text = withPlaces(value, places);
  return value > 0 && text !== withPlaces(0, places) ? `+${text}` : text;
}

/** A number with its unit, a blank between them; a number of pieces has no unit. */
export function formatQuantity(value: number, unit: string, style?: NumberStyle): string {
  return `${formatNumber(value, style)} ${unit}`.trim();
}
