/** How decimals are written at a school. */
export type DecimalSign = '.' | ',';

/** Scales a thermometer may show. */
export const temperatureScales = ['°C', '°F'] as const;
export type TemperatureScale = (typeof temperatureScales)[number];

/** Whoever reads what is told: how they write decimals, and on what scale they read a temperature. */
export interface Reader {
  readonly decimalSign: DecimalSign;
  readonly scale: TemperatureScale;
}

/** Of whom nothing is known: what files for other programs are written for. */
export const anyReader: Reader = { decimalSign: '.', scale: '°C' };

let reader = anyReader;

/** Who reads what is told now. Words are told in hundreds of places; they all ask here, as dates ask for the place one is at. */
export const currentReader = (): Reader => reader;

/** From now on words are told for this reader: said once where a page or a worker begins, and whenever the school chooses otherwise. */
export function setReader(next: Reader): void {
  reader = next;
}

/** What `tell` tells, told for one reader; whoever was read to before is read to again afterwards. */
export function toldFor<T>(one: Reader, tell: () => T): T {
  const before = reader;
  reader = one;
  try {
    return tell();
  } finally {
    reader = before;
  }
}

/** A function whose words are kept, and read by others later: they are told for any reader, and `proseTold` tells them again for each. */
export const forAnyReader =
  <A extends unknown[], R>(tell: (...all: A) => R): ((...all: A) => R) =>
  (...all) =>
    toldFor(anyReader, () => tell(...all));
