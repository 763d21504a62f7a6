import { describe, expect, it } from 'vitest';
import { shelf } from '../src/matter/substances/data/shelf';
import { hazardsOf } from '../src/safety/hazards';

// EU CLP Regulation 1272/2008, Annex VI, harmonised classifications (recalled from memory): the statements that must stand
// on a bottle of the substance as it is supplied.
const classified = [
  ['AgNO3', ['H272', 'H314', 'H410'], 'Danger'],
  ['BaCl2', ['H301', 'H332'], 'Danger'],
  ['Pb(NO3)2', ['H360Df', 'H302', 'H332', 'H373', 'H410'], 'Danger'],
  ['K2Cr2O7', ['H272', 'H350', 'H340', 'H330', 'H301', 'H314', 'H410'], 'Danger'],
  ['K2CrO4', ['H350i', 'H340', 'H315', 'H317', 'H410'], 'Danger'],
  ['KMnO4', ['H272', 'H302', 'H410'], 'Danger'],
  ['CuSO4', ['H302', 'H318', 'H410'], 'Danger'],
  ['NaOH', ['H314'], 'Danger'],
  ['KOH', ['H302', 'H314'], 'Danger'],
  ['HCl', ['H314', 'H335'], 'Danger'],
  ['H2SO4', ['H314'], 'Danger'],
  ['HNO3', ['H272', 'H314'], 'Danger'],
  ['CH3COOH', ['H226', 'H314'], 'Danger'],
  ['NH3', ['H314', 'H335', 'H400'], 'Danger'],
  ['ZnSO4', ['H302', 'H318', 'H410'], 'Danger'],
  ['ZnCl2', ['H302', 'H314', 'H410'], 'Danger'],
  ['NiSO4', ['H350i', 'H341', 'H360D', 'H334', 'H317', 'H410'], 'Danger'],
  ['CoCl2', ['H350i', 'H341', 'H360F', 'H334', 'H317', 'H410'], 'Danger'],
  ['KClO3', ['H271', 'H302', 'H332'], 'Danger'],
  ['HgCl2', ['H300', 'H314', 'H341', 'H361f', 'H372', 'H410'], 'Danger'],
  ['Na2S', ['H301', 'H311', 'H314', 'H400'], 'Danger'],
  ['NaNO2', ['H272', 'H301', 'H400'], 'Danger'],
  ['Mg', ['H228'], undefined],
  ['Na', ['H260', 'H314'], 'Danger'],
  ['I2', ['H312', 'H332', 'H400'], undefined],
  ['NH4Cl', ['H302', 'H319'], 'Warning'],
  ['CaCl2', ['H319'], 'Warning'],
  ['Na2CO3', ['H319'], 'Warning'],
] as const;

/** The body of a code: `H360Df` is of the class H360. */
const body = (code: string) => code.slice(0, 4);

describe('hazards of what stands on the shelf, against Annex VI of the CLP Regulation', () => {
  it.each(classified)('%s has %j', (formula, codes, signal) => {
    const { statements, signal: word } = hazardsOf(formula);
    const there = statements.map(({ code }) => body(code));
    for (const code of codes) expect(there, `${formula} ${code}`).toContain(body(code));
    if (signal) expect(word).toBe(signal);
  });

  it.each(['NaCl', 'KCl', 'Na2SO4', 'NaHCO3', 'MgSO4', 'CaCO3', 'C12H22O11'])(
    '%s is not classified',
    (formula) => {
      const { statements, signal, pictograms } = hazardsOf(formula);
      expect(statements).toEqual([]);
      expect(signal).toBeUndefined();
      expect(pictograms).toEqual([]);
    },
  );

  it('are there for every substance, with words for each code and its source', () => {
    for (const { formula } of shelf) {
      const { statements, source, signal } = hazardsOf(formula);
      for (const { code, text } of statements) expect(text, code).toMatch(/\w/);
      expect(source.kind).toBeTypeOf('string');
      if (statements.length === 0) expect(signal).toBeUndefined();
    }
  });

  // GHS, Revision 9, part 1.4: which picture stands for which class.
  it.each([
    ['H272', 'AgNO3', /flame.*circle|oxid/i],
    ['H314', 'NaOH', /corros/i],
    ['H410', 'CuSO4', /environment/i],
    ['H350', 'K2CrO4', /health/i],
    ['H301', 'BaCl2', /skull|tox/i],
    ['H226', 'CH3COOH', /flame/i],
  ])('%s of %s has its picture', (_, formula, picture) =>
    expect(hazardsOf(formula).pictograms.join(' ')).toMatch(picture),
  );
});
