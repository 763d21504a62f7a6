import { describe, expect, it } from 'vitest';
import { bench, equationsOf, isBalanced, lastOf, precipitate, sorted } from './support/bench';

/**
 * Classical qualitative analysis as Vogel’s Qualitative Inorganic Analysis describes it (recalled): for each cation what
 * a reagent gives, and whether it goes away again. A step without a word after → leaves a clear solution.
 */
const cations: readonly (readonly [
  start: string,
  steps: readonly (readonly [string, string])[],
])[] = [
  // Group 1
  [
    'AgNO3 0.1M',
    [
      ['HCl 2M 1mL', 'AgCl white'],
      ['NH3 6M', 'clear'],
      ['HNO3 6M 10mL', 'AgCl white'],
    ],
  ],
  [
    'AgNO3 0.1M',
    [
      ['NaOH 1M 1mL', 'Ag2O brown'],
      ['NH3 6M', 'clear'],
    ],
  ],
  [
    'AgNO3 0.1M',
    [
      ['K2CrO4 0.1M 1mL', 'Ag2CrO4 red-brown'],
      ['HNO3 4M', 'clear'],
    ],
  ],
  [
    'AgNO3 0.1M',
    [
      ['KBr 0.1M', 'AgBr cream'],
      ['Na2S2O3 1M', 'clear'],
    ],
  ],
  ['AgNO3 0.1M', [['KI 0.1M', 'AgI pale yellow']]],
  [
    'Pb(NO3)2 0.1M',
    [
      ['HCl 2M 2mL', 'PbCl2 white'],
      ['water 100mL', 'clear'],
    ],
  ],
  ['Pb(NO3)2 0.1M', [['KI 0.1M', 'PbI2 bright yellow']]],
  [
    'Pb(NO3)2 0.1M',
    [
      ['H2SO4 1M 1mL', 'PbSO4 white'],
      ['NaOH 4M 10mL', 'clear'],
    ],
  ],
  [
    'Pb(NO3)2 0.1M',
    [
      ['NaOH 1M 1mL', 'Pb(OH)2 white'],
      ['NaOH 4M', 'clear'],
    ],
  ],
  ['Pb(NO3)2 0.1M', [['K2CrO4 0.1M', 'PbCrO4 bright yellow']]],
  ['Hg2(NO3)2 0.05M', [['HCl 2M 1mL', 'Hg2Cl2 white']]],
  // Group 2
  [
    'HgCl2 0.05M',
    [
      ['KI 0.1M 5mL', 'HgI2 bright orange'],
      ['KI 1M', 'clear'],
    ],
  ],
  ['HgCl2 0.05M', [['NaOH 1M', 'HgO yellow']]],
  ['CuSO4 0.1M', [['NaOH 1M 1mL', 'Cu(OH)2 pale blue']]],
  [
    'CuSO4 0.1M',
    [
      ['NH3 1M 1mL', 'Cu4(OH)6SO4·H2O pale blue'],
      ['NH3 6M', 'clear'],
    ],
  ],
  ['CuSO4 0.1M', [['K4Fe(CN)6 0.1M 1mL', 'Cu2Fe(CN)6 red-brown']]],
  ['CuSO4 0.1M + HCl 0.3M', [['H2S 0.5mmol', 'CuS black']]],
  [
    'Bi(NO3)3 0.05M + HNO3 1M',
    [
      ['KI 0.2M 1mL', 'BiI3 black'],
      ['KI 2M', 'clear'],
    ],
  ],
  ['Bi(NO3)3 0.05M + HNO3 1M', [['NaOH 4M', 'Bi(OH)3 white']]],
  [
    'CdSO4 0.1M',
    [
      ['NH3 1M 1mL', 'Cd(OH)2 white'],
      ['NH3 6M', 'clear'],
    ],
  ],
  ['CdSO4 0.1M', [['H2S 0.5mmol', 'CdS bright yellow']]],
  ['SnCl2 0.05M + HCl 1M', [['H2S 0.3mmol', 'SnS brown']]],
  [
    'SnCl2 0.05M + HCl 1M',
    [
      ['NaOH 2M 2.7mL', 'Sn(OH)2 white'],
      ['NaOH 4M', 'clear'],
    ],
  ],
  // Group 3
  [
    'FeCl3 0.1M',
    [
      ['NaOH 1M', 'Fe(OH)3 red-brown'],
      ['NaOH 4M', 'stays'],
      ['HCl 6M 10mL', 'clear'],
    ],
  ],
  ['FeCl3 0.1M', [['K4Fe(CN)6 0.1M', 'Fe4(Fe(CN)6)3 deep blue']]],
  ['FeSO4 0.1M', [['NaOH 1M', 'Fe(OH)2 pale green']]],
  [
    'AlCl3 0.1M',
    [
      ['NaOH 1M 1.4mL', 'Al(OH)3 white'],
      ['NaOH 2M', 'clear'],
      ['NH4Cl 4M 20mL', 'Al(OH)3 white'],
    ],
  ],
  [
    'AlCl3 0.1M',
    [
      ['NH3 1M', 'Al(OH)3 white'],
      ['NH3 6M', 'stays'],
    ],
  ],
  [
    'Cr(NO3)3 0.1M',
    [
      ['NaOH 1M 1.4mL', 'Cr(OH)3 green'],
      ['NaOH 4M', 'clear'],
    ],
  ],
  ['MnSO4 0.1M', [['NaOH 1M', 'Mn(OH)2 white']]],
  [
    'ZnSO4 0.1M',
    [
      ['NaOH 1M 0.8mL', 'Zn(OH)2 white'],
      ['NaOH 4M', 'clear'],
      ['HCl 2M 12mL', 'clear'],
    ],
  ],
  [
    'ZnSO4 0.1M',
    [
      ['NH3 1M 0.9mL', 'Zn(OH)2 white'],
      ['NH3 6M', 'clear'],
    ],
  ],
  ['CoCl2 0.1M', [['NaOH 1M', 'Co(OH)2 blue']]],
  ['NiSO4 0.1M', [['NaOH 1M', 'Ni(OH)2 pale green']]],
  [
    'NiSO4 0.1M',
    [
      ['NH3 1M 0.8mL', 'Ni(OH)2 pale green'],
      ['NH3 6M 10mL', 'clear'],
    ],
  ],
  ['NiSO4 0.01M + NH3 0.5M', [['C4H8N2O2 0.02g', 'Ni(C4H7N2O2)2 red']]],
  // Groups 4 and 5
  [
    'BaCl2 0.1M',
    [
      ['H2SO4 1M 1mL', 'BaSO4 white'],
      ['HCl 6M', 'stays'],
    ],
  ],
  [
    'BaCl2 0.1M',
    [
      ['K2CrO4 0.1M', 'BaCrO4 pale yellow'],
      ['HCl 4M', 'clear'],
    ],
  ],
  [
    'BaCl2 0.1M',
    [
      ['Na2CO3 0.2M', 'BaCO3 white'],
      ['CH3COOH 4M', 'clear'],
    ],
  ],
  ['SrCl2 0.1M', [['Na2SO4 0.1M', 'SrSO4 white']]],
  [
    'CaCl2 0.1M',
    [
      ['(NH4)2C2O4 0.1M', 'CaC2O4·H2O white'],
      ['HCl 4M', 'clear'],
    ],
  ],
  [
    'CaCl2 0.1M',
    [
      ['(NH4)2C2O4 0.1M', 'CaC2O4·H2O white'],
      ['CH3COOH 1M', 'stays'],
    ],
  ],
  [
    'CaCl2 0.1M',
    [
      ['Na2CO3 0.2M', 'CaCO3 white'],
      ['HCl 2M', 'clear'],
    ],
  ],
  [
    'MgCl2 0.1M',
    [
      ['NaOH 1M', 'Mg(OH)2 white'],
      ['NH4Cl 4M', 'clear'],
    ],
  ],
  ['MgCl2 0.1M + NH4Cl 0.5M + NH3 1M', [['Na2HPO4 0.1M', 'MgNH4PO4·6H2O white']]],
  ['KCl 1M', [['H2C4H4O6 1M', 'KC4H5O6 white']]],
  ['LiCl 1M', [['Na2CO3 1M', 'Li2CO3 white']]],
];

function outcome(start: string, ...then: string[]): string {
  const step = lastOf(start, ...then);
  expect(step.notPredicted).toEqual([]);
  for (const { equation, netIonic } of step.reactions) {
    expect(isBalanced(equation), equation).toBe(true);
    expect(isBalanced(netIonic), netIonic).toBe(true);
  }
  if (step.state.solids.length === 0 || step.state.clarity === 'clear') return 'clear';
  return precipitate(step) || 'stays';
}

describe('the cations of classical analysis', () => {
  const rows = cations.flatMap(([start, steps]) =>
    steps.map(
      ([, result], at) =>
        [start, steps.slice(0, at + 1).map(([reagent]) => reagent), result] as const,
    ),
  );
  it.each(rows)('%s, then %j: %s', (start, then, result) => {
    const found = outcome(start, ...then);
    expect(result === 'stays' ? found !== 'clear' : found === result, found).toBe(true);
  });
  it('are at least twenty', () => {
    const ions = new Set(cations.map(([start]) => start.split(' ')[0]));
    expect(ions.size).toBeGreaterThanOrEqual(20);
  });
});

describe('the anions of classical analysis', () => {
  // Vogel’s Qualitative Inorganic Analysis (recalled): barium or silver nitrate, with and without acid, and acid alone.
  it.each([
    ['Na2SO4 0.1M + HCl 1M', 'BaCl2 0.1M', 'BaSO4 white'],
    ['Na2SO3 0.1M', 'BaCl2 0.1M', 'BaSO3 white'],
    ['Na2SO3 0.1M + HCl 2M', 'BaCl2 0.1M', 'clear'],
    ['Na2CO3 0.1M', 'BaCl2 0.1M', 'BaCO3 white'],
    ['Na2CO3 0.1M + HCl 2M', 'BaCl2 0.1M', 'clear'],
    ['NaCl 0.1M + HNO3 1M', 'AgNO3 0.1M', 'AgCl white'],
    ['KBr 0.1M + HNO3 0.5M', 'AgNO3 0.1M', 'AgBr cream'],
    ['KI 0.1M + HNO3 0.5M', 'AgNO3 0.1M', 'AgI pale yellow'],
    ['KSCN 0.1M', 'AgNO3 0.1M', 'AgSCN white'],
    ['Na2HPO4 0.1M', 'AgNO3 0.1M', 'Ag3PO4 yellow'],
    ['Na2HPO4 0.1M + HNO3 4M', 'AgNO3 0.1M', 'clear'],
    ['K2CrO4 0.1M', 'BaCl2 0.1M', 'BaCrO4 pale yellow'],
    ['NaF 0.2M', 'CaCl2 0.1M', 'CaF2 white'],
    ['Na2C2O4 0.1M', 'CaCl2 0.1M', 'CaC2O4·H2O white'],
    ['KNO3 0.1M + HNO3 0.5M', 'AgNO3 0.1M', 'clear'],
    ['KNO3 0.1M', 'BaCl2 0.1M', 'clear'],
    ['K3Fe(CN)6 0.1M', 'FeSO4 0.1M', 'Fe4(Fe(CN)6)3 deep blue'],
    ['K4Fe(CN)6 0.1M', 'FeCl3 0.1M', 'Fe4(Fe(CN)6)3 deep blue'],
    ['KIO3 0.1M', 'AgNO3 0.1M', 'AgIO3 white'],
    ['(NH4)2S 0.1M', 'Pb(NO3)2 0.1M', 'PbS black'],
    ['Na2SiO3 0.2M', 'HCl 4M', 'SiO2·2H2O white'],
  ])('%s, then %s: %s', (start, reagent, result) => expect(outcome(start, reagent)).toBe(result));

  it.each([
    ['Na2CO3 0.5M', 'HCl 2M', 'CO2'],
    ['NaHCO3 0.5M', 'CH3COOH 2M', 'CO2'],
    ['Na2S 0.5M', 'HCl 2M', 'H2S'],
    ['NaNO2 0.5M + KI 0.5M', 'H2SO4 1M', 'NO'],
  ])('%s with %s gives off %s', (start, acid, gas) => {
    const { observations } = lastOf(start, acid);
    expect(observations).toContainEqual(expect.objectContaining({ kind: 'gas', formula: gas }));
  });
});

describe('selective precipitation', () => {
  // Textbook separations (Skoog and West; Vogel; recalled).
  it('hydrogen sulfide in 0.3 M acid takes copper and leaves zinc, which settles when the acid is buffered', () => {
    const [, acid, buffered] = bench(
      'CuSO4 0.05M + ZnSO4 0.05M + HCl 1M',
      'H2S 1.5mmol',
      'NaCH3COO 4M 10mL',
    );
    expect(acid?.state.solids.map(({ formula }) => formula).filter((one) => one !== 'S')).toEqual([
      'CuS',
    ]);
    expect(buffered?.state.solids.map(({ formula }) => formula)).toContain('ZnS');
  });
  it('silver takes iodide before chloride', () => {
    const [, some, more] = bench('KI 0.05M + NaCl 0.05M', 'AgNO3 0.05M 4mL', 'AgNO3 0.05M 8mL');
    expect(some?.state.solids.map(({ formula }) => formula)).toEqual(['AgI']);
    expect(more?.state.solids.map(({ formula }) => formula)).toContain('AgCl');
  });
  it('an ammonium buffer keeps magnesium in solution and lets iron(III) settle', () => {
    const step = lastOf('MgCl2 0.05M + FeCl3 0.05M + NH4Cl 2M', 'NH3 1M');
    expect(step.state.solids.map(({ formula }) => formula)).toEqual(['Fe(OH)3']);
  });
  it('chromate in acetic acid takes barium and leaves strontium', () => {
    const step = lastOf('BaCl2 0.05M + SrCl2 0.05M + CH3COOH 1M + NaCH3COO 1M', 'K2CrO4 0.05M');
    expect(step.state.solids.map(({ formula }) => formula)).toEqual(['BaCrO4']);
  });
});

describe('equations of what forms and dissolves', () => {
  it.each([
    ['AgCl 0.05g', 'NH3 6M', 'AgCl(s) + 2 NH3(aq) → Ag(NH3)2^+(aq) + Cl^-(aq)'],
    ['Cu(OH)2 0.05g', 'HCl 2M', 'Cu(OH)2(s) + 2 H^+(aq) → Cu^2+(aq) + 2 H2O(l)'],
    ['Zn(OH)2 0.05g', 'NaOH 4M', 'Zn(OH)2(s) + 2 OH^-(aq) → Zn(OH)4^2-(aq)'],
    ['CuO 0.05g', 'H2SO4 1M', 'CuO(s) + 2 H^+(aq) → Cu^2+(aq) + H2O(l)'],
    ['FeS 0.05g', 'HCl 2M', 'FeS(s) + 2 H^+(aq) → Fe^2+(aq) + H2S(g)'],
    ['CaCO3 0.1g', 'HCl 2M', 'CaCO3(s) + 2 H^+(aq) → Ca^2+(aq) + CO2(g) + H2O(l)'],
    ['FeCl3 0.02M', 'KSCN 0.02M', 'Fe^3+(aq) + SCN^-(aq) → FeSCN^2+(aq)'],
    ['CuSO4 0.2M', 'Na2CO3 0.2M', '2 Cu^2+(aq) + 2 CO3^2-(aq) + H2O(l) → Cu2(OH)2CO3(s) + CO2(g)'],
    ['Na2S 0.1M', 'CuSO4 0.1M', 'Cu^2+(aq) + S^2-(aq) → CuS(s)'],
    ['NH4Cl 0.5M', 'NaOH 0.5M', 'NH4^+(aq) + OH^-(aq) → NH3(aq) + H2O(l)'],
    ['CH3COOH 0.5M', 'NaOH 0.5M', 'CH3COOH(aq) + OH^-(aq) → CH3COO^-(aq) + H2O(l)'],
    ['Na2SO3 0.2M', 'HCl 2M', 'SO3^2-(aq) + 2 H^+(aq) → SO2(aq) + H2O(l)'],
    ['K2CrO4 0.2M', 'H2SO4 1M', '2 CrO4^2-(aq) + 2 H^+(aq) → Cr2O7^2-(aq) + H2O(l)'],
    ['NiSO4 0.1M', 'NH3 6M', 'Ni^2+(aq) + 6 NH3(aq) → Ni(NH3)6^2+(aq)'],
  ])('%s with %s: %s', (start, added, equation) =>
    expect(equationsOf(lastOf(start, added))).toContain(sorted(equation)),
  );
});
