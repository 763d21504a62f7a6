import { describe, expect, it } from 'vitest';
import { predictMixing, predictSolution } from '../src/seeing/rack/predictMixing';
import { isBalanced } from './support/bench';

const mixed = (a: string, b: string, aM = 0.1, bM = 0.1) =>
  predictMixing(
    { substance: a, concentrationM: aM, volumeMl: 3 },
    { substance: b, concentrationM: bM, volumeMl: 3 },
    'testTube',
  );

describe('two solutions poured together', () => {
  // Solubility tables and descriptions of the CRC Handbook and of Vogel’s Qualitative Inorganic Analysis (recalled).
  it.each([
    ['AgNO3', 'NaCl', 'AgCl', 'white'],
    ['BaCl2', 'Na2SO4', 'BaSO4', 'white'],
    ['Pb(NO3)2', 'KI', 'PbI2', 'bright yellow'],
    ['CuSO4', 'NaOH', 'Cu(OH)2', 'pale blue'],
    ['CuSO4', 'Na2CO3', 'Cu2(OH)2CO3', 'pale blue-green'],
    ['NaCl', 'KNO3', undefined, undefined],
    ['MgSO4', 'CuSO4', undefined, undefined],
    ['NH4Cl', 'NaOH', undefined, undefined],
  ])('%s with %s gives %s', (a, b, solid, colour) => {
    const { state, notPredicted, reactions, observations } = mixed(a, b);
    expect(notPredicted).toEqual([]);
    expect([state.solids[0]?.formula, state.solids[0]?.colour]).toEqual([solid, colour]);
    for (const { equation, netIonic } of reactions)
      expect([isBalanced(equation), isBalanced(netIonic)]).toEqual([true, true]);
    expect(observations.some(({ kind }) => kind === 'noPrecipitate')).toBe(solid === undefined);
  });

  it('tells dilution from saturation: the same pair too dilute stays clear', () => {
    expect(mixed('CaCl2', 'Na2SO4').state.solids).toHaveLength(1);
    expect(mixed('CaCl2', 'Na2SO4', 0.01, 0.01).state.solids).toHaveLength(0);
  });

  it('writes the equation, net ionic equation, spectators and type, and says why', () => {
    const [reaction] = mixed('Pb(NO3)2', 'KI').reactions;
    expect(reaction).toMatchObject({
      equation: 'Pb(NO3)2(aq) + 2 KI(aq) → PbI2(s) + 2 KNO3(aq)',
      netIonic: 'Pb^2+(aq) + 2 I^-(aq) → PbI2(s)',
      spectators: ['NO3^-', 'K^+'],
      types: { five: ['double displacement'], drivingForce: ['precipitation'] },
    });
    expect(reaction?.extentMmol).toBeCloseTo(0.147, 2);
    expect(reaction?.why[0]).toMatchObject({
      text: expect.stringContaining('above Ksp = 10^−8.0'),
      source: expect.stringContaining('CRC Handbook'),
    });
  });

  it('lists the ion products that were looked at, nearest to settling first', () => {
    const { considered } = mixed('AgNO3', 'NaCl');
    expect(considered.map(({ solid }) => solid.formula)).toContain('Ag2O');
    expect(considered[0]?.solid.formula).toBe('AgCl');
  });

  it('says when amounts are approximate, above solubility, or over the brim', () => {
    const codes = (prediction: ReturnType<typeof mixed>) =>
      prediction.warnings.map(({ code }) => code);
    // Strong brine alone changes nothing that is seen.
    expect(codes(mixed('NaCl', 'KCl', 0.9, 0.9))).not.toContain('approximate');
    expect(codes(mixed('Na2C2O4', 'NaCl', 0.9))).toContain('aboveSolubility');
    const portion = { substance: 'NaCl', concentrationM: 0.1, volumeMl: 20 };
    expect(codes(predictMixing(portion, portion, 'testTube'))).toContain('overfull');
  });

  it('names an unknown substance, and the side it is on', () =>
    expect(() => mixed('CuSO4', 'kryptonite')).toThrowError(
      expect.objectContaining({ code: 'unknownSubstance', field: 'b.portion.substance' }),
    ));
});

describe('one solution by itself', () => {
  it('is clear, in the colour of what it holds, as full as its volume', () => {
    const portion = { substance: 'CuSO4', concentrationM: 0.3, volumeMl: 60 };
    const { colour, clarity, fill } = predictSolution(portion, 'beaker');
    expect([colour, clarity, fill]).toEqual(['blue', 'clear', 0.5]);
  });
});
