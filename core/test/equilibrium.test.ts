import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { solubleSubstances } from '../src/matter/substances/findSubstance';
import { equilibrate } from '../src/solution/equilibrium/equilibrate';
import { toComponents } from '../src/solution/equilibrium/equilibrate';
import { componentsOfSolid, componentsOfSpecies } from '../src/matter/substances/componentsOf';
import type { Components } from '../src/matter/substances/componentsOf';
import { chargeOf } from '../src/matter/substances/ionsOf';

const dissolved = (totals: Record<string, number>) => equilibrate(totals, { allowSolids: false });

describe('pH of textbook solutions', () => {
  // Harris, Quantitative Chemical Analysis, worked examples, and the buffer standards of the CRC Handbook (NIST/NBS
  // certified values); recalled. With activities included a pH differs from an ideal textbook number by up to 0.2.
  it.each([
    ['pure water', {}, 7.0, 0.01],
    ['1e-8 M HCl, not 8', { 'H^+': 1e-8, 'Cl^-': 1e-8 }, 6.98, 0.01],
    ['0.01 M HCl', { 'H^+': 0.01, 'Cl^-': 0.01 }, 2.04, 0.03],
    ['0.1 M HCl, CRC', { 'H^+': 0.1, 'Cl^-': 0.1 }, 1.1, 0.03],
    ['0.01 M NaOH', { 'Na^+': 0.01, 'OH^-': 0.01 }, 11.95, 0.05],
    ['0.1 M NaOH', { 'Na^+': 0.1, 'OH^-': 0.1 }, 12.88, 0.1],
    ['0.1 M H2SO4', { 'H^+': 0.2, 'SO4^2-': 0.1 }, 1.0, 0.1],
    ['0.1 M H3PO4', { H3PO4: 0.1 }, 1.63, 0.1],
    ['0.1 M citric acid', { H3C6H5O7: 0.1 }, 2.08, 0.1],
    ['0.1 M HF', { HF: 0.1 }, 2.1, 0.08],
    ['0.1 M HCN', { HCN: 0.1 }, 5.11, 0.05],
    ['0.1 M boric acid', { 'B(OH)3': 0.1 }, 5.12, 0.05],
    ['0.1 M phenol', { C6H5OH: 0.1 }, 5.5, 0.05],
    ['0.1 M acetic acid', { CH3COOH: 0.1 }, 2.88, 0.03],
    ['0.1 M sodium acetate', { 'Na^+': 0.1, 'CH3COO^-': 0.1 }, 8.88, 0.15],
    ['acetate buffer 0.1 + 0.1 M', { CH3COOH: 0.1, 'CH3COO^-': 0.1, 'Na^+': 0.1 }, 4.65, 0.05],
    [
      'NBS phosphate buffer, 0.025 + 0.025 M',
      { 'H2PO4^-': 0.025, 'HPO4^2-': 0.025, 'Na^+': 0.05, 'K^+': 0.025 },
      6.86,
      0.08,
    ],
    ['NBS borax buffer, 0.01 M', { 'Na^+': 0.02, 'B4O7^2-': 0.01 }, 9.18, 0.05],
    [
      'NBS carbonate buffer, 0.025 + 0.025 M',
      { 'Na^+': 0.075, 'HCO3^-': 0.025, 'CO3^2-': 0.025 },
      10.01,
      0.08,
    ],
    ['0.1 M NH3', { NH3: 0.1 }, 11.12, 0.05],
    ['0.1 M KCN', { 'K^+': 0.1, 'CN^-': 0.1 }, 11.1, 0.15],
    ['0.1 M NaF', { 'Na^+': 0.1, 'F^-': 0.1 }, 8.1, 0.2],
    ['0.1 M Na2CO3', { 'Na^+': 0.2, 'CO3^2-': 0.1 }, 11.6, 0.25],
    ['0.1 M NaHCO3', { 'Na^+': 0.1, 'HCO3^-': 0.1 }, 8.3, 0.2],
    ['0.1 M NaH2PO4', { 'Na^+': 0.1, 'H2PO4^-': 0.1 }, 4.6, 0.2],
    ['0.1 M Na3PO4', { 'Na^+': 0.3, 'PO4^3-': 0.1 }, 12.3, 0.25],
    ['0.1 M NH4Cl', { 'NH4^+': 0.1, 'Cl^-': 0.1 }, 5.13, 0.15],
    ['0.1 M NH4CH3COO', { 'NH4^+': 0.1, 'CH3COO^-': 0.1 }, 7.0, 0.05],
    ['0.1 M FeCl3', { 'Fe^3+': 0.1, 'Cl^-': 0.3 }, 1.7, 0.3],
    ['water saturated with CO2 at 1 atm', { CO2: 0.034 }, 3.92, 0.05],
  ])('%s', (_, totals: Record<string, number>, pH, tolerance) =>
    expect(Math.abs(dissolved(totals).pH - pH)).toBeLessThan(tolerance),
  );

  it('moves with temperature: neutral water is 6.5 at 60 °C, and borax buffer 9.0 at 45 °C (CRC Handbook, recalled)', () => {
    expect(equilibrate({}, { temperatureC: 60 }).pH).toBeCloseTo(6.51, 1);
    const borax = equilibrate({ 'Na^+': 0.02, 'B4O7^2-': 0.01 }, { temperatureC: 45 });
    expect(Math.abs(borax.pH - 9.04)).toBeLessThan(0.06);
  });

  it('can be held from outside: acetic acid at its pKa is half ionised', () => {
    const { species, pH } = equilibrate({ CH3COOH: 1e-4 }, { pH: 4.756 });
    expect(pH).toBeCloseTo(4.756, 9);
    expect((species.CH3COOH ?? 0) / (species['CH3COO^-'] ?? 1)).toBeCloseTo(1, 1);
  });
});

describe('complexes, against published constants', () => {
  // Skoog and West, Fundamentals of Analytical Chemistry, and Harris: conditional constants and fractions (recalled).
  it.each([
    ['Ag(NH3)2^+ in 0.1 M ammonia', { 'Ag^+': 1e-4, 'NO3^-': 1e-4, NH3: 0.1 }, 'Ag(NH3)2^+', 1e-4],
    ['Cu(NH3)4^2+ in 1 M ammonia', { 'Cu^2+': 1e-3, 'SO4^2-': 1e-3, NH3: 1 }, 'Cu(NH3)4^2+', 1e-3],
    ['Ag(CN)2^- in 0.1 M cyanide', { 'Ag^+': 1e-3, 'CN^-': 0.1, 'Na^+': 0.1 }, 'Ag(CN)2^-', 1e-3],
    [
      'CaY^2- in EDTA at pH 10',
      {
        'Ca^2+': 1e-3,
        'H2C10H12N2O8^2-': 2e-3,
        'Na^+': 4e-3,
        NH3: 0.1,
        'NH4^+': 0.02,
        'Cl^-': 0.022,
      },
      'CaC10H12N2O8^2-',
      1e-3,
    ],
    [
      'Fe(C2O4)3^3- in 0.1 M oxalate',
      { 'Fe^3+': 1e-3, 'Cl^-': 3e-3, 'C2O4^2-': 0.1, 'K^+': 0.2 },
      'Fe(C2O4)3^3-',
      1e-3,
    ],
    [
      'Ag(S2O3)2^3- in 0.1 M thiosulfate',
      { 'Ag^+': 1e-3, 'S2O3^2-': 0.1, 'Na^+': 0.2 },
      'Ag(S2O3)2^3-',
      1e-3,
    ],
  ])('%s holds nearly all of the metal', (_, totals: Record<string, number>, complex, metal) =>
    expect((dissolved(totals).species[complex] ?? 0) / metal).toBeGreaterThan(0.9),
  );

  it('chromate turns to dichromate below pH 6.5', () => {
    const share = (pH: number) => {
      const { species } = equilibrate({ 'CrO4^2-': 0.1, 'K^+': 0.2 }, { pH });
      return (2 * (species['Cr2O7^2-'] ?? 0)) / 0.1;
    };
    expect(share(9)).toBeLessThan(0.01);
    expect(share(3)).toBeGreaterThan(0.6);
  });
});

describe('extremes', () => {
  it.each([
    ['1e-9 M', { 'Na^+': 1e-9, 'Cl^-': 1e-9 }],
    ['1e-9 M silver chloride', { 'Ag^+': 1e-9, 'Cl^-': 1e-9 }],
    ['18 M sulfuric acid', { 'H^+': 36, 'SO4^2-': 18 }],
    ['15.8 M nitric acid', { 'H^+': 15.8, 'NO3^-': 15.8 }],
    ['19 M sodium hydroxide', { 'Na^+': 19, 'OH^-': 19 }],
    ['14.8 M ammonia', { NH3: 14.8 }],
    [
      '12 M acid on a mixture of metals',
      { 'H^+': 12, 'Cl^-': 12.6, 'Cu^2+': 0.1, 'Co^2+': 0.1, 'Pb^2+': 0.1 },
    ],
  ])('%s converges, and says when it is approximate', (_, totals: Record<string, number>) => {
    const { species, approximate, ionicStrength } = equilibrate(totals);
    for (const c of Object.values(species)) expect(c).toBeGreaterThanOrEqual(0);
    expect(approximate).toBe(ionicStrength > 0.5);
  });
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
  // Skoog and West (recalled): 0.1 M sodium hydroxide brings the solubility of calcium hydroxide from 0.02 M to some 1e-3 M.
  it('of calcium hydroxide falls with a common ion', () => {
    const { species } = equilibrate({ 'Ca^2+': 0.1, 'OH^-': 0.3, 'Na^+': 0.1 });
    const dissolvedM = (species['Ca^2+'] ?? 0) + (species['CaOH^+'] ?? 0);
    expect(dissolvedM).toBeGreaterThan(5e-4);
    expect(dissolvedM).toBeLessThan(4e-3);
  });
  it('of barium sulfate in water', () =>
    expect(left({ 'Ba^2+': 0.01, 'SO4^2-': 0.01 }, 'Ba^2+')).toBeCloseTo(1.05e-5, 6));

  // Textbook facts: lime dissolves less in hot water, lead chloride and iodide much more (CRC Handbook, recalled:
  // PbCl2 10 g/L at 20 °C and 33 g/L at 100 °C; Ca(OH)2 1.65 g/L at 20 °C and 0.77 g/L at 100 °C).
  it('follows temperature where an enthalpy is known', () => {
    const held = (totals: Record<string, number>, solid: string, temperatureC: number) =>
      equilibrate(totals, { temperatureC }).solids.find(({ formula }) => formula === solid)
        ?.amountMolPerL ?? 0;
    const lime = (t: number) => 0.1 - held({ 'Ca^2+': 0.1, 'OH^-': 0.2 }, 'Ca(OH)2', t);
    const leadChloride = (t: number) => 0.3 - held({ 'Pb^2+': 0.3, 'Cl^-': 0.6 }, 'PbCl2', t);
    expect(lime(95) / lime(20)).toBeLessThan(0.7);
    expect(leadChloride(95) / leadChloride(20)).toBeGreaterThan(2);
  });

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

const salts = solubleSubstances().filter(({ state }) => !state);
const mixture = fc
  .array(
    fc.tuple(fc.nat({ max: salts.length - 1 }), fc.double({ min: -8, max: 0.3, noNaN: true })),
    { minLength: 1, maxLength: 5 },
  )
  .map((parts) => {
    const totals: Record<string, number> = {};
    for (const [index, log] of parts)
      for (const [ion, count] of Object.entries(salts[index]?.ions ?? {}))
        totals[ion] = (totals[ion] ?? 0) + count * 10 ** log;
    return totals;
  });

describe('whatever is mixed', () => {
  it('no component and no charge is made or lost, and no solid stays supersaturated', () => {
    fc.assert(
      fc.property(mixture, fc.constantFrom(5, 25, 60), (totals, temperatureC) => {
        const result = equilibrate(totals, { temperatureC });
        const got: Record<string, number> = {};
        const add = (parts: Components | undefined, amount: number) => {
          for (const [name, n] of Object.entries(parts ?? {}))
            got[name] = (got[name] ?? 0) + n * amount;
        };
        for (const [formula, amount] of Object.entries(result.species))
          add(componentsOfSpecies(formula), amount);
        for (const { formula, amountMolPerL } of result.gases)
          add(componentsOfSpecies(formula), amountMolPerL);
        for (const { formula, amountMolPerL } of result.solids)
          add(componentsOfSolid(formula), amountMolPerL);
        const size = Object.values(totals).reduce((a, b) => a + b, 0) + 1e-7;
        for (const [name, amount] of Object.entries(toComponents(totals)))
          if (name !== 'H2O')
            expect(Math.abs((got[name] ?? 0) - amount) / size, name).toBeLessThan(1e-9);
        const charge = Object.entries(result.species).reduce(
          (sum, [one, c]) => sum + c * chargeOf(one),
          0,
        );
        expect(Math.abs(charge) / size).toBeLessThan(1e-9);
        for (const { logRatio, solid } of result.saturation)
          expect(logRatio, solid.formula).toBeLessThan(1e-6);
      }),
      { numRuns: 200 },
    );
  });
});
