import { describe, expect, it } from 'vitest';
import { label } from '../src/safety/label';
import { pictogramsOf } from '../src/safety/statements';

/**
 * Labels of common bottles at three strengths each, worked out by hand from the published rules: CLP Regulation 1272/2008, Annex
 * VI for the substance and its specific limits, Annex I for the rest (UN GHS, Revision 9, has the same clauses). M: mol/L;
 * otherwise per cent by mass. Statements in any order; an empty list is a bottle that is not classified.
 */
type Row = readonly [strength: number, codes: string, clause: string];
const bottles: Readonly<Record<string, readonly [Row, Row, Row]>> = {
  // Acids: specific limits.
  HCl: [
    [3, '', 'VI: under 10 %'],
    [15, 'H315 H319 H335', 'VI: 10 to 25 %'],
    [37, 'H314 H335 H290', 'VI: from 25 %'],
  ],
  HBr: [
    [5, '', 'VI'],
    [20, 'H315 H319 H335', 'VI: 10 to 40 %'],
    [48, 'H314 H335', 'VI: from 40 %'],
  ],
  HNO3: [
    [0.6, '', '3.2.3.3: under 1 %'],
    [2, 'H315 H319', '3.2.3.3, 3.3.3.3'],
    [6, 'H314 H290', 'VI: from 5 %'],
  ],
  H2SO4: [
    [4.8, '', 'VI: under 5 %'],
    [9.3, 'H315 H319', 'VI: 5 to 15 %'],
    [25, 'H314 H290', 'VI: from 15 %'],
  ],
  H3PO4: [
    [5, '', 'VI'],
    [12, 'H315 H319', 'VI: 10 to 25 %'],
    [30, 'H302 H314 H290', 'VI: from 25 %; ATE 500/0.30 = 1667'],
  ],
  CH3COOH: [
    [6, '', 'VI: under 10 %'],
    [12, 'H315 H319', 'VI: 10 to 25 %'],
    [99.7, 'H226 H314 H290', 'VI: from 25 %'],
  ],
  HCOOH: [
    [1, '', 'VI'],
    [5, 'H315 H319', 'VI: 2 to 10 %'],
    [12, 'H314', 'VI: from 10 %'],
  ],
  HClO4: [
    [0.5, '', 'VI'],
    [5, 'H315 H319', 'VI: 1 to 10 %'],
    [20, 'H314 H373 H290', 'VI: from 10 %; Table 3.9.4'],
  ],
  HF: [
    [0.05, '', 'VI'],
    [0.5, 'H302 H311 H319', 'VI: 0.1 to 1 %; ATE 5/0.005 = 1000'],
    [5, 'H301 H310 H314 H331', 'VI: from 1 %; ATE 5/0.05 = 100, dermal 100, vapour 10'],
  ],
  H3C6H5O7: [
    [5, '', '3.3.3.3: under 10 %'],
    [9, '', '3.3.3.3'],
    [20, 'H319 H335', '3.3.3.3: from 10 %; 3.8.3.4.5: from 20 %'],
  ],
  H2C4H4O6: [
    [0.5, '', '3.3.3.3'],
    [2, 'H319', '3.3.3.3: 1 to 3 %'],
    [15, 'H318', '3.3.3.3: from 3 %'],
  ],
  // Alkalis.
  NaOH: [
    [0.4, '', 'VI: under 0.5 %'],
    [1, 'H315 H319', 'VI: 0.5 to 2 %'],
    [4, 'H314 H290', 'VI: from 2 %'],
  ],
  KOH: [
    [0.4, '', 'VI'],
    [1, 'H315 H319', 'VI: 0.5 to 2 %'],
    [6, 'H314 H290', 'VI: from 2 %'],
  ],
  NH3: [
    [0.9, '', '3.2.3.3: under 1 %'],
    [1.7, 'H315 H319', '3.2.3.3'],
    [10, 'H314 H335 H290', '3.2.3.3: from 5 %; VI: H335 from 5 %'],
  ],
  'Ba(OH)2': [
    [0.5, '', '3.2.3.3.4: under 1 %'],
    [0.9, '', '3.2.3.3.4'],
    [3, 'H314', '3.2.3.3.4, Table 3.2.4: from 1 %'],
  ],
  LiOH: [
    [0.2, '', 'Table 3.2.4'],
    [2.4, 'H314', 'Table 3.2.4'],
    [9, 'H314', 'Table 3.2.4'],
  ],
  Na2CO3: [
    [1, '', '3.3.3.3: under 10 %'],
    [5, '', '3.3.3.3'],
    [15, 'H319', '3.3.3.3: from 10 %'],
  ],
  Na3PO4: [
    [0.5, '', 'Table 3.3.4'],
    [1.6, 'H318', 'Table 3.3.4: from 1 %'],
    [20, 'H315 H318 H335', '3.2.3.3; 3.8.3.4.5'],
  ],
  // Oxidisers.
  H2O2: [
    [3, '', 'VI: under 5 %'],
    [6, 'H319', 'VI: 5 to 8 %'],
    [30, 'H302 H318', 'VI: 8 to 50 %; ATE 500/0.3 = 1667'],
  ],
  NaClO: [
    [0.5, 'H412', '3.2.3.3; 100 × 0.5 = 50'],
    [3, 'H315 H318 H400 H411', '3.2.3.3; 3.3.3.3; M 10'],
    [10, 'H314 H400 H411 EUH031 H290', '3.2.3.3: from 5 %; VI: EUH031 from 5 %'],
  ],
  KMnO4: [
    [0.1, 'H412', '4.1.3.5.5: 10 × 10 × 0.1 = 10; 100 × 10 × 0.1 = 100'],
    [0.32, 'H411', '4.1.3.5.5: 10 × 10 × 0.32 = 32'],
    [3, 'H361d H315 H318 H410', 'H361d: Table 3.7.2 from 3 %; 10 × 3 = 30'],
  ],
  KClO3: [
    [1, '', '4.1.3.5.5'],
    [3, 'H412', '4.1.3.5.5: 10 × 3 = 30'],
    [6, 'H412', '4.1.3.5.5; ATE 500/0.06 = 8333'],
  ],
  KIO3: [
    [0.5, '', '3.3.3.3'],
    [2, 'H319', '3.3.3.3'],
    [4, 'H318', '3.3.3.3: from 3 %'],
  ],
  K2S2O8: [
    [0.5, '', 'Table 3.4.5'],
    [1.4, 'H334 H317', 'Table 3.4.5: from 1 %'],
    [3, 'H334 H317', 'Table 3.4.5'],
  ],
  K2Cr2O7: [
    [0.05, 'H412', 'under 0.1 %; 4.1.3.5.5: 100 × 10 × 0.05 = 50'],
    [0.6, 'H350 H340 H360FD H411', 'Tables 3.5.2, 3.6.2, 3.7.2; 10 × 10 × 0.6 = 60'],
    [
      3,
      'H350 H340 H360FD H334 H317 H373 H332 H315 H318 H410',
      'Tables; ATE mist 0.05/0.03 = 1.67; RE 2 from 1 %; 3.2.3.3 1 to 5 %; 3.3.3.3 from 3 %',
    ],
  ],
  K2CrO4: [
    [0.05, 'H412', '4.1.3.5.5: 100 × 10 × 0.05'],
    [0.3, 'H350i H340 H411', 'Tables 3.5.2, 3.6.2'],
    [1.9, 'H350i H340 H317 H411', 'VI: H317 from 0.5 %; 10 × 1.9 = 19; 100 × 1.9 = 190'],
  ],
  // Heavy metals.
  'Pb(NO3)2': [
    [0.1, 'H412', '4.1.3.5.5: 100 × 10 × 0.1 = 100'],
    [0.33, 'H360D H411', 'Table 3.7.2 from 0.3 %; 10 × 10 × 0.33'],
    [3.25, 'H360Df H318 H373 H410', '3.3.3.3; VI: H373 from 0.5 %; 10 × 3.25'],
  ],
  'Pb(CH3COO)2': [
    [0.1, 'H412', '4.1.3.5.5'],
    [0.32, 'H360D H411', 'Table 3.7.2'],
    [3.2, 'H360Df H318 H373 H410', '3.3.3.3, VI'],
  ],
  CuSO4: [
    [0.16, '', '4.1.3.5.5: acute 1.6; chronic 100 × 0.16 = 16'],
    [1.6, 'H319 H412', '3.3.3.3; 100 × 1.6 = 160'],
    [7.6, 'H318 H400 H411', '3.3.3.3; 10 × 7.6 = 76'],
  ],
  CuCl2: [
    [0.1, '', '4.1.3.5.5'],
    [1.3, 'H319 H412', '3.3.3.3'],
    [12, 'H315 H318 H400 H411', '3.2.3.3: from 10 %'],
  ],
  'Cu(NO3)2': [
    [0.2, '', '4.1.3.5.5: 100 × 0.2 = 20'],
    [1.9, 'H315 H319 H412', '3.2.3.3'],
    [9, 'H314 H400 H411', '3.2.3.3: from 5 %'],
  ],
  ZnSO4: [
    [0.2, '', '4.1.3.5.5: 100 × 0.2 = 20'],
    [1.6, 'H319 H412', '3.3.3.3'],
    [8, 'H318 H411', '3.3.3.3; 10 × 8 = 80'],
  ],
  ZnCl2: [
    [0.2, '', '4.1.3.5.5'],
    [1.4, 'H315 H319 H412', '3.2.3.3'],
    [12, 'H314 H411', '3.2.3.3; ATE 500/0.12 = 4167'],
  ],
  AgNO3: [
    [0.017, 'H412', '4.1.3.5.5: 10 × 100 × 0.017 = 17; 100 × 100 × 0.017 = 170'],
    [0.3, 'H410', '1000 × 0.3; 100 × 0.3 = 30'],
    [1.7, 'H315 H319 H410', '3.2.3.3: 1 to 5 %'],
  ],
  NiSO4: [
    [0.05, 'H317', 'VI: H317 from 0.01 %'],
    [0.15, 'H350i H317 H373', 'Table 3.6.2; VI: H373 0.1 to 1 %'],
    [1.54, 'H350i H360D H334 H372 H341 H317 H412', 'VI: H372 from 1 %'],
  ],
  NiCl2: [
    [0.05, 'H317', 'VI'],
    [0.2, 'H350i H317 H373', 'VI'],
    [1.3, 'H350i H360D H334 H372 H341 H317 H412', 'VI'],
  ],
  CoCl2: [
    [0.013, 'H350i', 'VI: H350i from 0.01 %; 100 × 10 × 0.013 = 13'],
    [0.13, 'H350i H412', '100 × 10 × 0.13 = 130'],
    [1.3, 'H350i H360F H334 H341 H317 H411', 'Tables; 10 × 10 × 1.3 = 130'],
  ],
  'Co(NO3)2': [
    [0.02, 'H350i', 'VI'],
    [0.18, 'H350i H412', 'VI'],
    [1.8, 'H350i H360F H334 H341 H317 H319 H411', '3.3.3.3: 1 to 3 %'],
  ],
  CdSO4: [
    [0.02, 'H350', 'VI: H350 from 0.01 %'],
    [0.2, 'H350 H340 H373 H412', 'VI: H373 0.1 to 7 %; M not known, 10'],
    [
      8,
      'H350 H340 H360FD H372 H331 H302 H410',
      'VI: H372 from 7 %; ATE mist 0.05/0.08 = 0.63, oral 1250',
    ],
  ],
  HgCl2: [
    [0.03, 'H411', 'ATE not counted under 0.1 %; 10 × 100 × 0.03 = 30'],
    [0.27, 'H302 H410', 'ATE 5/0.0027 = 1852; 100 × 0.27 = 27'],
    [2.7, 'H301 H373 H341 H315 H319 H410', 'ATE 185; 3.2.3.3; Tables'],
  ],
  BaCl2: [
    [2, '', 'ATE 100/0.02 = 5000'],
    [4, '', 'ATE 2500'],
    [10, 'H302', 'ATE 1000'],
  ],
  'Ba(NO3)2': [
    [1, '', 'ATE'],
    [2.6, '', 'ATE 3846'],
    [6, 'H302', 'ATE 1667'],
  ],
  MnSO4: [
    [0.5, '', '3.3.3.3'],
    [1.5, 'H319', '3.3.3.3: 1 to 3 %'],
    [14, 'H318 H373 H412', '3.3.3.3; Table 3.9.4 from 10 %; 10 × 14 = 140'],
  ],
  SnCl2: [
    [0.5, '', '3.2.3.3'],
    [1.9, 'H317 H315 H319', '3.2.3.3; Table 3.4.5'],
    [20, 'H314 H317 H373 H290', '3.2.3.3; Table 3.9.4; ATE oral 2500'],
  ],
  FeCl3: [
    [0.5, '', '3.3.3.3'],
    [1.6, 'H319', '3.3.3.3: 1 to 3 %'],
    [14, 'H315 H318', '3.2.3.3: from 10 %'],
  ],
  FeSO4: [
    [1.5, '', '3.3.3.3'],
    [5, '', '3.3.3.3'],
    [15, 'H315 H319', '3.2.3.3; ATE 500/0.15 = 3333'],
  ],
  'Al2(SO4)3': [
    [0.5, '', '3.3.3.3'],
    [2, 'H319', '3.3.3.3'],
    [10, 'H318', '3.3.3.3: from 3 %'],
  ],
  CrCl3: [
    [1, '', '3.2.3.3'],
    [5, '', '3.2.3.3'],
    [12, 'H315 H319', '3.2.3.3'],
  ],
  SrCl2: [
    [0.5, '', '3.3.3.3'],
    [1.6, 'H319', '3.3.3.3'],
    [5, 'H318', '3.3.3.3'],
  ],
  // Salts of group 1 and ammonium.
  NH4Cl: [
    [1, '', '3.3.3.3'],
    [5, '', '3.3.3.3'],
    [12, 'H319', '3.3.3.3: from 10 %; ATE 4167'],
  ],
  NaNO2: [
    [0.7, '', 'ATE 14 000'],
    [3.4, '', 'ATE 2941; acute 3.4'],
    [7, 'H302', 'ATE 1429'],
  ],
  NaF: [
    [0.4, '', 'ATE'],
    [2, 'EUH032', 'VI: EUH032; ATE 5000'],
    [4, 'EUH032', 'ATE 2500'],
  ],
  KI: [
    [1.6, 'H373', 'Table 3.9.4: RE 2 from 1 %'],
    [0.5, '', 'Table 3.9.4'],
    [12, 'H372', 'Table 3.9.4: from 10 %'],
  ],
  KSCN: [
    [0.5, '', 'VI'],
    [1, 'EUH032', 'VI'],
    [9, 'EUH032', 'VI; ATE 5556; chronic 3 9 %'],
  ],
  Na2S: [
    [0.5, '', 'Table 3.2.4'],
    [0.8, '', 'Table 3.2.4'],
    [1.6, 'H314 EUH031', 'Table 3.2.4: from 1 %; ATE 6250'],
  ],
  NaHSO4: [
    [0.5, '', 'Table 3.3.4'],
    [1.2, 'H318', 'Table 3.3.4: from 1 %'],
    [12, 'H318', 'Table 3.3.4'],
  ],
  Na2SO3: [
    [0.5, '', 'ATE'],
    [1.2, 'EUH031', 'suppliers'],
    [12, 'EUH031', 'ATE 4167'],
  ],
  Na2B4O7: [
    [0.2, '', 'Table 3.7.2: under 0.3 %'],
    [1, 'H360FD', 'Table 3.7.2'],
    [3, 'H360FD', 'Table 3.7.2'],
  ],
  'B(OH)3': [
    [0.2, '', 'Table 3.7.2'],
    [1, 'H360FD', 'Table 3.7.2'],
    [5, 'H360FD', 'Table 3.7.2'],
  ],
  'K4Fe(CN)6': [
    [0.5, '', ''],
    [1, 'EUH032', 'suppliers'],
    [10, 'EUH032', 'chronic 3: 10 %'],
  ],
  NaCl: [
    [1, '', 'not classified'],
    [10, '', 'not classified'],
    [25, '', 'not classified'],
  ],
  Na2SO4: [
    [1, '', 'not classified'],
    [5, '', 'not classified'],
    [15, '', 'not classified'],
  ],
  MgSO4: [
    [1, '', 'not classified'],
    [10, '', 'not classified'],
    [20, '', 'not classified'],
  ],
  Na2S2O3: [
    [1, '', 'not classified'],
    [5, '', 'not classified'],
    [20, '', 'not classified'],
  ],
  // Liquids.
  C2H5OH: [
    [5, '', 'flash point 62 °C'],
    [40, 'H226', 'flash point 26 °C'],
    [96, 'H225 H319', 'flash point 17 °C; VI: H319 from 50 %'],
  ],
  C3H6O: [
    [1, '', ''],
    [5, 'H226', 'flash point between 23 and 60 °C'],
    [50, 'H225 H319 H336', '3.8.3.4.5: from 20 %'],
  ],
};

describe('labels of bottles as they are made up', () => {
  it('are worked out for at least sixty bottles', () =>
    expect(Object.keys(bottles).length).toBeGreaterThanOrEqual(60));

  it.each(
    Object.entries(bottles).flatMap(([substance, rows]) =>
      rows.map(([percentWW, codes, clause]) => ({ substance, percentWW, codes, clause })),
    ),
  )('$percentWW % $substance: $codes ($clause)', ({ substance, percentWW, codes }) => {
    const found = label({ substance, percentWW }).statements.map(({ code }) => code);
    expect([...found].sort()).toEqual(
      codes
        .split(' ')
        .filter((one) => one !== '')
        .sort(),
    );
  });

  it('say how strong a molar bottle is, and which rule gives each statement', () => {
    // CRC Handbook, density of aqueous solutions: 1 M HCl 3.6 %, 1 M NaOH 3.8 %, 2 M H2SO4 17.6 %, 0.1 M Pb(NO3)2 3.2 %.
    for (const [substance, concentrationM, percentWW] of [
      ['HCl', 1, 3.6],
      ['NaOH', 1, 3.8],
      ['H2SO4', 2, 17.6],
      ['Pb(NO3)2', 0.1, 3.2],
      ['CuSO4', 0.5, 7.5],
      ['NH3', 2, 3.4],
    ] as const)
      expect(label({ substance, concentrationM }).percentWW / percentWW).toBeCloseTo(1, 1);
    const { basis, statements } = label({ substance: 'Pb(NO3)2', concentrationM: 0.1 });
    for (const { code } of statements) expect(basis.join()).toContain(code);
  });

  it('begin with the worst', () => {
    expect(
      label({ substance: 'lead(II) nitrate', concentrationM: 0.1 }).statements[0]?.text,
    ).toMatch(/unborn child/);
    expect(label({ substance: 'KCN', pure: true }).statements[0]?.code).toBe('H330');
  });

  it('of a substance that is not classed here say so, and are on the safe side', () => {
    const { statements, basis } = label({ substance: 'CdMoO4', pure: true });
    expect(statements.map(({ code }) => code)).toEqual(expect.arrayContaining(['H350']));
    expect(basis.join()).toMatch(/safe side/);
  });

  it('are for exactly one strength', () => {
    expect(() => label({ substance: 'HCl' })).toThrow(/one strength/);
    expect(() => label({ substance: 'HCl', concentrationM: 1, percentWW: 3 })).toThrow(
      /one strength/,
    );
  });
});

describe('the order of precedence of pictograms (CLP, Article 26)', () => {
  it.each([
    [['H301', 'H302', 'H315'], ['skull']],
    [
      ['H314', 'H302'],
      ['corrosion', 'exclamation'],
    ],
    [['H318', 'H315'], ['corrosion']],
    [
      ['H318', 'H317'],
      ['corrosion', 'exclamation'],
    ],
    [
      ['H314', 'H335'],
      ['corrosion', 'exclamation'],
    ],
    [['H334', 'H317', 'H319'], ['health hazard']],
    [
      ['H350', 'H319'],
      ['health hazard', 'exclamation'],
    ],
    [['H411'], ['environment']],
    [['H412'], []],
  ] as const)('%j has %j', (codes, pictograms) => expect(pictogramsOf(codes)).toEqual(pictograms));
});
