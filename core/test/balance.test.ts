import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { balance } from '../src/matter/equation/balance';
import { parseFormula } from '../src/matter/formula/parseFormula';

/**
 * Equations as textbooks print them: Brown, LeMay and Bursten, Chemistry: The Central Science; Atkins and Jones,
 * Chemical Principles; Skoog and West, Fundamentals of Analytical Chemistry (all recalled).
 */
const textbook = [
  ['H2 + O2 -> H2O', '2 H2 + O2 → 2 H2O'],
  ['CH4 + O2 -> CO2 + H2O', 'CH4 + 2 O2 → CO2 + 2 H2O'],
  ['C3H8 + O2 = CO2 + H2O', 'C3H8 + 5 O2 → 3 CO2 + 4 H2O'],
  ['N2 + H2 ⇌ NH3', 'N2 + 3 H2 → 2 NH3'],
  ['KClO3 -> KCl + O2', '2 KClO3 → 2 KCl + 3 O2'],
  ['Al + Fe2O3 -> Al2O3 + Fe', '2 Al + Fe2O3 → Al2O3 + 2 Fe'],
  ['Na + H2O -> NaOH + H2', '2 Na + 2 H2O → 2 NaOH + H2'],
  ['CaCO3 + HCl -> CaCl2 + H2O + CO2', 'CaCO3 + 2 HCl → CaCl2 + H2O + CO2'],
  ['NaHCO3 -> Na2CO3 + H2O + CO2', '2 NaHCO3 → Na2CO3 + H2O + CO2'],
  ['AgNO3 + K2CrO4 -> Ag2CrO4 + KNO3', '2 AgNO3 + K2CrO4 → Ag2CrO4 + 2 KNO3'],
  ['Pb(NO3)2 + KI -> PbI2 + KNO3', 'Pb(NO3)2 + 2 KI → PbI2 + 2 KNO3'],
  ['FeCl3 + NaOH -> Fe(OH)3 + NaCl', 'FeCl3 + 3 NaOH → Fe(OH)3 + 3 NaCl'],
  ['H3PO4 + Ca(OH)2 -> Ca3(PO4)2 + H2O', '2 H3PO4 + 3 Ca(OH)2 → Ca3(PO4)2 + 6 H2O'],
  ['Cu + HNO3 -> Cu(NO3)2 + NO + H2O', '3 Cu + 8 HNO3 → 3 Cu(NO3)2 + 2 NO + 4 H2O'],
  ['Cu + HNO3 -> Cu(NO3)2 + NO2 + H2O', 'Cu + 4 HNO3 → Cu(NO3)2 + 2 NO2 + 2 H2O'],
  ['KMnO4 + HCl -> KCl + MnCl2 + H2O + Cl2', '2 KMnO4 + 16 HCl → 2 KCl + 2 MnCl2 + 8 H2O + 5 Cl2'],
  ['MnO4- + Fe2+ + H+ -> Mn2+ + Fe3+ + H2O', 'MnO4^- + 5 Fe^2+ + 8 H^+ → Mn^2+ + 5 Fe^3+ + 4 H2O'],
  [
    'MnO4- + C2O4^2- + H+ -> Mn2+ + CO2 + H2O',
    '2 MnO4^- + 5 C2O4^2- + 16 H^+ → 2 Mn^2+ + 10 CO2 + 8 H2O',
  ],
  [
    'Cr2O7^2- + Fe2+ + H+ -> Cr3+ + Fe3+ + H2O',
    'Cr2O7^2- + 6 Fe^2+ + 14 H^+ → 2 Cr^3+ + 6 Fe^3+ + 7 H2O',
  ],
  ['I2 + S2O3^2- -> I- + S4O6^2-', 'I2 + 2 S2O3^2- → 2 I^- + S4O6^2-'],
  ['IO3- + I- + H+ -> I2 + H2O', 'IO3^- + 5 I^- + 6 H^+ → 3 I2 + 3 H2O'],
  ['Cl2 + OH- -> Cl- + ClO3- + H2O', '3 Cl2 + 6 OH^- → 5 Cl^- + ClO3^- + 3 H2O'],
  ['CuSO4·5H2O -> CuSO4 + H2O', 'CuSO4·5H2O → CuSO4 + 5 H2O'],
  ['CaSO4.2H2O -> CaSO4.0.5H2O + H2O', '2 CaSO4·2H2O → 2 CaSO4·0.5H2O + 3 H2O'],
] as const;

describe('balancing', () => {
  it.each(textbook)('%s', (text, equation) => expect(balance(text).equation).toBe(equation));

  it('says when there is more than one way, with independent solutions that balance', () => {
    const found = balance('KMnO4 + H2O2 + H2SO4 -> MnSO4 + K2SO4 + O2 + H2O');
    expect(found.unique).toBe(false);
    expect(found.solutions).toHaveLength(2);
    for (const one of found.solutions ?? []) expect(isBalanced(one)).toBe(true);
  });

  // Vogel; Zumdahl: what stands in every text although the atoms alone leave it open.
  it.each([
    [
      'MnO4^- + H2O2 + H^+ -> Mn^2+ + O2 + H2O',
      '2 MnO4^- + 5 H2O2 + 6 H^+ → 2 Mn^2+ + 5 O2 + 8 H2O',
    ],
    [
      'KMnO4 + H2O2 + H2SO4 -> MnSO4 + K2SO4 + O2 + H2O',
      '2 KMnO4 + 5 H2O2 + 3 H2SO4 → 2 MnSO4 + K2SO4 + 5 O2 + 8 H2O',
    ],
    [
      'Cr2O7^2- + H2O2 + H^+ -> Cr^3+ + O2 + H2O',
      'Cr2O7^2- + 3 H2O2 + 8 H^+ → 2 Cr^3+ + 3 O2 + 7 H2O',
    ],
    ['H2O2 + NaClO -> NaCl + O2 + H2O', 'H2O2 + NaClO → NaCl + O2 + H2O'],
    ['KClO3 + HCl -> KCl + ClO2 + Cl2 + H2O', '2 KClO3 + 4 HCl → 2 KCl + 2 ClO2 + Cl2 + 2 H2O'],
    ['MnO2 + H2O2 + H^+ -> Mn^2+ + O2 + H2O', 'MnO2 + H2O2 + 2 H^+ → Mn^2+ + O2 + 2 H2O'],
    ['PbO2 + H2O2 + HNO3 -> Pb(NO3)2 + O2 + H2O', 'PbO2 + H2O2 + 2 HNO3 → Pb(NO3)2 + O2 + 2 H2O'],
  ])('lets the electrons decide: %s', (text, equation) => {
    const found = balance(text);
    expect(found.equation).toBe(equation);
    for (const one of found.solutions ?? []) expect(isBalanced(one)).toBe(true);
  });

  it.each([
    ['Fe + O2', 'notAnEquation'],
    ['Fe -> ', 'notAnEquation'],
    ['Na + Cl2 -> NaBr', 'elementOnOneSide'],
    ['H2O -> H2O2', 'cannotBalance'],
    ['Na^+ -> Na', 'cannotBalance'],
    ['Qq + O2 -> QqO', 'unknownElement'],
  ])('refuses %s', (text, code) =>
    expect(() => balance(text)).toThrowError(expect.objectContaining({ code })),
  );

  it('balances whatever combustion it is given', () => {
    fc.assert(
      fc.property(fc.integer({ min: 1, max: 40 }), fc.nat(), (c, any) => {
        // No more hydrogen than an alkane has: C3H60 is taken for a slip of C3H6O.
        const h = 1 + (any % (2 * c + 2));
        expect(isBalanced(balance(`C${c}H${h} + O2 -> CO2 + H2O`).equation)).toBe(true);
      }),
      { numRuns: 60 },
    );
  });
});

/** Adds up atoms and charge of both sides of a written equation, independently of the balancer. */
function isBalanced(equation: string): boolean {
  const total: Record<string, number> = {};
  equation.split(' → ').forEach((side, index) => {
    for (const term of side.split(' + ')) {
      const [, count = '1', formula = ''] = /^(?:(\d+) )?(.*)$/.exec(term) ?? [];
      const { elements, charge } = parseFormula(formula);
      const weight = (index === 0 ? 1 : -1) * Number(count);
      for (const [symbol, atoms] of Object.entries({ ...elements, charge }))
        total[symbol] = (total[symbol] ?? 0) + weight * atoms;
    }
  });
  return Object.values(total).every((sum) => Math.abs(sum) < 1e-9);
}

describe('what follows from an equation', () => {
  it('writes the net ionic form and the spectators', () => {
    const { netIonic, spectators } = balance('Na2SO4 + BaCl2 -> BaSO4 + NaCl');
    expect(netIonic).toBe('SO4^2- + Ba^2+ → BaSO4');
    expect(spectators).toEqual(['Na^+', 'Cl^-']);
  });

  it('keeps weak electrolytes whole', () => {
    expect(balance('CH3COOH + NaOH -> NaCH3COO + H2O').netIonic).toBe(
      'CH3COOH + OH^- → CH3COO^- + H2O',
    );
  });

  it('gives no net ionic form when a compound’s standing in water is not in the tables', () => {
    expect(balance('SnS2 + HBr -> SnBr4 + H2S').netIonic).toBeUndefined();
  });

  // Oxidation numbers: IUPAC recommendations 2016 and the textbooks above.
  it.each([
    [
      'Zn + CuSO4 -> ZnSO4 + Cu',
      [
        ['Zn', 0, 2],
        ['Cu', 2, 0],
      ],
    ],
    [
      'H2O2 -> H2O + O2',
      [
        ['O', -1, -2],
        ['O', -1, 0],
      ],
    ],
    [
      'NaH + H2O -> NaOH + H2',
      [
        ['H', -1, 0],
        ['H', 1, 0],
      ],
    ],
    ['FeCl3 + K4Fe(CN)6 -> Fe4(Fe(CN)6)3 + KCl', []],
    ['KSCN + FeCl3 -> FeSCN^2+ + K^+ + Cl^-', []],
  ] as const)('oxidation numbers in %s', (text, changes) => {
    expect(balance(text).oxidationChanges).toEqual(
      changes.map(([element, from, to]) => ({ element, from, to })),
    );
  });

  it.each([
    ['Mg + O2 -> MgO', ['combustion', 'combination'], ['redox']],
    ['CaCO3 -> CaO + CO2', ['decomposition'], ['gas']],
    ['Zn + HCl -> ZnCl2 + H2', ['single displacement'], ['gas', 'redox']],
    ['AgNO3 + NaCl -> AgCl + NaNO3', ['double displacement'], ['precipitation']],
    ['HCl + NaOH -> NaCl + H2O', ['double displacement'], ['acid–base']],
    ['Na2CO3 + HCl -> NaCl + H2O + CO2', ['double displacement'], ['acid–base', 'gas']],
    ['Cu^2+ + NH3 -> [Cu(NH3)4]^2+', ['combination'], ['complexation']],
  ])('%s is %s and driven by %s', (text, five, drivingForce) => {
    expect(balance(text).types).toEqual({ five, drivingForce });
  });
});
