import { expect, it } from 'vitest';
import { numberIn } from '../src/shared/parts/NumberField';

it('a text is the number it stands for, also while it is typed', () => {
  expect(['21.0', '0.', '0.0', '12.50', '-3', 5].map((text) => numberIn(text))).toEqual([
    21, 0, 0, 12.5, -3, 5,
  ]);
  expect(['', '-', '.', undefined].map((text) => numberIn(text))).toEqual(['', '', '', '']);
});
