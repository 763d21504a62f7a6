import { describe, expect, it } from 'vitest';
import { csvOf } from '../src/common/csv';
import { formatNumber, formatQuantity } from '../src/common/formatNumber';
import { describeRecord } from '../src/labday/describeRecord';
import { toCelsius } from '../src/measuring/temperatureScale';

describe('a number on paper', () => {
  it.each([
    [20.555555555555554, { figures: 3 }, '20.6'],
    [0.1 + 0.2, {}, '0.3'],
    [1234567, { figures: 7 }, '1234567'],
    [0.66, { figures: 3, trailingZeros: true }, '0.660'],
    [3, { places: 2 }, '3.00'],
    [-0.5, { places: 2 }, '−0.50'],
    [-0.0004, { places: 2 }, '0.00'],
    [1.5, { decimalSign: ',' as const }, '1,5'],
    [-1234.5, { places: 1, decimalSign: ',' as const }, '−1234,5'],
  ])('%d in the style %j reads %s', (value, style, text) =>
    expect(formatNumber(value, style)).toBe(text),
  );

  it('has its unit after a blank, and none where it counts pieces', () => {
    expect(formatQuantity(2.5, 'mL')).toBe('2.5 mL');
    expect(formatQuantity(12, '')).toBe('12');
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

  it('stands in the record as it was typed', () =>
    expect(describeRecord(record)).toBe('Bath: 69 °F'));

  it('leaves in a table without the noise of the conversion', () => {
    expect(record.value).toBe(20.555555555555554);
    expect(csvOf([{ value: record.value }])).toBe('value\r\n20.5556');
  });
});
