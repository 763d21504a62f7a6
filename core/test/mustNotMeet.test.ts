import { describe, expect, it } from 'vitest';
import { clashes } from '../src/safety/clashes';
import { lastOf } from './support/bench';

const warned = (start: string, ...then: string[]) =>
  lastOf(start, ...then).warnings.map(({ code }) => code);

// Bretherick’s Handbook of Reactive Chemical Hazards, recalled from memory.
describe('what must never meet, by the rules a plan is held against, is said by the mixing itself', () => {
  it.each([
    ['KCN 0.1M', 'HCl 1M'],
    ['NaN3 0.1M', 'HCl 1M'],
    ['NaN3 0.1M', 'Pb(NO3)2 0.1M'],
    ['KMnO4 0.5g', 'H2SO4 2mL'],
    ['KClO3 0.1g', 'H2SO4 1mL'],
    ['I2 0.1g', 'NH3 5mL'],
    ['NaClO 0.5M', 'NH3 1M'],
  ])('%s; %s', (there, added) => {
    expect(warned(there, added)).toContain('neverMix');
  });

  it.each([
    ['HCl 1M', 'NaOH 1M'],
    ['KMnO4 0.02M', 'NH4Cl 0.1M'],
    ['AgNO3 0.1M', 'NaCl 0.1M'],
  ])('%s; %s: nothing of the kind', (there, added) => {
    expect(warned(there, added)).not.toContain('neverMix');
  });

  it('hexacyanidoferrate gives hydrogen cyanide in hot acid, not in cold', () => {
    expect(warned('K4Fe(CN)6 0.1M 2mL', 'H2SO4 2M 2mL')).not.toContain('cyanideWithAcid');
    expect(warned('K4Fe(CN)6 0.1M 2mL', 'H2SO4 2M 2mL', 'heat 90')).toContain('cyanideWithAcid');
  });

  it('a thermite is warned of before it is heated, and told as the plan tells it', () => {
    expect(warned('Al 0.3g', 'Fe2O3 0.8g')).toContain('thermite');
    expect(clashes([{ substance: 'Fe2O3' }], { substance: 'Al' })).toMatchObject([
      { never: true, whenDry: 'only' },
    ]);
    expect(warned('Al 0.3g', 'CuSO4 0.1M')).not.toContain('thermite');
  });

  it('iodine in ammonia may leave nitrogen triiodide, and is not followed', () => {
    const step = lastOf('I2 0.1g', 'NH3 5mL');
    expect(step.notPredicted.join()).toMatch(/triiodide/);
  });
});
