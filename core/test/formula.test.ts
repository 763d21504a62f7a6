import { MF } from 'mf-parser';
import { describe, expect, it } from 'vitest';
import { ChemistryError } from '../src/common/errors';
import { formulaRuns } from '../src/matter/formula/formatFormula';
import { molarMassOf } from '../src/matter/formula/molarMass';
import { parseFormula } from '../src/matter/formula/parseFormula';
import { atomicMassGPerMol } from '../src/matter/formula/elements';
import { shelf } from '../src/matter/substances/data/shelf';

const canonical = (text: string): string => parseFormula(text).formula;

describe('the formula grammar', () => {
  it.each([
    ['CuSO4.5H2O', 'CuSO4·5H2O'],
    ['CuSO4*5H2O', 'CuSO4·5H2O'],
    ['CuSO₄·5H₂O', 'CuSO4·5H2O'],
    ['CaSO4.0.5H2O', 'CaSO4·0.5H2O'],
    ['CaSO4·½H2O', 'CaSO4·0.5H2O'],
    ['2 KAl(SO4)2·12H2O', 'KAl(SO4)2·12H2O'],
    ['Fe4[Fe(CN)6]3', 'Fe4[Fe(CN)6]3'],
    ['{[Co(NH3)6]}Cl3', '{[Co(NH3)6]}Cl3'],
    ['AgCl(s)', 'AgCl'],
  ])('reads %s as %s', (text, formula) => expect(canonical(text)).toBe(formula));

  it.each([
    ['Cu2+', 'Cu^2+', 2],
    ['Cu^2+', 'Cu^2+', 2],
    ['Cu²⁺', 'Cu^2+', 2],
    ['Fe+++', 'Fe^3+', 3],
    ['SO4 2-', 'SO4^2-', -2],
    ['SO₄²⁻', 'SO4^2-', -2],
    ['SO42-', 'SO4^2-', -2],
    ['PO4^3−', 'PO4^3-', -3],
    ['NH4+', 'NH4^+', 1],
    ['MnO4-', 'MnO4^-', -1],
    ['Cr2O72-', 'Cr2O7^2-', -2],
    ['Hg2 2+', 'Hg2^2+', 2],
    ['I3-', 'I3^-', -1],
    ['[Cu(NH3)4]2+', '[Cu(NH3)4]^2+', 2],
    ['Fe(CN)64-', 'Fe(CN)6^4-', -4],
    ['e-', 'e^-', -1],
  ])('reads the charge of %s', (text, formula, charge) => {
    const species = parseFormula(text);
    expect([species.formula, species.charge]).toEqual([formula, charge]);
  });

  it('keeps the state apart', () => expect(parseFormula('Na2CO3(aq)').state).toBe('aq'));

  it('counts nested brackets and crystal water', () => {
    expect(parseFormula('(NH4)2Fe(SO4)2·6H2O').elements).toEqual({
      N: 2,
      H: 20,
      Fe: 1,
      S: 2,
      O: 14,
    });
  });

  it.each([
    ['', 'emptyFormula', /Type a formula/],
    ['NACL', 'unknownElement', /Write Na/],
    ['Xx2', 'unknownElement', /Check capitals/],
    ['Ca(OH', 'unbalancedBrackets', /closing/],
    ['Ca)2', 'unbalancedBrackets', /closing/],
    ['H0', 'zeroCount', /count of 1/],
    ['Na?Cl', 'unexpectedCharacter', /element symbols/],
    ['naCl', 'unexpectedCharacter', /element symbols/],
    ['CuSO4·', 'unexpectedCharacter', /element symbols/],
    ['N3-', 'ambiguousCharge', /N3\^-/],
    ['C'.repeat(400), 'tooLong', /Shorten/],
  ])('refuses %s as %s, with a remedy', (text, code, remedy) => {
    try {
      parseFormula(text);
      expect.unreachable();
    } catch (error) {
      expect(error).toBeInstanceOf(ChemistryError);
      expect((error as ChemistryError).code).toBe(code);
      expect((error as ChemistryError).remedy).toMatch(remedy);
    }
  });

  it('sets subscripts, superscripts and coefficients', () => {
    const marks = { line: '', sub: '_', super: '^' };
    const set = (text: string) => formulaRuns(text).map((run) => marks[run.set] + run.text);
    expect(set('2 SO4^2-(aq)')).toEqual(['2 SO', '_4', '^2−', '(aq)']);
    expect(set('CuSO4·5H2O')).toEqual(['CuSO', '_4', '·5H', '_2', 'O']);
    expect(set('above 10^−8.0')).toEqual(['above 10', '^−8.0']);
  });
});

describe('molar masses', () => {
  // Abridged standard atomic masses, IUPAC Commission on Isotopic Abundances and Atomic Weights 2021 (recalled).
  it.each([
    ['H', 1.008],
    ['C', 12.011],
    ['N', 14.007],
    ['O', 15.999],
    ['F', 18.998],
    ['Na', 22.99],
    ['Mg', 24.305],
    ['Al', 26.982],
    ['P', 30.974],
    ['S', 32.06],
    ['Cl', 35.45],
    ['K', 39.098],
    ['Ca', 40.078],
    ['Cr', 51.996],
    ['Mn', 54.938],
    ['Fe', 55.845],
    ['Co', 58.933],
    ['Ni', 58.693],
    ['Cu', 63.546],
    ['Zn', 65.38],
    ['Br', 79.904],
    ['Sr', 87.62],
    ['Ag', 107.87],
    ['Cd', 112.41],
    ['I', 126.9],
    ['Ba', 137.33],
    ['Pb', 207.2],
  ])('atomic mass of %s agrees with IUPAC’s abridged value %d', (symbol, mass) => {
    expect(atomicMassGPerMol(symbol)).toBeCloseTo(mass, mass > 100 ? 1 : 2);
  });

  // CRC Handbook of Chemistry and Physics, physical constants of inorganic compounds (recalled), g/mol.
  it.each([
    ['NaCl', 58.443],
    ['NaOH', 39.997],
    ['HCl', 36.461],
    ['H2SO4', 98.08],
    ['HNO3', 63.013],
    ['NH3', 17.031],
    ['CaCO3', 100.087],
    ['Na2CO3', 105.989],
    ['Na2CO3·10H2O', 286.142],
    ['CuSO4', 159.61],
    ['CuSO4·5H2O', 249.685],
    ['MgSO4·7H2O', 246.475],
    ['FeSO4·7H2O', 278.015],
    ['AgNO3', 169.873],
    ['AgCl', 143.321],
    ['KMnO4', 158.034],
    ['K2Cr2O7', 294.185],
    ['Pb(NO3)2', 331.2],
    ['PbI2', 461.0],
    ['BaCl2·2H2O', 244.264],
    ['BaSO4', 233.39],
    ['KAl(SO4)2·12H2O', 474.388],
    ['CoCl2·6H2O', 237.931],
    ['NH4Cl', 53.492],
    ['FeCl3·6H2O', 270.295],
    ['KSCN', 97.181],
  ])('%s is %d g/mol', (formula, mass) => {
    expect(Math.abs(molarMassOf(formula) / mass - 1)).toBeLessThan(2e-4);
  });

  // The registry package mf-parser reads formulae independently of ours, but for hydrates and elements it does not know.
  it('agrees with mf-parser for every anhydrous substance on the shelf', () => {
    const formulae = shelf.map(({ formula }) => formula);
    expect(formulae.length).toBeGreaterThan(250);
    for (const formula of formulae)
      expect(molarMassOf(formula), formula).toBeCloseTo(new MF(formula).getInfo().mass, 5);
  });
});
