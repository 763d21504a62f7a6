import { describe, expect, test } from 'vitest';
import { molarMassOf } from '../src/matter/formula/molarMass';
import { bench, lastOf } from './support/bench';

/** Hydrogen given off by 2 mmol of a metal, mmol, and the warming, °C. */
function with2Mmol(metal: string, liquid: string) {
  const grams = ((2 * molarMassOf(metal)) / 1000).toPrecision(4);
  const [before, after] = bench(liquid, `${metal} ${grams}g`);
  const hydrogen = after?.state.gasEvolved.find(({ formula }) => formula === 'H2')?.amountMmol ?? 0;
  const deltaC = (after?.state.temperatureC ?? 0) - (before?.state.temperatureC ?? 0);
  return { hydrogen, deltaC };
}

describe('order of reactivity of metals (any general chemistry text; CRC Handbook)', () => {
  /** From most to least reactive, by the mildest reagent each gives hydrogen with in the cold. */
  const classes = [
    ['water 20mL', ['K', 'Na', 'Li', 'Ca']],
    ['HCl 1M 20mL', ['Mg', 'Al', 'Mn', 'Zn', 'Cr', 'Fe']],
    ['HCl 6M 20mL', ['Cd', 'Co', 'Ni', 'Sn']],
    ['nothing', ['Pb', 'Cu', 'Ag', 'Hg', 'Au', 'Pt']],
  ] as const;
  const reagents = classes.map(([reagent]) => reagent).filter((reagent) => reagent !== 'nothing');

  test.each(
    classes.flatMap(([reagent, metals]) => metals.map((metal) => [metal, reagent] as const)),
  )('%s gives hydrogen first with %s', (metal, mildest) => {
    // The alkali metals never go into acid; milder reagents are tried for all the others.
    const tried = mildest === 'water 20mL' ? [mildest] : reagents;
    const first = tried.find((reagent) => with2Mmol(metal, reagent).hydrogen > 0.1) ?? 'nothing';
    expect(first).toBe(mildest);
  });

  test('the more reactive of two displaces the other: each from the solution of the next but one', () => {
    const row = [
      ['Mg', 'ZnSO4'],
      ['Zn', 'FeSO4'],
      ['Fe', 'CuSO4'],
      ['Pb', 'Cu(NO3)2'],
      ['Sn', 'CuCl2'],
      ['Cu', 'AgNO3'],
      ['Cu', 'Hg(NO3)2'],
    ] as const;
    for (const [metal, salt] of row)
      expect(
        lastOf(`${salt} 0.2M`, `${metal} 0.2g`).reactions.length,
        `${metal} in ${salt}`,
      ).toBeGreaterThan(0);
    const reversed = [
      ['Zn', 'MgSO4'],
      ['Fe', 'ZnSO4'],
      ['Cu', 'FeSO4'],
      ['Cu', 'Pb(NO3)2'],
      ['Cu', 'SnCl2'],
      ['Ag', 'Cu(NO3)2'],
    ] as const;
    for (const [metal, salt] of reversed)
      expect(lastOf(`${salt} 0.2M`, `${metal} 0.2g`).reactions, `${metal} in ${salt}`).toEqual([]);
  });

  test('equal amounts warm acid in the order of the enthalpies of their ions: Al, Mg, Mn, Zn, Fe', () => {
    const warmed = ['Al', 'Mg', 'Mn', 'Zn', 'Fe'].map(
      (metal) => with2Mmol(metal, 'HCl 1M 20mL').deltaC,
    );
    expect(warmed).toEqual([...warmed].sort((a, b) => b - a));
  });

  test('on water: lithium keeps its shape, sodium melts, potassium lights, calcium sinks (common practice)', () => {
    const seen = (metal: string, grams: number) =>
      JSON.stringify(lastOf('water 20mL', `${metal} ${grams}g`).observations);
    expect(seen('Li', 0.02)).toMatch(/floats, fizzes/);
    expect(seen('Na', 0.02)).toMatch(/floats, melts to a ball/);
    expect(seen('K', 0.02)).toMatch(/melts to a ball, catches fire at once with a lilac flame/);
    expect(seen('Ca', 0.1)).toMatch(/sinks.*milky/);
  });

  test.each([
    // ΔrH° of M + n H2O(l) → M^n+ + n OH^- + n/2 H2 (CRC Handbook, by ΔfH°).
    ['Li', 222],
    ['Na', 184],
    ['K', 196],
    ['Ca', 431],
  ])('%s gives off %i kJ/mol', (metal, kJ) => {
    const told = JSON.stringify(lastOf('water 20mL', `${metal} 0.02g`).observations);
    expect(Math.abs(Number(/about (\d+) kJ/.exec(told)?.[1]) - kJ)).toBeLessThanOrEqual(2);
  });

  test('one reaction is told of calcium on water', () => {
    expect(lastOf('water 20mL', 'Ca 0.1g').reactions.map(({ equation }) => equation)).toEqual([
      'Ca(s) + 2 H2O(l) → H2(g) + Ca(OH)2(s)',
    ]);
  });
});
