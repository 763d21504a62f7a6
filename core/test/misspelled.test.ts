import { describe, expect, it } from 'vitest';
import { ChemistryError } from '../src/common/errors';
import { balance } from '../src/matter/equation/balance';
import { parseFormula } from '../src/matter/formula/parseFormula';
import { molarMassOf } from '../src/matter/formula/molarMass';
import { describeFormula } from '../src/matter/substances/describeFormula';
import { findSubstance } from '../src/matter/substances/findSubstance';
import { readFormula } from '../src/matter/substances/readFormula';
import { prepare } from '../src/solution/preparation/prepare';

/** The error something ends in; fails the test where there is none. */
function errorOf(run: () => unknown): ChemistryError {
  try {
    run();
  } catch (error) {
    if (error instanceof ChemistryError) return error;
    throw error;
  }
  throw new Error('It went through.');
}

/** What was typed, and what was meant: slips of the hand, of the eye and of memory. */
const slips = {
  'a zero for the letter O': [
    ['NaN03', 'NaNO3'],
    ['AgN03', 'AgNO3'],
    ['CuS04', 'CuSO4'],
    ['H20', 'H2O'],
    ['H202', 'H2O2'],
    ['KN03', 'KNO3'],
    ['Pb(N03)2', 'Pb(NO3)2'],
    ['Na0H', 'NaOH'],
    ['K0H', 'KOH'],
    ['KMn04', 'KMnO4'],
    ['K2Cr207', 'K2Cr2O7'],
    ['K2Cr04', 'K2CrO4'],
    ['H2S04', 'H2SO4'],
    ['HN03', 'HNO3'],
    ['H3P04', 'H3PO4'],
    ['Na2C03', 'Na2CO3'],
    ['NaHC03', 'NaHCO3'],
    ['CaC03', 'CaCO3'],
    ['MgS04', 'MgSO4'],
    ['ZnS04', 'ZnSO4'],
    ['FeS04', 'FeSO4'],
    ['Al2(S04)3', 'Al2(SO4)3'],
    ['BaS04', 'BaSO4'],
    ['Na2S203', 'Na2S2O3'],
    ['Na2S03', 'Na2SO3'],
    ['NaN02', 'NaNO2'],
    ['KI03', 'KIO3'],
    ['KCl03', 'KClO3'],
    ['NaCl0', 'NaClO'],
    ['Mn02', 'MnO2'],
    ['Cu0', 'CuO'],
    ['Zn0', 'ZnO'],
    ['Mg0', 'MgO'],
    ['Fe203', 'Fe2O3'],
    ['Al203', 'Al2O3'],
    ['Pb02', 'PbO2'],
    ['Ca(0H)2', 'Ca(OH)2'],
    ['Ba(0H)2', 'Ba(OH)2'],
    ['C02', 'CO2'],
    ['S02', 'SO2'],
    ['N02', 'NO2'],
    ['CH3C00H', 'CH3COOH'],
    ['NaCH3C00', 'NaCH3COO'],
    ['C2H50H', 'C2H5OH'],
    ['(NH4)2S04', '(NH4)2SO4'],
    ['NH4N03', 'NH4NO3'],
    ['Na2S04', 'Na2SO4'],
    ['Na3P04', 'Na3PO4'],
    ['CuS04.5H20', 'CuSO4·5H2O'],
    ['Na2S04·10H2O', 'Na2SO4'],
    ['02', 'O2'],
    ['H2C204', 'H2C2O4'],
  ],
  'one, I and l for each other': [
    ['NaC1', 'NaCl'],
    ['NaCI', 'NaCl'],
    ['KC1', 'KCl'],
    ['KCI', 'KCl'],
    ['HC1', 'HCl'],
    ['HCI', 'HCl'],
    ['CaC12', 'CaCl2'],
    ['CaCI2', 'CaCl2'],
    ['BaC12', 'BaCl2'],
    ['CuC12', 'CuCl2'],
    ['CuCI2', 'CuCl2'],
    ['FeC13', 'FeCl3'],
    ['FeCI3', 'FeCl3'],
    ['CoC12', 'CoCl2'],
    ['NiC12', 'NiCl2'],
    ['MgC12', 'MgCl2'],
    ['NH4C1', 'NH4Cl'],
    ['NH4CI', 'NH4Cl'],
    ['A1C13', 'AlCl3'],
    ['AICI3', 'AlCl3'],
    ['ZnC12', 'ZnCl2'],
    ['AgC1', 'AgCl'],
    ['SnC12', 'SnCl2'],
    ['C12', 'Cl2'],
    ['CI2', 'Cl2'],
    ['K1', 'KI'],
    ['Kl', 'KI'],
    ['Na1', 'NaI'],
    ['Nal', 'NaI'],
    ['12', 'I2'],
    ['l2', 'I2'],
    ['Pb12', 'PbI2'],
    ['Pbl2', 'PbI2'],
    ['K1O3', 'KIO3'],
    ['KClO', 'KClO3'],
    ['A12(SO4)3', 'Al2(SO4)3'],
    ['AI2O3', 'Al2O3'],
    ['A1', 'Al'],
    ['AgI3', 'AgI'],
    ['Cul', 'CuI'],
  ],
  'five and S for each other': [
    ['Cu5O4', 'CuSO4'],
    ['H25O4', 'H2SO4'],
    ['Na25O4', 'Na2SO4'],
    ['Fe5', 'FeS'],
    ['Zn5', 'ZnS'],
    ['5O2', 'SO2'],
    ['Na25', 'Na2S'],
    ['K5CN', 'KSCN'],
    ['Mg5O4', 'MgSO4'],
    ['Zn5O4', 'ZnSO4'],
    ['CuSO4·SH2O', 'CuSO4·5H2O'],
    ['Na2S2O3·SH2O', 'Na2S2O3·5H2O'],
    ['Ba5O4', 'BaSO4'],
    ['H25', 'H2S'],
    ['Na250', ''],
  ],
  capitals: [
    ['NACL', 'NaCl'],
    ['nacl', 'NaCl'],
    ['NAOH', 'NaOH'],
    ['naoh', 'NaOH'],
    ['CUSO4', 'CuSO4'],
    ['cuso4', 'CuSO4'],
    ['agno3', 'AgNO3'],
    ['AGNO3', 'AgNO3'],
    ['hcl', 'HCl'],
    ['CACO3', 'CaCO3'],
    ['mgso4', 'MgSO4'],
    ['FECL3', 'FeCl3'],
    ['kmno4', 'KMnO4'],
    ['KMNO4', 'KMnO4'],
    ['pbi2', 'PbI2'],
    ['ZN', 'Zn'],
    ['CU', 'Cu'],
    ['mg', 'Mg'],
    ['H2o', 'H2O'],
    ['COCl2', 'CoCl2'],
    ['NACN', 'NaCN'],
    ['nan3', 'NaN3'],
  ],
  'numbers and brackets': [
    ['AgNO', 'AgNO3'],
    ['Na2SO', 'Na2SO4'],
    ['NaC', ''],
    ['NaSO4', 'Na2SO4'],
    ['AgNO4', 'AgNO3'],
    ['KSO4', 'K2SO4'],
    ['CaCl', 'CaCl2'],
    ['NaCl2', 'NaCl'],
    ['CuNO3', ''],
    ['PbNO3', 'Pb(NO3)2'],
    ['CaOH', ''],
    ['CaOH2', 'Ca(OH)2'],
    ['BaOH2', 'Ba(OH)2'],
    ['PbNO32', ''],
    ['Al2SO43', ''],
    ['NH4SO4', '(NH4)2SO4'],
    ['NaCO3', 'Na2CO3'],
    ['NaPO4', 'Na3PO4'],
    ['FeSO3', 'FeSO4'],
    ['K2MnO5', 'K2MnO4'],
    ['KMnO3', 'KMnO4'],
    ['H2SO', 'H2SO4'],
    ['HSO4', ''],
    ['AlCl', 'AlCl3'],
    ['MgCl', 'MgCl2'],
    ['ZnCl', 'ZnCl2'],
    ['FeCl', 'FeCl2'],
    ['AlSO4', ''],
    ['KCrO4', 'K2CrO4'],
    ['Na2NO3', 'NaNO3'],
    ['BaCl', 'BaCl2'],
  ],
  'a missing charge': [
    ['SO4', 'SO4^2-'],
    ['NO3', 'NO3^-'],
    ['NH4', 'NH4^+'],
    ['CO3', 'CO3^2-'],
    ['PO4', 'PO4^3-'],
    ['MnO4', 'MnO4^-'],
    ['OH', 'OH^-'],
    ['Cr2O7', 'Cr2O7^2-'],
    ['SCN', 'SCN^-'],
    ['HCO3', 'HCO3^-'],
  ],
  'another substance of the same composition': [
    ['CH3OCH3', ''],
    ['HCOOCH3', ''],
    ['CH3CH2CHO', ''],
    ['NH4CNO', ''],
    ['CH3CHO', ''],
  ],
  names: [
    ['sodium chlorid', 'sodium chloride'],
    ['sodum chloride', 'sodium chloride'],
    ['s0dium chloride', 'sodium chloride'],
    ['silver nitrat', 'silver nitrate'],
    ['siver nitrate', 'silver nitrate'],
    ['coper sulfate', 'copper sulfate'],
    ['copper sulfat', 'copper sulfate'],
    ['potasium iodide', 'potassium iodide'],
    ['potassium iodid', 'potassium iodide'],
    ['led nitrate', 'lead nitrate'],
    ['calcuim carbonate', 'calcium carbonate'],
    ['amonium chloride', 'ammonium chloride'],
    ['hydrocloric acid', 'hydrochloric acid'],
    ['sulfuic acid', 'sulfuric acid'],
    ['nitirc acid', 'nitric acid'],
    ['phosporic acid', 'phosphoric acid'],
    ['potassium permaganate', 'potassium permanganate'],
    ['potassium dichromat', 'potassium dichromate'],
    ['magnesuim sulfate', 'magnesium sulfate'],
    ['barium cloride', 'barium chloride'],
    ['sodium thiosulfat', 'sodium thiosulfate'],
    ['sodium hydoxide', 'sodium hydroxide'],
    ['iron(III) clhoride', 'iron(iii) chloride'],
    ['zinc sulfaet', 'zinc sulfate'],
    ['colbalt chloride', 'cobalt chloride'],
    ['nickle sulfate', 'nickel sulfate'],
    ['glucos', 'glucose'],
    ['etanol', 'ethanol'],
    ['acetic acod', 'acetic acid'],
    ['oxalic acd', 'oxalic acid'],
    ['sodium thiocyanat', 'sodium thiocyanate'],
    ['blue vitrol', 'blue vitriol'],
    ['washing sod', 'washing soda'],
    ['epsom sal', 'epsom salt'],
    ['gypsom', 'gypsum'],
    ['iron chloride', ''],
    ['soda', ''],
    ['vitriol', ''],
    ['nitrate', ''],
    ['acid', ''],
  ],
} as const;

const all = Object.entries(slips).flatMap(([kind, rows]) =>
  rows.map(([typed, meant]) => ({ kind, typed: typed as string, meant: meant as string })),
);

describe('formulae and names that are misspelt', () => {
  it('are at least two hundred', () => expect(all.length).toBeGreaterThanOrEqual(200));

  it.each(all)('$typed ($kind) is asked about, and never weighed out', ({ typed, meant }) => {
    const error = errorOf(() => findSubstance(typed));
    expect(['unknownSubstance', 'lookAlike', 'ionNotSubstance']).toContain(error.code);
    expect(error.remedy.toLowerCase()).toContain(meant.toLowerCase());
    expect(
      errorOf(() => prepare({ substance: typed, concentrationM: 0.1, volumeMl: 100 })).field,
    ).toBe('substance');
  });

  it('are never read as a formula where a digit stands for a letter', () => {
    for (const kind of [
      'a zero for the letter O',
      'one, I and l for each other',
      'five and S for each other',
    ] as const)
      for (const [typed, meant] of slips[kind])
        if (meant !== '' && !['KClO', 'AgI3', 'Cul'].includes(typed))
          expect(errorOf(() => readFormula(typed)).remedy, typed).toContain(meant);
  });

  it('are asked about where the formula can be read and means something else', () => {
    expect(describeFormula('SO4').questions?.[0]).toContain('SO4^2-');
    expect(describeFormula('AgNO').questions?.[0]).toContain('AgNO3');
    expect(describeFormula('CuSO4·5H2O').questions).toBeUndefined();
    expect(balance('NH4 + OH -> NH3 + H2O').questions?.join(' ')).toMatch(/NH4\^\+.*OH\^-/s);
    expect(() => balance('CH4 + O2 -> CO2 + H20')).toThrow(/looks like one/);
  });

  it('do not shut out what is written rightly', () => {
    for (const formula of [
      'C12H26',
      'C10H8',
      'N2O5',
      'P4O10',
      'C15H32',
      'H2O',
      '2 H2O',
      '5 O2',
      'CO',
      'Co',
      'HF',
      'Hf',
      'COCl2',
      'CS2',
    ])
      expect(readFormula(formula).formula).toBe(formula.replace(/^\d /, ''));
    for (const [typed, formula] of [
      ['CH3COONa', 'NaCH3COO'],
      ['NaOCl', 'NaClO'],
      ['KNCS', 'KSCN'],
      ['H3BO3', 'B(OH)3'],
      ['CH3CH2OH', 'C2H5OH'],
      ['HC2H3O2', 'CH3COOH'],
      ['(CH3COO)2Pb', 'Pb(CH3COO)2'],
      ['Cu(OH)2·CuCO3', 'Cu2(OH)2CO3'],
    ] as const)
      expect(findSubstance(typed).substance.formula).toBe(formula);
  });
});

describe('trivial names of hydrates', () => {
  // Merck Index, CRC Handbook: the mineral or trade name and the crystals it means.
  it.each([
    ['blue vitriol', 'CuSO4·5H2O', 24.969],
    ['bluestone', 'CuSO4·5H2O', 24.969],
    ['washing soda', 'Na2CO3·10H2O', 28.614],
    ['gypsum', 'CaSO4·2H2O', 17.217],
    ['plaster of Paris', 'CaSO4·0.5H2O', 14.515],
    ['Epsom salt', 'MgSO4·7H2O', 24.647],
    ['Glauber’s salt', 'Na2SO4·10H2O', 32.219],
    ["Glauber's salt", 'Na2SO4·10H2O', 32.219],
    ['green vitriol', 'FeSO4·7H2O', 27.801],
    ['white vitriol', 'ZnSO4·7H2O', 28.756],
    ['borax', 'Na2B4O7·10H2O', 38.137],
    ['Rochelle salt', 'NaKC4H4O6·4H2O', 28.222],
    ['hypo', 'Na2S2O3·5H2O', 24.818],
    ['Mohr’s salt', '(NH4)2Fe(SO4)2·6H2O', 39.214],
    ['alum', 'KAl(SO4)2·12H2O', 47.438],
    ['chrome alum', 'KCr(SO4)2·12H2O', 49.94],
    ['sugar of lead', 'Pb(CH3COO)2·3H2O', 37.933],
    ['soda ash', 'Na2CO3', 10.599],
  ] as const)('%s is weighed as %s: %f g for a litre of 0.1 M', (name, form, massG) => {
    const recipe = prepare({ substance: name, concentrationM: 0.1, volumeMl: 1000 });
    expect(recipe.form).toBe(form);
    expect(recipe.massG).toBeCloseTo(massG, 1);
  });
});

describe('signs of the older grammar', () => {
  it.each([
    ['CO2↑', 'CO2', 'g'],
    ['BaSO4↓', 'BaSO4', 's'],
    ['AgCl ↓', 'AgCl', 's'],
  ] as const)('%s is %s, a state', (text, formula, state) =>
    expect(parseFormula(text)).toMatchObject({ formula, state }),
  );

  // CIAAW 2021 nuclide masses: 2H 2.0141, 14C 14.0032, 18O 17.9992.
  it.each([
    ['D2O', 'D2O', 20.027],
    ['²H2O', 'D2O', 20.027],
    ['^14CO2', '^14CO2', 46.002],
    ['¹⁴CO₂', '^14CO2', 46.002],
    ['H2^18O', 'H2^18O', 20.015],
    ['ND3', 'ND3', 20.049],
  ] as const)('%s is the nuclide formula %s of %f g/mol', (text, formula, mass) => {
    expect(parseFormula(text).formula).toBe(formula);
    expect(molarMassOf(text)).toBeCloseTo(mass, 2);
  });

  it('refuses a mass number that no nuclide has', () => {
    expect(errorOf(() => parseFormula('^99CO2')).code).toBe('unknownNuclide');
    expect(errorOf(() => parseFormula('Co^60')).code).toBe('unexpectedCharacter');
  });

  it.each([
    ['Fe3+ + 3 OH- -> Fe(OH)3↓', 'Fe^3+ + 3 OH^- → Fe(OH)3(s)'],
    ['Fe3+ +3OH- -> Fe(OH)3', 'Fe^3+ + 3 OH^- → Fe(OH)3'],
    ['Fe3++3OH-=Fe(OH)3', 'Fe^3+ + 3 OH^- → Fe(OH)3'],
    ['Ag+ + Cl- -> AgCl', 'Ag^+ + Cl^- → AgCl'],
    ['Zn+Cu2+ -> Zn2+ +Cu', 'Zn + Cu^2+ → Zn^2+ + Cu'],
    ['CaCO3 + 2HCl -> CaCl2 + H2O + CO2↑', 'CaCO3 + 2 HCl → CaCl2 + H2O + CO2(g)'],
    ['CaC2 + D2O -> C2D2 + Ca(OD)2', 'CaC2 + 2 D2O → C2D2 + Ca(OD)2'],
  ])('%s is balanced', (text, equation) => expect(balance(text).equation).toBe(equation));

  it('gives deuterium the oxidation number of hydrogen', () =>
    expect(balance('Na + D2O -> NaOD + D2').oxidationChanges).toContainEqual({
      element: 'D',
      from: 1,
      to: 0,
    }));
});
