import { describe, expect, it } from 'vitest';
import { shelf } from '../src/matter/substances/data/shelf';
import { findSubstance } from '../src/matter/substances/findSubstance';
import { namesOf } from '../src/matter/substances/naming';

// IUPAC Nomenclature of Inorganic Chemistry, Recommendations 2005 (the Red Book), compositional names with oxidation numbers.
const systematic = [
  ['AgNO3', 'silver nitrate'],
  ['AlCl3', 'aluminium chloride'],
  ['BaCl2', 'barium chloride'],
  ['BaSO4', 'barium sulfate'],
  ['CaCO3', 'calcium carbonate'],
  ['CaCl2', 'calcium chloride'],
  ['Ca(OH)2', 'calcium hydroxide'],
  ['CoCl2', 'cobalt(II) chloride'],
  ['CuCl2', 'copper(II) chloride'],
  ['CuO', 'copper(II) oxide'],
  ['Cu2O', 'copper(I) oxide'],
  ['CuSO4', 'copper(II) sulfate'],
  ['FeCl3', 'iron(III) chloride'],
  ['FeSO4', 'iron(II) sulfate'],
  ['Fe2O3', 'iron(III) oxide'],
  ['K2CrO4', 'potassium chromate'],
  ['K2Cr2O7', 'potassium dichromate'],
  ['KClO3', 'potassium chlorate'],
  ['KMnO4', 'potassium permanganate'],
  ['KI', 'potassium iodide'],
  ['KNO2', 'potassium nitrite'],
  ['KSCN', 'potassium thiocyanate'],
  ['LiCl', 'lithium chloride'],
  ['MgO', 'magnesium oxide'],
  ['MgSO4', 'magnesium sulfate'],
  ['MnSO4', 'manganese(II) sulfate'],
  ['NH4Cl', 'ammonium chloride'],
  ['(NH4)2SO4', 'ammonium sulfate'],
  ['Na2SO3', 'sodium sulfite'],
  ['Na2S2O3', 'sodium thiosulfate'],
  ['NaHSO4', 'sodium hydrogensulfate'],
  ['NaNO2', 'sodium nitrite'],
  ['Na3PO4', 'sodium phosphate'],
  ['Na2HPO4', 'sodium hydrogenphosphate'],
  ['NaH2PO4', 'sodium dihydrogenphosphate'],
  ['NaClO', 'sodium hypochlorite'],
  ['Na2S', 'sodium sulfide'],
  ['NiSO4', 'nickel(II) sulfate'],
  ['Pb(NO3)2', 'lead(II) nitrate'],
  ['PbO', 'lead(II) oxide'],
  ['SnCl2', 'tin(II) chloride'],
  ['SrCl2', 'strontium chloride'],
  ['ZnO', 'zinc oxide'],
  ['ZnSO4', 'zinc sulfate'],
  ['ZnCl2', 'zinc chloride'],
] as const;

describe('names by the Red Book', () => {
  it.each(systematic)('%s is %s', (formula, name) => expect(namesOf(formula).stock).toBe(name));

  it.each(systematic)('%s is found as %s', (formula, name) => {
    if (!shelf.some((row) => row.formula === formula)) return;
    expect(findSubstance(name).substance.formula).toBe(formula);
    expect(findSubstance(name.toUpperCase()).substance.formula).toBe(formula);
  });
});

describe('hydrates', () => {
  it.each([
    ['CuSO4·5H2O', 'copper(II) sulfate pentahydrate'],
    ['MgSO4·7H2O', 'magnesium sulfate heptahydrate'],
    ['FeSO4·7H2O', 'iron(II) sulfate heptahydrate'],
    ['Na2CO3·10H2O', 'sodium carbonate decahydrate'],
    ['BaCl2·2H2O', 'barium chloride dihydrate'],
    ['CoCl2·6H2O', 'cobalt(II) chloride hexahydrate'],
    ['Na2S2O3·5H2O', 'sodium thiosulfate pentahydrate'],
    ['ZnSO4·7H2O', 'zinc sulfate heptahydrate'],
    ['CaCl2·2H2O', 'calcium chloride dihydrate'],
    ['SrCl2·6H2O', 'strontium chloride hexahydrate'],
    ['NiSO4·6H2O', 'nickel(II) sulfate hexahydrate'],
    ['MnSO4·H2O', 'manganese(II) sulfate monohydrate'],
  ])('%s is %s', (formula, name) => expect(namesOf(formula).stock).toBe(name));
});

// Names that bottles and older books carry (CRC Handbook, synonyms; common practice).
describe('trade names and spellings', () => {
  it.each([
    ['washing soda', 'Na2CO3'],
    ['baking soda', 'NaHCO3'],
    ['caustic soda', 'NaOH'],
    ['caustic potash', 'KOH'],
    ['saltpetre', 'KNO3'],
    ['Epsom salt', 'MgSO4'],
    ['quicklime', 'CaO'],
    ['slaked lime', 'Ca(OH)2'],
    ['green vitriol', 'FeSO4'],
    ['white vitriol', 'ZnSO4'],
    ['sal ammoniac', 'NH4Cl'],
    ['lunar caustic', 'AgNO3'],
    ['hypo', 'Na2S2O3'],
    ['sodium sulphite', 'Na2SO3'],
    ['aluminum chloride', 'AlCl3'],
    ['potassium aluminum sulfate', 'KAl(SO4)2'],
    ['oil of vitriol', 'H2SO4'],
    ['manganese(IV) oxide', 'MnO2'],
  ])('%s is %s', (name, formula) => expect(findSubstance(name).substance.formula).toBe(formula));
});

describe('every substance on the shelf', () => {
  it('is found by its formula, in whatever case its name is typed', () => {
    for (const { formula, commonName } of shelf) {
      expect(findSubstance(formula).substance.formula).toBe(formula);
      if (commonName)
        expect(findSubstance(` ${commonName.toUpperCase()} `).substance.formula, commonName).toBe(
          formula,
        );
    }
  });

  it('has a systematic name that means no other', () => {
    const seen = new Map<string, string>();
    for (const { formula } of shelf) {
      const { stock } = namesOf(formula);
      if (!stock) continue;
      expect(seen.get(stock) ?? formula, stock).toBe(formula);
      seen.set(stock, formula);
    }
    expect(seen.size).toBeGreaterThan(100);
  });
});
