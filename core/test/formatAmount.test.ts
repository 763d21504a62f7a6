import { describe, expect, it } from 'vitest';
import { formatAmount, formatDuration, formatVolts } from '../src/common/formatAmount';

describe('amounts as a person says them', () => {
  it.each([
    [0.0741, 'g', '74.1 mg'],
    [1.2345, 'g', '1.23 g'],
    [5e-7, 'g', '0.5 µg'],
    [0.0004, 'mL', '0.4 µL'],
    [12.345, 'mL', '12.3 mL'],
    [4330, 'mL', '4.33 L'],
    [0, 'g', '0 g'],
  ] as const)('%d %s is %s', (value, unit, words) => expect(formatAmount(value, unit)).toBe(words));

  it.each([
    [45, '45 s'],
    [468, '7.8 min'],
    [1740, '29 min'],
    [7500, '2 h 5 min'],
    [7200, '2 h'],
  ])('%d s is %s', (seconds, words) => expect(formatDuration(seconds)).toBe(words));

  it('have a true minus', () => expect(formatVolts(-0.763)).toBe('−0.76 V'));
});
