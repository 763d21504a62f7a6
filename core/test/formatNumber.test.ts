import { describe, expect, it } from 'vitest';
import { csvOf } from '../src/common/csv';
import {
  atMostFigures,
  atMostPlaces,
  formatNumber,
  formatQuantity,
  withFigures,
  withPlaces,
  withSign,
} from '../src/common/formatNumber';
import { proseTold } from '../src/common/prose';
import { anyReader, currentReader, forAnyReader, toldFor } from '../src/common/reader';
import {
  formatDegrees,
  formatSetTemperature,
  formatTemperature,
  toCelsius,
} from '../src/common/temperature';
import { describeRecord } from '../src/labday/bench/describeRecord';

const german = { decimalSign: ',', scale: '°C' } as const;
const american = { decimalSign: '.', scale: '°F' } as const;

describe('a number on paper', () => {
  it.each([
    [20.555555555555554, { figures: 3 }, '20.6'],
    [0.1 + 0.2, {}, '0.3'],
    [1234567, { figures: 7 }, '1234567'],
    [0.66, { figures: 3, trailingZeros: true }, '0.660'],
    [3, { places: 2, trailingZeros: true }, '3.00'],
    [3, { places: 2 }, '3'],
    [-0.5, { places: 2, trailingZeros: true }, '−0.50'],
    [-0.0004, { places: 2, trailingZeros: true }, '0.00'],
    // CODATA 2018: the Faraday constant and the elementary charge, with powers of ten as SI prints them.
    [1.602176634e-19, { figures: 4 }, '1.602 × 10⁻¹⁹'],
    [96485332, { figures: 3 }, '9.65 × 10⁷'],
    [0, {}, '0'],
    [Infinity, {}, '∞'],
  ])('%d in the style %j reads %s', (value, style, text) =>
    expect(formatNumber(value, style)).toBe(text),
  );

  it.each([
    [withPlaces(2, 2), '2.00'],
    [atMostPlaces(2, 2), '2'],
    [withFigures(2, 3), '2.00'],
    [atMostFigures(2, 3), '2'],
    [withSign(0.5, 1), '+0.5'],
    [withSign(-0.5, 1), '−0.5'],
    [withSign(0.01, 1), '0.0'],
  ])('%s stands with its noughts and its sign', (told, text) => expect(told).toBe(text));

  it('has its unit after a blank, and none where it counts pieces', () => {
    expect(formatQuantity(2.5, 'mL')).toBe('2.5 mL');
    expect(formatQuantity(12, '')).toBe('12');
  });
});

describe('whoever reads', () => {
  it('has decimals with their own sign, also behind a minus', () => {
    expect(toldFor(german, () => [formatNumber(1.5), withPlaces(-1234.5, 1)])).toEqual([
      '1,5',
      '−1234,5',
    ]);
  });

  it.each([
    // NIST SP 811, B.8: the ice point, the steam point, and where the scales meet.
    [0, '32 °F'],
    [100, '212 °F'],
    [-40, '−40 °F'],
    [37, '99 °F'],
  ])('%d °C on a scale in °F is %s', (celsius, text) =>
    expect(toldFor(american, () => formatTemperature(celsius))).toBe(text),
  );

  it('has a difference in the degrees of the scale, not from its nought', () => {
    expect(toldFor(american, () => formatDegrees(5))).toBe('9.0 °F');
    expect(formatDegrees(5)).toBe('5.0 °C');
  });

  it('has what was set without noughts that were not given', () =>
    expect([formatSetTemperature(22.5), formatSetTemperature(60)]).toEqual(['22.5 °C', '60 °C']));

  it.each([
    ['Warm to 60 °C.', 'Warm to 140 °F.'],
    ['In ice, 0–5 °C', 'In ice, 32–41 °F'],
    ['no boiling between 30 and 250 °C', 'no boiling between 86 and 482 °F'],
    ['at −20 °C', 'at −4 °F'],
    ['Melting point, °C', 'Melting point, °F'],
    ['Warm to 140 °F.', 'Warm to 140 °F.'],
    ['5 g in 100 mL', '5 g in 100 mL'],
  ])('reads “%s” on a scale in °F as “%s”', (written, told) =>
    expect(toldFor(american, () => proseTold(written))).toBe(told),
  );

  it('is read to until somebody else is, even where telling fails', () => {
    const fail = () => {
      throw new Error('No words.');
    };
    expect(() => toldFor(german, fail)).toThrow('No words.');
    expect(currentReader()).toEqual(anyReader);
  });

  it('does not colour what is kept for others', () => {
    const kept = forAnyReader((grams: number) => `${formatNumber(grams)} g at 60 °C`);
    expect(toldFor(german, () => kept(0.5))).toBe('0.5 g at 60 °C');
  });
});

describe('a temperature that was typed in °F', () => {
  const typed = { value: 69, unit: '°F' as const };
  const record = {
    kind: 'measurement' as const,
    name: 'Bath',
    quantity: 'temperature' as const,
    value: toCelsius(typed.value, typed.unit),
    typed,
  };

  it('stands as it was typed for whoever reads that scale, and on their own for others', () => {
    expect(toldFor(american, () => describeRecord(record))).toBe('Bath: 69 °F');
    expect(describeRecord(record)).toBe('Bath: 20.6 °C');
  });

  it('leaves in a table without the noise of the conversion', () => {
    expect(record.value).toBe(20.555555555555554);
    expect(csvOf([{ value: record.value }])).toBe('value\r\n20.5556');
  });
});
