import { describe, expect, it } from 'vitest';
import { attempt } from '../src/common/attempt';
import { ChemistryError } from '../src/common/errors';
import { aboveZero } from '../src/common/typed';

describe('what cannot be done', () => {
  it('comes back as words', () => {
    const told = attempt(() => aboveZero('', 'The width'));
    expect(told).toEqual({
      problem: expect.stringMatching(/The width is empty, outside above 0/) as string,
    });
    expect(attempt(() => aboveZero(3, 'The width'))).toBe(3);
  });

  it('does not hide a fault of the program', () => {
    expect(() =>
      attempt(() => {
        throw new TypeError('broken');
      }),
    ).toThrow(TypeError);
    expect(ChemistryError.of('invalidInput', 'x')).toBeInstanceOf(Error);
  });
});
