import { describe, expect, it } from 'vitest';
import { lastOf } from './support/bench';

/** What is seen only for a moment, by formula. */
const passing = (start: string, ...then: string[]): string[] =>
  lastOf(start, ...then).observations.flatMap((one) =>
    one.kind === 'sight' && one.shows?.includes('comes and goes')
      ? [one.formula ?? one.result]
      : [],
  );

// Vogel, Qualitative Inorganic Analysis: what the first drops of a reagent do that more of it undoes.
describe('what is seen where a liquid falls, before it is mixed', () => {
  it.each([
    ['AlCl3 0.1M 1mL', 'NaOH 2M 4mL', 'Al(OH)3'],
    ['ZnSO4 0.1M 2mL', 'NH3 2M 4mL', 'Zn(OH)2'],
    ['NiSO4 0.1M 2mL', 'NH3 2M 4mL', 'Ni(OH)2'],
    ['CuSO4 0.1M 2mL', 'NH3 2M 3mL', 'Cu4(OH)6SO4·H2O'],
    ['Hg(NO3)2 0.1M 2mL', 'KI 1M 3mL', 'HgI2'],
    ['NaNO3 1M 2mL + FeSO4 0.5M 2mL', 'H2SO4 18M 1mL', 'FeNO^2+'],
  ])('%s; %s: %s comes and goes', (start, then, formula) => {
    expect(passing(start, then)).toContain(formula);
    expect(lastOf(start, then).observations.map(({ kind }) => kind)).not.toContain('noChange');
  });

  it.each([
    ['NaCl 0.1M 2mL', 'KNO3 0.1M 2mL'],
    ['MgSO4 0.1M 2mL + NH4Cl 2M 2mL', 'NH3 2M 2mL'],
    ['HCl 1M 2mL', 'NaOH 0.5M 2mL'],
    // What stays is told as itself.
    ['AgNO3 0.1M 2mL', 'NaCl 0.1M 2mL'],
  ])('%s; %s: nothing passes', (start, then) => {
    expect(passing(start, then)).toEqual([]);
  });

  it('tells bubbles that the whole liquid could hold', () => {
    const { observations } = lastOf('FeCl3 0.1M 2mL', 'Na2CO3 0.2M 3mL');
    expect(observations).toContainEqual(
      expect.objectContaining({ kind: 'gas', formula: 'CO2', vigour: 'a few bubbles' }),
    );
  });
});
