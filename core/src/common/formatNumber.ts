/** How decimals are written at a school. */
export type DecimalSign = '.' | ',';

const locales: Readonly<Record<DecimalSign, string>> = { '.': 'en-GB', ',': 'de-DE' };
const formats = new Map<string, Intl.NumberFormat>();

/** More figures than any reading of a teaching laboratory has; beyond them stands the noise of the arithmetic. */
export const mostFigures = 6;

interface NumberStyle {
  /** Significant figures at most. */
  readonly figures?: number;
  /** All figures are written, also where they are noughts. */
  readonly trailingZeros?: boolean;
  /** Places after the decimal sign, always as many; instead of figures. */
  readonly places?: number;
  readonly decimalSign?: DecimalSign;
}

/**
 * A number as it stands on paper: rounded, without the noise of the arithmetic, with a true minus sign (U+2212), without marks
 * between the thousands.
 *
 * @example formatNumber(20.555555555555554, { figures: 3 }) // '20.6'
 * @example formatNumber(-0.5, { places: 2, decimalSign: ',' }) // '−0,50'
 */
export function formatNumber(
  value: number,
  { figures = mostFigures, trailingZeros = false, places, decimalSign = '.' }: NumberStyle = {},
): string {
  const key = `${figures} ${trailingZeros} ${places ?? ''} ${decimalSign}`;
  const format =
    formats.get(key) ??
    new Intl.NumberFormat(locales[decimalSign], {
      useGrouping: false,
      ...(places === undefined
        ? {
            maximumSignificantDigits: figures,
            ...(trailingZeros && { minimumSignificantDigits: figures }),
          }
        : { minimumFractionDigits: places, maximumFractionDigits: places }),
    });
  formats.set(key, format);
  const text = format.format(value);
  // What rounds to nothing is nothing, not minus nothing.
  return /^-0(?:[.,]0+)?$/.test(text) ? text.slice(1) : text.replace('-', '−');
}

/** A number with its unit, a blank between them; a number of pieces has no unit. */
export function formatQuantity(value: number, unit: string, style?: NumberStyle): string {
  return `${formatNumber(value, style)} ${unit}`.trim();
}
