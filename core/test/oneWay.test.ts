import { describe, expect, it } from 'vitest';
import { oneWay } from '../src/matter/substances/data/oneWay';
import { balance } from '../src/matter/equation/balance';
import { equationsOf, lastOf, sorted } from './support/bench';

const gases = (start: string, ...then: string[]): string[] =>
  lastOf(start, ...then).observations.flatMap((one) =>
    one.kind === 'gas' && one.formula ? [one.formula] : [],
  );

describe('reactions that run to their end by steps of their own', () => {
  it.each(oneWay)('$equation is balanced as it is written', ({ equation }) => {
    expect(sorted(balance(equation).equation)).toBe(sorted(equation));
  });

  // Vogel, Qualitative Inorganic Analysis: solid salts with concentrated sulfuric acid.
  it.each([
    ['NaCl 0.5g', 'HCl'],
    ['KBr 0.5g', 'HBr'],
    ['KI 0.5g', 'H2S'],
    ['NaF 0.5g', 'HF'],
    ['KNO3 0.5g + Cu 0.2g', 'NO2'],
    ['NaCl 0.5g + K2Cr2O7 0.5g', 'CrO2Cl2'],
    ['NaCl 0.5g + MnO2 0.5g', 'Cl2'],
    ['KClO3 0.1g', 'ClO2'],
    ['NaHCOO 0.5g', 'CO'],
  ])('%s with concentrated sulfuric acid gives %s', (salt, gas) => {
    expect(gases(salt, 'H2SO4 18M 2mL')).toContain(gas);
    expect(lastOf(salt, 'H2SO4 18M 2mL').warnings).not.toEqual([]);
    // Dilute acid drives none of them out.
    expect(gases(salt, 'H2SO4 0.5M 2mL').filter((one) => one === gas && one !== 'NO2')).toEqual([]);
  });

  it('oxidised bromide stays as bromine, warm or cold', () => {
    const { state } = lastOf('KBr 0.5g', 'H2SO4 18M 2mL', 'heat 60');
    expect(state.colour).toMatch(/orange|brown|red/);
  });

  // Any textbook of organic chemistry: sugars, alcohol and ascorbic acid as reductants.
  it('glucose brings copper(I) oxide out of the alkaline tartrate when hot, not in the cold', () => {
    const cold = lastOf('CuSO4 0.1M 2mL + NaKC4H4O6 1M 2mL + NaOH 2M 2mL', 'glucose 0.5M 2mL');
    expect(cold.state.solids).toEqual([]);
    const hot = lastOf(
      'CuSO4 0.1M 2mL + NaKC4H4O6 1M 2mL + NaOH 2M 2mL',
      'glucose 0.5M 2mL',
      'heat 80',
    );
    expect(hot.state.solids).toMatchObject([{ formula: 'Cu2O' }]);
    // Half a mole of oxide to a mole of copper: 0.1 mmol, 14.3 mg (IUPAC atomic weights).
    expect(hot.state.solids[0]?.massG).toBeCloseTo(0.0143, 3);
  });

  it('nitrous acid and urea give as much nitrogen as carbon dioxide twice', () => {
    expect(gases('NaNO2 0.2M 2mL + HCl 1M 1mL', 'urea 0.5M 2mL')).toContain('N2');
    expect(equationsOf(lastOf('I2 0.01M 2mL', 'ascorbic acid 0.1M 1mL'))[0]).toMatch(/C6H6O6/);
  });

  it('chlorine water bleaches litmus, and starch keeps its colour', () => {
    expect(lastOf('Cl2 0.05M 2mL', 'litmus 5drops').state.colour).toMatch(/colourless|pale yellow/);
    expect(lastOf('Cl2 0.05M 2mL + KI 0.01M 1mL', 'starch 3drops').notPredicted).toEqual([]);
  });
});
