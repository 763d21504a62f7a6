import { describe, expect, it } from 'vitest';
import { ChemistryError } from '@stoichos/core/common';
import { asAmount, asTime, asVolts } from '../src/shared/study/asAmount';
import { aboveZero, attempt } from '../src/shared/study/attempt';
import { firstCell, readyCells, requestOf } from '../src/features/electrolysis/electrolysisState';
import { ask } from '../src/features/electrolysis/useStudyCell';

describe('amounts as a person says them', () => {
  it.each([
    [0.0741, 'g', '74.1 mg'],
    [1.2345, 'g', '1.23 g'],
    [5e-7, 'g', '0.5 µg'],
    [0.0004, 'mL', '0.4 µL'],
    [12.345, 'mL', '12.3 mL'],
    [4330, 'mL', '4.33 L'],
    [0, 'g', '0 g'],
  ] as const)('%d %s is %s', (value, unit, words) => expect(asAmount(value, unit)).toBe(words));

  it.each([
    [45, '45 s'],
    [468, '7.8 min'],
    [1740, '29 min'],
    [7500, '2 h 5 min'],
    [7200, '2 h'],
  ])('%d s is %s', (seconds, words) => expect(asTime(seconds)).toBe(words));

  it('have a true minus', () => expect(asVolts(-0.763)).toBe('−0.76 V'));
});

describe('a cell as it is typed', () => {
  it('is taken by the core, for every cell that is ready', () => {
    for (const { part } of readyCells)
      expect(requestOf({ ...firstCell, ...part }).cathode).toBe({ ...firstCell, ...part }.cathode);
  });

  it('may leave out what is not known', () => {
    const request = requestOf({ ...firstCell, volumeMl: '', areaCm2: '', indicator: '' });
    expect(request.volumeMl).toBeUndefined();
    expect(request.indicator).toBeUndefined();
  });

  it.each([
    [{ salts: [{ substance: 'NaCl', concentrationM: '' as const }] }, /concentrationM/],
    [{ salts: [{ substance: 'NaCl', concentrationM: 400 }] }, /decimal point/],
    [{ gapCm: 0 }, /must not touch/],
    [{ temperatureC: -5 }, /0 °C or above/],
  ])('names the field that cannot be: %j', (part, words) =>
    expect(() => requestOf({ ...firstCell, ...part })).toThrow(words),
  );

  it('asks about a minus on the ammeter, and keeps what was typed', () => {
    const asked = ask({ ...firstCell, currentA: -0.2 }, 'potentials');
    expect('problem' in asked && asked.problem.message).toMatch(/leads are swapped/);
  });
});

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
