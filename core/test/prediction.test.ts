import { describe, expect, it } from 'vitest';
import { balance, predictMixing, predictSolution } from '../src';
import { solutionColour } from '../src/appearance/solutionColour';
import { transmittedHex, wavelengthsNm } from '../src/appearance/spectrumColour';
import { nameColour } from '../src/appearance/colourWords';

const mix = (a: string, b: string, aM = 0.1, bM = 0.1) =>
  predictMixing(
    { substance: a, concentrationM: aM, volumeMl: 3 },
    { substance: b, concentrationM: bM, volumeMl: 3 },
    'testTube',
  );

/**
 * What two 0.1 M solutions give, from the solubility tables and descriptions of the CRC Handbook and of Vogel’s
 * Qualitative Inorganic Analysis (recalled): the solid with its colour, or none.
 */
const handbook = [
  ['AgNO3', 'NaCl', 'AgCl', 'white'],
  ['AgNO3', 'KBr', 'AgBr', 'cream'],
  ['AgNO3', 'KI', 'AgI', 'pale yellow'],
  ['AgNO3', 'K2CrO4', 'Ag2CrO4', 'red-brown'],
  ['BaCl2', 'Na2SO4', 'BaSO4', 'white'],
  ['BaCl2', 'K2CrO4', 'BaCrO4', 'pale yellow'],
  ['CaCl2', 'Na2CO3', 'CaCO3', 'white'],
  ['CaCl2', 'Na2C2O4', 'CaC2O4·H2O', 'white'],
  ['CaCl2', 'NaF', 'CaF2', 'white'],
  ['SrCl2', 'Na2SO4', 'SrSO4', 'white'],
  ['Pb(NO3)2', 'KI', 'PbI2', 'bright yellow'],
  ['Pb(NO3)2', 'K2CrO4', 'PbCrO4', 'bright yellow'],
  ['Pb(NO3)2', 'Na2SO4', 'PbSO4', 'white'],
  ['CuSO4', 'NaOH', 'Cu(OH)2', 'pale blue'],
  ['CuSO4', 'K4Fe(CN)6', 'Cu2Fe(CN)6', 'red-brown'],
  ['CuSO4', 'Na2CO3', 'Cu2(OH)2CO3', 'pale blue-green'],
  ['FeCl3', 'NaOH', 'Fe(OH)3', 'red-brown'],
  ['FeCl3', 'K4Fe(CN)6', 'Fe4(Fe(CN)6)3', 'deep blue'],
  ['FeSO4', 'NaOH', 'Fe(OH)2', 'pale green'],
  ['NiSO4', 'NaOH', 'Ni(OH)2', 'pale green'],
  ['CoCl2', 'NaOH', 'Co(OH)2', 'blue'],
  ['MgSO4', 'NaOH', 'Mg(OH)2', 'white'],
  ['ZnSO4', 'NaOH', 'Zn(OH)2', 'white'],
  ['NaCl', 'KNO3', undefined, undefined],
  ['NH4Cl', 'Na2SO4', undefined, undefined],
  ['MgSO4', 'NaCl', undefined, undefined],
  ['MgSO4', 'CuSO4', undefined, undefined],
  ['BaCl2', 'NaNO3', undefined, undefined],
  ['CuSO4', 'NaCl', undefined, undefined],
  ['ZnSO4', 'KBr', undefined, undefined],
  ['NH4Cl', 'NaOH', undefined, undefined],
  ['CaCl2', 'KNO3', undefined, undefined],
] as const;

describe('two solutions', () => {
  it.each(handbook)('%s with %s gives %s', (a, b, solid, colour) => {
    const { solids, notPredicted } = mix(a, b);
    expect(notPredicted).toEqual([]);
    expect([solids[0]?.formula, solids[0]?.colour]).toEqual([solid, colour]);
  });

  it('tells dilution from saturation: the same pair too dilute stays clear', () => {
    expect(mix('CaCl2', 'Na2SO4', 0.1, 0.1).solids).toHaveLength(1);
    expect(mix('CaCl2', 'Na2SO4', 0.01, 0.01).solids).toHaveLength(0);
  });

  it('writes the equation, net ionic equation and spectators', () => {
    const [solid] = mix('Pb(NO3)2', 'KI').solids;
    expect(solid?.molecular).toBe('Pb(NO3)2(aq) + 2 KI(aq) → PbI2(s) + 2 KNO3(aq)');
    expect(solid?.netIonic).toBe('Pb^2+(aq) + 2 I^-(aq) → PbI2(s)');
    expect(solid?.spectators).toEqual(['NO3^-', 'K^+']);
    expect(solid?.types).toEqual({
      five: ['double displacement'],
      drivingForce: ['precipitation'],
    });
    expect(solid?.limiting).toBe('KI');
  });

  it('gives carbon dioxide off where it would, and keeps it as hydrogencarbonate where it would not', () => {
    expect(mix('FeCl3', 'Na2CO3', 0.2, 0.3).gases[0]?.formula).toBe('CO2');
    const copper = mix('CuSO4', 'Na2CO3', 0.1, 0.3);
    expect(copper.gases).toEqual([]);
    expect(copper.solids[0]?.netIonic).toContain('HCO3^-');
  });

  it('warns when a solid comes and goes again', () => {
    const { solids, warnings } = mix('ZnSO4', 'NaOH', 0.05, 3);
    expect(solids).toEqual([]);
    expect(warnings.join()).toContain('redissolved');
  });

  // Facts of Vogel’s Qualitative Inorganic Analysis (recalled).
  it.each([
    ['FeCl3', 'KSCN', 'Fe^3+(aq) + SCN^-(aq) → FeSCN^2+(aq)', 'complexation'],
    ['NH4Cl', 'NaOH', 'NH4^+(aq) + OH^-(aq) → NH3(aq) + H2O(l)', 'acid–base'],
    ['FeCl3', 'NaF', 'Fe^3+(aq) + F^-(aq) → FeF^2+(aq)', 'complexation'],
  ])('tells what forms in solution from %s and %s', (a, b, netIonic, drivingForce) => {
    const { dissolved, solids } = mix(a, b);
    expect(solids).toEqual([]);
    expect(dissolved[0]).toMatchObject({ netIonic, drivingForce });
    expect(balance(netIonic).unique).toBe(true);
  });

  it('calls a loose ion pair no reaction, and warns of ammonia set free', () => {
    expect(mix('MgCl2', 'Na2SO4').dissolved).toEqual([]);
    expect(mix('NaCl', 'KNO3').dissolved).toEqual([]);
    expect(mix('NH4Cl', 'NaOH').warnings.join()).toContain('Ammonia');
  });

  it.each(handbook.filter(([, , solid]) => solid !== undefined))(
    'the equations of %s with %s are balanced and lead to the solid',
    (a, b, solid) => {
      const [settled] = mix(a, b).solids;
      for (const equation of [settled?.molecular, settled?.netIonic]) {
        const { products, equation: rebalanced } = balance(equation ?? '');
        expect(rebalanced).toBe(equation);
        expect(products.map(({ formula }) => formula)).toContain(solid);
      }
      expect(settled?.types.drivingForce).toContain('precipitation');
    },
  );

  it('uses no more of a reagent than there is', () => {
    for (const [a, b] of handbook)
      for (const { amountMmol, perMoleOfSolid } of mix(a, b).solids)
        for (const needed of perMoleOfSolid ?? [])
          expect(amountMmol * needed).toBeLessThanOrEqual(0.3 * 1.0001);
  });

  it.each([
    ['FeCl3', 'KI'],
    ['CuSO4', 'KI'],
    ['AgNO3', 'FeSO4'],
  ])('does not predict %s with %s, and says why', (a, b) => {
    const { notPredicted, observations } = mix(a, b);
    expect(notPredicted[0]).toMatch(/electrons/);
    expect(observations).toEqual([]);
  });

  it('says when amounts are approximate, above solubility, or over the brim', () => {
    expect(mix('K4Fe(CN)6', 'CuSO4', 0.5, 0.5).warnings.join()).toContain('approximate');
    expect(mix('Na2C2O4', 'NaCl', 0.9).warnings.join()).toContain('solubility');
    const portion = { substance: 'NaCl', concentrationM: 0.1, volumeMl: 20 };
    expect(predictMixing(portion, portion, 'testTube').warnings.join()).toContain('brim');
  });

  it('names an unknown substance', () =>
    expect(() => mix('CuSO4', 'kryptonite')).toThrowError(
      expect.objectContaining({ code: 'unknownSubstance' }),
    ));
});

describe('one solution by itself', () => {
  it('is clear, in the colour of what it holds, as full as its volume', () => {
    const portion = { substance: 'CuSO4', concentrationM: 0.3, volumeMl: 60 };
    const { colour, clarity, fill } = predictSolution(portion, 'beaker');
    expect([colour, clarity, fill]).toEqual(['blue', 'clear', 0.5]);
  });
});

describe('colours of solutions', () => {
  // Colours of aqueous ions as every general chemistry text gives them.
  it.each([
    [{ 'Cu^2+': 0.3 }, /blue$/],
    [{ 'Co^2+': 0.2 }, /pink$/],
    [{ 'Ni^2+': 0.3 }, /green$/],
    [{ 'CrO4^2-': 0.05 }, /yellow$/],
    [{ 'Cr2O7^2-': 0.05 }, /orange$/],
    [{ 'FeSCN^2+': 0.001 }, /red$|orange$|red-brown$/],
    [{ 'Cu(NH3)4^2+': 0.05 }, /blue$/],
    [{ 'Na^+': 1, 'NO3^-': 1, 'Zn^2+': 1 }, /^colourless$/],
  ])('%o', (concentrations, word) =>
    expect(solutionColour(concentrations, 1.6).colour).toMatch(word),
  );

  it('follows Beer–Lambert: twice the path is twice the concentration', () => {
    expect(solutionColour({ 'Cu^2+': 0.1 }, 2).hex).toBe(solutionColour({ 'Cu^2+': 0.2 }, 1).hex);
  });

  it('passes white light as white and none as black', () => {
    expect(transmittedHex(wavelengthsNm.map(() => 1))).toBe('#ffffff');
    expect(nameColour(transmittedHex(wavelengthsNm.map(() => 0)))).toBe('black');
  });
});
