import { describe, expect, it } from 'vitest';
import { hydrate } from '../src/measuring/hydrate';
import {
  anhydrousFormula,
  massPercent,
  molarMassOf,
  waterOfCrystallisation,
} from '../src/matter/formula/molarMass';
import { parseFormula } from '../src/matter/formula/parseFormula';

// Water of crystallisation, % by mass: CRC Handbook of Chemistry and Physics, formula and molar mass of the inorganic compounds (recalled
// from memory), with the molar mass of water of 18.015 g/mol.
const crystals = [
  ['CuSO4·5H2O', 'CuSO4', 5, 36.07],
  ['MgSO4·7H2O', 'MgSO4', 7, 51.16],
  ['Na2CO3·10H2O', 'Na2CO3', 10, 62.96],
  ['BaCl2·2H2O', 'BaCl2', 2, 14.75],
  ['CoCl2·6H2O', 'CoCl2', 6, 45.43],
  ['CaSO4·2H2O', 'CaSO4', 2, 20.93],
  ['KAl(SO4)2·12H2O', 'KAl(SO4)2', 12, 45.57],
  ['NiSO4·6H2O', 'NiSO4', 6, 41.12],
  ['FeSO4·7H2O', 'FeSO4', 7, 45.36],
  ['Na2S2O3·5H2O', 'Na2S2O3', 5, 36.29],
  ['H2C2O4·2H2O', 'H2C2O4', 2, 28.58],
  ['ZnSO4·7H2O', 'ZnSO4', 7, 43.86],
  ['CaCl2·2H2O', 'CaCl2', 2, 24.51],
  ['Na2B4O7·10H2O', 'Na2B4O7', 10, 47.24],
  ['SnCl2·2H2O', 'SnCl2', 2, 15.97],
  ['Na2SO4·10H2O', 'Na2SO4', 10, 55.92],
  ['MnSO4·H2O', 'MnSO4', 1, 10.66],
  ['CuCl2·2H2O', 'CuCl2', 2, 21.14],
  ['SrCl2·6H2O', 'SrCl2', 6, 40.54],
  ['FeCl3·6H2O', 'FeCl3', 6, 39.99],
  ['Co(NO3)2·6H2O', 'Co(NO3)2', 6, 37.14],
  ['Ni(NO3)2·6H2O', 'Ni(NO3)2', 6, 37.17],
  ['Cu(NO3)2·3H2O', 'Cu(NO3)2', 3, 22.37],
  ['Zn(NO3)2·6H2O', 'Zn(NO3)2', 6, 36.33],
  ['Mg(NO3)2·6H2O', 'Mg(NO3)2', 6, 42.16],
  ['Ca(NO3)2·4H2O', 'Ca(NO3)2', 4, 30.51],
  ['MnCl2·4H2O', 'MnCl2', 4, 36.41],
  ['AlCl3·6H2O', 'AlCl3', 6, 44.77],
  ['MgCl2·6H2O', 'MgCl2', 6, 53.17],
  ['Na3PO4·12H2O', 'Na3PO4', 12, 56.87],
  ['Na2HPO4·12H2O', 'Na2HPO4', 12, 60.36],
  ['Na2S·9H2O', 'Na2S', 9, 67.51],
  ['CoSO4·7H2O', 'CoSO4', 7, 44.86],
  ['Ba(OH)2·8H2O', 'Ba(OH)2', 8, 45.69],
  ['LiOH·H2O', 'LiOH', 1, 42.93],
  ['K4Fe(CN)6·3H2O', 'K4Fe(CN)6', 3, 12.8],
  ['CrCl3·6H2O', 'CrCl3', 6, 40.57],
  ['Pb(CH3COO)2·3H2O', 'Pb(CH3COO)2', 3, 14.25],
  ['NaCH3COO·3H2O', 'NaCH3COO', 3, 39.72],
] as const;

describe('the water in a crystal', () => {
  it.each(crystals)('%s is %s with %i H2O, %f %% by mass', (formula, dry, count, percent) => {
    const species = parseFormula(formula);
    expect(waterOfCrystallisation(species)).toBe(count);
    expect(anhydrousFormula(species)).toBe(dry);
    const found = (100 * count * molarMassOf('H2O')) / molarMassOf(formula);
    expect(found).toBeCloseTo(percent, 1);
  });

  it('is none in a salt that has none, which stays as it is', () => {
    for (const formula of ['NaCl', 'KNO3', 'Ca(OH)2', 'H2SO4']) {
      expect(waterOfCrystallisation(parseFormula(formula))).toBe(0);
      expect(anhydrousFormula(parseFormula(formula))).toBe(formula);
    }
  });

  it('is half a molecule in plaster of Paris', () => {
    expect(waterOfCrystallisation(parseFormula('CaSO4·0.5H2O'))).toBe(0.5);
    expect(anhydrousFormula(parseFormula('CaSO4·0.5H2O'))).toBe('CaSO4');
  });
});

describe('the formula of a hydrate from its weighings', () => {
  // Five grams of crystals in a dish of 30 g, dried until all the water of the handbook is gone; weighed to a hundredth.
  it.each(crystals)('%s is found again: %s with %i', (formula, dry, count, percent) => {
    const dishG = 30;
    const dried = Number((dishG + 5 * (1 - percent / 100)).toFixed(2));
    const { nearestWhole, verdict, waterPercent, ...told } = hydrate({
      anhydrous: dry,
      dishG,
      withHydrateG: dishG + 5,
      weighingsG: [dried + 0.01, dried],
      literatureX: count,
    });
    expect(nearestWhole).toBe(count);
    expect(told.formula.replace('·1H2O', '·H2O')).toBe(formula);
    expect(verdict).toBe('agrees');
    expect(told.constantMass).toBe(true);
    expect(Math.abs(waterPercent - percent)).toBeLessThan(0.25);
  });

  it.each(crystals)(
    '%s taken off the flame at half its water is told as too little',
    (_, dry, count, percent) => {
      const { verdict, advice } = hydrate({
        anhydrous: dry,
        dishG: 30,
        withHydrateG: 35,
        weighingsG: [Number((35 - (5 * percent) / 200).toFixed(2))],
        literatureX: count,
      });
      expect(verdict).toBe('low');
      expect(advice.join(' ')).toMatch(/again|heat/i);
    },
  );
});

describe('what a compound is made of, by mass', () => {
  // OpenStax Chemistry 2e, section 3.2, and its exercises (recalled from memory).
  it.each([
    ['C9H8O4', { C: 60.0, H: 4.48, O: 35.52 }],
    ['NH3', { N: 82.24, H: 17.76 }],
    ['CO2', { C: 27.29, O: 72.71 }],
    ['H2O', { H: 11.19, O: 88.81 }],
    ['NaCl', { Na: 39.34, Cl: 60.66 }],
    ['CaCO3', { Ca: 40.04, C: 12.0, O: 47.96 }],
    ['Fe2O3', { Fe: 69.94, O: 30.06 }],
    ['Fe3O4', { Fe: 72.36, O: 27.64 }],
    ['KMnO4', { K: 24.74, Mn: 34.76, O: 40.5 }],
    ['C6H12O6', { C: 40.0, H: 6.71, O: 53.29 }],
    ['NH4NO3', { N: 35.0, H: 5.04, O: 59.97 }],
    ['CO(NH2)2', { C: 20.0, H: 6.71, N: 46.65, O: 26.64 }],
    ['CuS', { Cu: 66.46, S: 33.54 }],
    ['AgNO3', { Ag: 63.5, N: 8.25, O: 28.25 }],
    ['HNO3', { H: 1.6, N: 22.23, O: 76.17 }],
    ['H2SO4', { H: 2.06, S: 32.69, O: 65.25 }],
    ['Na2CO3', { Na: 43.38, C: 11.33, O: 45.29 }],
    ['K2Cr2O7', { K: 26.58, Cr: 35.35, O: 38.07 }],
    ['MgO', { Mg: 60.3, O: 39.7 }],
    ['Al2O3', { Al: 52.93, O: 47.07 }],
    ['SiO2', { Si: 46.74, O: 53.26 }],
    ['CH4', { C: 74.87, H: 25.13 }],
    ['C2H5OH', { C: 52.14, H: 13.13, O: 34.73 }],
    ['CH3COOH', { C: 40.0, H: 6.71, O: 53.29 }],
    ['NaHCO3', { Na: 27.37, H: 1.2, C: 14.3, O: 57.14 }],
    ['Pb(NO3)2', { Pb: 62.56, N: 8.46, O: 28.98 }],
    ['KClO3', { K: 31.9, Cl: 28.93, O: 39.17 }],
    ['NaOH', { Na: 57.48, O: 40.0, H: 2.52 }],
    ['Ca3(PO4)2', { Ca: 38.76, P: 19.97, O: 41.26 }],
  ] as const)('%s', (formula, parts) => {
    const found = massPercent(parseFormula(formula).elements);
    for (const [element, percent] of Object.entries(parts))
      expect(found[element], element).toBeCloseTo(percent, 1);
    expect(Object.values(found).reduce((sum, one) => sum + one, 0)).toBeCloseTo(100, 9);
  });
});
