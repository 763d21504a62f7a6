import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { equilibrate, solubleSubstances } from '../src';
import { formedSpecies } from '../src/substances/data/formedSpecies';
import { chargeOf, ionsOf } from '../src/substances/ionsOf';

const dissolved = (totals: Record<string, number>) => equilibrate(totals, { allowSolids: false });

describe('pH of textbook solutions', () => {
  // Harris, Quantitative Chemical Analysis, worked examples and CRC Handbook buffer tables (recalled). With activities
  // included a pH differs from the ideal textbook number by up to 0.2.
  it.each([
    ['pure water', {}, 7.0, 0.01],
    ['0.01 M HCl', { 'H^+': 0.01, 'Cl^-': 0.01 }, 2.04, 0.03],
    ['0.1 M NaOH', { 'Na^+': 0.1, 'OH^-': 0.1 }, 12.88, 0.1],
    ['0.1 M acetic acid', { CH3COOH: 0.1 }, 2.88, 0.03],
    ['0.1 M sodium acetate', { 'Na^+': 0.1, 'CH3COO^-': 0.1 }, 8.88, 0.15],
    ['acetate buffer 0.1 + 0.1 M', { CH3COOH: 0.1, 'CH3COO^-': 0.1, 'Na^+': 0.1 }, 4.65, 0.05],
    [
      'NBS phosphate buffer, 0.025 + 0.025 M',
      { 'H2PO4^-': 0.025, 'HPO4^2-': 0.025, 'Na^+': 0.05, 'K^+': 0.025 },
      6.86,
      0.08,
    ],
    ['0.1 M Na2CO3', { 'Na^+': 0.2, 'CO3^2-': 0.1 }, 11.6, 0.25],
    ['0.1 M NaHCO3', { 'Na^+': 0.1, 'HCO3^-': 0.1 }, 8.3, 0.2],
    ['0.1 M NH4Cl', { 'NH4^+': 0.1, 'Cl^-': 0.1 }, 5.13, 0.15],
    ['0.1 M FeCl3', { 'Fe^3+': 0.1, 'Cl^-': 0.3 }, 1.7, 0.3],
  ])('%s', (_, totals: Record<string, number>, pH, tolerance) =>
    expect(Math.abs(dissolved(totals).pH - pH)).toBeLessThan(tolerance),
  );
});

describe('solubility', () => {
  const left = (totals: Record<string, number>, ion: string) =>
    equilibrate(totals).species[ion] ?? 0;

  // Solubilities from the CRC Handbook and Skoog and West (recalled): AgCl 1.3e-5 M, PbI2 1.3–1.6e-3 M with its
  // complexes, Ca(OH)2 0.02 M, BaSO4 1.05e-5 M.
  it('of silver chloride in water', () =>
    expect(left({ 'Ag^+': 0.01, 'Cl^-': 0.01 }, 'Ag^+')).toBeCloseTo(1.33e-5, 6));
  it('of silver chloride falls with a common ion', () =>
    expect(left({ 'Ag^+': 0.01, 'Cl^-': 0.11, 'Na^+': 0.1 }, 'Ag^+')).toBeLessThan(4e-9));
  it('of lead iodide in water', () => {
    const { species } = equilibrate({ 'Pb^2+': 0.02, 'I^-': 0.04 });
    expect(species['Pb^2+']).toBeGreaterThan(1.0e-3);
    expect(species['Pb^2+']).toBeLessThan(1.9e-3);
  });
  it('of lead iodide falls with a common ion', () =>
    expect(left({ 'Pb^2+': 0.02, 'I^-': 0.14, 'K^+': 0.1 }, 'Pb^2+')).toBeLessThan(1e-5));
  it('of calcium hydroxide, and the pH of lime water', () => {
    const lime = equilibrate({ 'Ca^2+': 0.1, 'OH^-': 0.2 });
    expect((lime.species['Ca^2+'] ?? 0) + (lime.species['CaOH^+'] ?? 0)).toBeCloseTo(0.0203, 2);
    expect(Math.abs(lime.pH - 12.4)).toBeLessThan(0.15);
  });
  it('of barium sulfate in water', () =>
    expect(left({ 'Ba^2+': 0.01, 'SO4^2-': 0.01 }, 'Ba^2+')).toBeCloseTo(1.05e-5, 6));

  it('lets zinc and aluminium hydroxide redissolve in excess base, and not magnesium’s', () => {
    const solidsWith = (metal: string, charge: number) =>
      equilibrate({ [metal]: 0.02, 'OH^-': 1.5, 'Na^+': 1.5, 'NO3^-': 0.02 * charge }).solids
        .length;
    expect([solidsWith('Zn^2+', 2), solidsWith('Al^3+', 3), solidsWith('Mg^2+', 2)]).toEqual([
      0, 0, 1,
    ]);
  });

  it('names what it has no data for', () =>
    expect(() => equilibrate({ 'Xe^+': 0.1 })).toThrowError(
      expect.objectContaining({ code: 'mixtureOutsideData' }),
    ));
  it('refuses a negative total', () =>
    expect(() => equilibrate({ 'Na^+': -0.1 })).toThrowError(
      expect.objectContaining({ code: 'outOfRange' }),
    ));
});

const salts = solubleSubstances();
const mixture = fc
  .array(
    fc.tuple(fc.nat({ max: salts.length - 1 }), fc.double({ min: -8, max: 0.3, noNaN: true })),
    { minLength: 1, maxLength: 4 },
  )
  .map((parts) => {
    const totals: Record<string, number> = {};
    for (const [index, log] of parts)
      for (const [ion, count] of Object.entries(salts[index]?.ions ?? {}))
        totals[ion] = (totals[ion] ?? 0) + count * 10 ** log;
    return totals;
  });

describe('whatever is mixed', () => {
  const from = new Map(formedSpecies.map((one) => [one.formula, one.from]));

  /** Moles of each component in a list of species, hydroxide counted as a proton missing. */
  function components(list: Readonly<Record<string, number>>): Record<string, number> {
    const sum: Record<string, number> = {};
    for (const [formula, amount] of Object.entries(list))
      for (const [name, count] of Object.entries(from.get(formula) ?? { [formula]: 1 }))
        sum[name] = (sum[name] ?? 0) + count * amount;
    return sum;
  }

  it('no ion and no charge is made or lost, and no solid stays supersaturated', () => {
    fc.assert(
      fc.property(mixture, (totals) => {
        const result = equilibrate(totals);
        const put = components(totals);
        const got = components(result.species);
        for (const { formula, amountMolPerL } of result.solids)
          for (const [ion, count] of Object.entries(components(ionsOf(formula) ?? {})))
            got[ion] = (got[ion] ?? 0) + count * amountMolPerL;
        for (const { amountMolPerL } of result.gases) {
          got['CO3^2-'] = (got['CO3^2-'] ?? 0) + amountMolPerL;
          got['H^+'] = (got['H^+'] ?? 0) + 2 * amountMolPerL;
        }
        const size = Object.values(totals).reduce((a, b) => a + b, 0) + 1e-7;
        for (const [name, amount] of Object.entries(put))
          expect(Math.abs((got[name] ?? 0) - amount) / size, name).toBeLessThan(1e-9);
        const charge = Object.entries(result.species).reduce(
          (sum, [one, c]) => sum + c * chargeOf(one),
          0,
        );
        expect(Math.abs(charge) / size).toBeLessThan(1e-9);
        for (const { logRatio } of result.saturation) expect(logRatio).toBeLessThan(1e-6);
      }),
      { numRuns: 150 },
    );
  });
});
