import { describe, expect, it } from 'vitest';
import { brineCell, currentOf, readyCells, requestOf } from '../src/studies/electrolysis/typedCell';

describe('a cell as it is typed', () => {
  it('is taken by the core, for every cell that is ready', () => {
    for (const part of Object.values(readyCells))
      expect(requestOf({ ...brineCell, ...part }).cathode).toBe({ ...brineCell, ...part }.cathode);
  });

  it('may leave out what is not known', () => {
    const request = requestOf({ ...brineCell, volumeMl: '', areaCm2: '', indicator: '' });
    expect(request.volumeMl).toBeUndefined();
    expect(request.indicator).toBeUndefined();
  });

  it.each([
    [{ salts: [{ substance: 'NaCl', concentrationM: '' as const }] }, /concentrationM/],
    [{ salts: [{ substance: 'NaCl', concentrationM: 400 }] }, /decimal point/],
    [{ gapCm: 0 }, /must not touch/],
    [{ temperatureC: -5 }, /0 °C or above/],
  ])('names the field that cannot be: %j', (part, words) =>
    expect(() => requestOf({ ...brineCell, ...part })).toThrow(words),
  );

  it('asks about a minus on the ammeter', () => {
    expect(() => currentOf({ ...brineCell, currentA: -0.2 }, 'potentials')).toThrow(
      /leads are swapped/,
    );
  });
});
