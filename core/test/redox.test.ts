import { describe, expect, it } from 'vitest';
import { react } from '../src/vessel/react';
import { bench, equationsOf, isBalanced, lastOf, precipitate, sorted } from './support/bench';

/**
 * Redox reactions of the bench as general chemistry texts balance them (Petrucci, General Chemistry; Vogel’s Qualitative
 * Inorganic Analysis; Greenwood and Earnshaw; recalled): what is put together, and the equation in the book.
 */
const textbook: readonly (readonly [start: string, added: string, equation: string])[] = [
  ['CuSO4 0.2M', 'Zn 0.1g', 'Zn(s) + Cu^2+(aq) → Zn^2+(aq) + Cu(s)'],
  ['AgNO3 0.1M', 'Cu 0.2g', 'Cu(s) + 2 Ag^+(aq) → Cu^2+(aq) + 2 Ag(s)'],
  ['CuSO4 0.2M', 'Fe 0.1g', 'Fe(s) + Cu^2+(aq) → Fe^2+(aq) + Cu(s)'],
  ['Pb(NO3)2 0.2M', 'Zn 0.1g', 'Zn(s) + Pb^2+(aq) → Zn^2+(aq) + Pb(s)'],
  ['CuCl2 0.2M', 'Al 0.03g', '2 Al(s) + 3 Cu^2+(aq) → 2 Al^3+(aq) + 3 Cu(s)'],
  ['HCl 2M', 'Mg 0.05g', 'Mg(s) + 2 H^+(aq) → Mg^2+(aq) + H2(g)'],
  ['H2SO4 1M', 'Zn 0.1g', 'Zn(s) + 2 H^+(aq) → Zn^2+(aq) + H2(g)'],
  ['HCl 2M', 'Fe 0.1g', 'Fe(s) + 2 H^+(aq) → Fe^2+(aq) + H2(g)'],
  ['HCl 2M', 'Al 0.03g', '2 Al(s) + 6 H^+(aq) → 2 Al^3+(aq) + 3 H2(g)'],
  ['water 50mL', 'Na 0.05g', '2 Na(s) + 2 H2O(l) → 2 Na^+(aq) + 2 OH^-(aq) + H2(g)'],
  ['water 50mL', 'Ca 0.02g', 'Ca(s) + 2 H2O(l) → Ca^2+(aq) + 2 OH^-(aq) + H2(g)'],
  ['NaOH 2M', 'Al 0.03g', '2 Al(s) + 2 OH^-(aq) + 6 H2O(l) → 2 Al(OH)4^-(aq) + 3 H2(g)'],
  ['NaOH 4M', 'Zn 0.05g', 'Zn(s) + 2 OH^-(aq) + 2 H2O(l) → Zn(OH)4^2-(aq) + H2(g)'],
  ['HNO3 4M', 'Cu 0.1g', '3 Cu(s) + 2 NO3^-(aq) + 8 H^+(aq) → 3 Cu^2+(aq) + 2 NO(g) + 4 H2O(l)'],
  ['HNO3 15M', 'Cu 0.1g', 'Cu(s) + 2 NO3^-(aq) + 4 H^+(aq) → Cu^2+(aq) + 2 NO2(g) + 2 H2O(l)'],
  ['HNO3 4M', 'Ag 0.1g', '3 Ag(s) + NO3^-(aq) + 4 H^+(aq) → 3 Ag^+(aq) + NO(g) + 2 H2O(l)'],
  ['KBr 0.2M', 'Cl2 0.3mmol', 'Cl2(aq) + 2 Br^-(aq) → 2 Cl^-(aq) + Br2(aq)'],
  ['KI 0.05M', 'Cl2 0.05mmol', 'Cl2(aq) + 2 I^-(aq) → 2 Cl^-(aq) + I2(aq)'],
  ['Br2 0.002M', 'KI 0.02M', 'Br2(aq) + 2 I^-(aq) → 2 Br^-(aq) + I2(aq)'],
  ['NaOH 1M', 'Cl2 1mmol', 'Cl2(aq) + 2 OH^-(aq) → Cl^-(aq) + ClO^-(aq) + H2O(l)'],
  ['NaClO 0.5M', 'HCl 2M', 'ClO^-(aq) + Cl^-(aq) + 2 H^+(aq) → Cl2(g) + H2O(l)'],
  ['Na2S2O3 0.1M', 'I2 0.02g', 'I2(s) + 2 S2O3^2-(aq) → 2 I^-(aq) + S4O6^2-(aq)'],
  [
    'KMnO4 0.01M + H2SO4 1M',
    'FeSO4 0.05M',
    'MnO4^-(aq) + 5 Fe^2+(aq) + 8 H^+(aq) → Mn^2+(aq) + 5 Fe^3+(aq) + 4 H2O(l)',
  ],
  [
    'KMnO4 0.01M + H2SO4 1M',
    'H2C2O4 0.025M',
    '2 MnO4^-(aq) + 5 H2C2O4(aq) + 6 H^+(aq) → 2 Mn^2+(aq) + 10 CO2(aq) + 8 H2O(l)',
  ],
  [
    'KMnO4 0.01M + H2SO4 1M',
    'H2O2 0.02M',
    '2 MnO4^-(aq) + 5 H2O2(aq) + 6 H^+(aq) → 2 Mn^2+(aq) + 5 O2(g) + 8 H2O(l)',
  ],
  [
    'KMnO4 0.01M + H2SO4 1M',
    'Na2SO3 0.02M',
    '2 MnO4^-(aq) + 5 SO3^2-(aq) + 6 H^+(aq) → 2 Mn^2+(aq) + 5 SO4^2-(aq) + 3 H2O(l)',
  ],
  [
    'KMnO4 0.01M',
    'Na2SO3 0.05M',
    '2 MnO4^-(aq) + 3 SO3^2-(aq) + H2O(l) → 2 MnO2(s) + 3 SO4^2-(aq) + 2 OH^-(aq)',
  ],
  [
    'KMnO4 0.01M + NaOH 4M',
    'Na2SO3 0.004M',
    '2 MnO4^-(aq) + SO3^2-(aq) + 2 OH^-(aq) → 2 MnO4^2-(aq) + SO4^2-(aq) + H2O(l)',
  ],
  [
    'K2Cr2O7 0.02M + H2SO4 1M',
    'FeSO4 0.1M',
    'Cr2O7^2-(aq) + 6 Fe^2+(aq) + 14 H^+(aq) → 2 Cr^3+(aq) + 6 Fe^3+(aq) + 7 H2O(l)',
  ],
  [
    'K2Cr2O7 0.02M + H2SO4 1M',
    'Na2SO3 0.05M',
    'Cr2O7^2-(aq) + 3 SO3^2-(aq) + 8 H^+(aq) → 2 Cr^3+(aq) + 3 SO4^2-(aq) + 4 H2O(l)',
  ],
  ['KI 0.2M + H2SO4 1M', 'H2O2 0.01M', 'H2O2(aq) + 2 H^+(aq) + 2 I^-(aq) → I2(aq) + 2 H2O(l)'],
  [
    'FeSO4 0.1M + H2SO4 1M',
    'H2O2 0.02M',
    '2 Fe^2+(aq) + H2O2(aq) + 2 H^+(aq) → 2 Fe^3+(aq) + 2 H2O(l)',
  ],
  ['H2O2 1M', 'MnO2 0.05g', '2 H2O2(aq) → 2 H2O(l) + O2(g)'],
  ['FeCl3 0.2M', 'Cu 0.02g', '2 Fe^3+(aq) + Cu(s) → 2 Fe^2+(aq) + Cu^2+(aq)'],
  ['FeCl3 0.2M', 'Fe 0.02g', '2 Fe^3+(aq) + Fe(s) → 3 Fe^2+(aq)'],
  ['FeCl3 0.1M', 'H2S 0.1mmol', '2 Fe^3+(aq) + H2S(aq) → 2 Fe^2+(aq) + S(s) + 2 H^+(aq)'],
  ['FeCl3 0.1M + HCl 2M', 'SnCl2 0.03M', '2 Fe^3+(aq) + Sn^2+(aq) → 2 Fe^2+(aq) + Sn^4+(aq)'],
  ['HgCl2 0.1M', 'SnCl2 0.02M', '2 HgCl2(aq) + Sn^2+(aq) → Hg2Cl2(s) + Sn^4+(aq) + 2 Cl^-(aq)'],
  ['CuSO4 0.1M', 'KI 0.1M', '2 Cu^2+(aq) + 4 I^-(aq) → 2 CuI(s) + I2(aq)'],
  [
    'KIO3 0.002M + H2SO4 0.5M',
    'KI 0.01M',
    'IO3^-(aq) + 5 I^-(aq) + 6 H^+(aq) → 3 I2(aq) + 3 H2O(l)',
  ],
  [
    'KBrO3 0.01M + H2SO4 1M',
    'KBr 0.05M',
    'BrO3^-(aq) + 5 Br^-(aq) + 6 H^+(aq) → 3 Br2(aq) + 3 H2O(l)',
  ],
  [
    'NaNO2 0.1M + H2SO4 1M',
    'KI 0.002M',
    '2 HNO2(aq) + 2 I^-(aq) + 2 H^+(aq) → 2 NO(g) + I2(aq) + 2 H2O(l)',
  ],
  ['Na2S2O3 0.1M', 'HCl 2M', 'S2O3^2-(aq) + 2 H^+(aq) → S(s) + SO2(aq) + H2O(l)'],
  ['water 10mL + H2S 0.5mmol', 'SO2 0.2mmol', '2 H2S(aq) + SO2(aq) → 3 S(s) + 2 H2O(l)'],
  ['HCl 12M', 'MnO2 0.1g', 'MnO2(s) + 2 Cl^-(aq) + 4 H^+(aq) → Mn^2+(aq) + Cl2(g) + 2 H2O(l)'],
  [
    'MnSO4 0.001M + HNO3 6M',
    'PbO2 0.1g',
    '5 PbO2(s) + 2 Mn^2+(aq) + 4 H^+(aq) → 5 Pb^2+(aq) + 2 MnO4^-(aq) + 2 H2O(l)',
  ],
  [
    'Cr(NO3)3 0.02M + NaOH 2M',
    'H2O2 0.05M',
    '2 Cr(OH)4^-(aq) + 3 H2O2(aq) + 2 OH^-(aq) → 2 CrO4^2-(aq) + 8 H2O(l)',
  ],
  [
    '(NH4)2Ce(NO3)6 0.02M + HNO3 1M',
    'FeSO4 0.02M',
    'Ce^4+(aq) + Fe^2+(aq) → Ce^3+(aq) + Fe^3+(aq)',
  ],
  ['K2S2O8 0.02M', 'KI 0.3M', 'S2O8^2-(aq) + 2 I^-(aq) → 2 SO4^2-(aq) + I2(aq)'],
  ['NaOH 1M', 'I2 0.1g', '3 I2(s) + 6 OH^-(aq) → 5 I^-(aq) + IO3^-(aq) + 3 H2O(l)'],
];

describe('electrons handed over', () => {
  it.each(textbook)('%s, then %s: %s', (start, added, equation) => {
    const step = lastOf(start, added);
    expect(step.notPredicted).toEqual([]);
    expect(isBalanced(equation)).toBe(true);
    expect(equationsOf(step)).toContain(sorted(equation));
  });

  it('names the type, the oxidation numbers and the potentials that decided', () => {
    const [reaction] = lastOf('CuSO4 0.2M', 'Zn 0.1g').reactions;
    expect(reaction?.types).toEqual({ five: ['single displacement'], drivingForce: ['redox'] });
    expect(reaction?.oxidationChanges).toEqual(
      expect.arrayContaining([
        { element: 'Zn', from: 0, to: 2 },
        { element: 'Cu', from: 2, to: 0 },
      ]),
    );
    expect(reaction?.why.map(({ text }) => text).join(' ')).toMatch(
      /E° = 0\.3419 V .*E° = −0\.7618 V/,
    );
    expect(reaction?.why[0]?.source).toMatch(/MINTEQA2|CRC/);
    expect(reaction?.equation).toBe('CuSO4(aq) + Zn(s) → Cu(s) + ZnSO4(aq)');
  });

  it('writes hot concentrated sulfuric acid on copper', () =>
    expect(equationsOf(lastOf('H2SO4 18M', 'Cu 0.1g', 'heat 200'))).toContain(
      sorted('Cu(s) + SO4^2-(aq) + 4 H^+(aq) → Cu^2+(aq) + SO2(g) + 2 H2O(l)'),
    ));
});

describe('the activity series', () => {
  // The series as every general chemistry text prints it. Each metal is put into the salt of every other.
  const series = [
    ['Mg', 'MgCl2'],
    ['Zn', 'ZnCl2'],
    ['Fe', 'FeCl2'],
    ['Sn', 'SnCl2'],
    ['Cu', 'CuCl2'],
    ['Ag', 'AgNO3'],
  ] as const;
  const pairs = series.flatMap(([metal], i) =>
    series.flatMap(([other, salt], j) => (i === j ? [] : [[metal, salt, other, i < j] as const])),
  );
  it.each(pairs)('%s in %s, which holds %s: displaces it: %s', (metal, salt, other, displaces) => {
    const acid = salt === 'SnCl2' ? ' + HCl 0.3M' : '';
    const { observations } = lastOf(`${salt} 0.1M 10mL${acid}`, `${metal} 0.02g`);
    const deposits = observations.flatMap((one) =>
      one.kind === 'deposit' && one.formula ? [one.formula] : [],
    );
    expect(deposits.includes(other)).toBe(displaces);
  });

  it.each([
    ['Mg', true],
    ['Al', true],
    ['Zn', true],
    ['Fe', true],
    ['Cu', false],
    ['Ag', false],
    ['Hg', false],
  ])('%s gives hydrogen with 2 M hydrochloric acid: %s', (metal, gives) => {
    const { state } = lastOf('HCl 2M', `${metal} 0.02g`);
    expect(state.gasEvolved.some(({ formula }) => formula === 'H2')).toBe(gives);
  });
});

describe('what potentials allow and the bench does not show', () => {
  // Kinetics and coats as Greenwood and Earnshaw and practical texts describe them (recalled).
  it.each([
    ['CuSO4 0.1M', 'Al 0.03g', /oxide film protects/],
    ['H2SO4 1M', 'Pb 0.1g', /sealed by a coat of PbSO4/],
    ['water 20mL', 'Mg 0.02g', /film of magnesium hydroxide/],
    ['HNO3 15M', 'Fe 0.05g', /dense oxide/],
    ['NaClO4 0.5M + HCl 0.5M', 'FeSO4 0.1M', /./],
    ['K2Cr2O7 0.05M', 'FeSO4 0.1M', /dichromate oxidises only in acid/],
    ['Na2SO4 0.5M + HCl 0.5M', 'KI 0.1M', /./],
    ['HNO3 0.1M', 'KI 0.1M', /./],
  ])('%s, then %s', (start, added, reason) => {
    const step = lastOf(start, added);
    expect(step.reactions.filter(({ types }) => types.drivingForce.includes('redox'))).toEqual([]);
    const told = step.warnings.filter(({ code }) => code === 'heldBack' || code === 'sealed');
    if (reason.source !== '.') expect(told.map(({ message }) => message).join()).toMatch(reason);
  });

  it('lets chloride open the film on aluminium', () =>
    expect(precipitate(lastOf('CuSO4 0.1M + NaCl 0.5M', 'Al 0.03g'))).toBe('Cu red-brown'));

  it('stops marble in sulfuric acid, and not in hydrochloric', () => {
    const gas = (acid: string) =>
      lastOf(acid, 'CaCO3 0.5g').state.gasEvolved.reduce((sum, one) => sum + one.amountMmol, 0);
    expect(gas('HCl 2M 10mL')).toBeGreaterThan(4);
    expect(gas('H2SO4 1M 10mL')).toBeLessThan(0.2);
    expect(lastOf('H2SO4 1M 10mL', 'CaCO3 0.5g').warnings.map(({ code }) => code)).toContain(
      'sealed',
    );
  });

  it('says what dilute and cold does not do, and what hot and concentrated does', () => {
    expect(react({ reactants: ['Cu', 'HCl'] }).none).toMatch(/below hydrogen/);
    const hot = react({ reactants: ['Cu', 'sulfuric acid'] });
    expect(hot.under).toBe('hot and concentrated');
    expect(hot.reactions[0]?.equation).toBe('2 H2SO4(aq) + Cu(s) → SO2(g) + 2 H2O(l) + CuSO4(aq)');
    expect(react({ reactants: ['Au', 'S'] }).none).toMatch(/^Not predicted: in water/);
    expect(react({ reactants: ['NaCl', 'KNO3'] }).none).toMatch(/^No reaction/);
    expect(react({ reactants: ['NaCl'], conditions: { electrodes: 'graphite' } }).none).toMatch(
      /^Not predicted/,
    );
  });
});

describe('a dissolved coloured sequence', () => {
  it('takes vanadium(V) through its colours with zinc in acid', () => {
    // Yellow, blue, green, violet (any inorganic text).
    const [, ...steps] = bench(
      'NH4VO3 0.02M 10mL + H2SO4 2M 10mL',
      'Zn 0.0066g',
      'Zn 0.0066g',
      'Zn 0.05g',
    );
    const main = steps.map(
      ({ state }) =>
        Object.entries(state.species)
          .filter(([formula]) => formula.startsWith('V'))
          .sort(([, a], [, b]) => b - a)[0]?.[0],
    );
    expect(main).toEqual(['VO^2+', 'V^3+', 'V^2+']);
  });
});
