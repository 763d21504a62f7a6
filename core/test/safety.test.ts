import { describe, expect, test } from 'vitest';
import { clashes, heldIn, incompatibilityClasses, keepApartFrom } from '../src';
import { shelf } from '../src/substances/data/shelf';
import { lastOf } from './support/bench';

describe('incompatibility classes (lists of incompatible chemicals as in Prudent Practices in the Laboratory, recalled from memory)', () => {
  test.each([
    ['KCN', 'HCl', /hydrogen cyanide/, true],
    ['Na2S', 'HCl', /hydrogen sulfide/, false],
    ['NaClO', 'HCl', /chlorine/, false],
    ['NaClO', 'NH3', /chloramines/, true],
    ['KClO3', 'S', /explode/, true],
    ['KMnO4', 'H2SO4', /explosive/, true],
    ['KMnO4', 'C3H8O3', /explode/, true],
    ['HNO3', 'C2H5OH', /fire/, true],
    ['H2O2', 'C3H6O', /peroxides/, true],
    ['Na', 'water', /catch fire/, false],
    ['NaN3', 'Pb(NO3)2', /explode/, true],
    ['NaN3', 'HCl', /hydrazoic/, true],
    ['Br2', 'NH3', /nitrogen halides/, true],
    ['AgNO3', 'NH3', /silver nitride/, false],
    ['KNO2', 'HCl', /oxides of nitrogen/, false],
    ['NaF', 'H2SO4', /hydrofluoric/, true],
    ['Mg', 'HCl', /hydrogen/, false],
    ['CaCO3', 'HCl', /bursts a closed vessel/, false],
  ])('%s and %s give %s', (one, other, gives, never) => {
    for (const [there, added] of [
      [one, other],
      [other, one],
    ] as const) {
      const found = clashes([{ substance: there }], { substance: added });
      const match = found.find((clash) => gives.test(clash.gives));
      expect(match, `${there} + ${added}`).toBeDefined();
      expect(match?.never).toBe(never);
    }
  });

  test.each([
    ['NaCl', 'AgNO3'],
    ['CuSO4', 'NaOH'],
    ['NaCl', 'water'],
    ['KI', 'Pb(NO3)2'],
  ])('%s and %s may meet', (one, other) => {
    expect(clashes([{ substance: one }], { substance: other })).toEqual([]);
  });

  test('dilute acid is an acid, and no longer an oxidising or charring one', () => {
    expect(incompatibilityClasses('HNO3')).toContain('oxidisingAcid');
    expect(incompatibilityClasses('HNO3', 1)).toEqual(['acid']);
    expect(clashes([{ substance: 'water' }], { substance: 'H2SO4' })[0]?.gives).toMatch(
      /never the reverse/,
    );
    expect(clashes([{ substance: 'water' }], { substance: 'H2SO4', concentrationM: 1 })).toEqual(
      [],
    );
  });

  test('a vessel is judged by what was put in, as strong as it is now', () => {
    const { state } = lastOf('HCl 1M + NaClO3 0.1M');
    expect(heldIn(state).map(({ substance }) => substance)).toEqual(['water', 'HCl', 'NaClO3']);
    expect(clashes(heldIn(state), { substance: 'KCN' })[0]?.gives).toMatch(/hydrogen cyanide/);
    expect(clashes(heldIn(state), { substance: 'NaCl' })).toEqual([]);
  });

  test('every substance of the shelf can be classed, and the gravest stands first', () => {
    for (const { formula } of shelf) {
      const order = keepApartFrom(formula).map(({ never }) => Number(never));
      expect(order).toEqual([...order].sort((a, b) => b - a));
    }
    expect(keepApartFrom('NaCl')).toEqual([]);
    expect(keepApartFrom('KCN').map((one) => one.with)).toEqual(['acid', 'oxidiser']);
  });
});
