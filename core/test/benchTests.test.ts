import { compareOutcomes, outcomeShows, readGasTest } from '../src/seeing/observation/outcomes';
import { describe, expect, test } from 'vitest';
import { mix } from '../src/seeing/rack/mix';
import type { Observation } from '../src/seeing/observation/observation';
import { gasesAbove } from '../src/seeing/benchTests/gasAbove';
import { sourcesOfTest, testNames } from '../src/seeing/benchTests/performTest';
import { act, setUp } from '../src/vessel/act';
import { flameColours } from '../src/matter/substances/data/flameColours';
import { densityAgainstAir, gasDensityGPerL } from '../src/matter/substances/gas';
import { gasProperties } from '../src/matter/substances/data/gasProperties';
import { molarMassOf } from '../src/matter/formula/molarMass';
import { lastOf, portion } from './support/bench';

/** What a test shows on a test tube that holds some portions. */
function shown(contents: string, test: string): Observation {
  const { steps } = mix({
    vessel: { contents: contents === '' ? [] : contents.split(' + ').map(portion) },
    actions: [{ do: 'test', test }],
  });
  const [found] = steps.at(-1)?.observations ?? [];
  if (!found) throw new Error(`${test} showed nothing.`);
  return found;
}
const result = (...args: Parameters<typeof shown>): string => {
  const found = shown(...args);
  return 'result' in found ? found.result : '';
};

describe('gas tests (any general chemistry text: the table of tests for common gases)', () => {
  test.each<[string, string, string, RegExp]>([
    ['hydrogen pops', 'Zn 0.5g + HCl 2M 8mL', 'litSplint', /squeaky pop/],
    ['oxygen relights an ember', 'H2O2 3M 5mL + MnO2 0.1g', 'glowingSplint', /^relights$/],
    ['oxygen feeds a flame', 'H2O2 3M 5mL + MnO2 0.1g', 'litSplint', /more brightly/],
    ['carbon dioxide puts a flame out', 'CaCO3 0.5g + HCl 2M 8mL', 'litSplint', /^goes out$/],
    [
      'carbon dioxide clouds lime water, excess clears it',
      'CaCO3 0.5g + HCl 2M 8mL',
      'limewater',
      /milky, then clears/,
    ],
    ['a little carbon dioxide only clouds it', 'CO2 0.05mmol', 'limewater', /^turns milky$/],
    ['hydrogen leaves lime water clear', 'Zn 0.5g + HCl 2M 8mL', 'limewater', /stays clear/],
    [
      'carbon dioxide reddens damp blue litmus',
      'CaCO3 0.5g + HCl 2M 8mL',
      'dampBlueLitmus',
      /turns red/,
    ],
    [
      'chlorine reddens, then bleaches',
      'NaClO 1M 3mL + HCl 6M 3mL',
      'dampBlueLitmus',
      /turns red, then is bleached/,
    ],
    ['chlorine sets iodine free', 'NaClO 1M 3mL + HCl 6M 3mL', 'starchIodidePaper', /blue-black/],
    ['ammonia turns red litmus blue', 'NH4Cl 2M 3mL + NaOH 2M 3mL', 'dampRedLitmus', /turns blue/],
    [
      'ammonia leaves blue litmus blue',
      'NH4Cl 2M 3mL + NaOH 2M 3mL',
      'dampBlueLitmus',
      /stays blue/,
    ],
    [
      'sulfur dioxide turns dichromate green',
      'Na2SO3 1M 3mL + HCl 6M 3mL',
      'dichromatePaper',
      /turns green/,
    ],
    [
      'sulfur dioxide decolours permanganate',
      'Na2SO3 1M 3mL + HCl 6M 3mL',
      'permanganatePaper',
      /colourless/,
    ],
    [
      'sulfur dioxide decolours bromine water',
      'Na2SO3 1M 3mL + HCl 6M 3mL',
      'bromineWater',
      /decolourised/,
    ],
    [
      'hydrogen sulfide blackens lead acetate',
      'FeS 1g + HCl 6M 5mL',
      'leadAcetatePaper',
      /turns black/,
    ],
    ['hydrogen sulfide burns', 'FeS 1g + HCl 6M 5mL', 'litSplint', /catches fire/],
    ['ethene decolours bromine water', 'C2H4 1mmol', 'bromineWater', /decolourised/],
    ['its saturated control does not', 'C2H6 1mmol', 'bromineWater', /keeps/],
    ['nitrogen dioxide reddens litmus', 'Cu 0.2g + HNO3 3mL', 'dampBlueLitmus', /turns red/],
    ['nitrogen puts an ember out', 'N2 2mmol', 'glowingSplint', /goes out/],
    ['air does nothing', 'NaCl 0.1M 5mL', 'litSplint', /as in air/],
  ])('%s', (_what, contents, name, wanted) => {
    expect(result(contents, name)).toMatch(wanted);
  });

  test('hydrogen burns quietly when there is no air left in it', () => {
    expect(result('Zn 2g + HCl 6M 10mL', 'litSplint')).toMatch(/quietly/);
  });

  test('nitrogen monoxide is told as what air makes of it', () => {
    const { vessel } = setUp({ contents: 'Cu 0.5g + HNO3 4M 5mL'.split(' + ').map(portion) });
    expect(gasesAbove(vessel).map(({ formula }) => formula)).toContain('NO2');
  });

  test('a test leaves the vessel as it is', () => {
    const before = setUp({ contents: ['CaCO3 0.5g', 'HCl 2M 8mL'].map(portion) });
    for (const name of testNames) {
      const { vessel, reactions, gasEvolved } = act(before.vessel, { do: 'test', test: name });
      expect(vessel.phases.solids).toEqual(before.vessel.phases.solids);
      expect(vessel.phases.gas).toEqual(before.vessel.phases.gas);
      expect([reactions, gasEvolved]).toEqual([[], {}]);
    }
  });

  test('every test says where its facts come from', () => {
    for (const name of testNames) expect(sourcesOfTest(name).length).toBeGreaterThan(0);
    expect(sourcesOfTest('flame')[0]).toMatchObject({ title: expect.stringMatching(/Vogel/) });
  });

  test('an unknown test is answered with those there are', () => {
    expect(() => result('HCl 2M 8mL', 'cobaltGlass')).toThrow(/is not a test/);
  });

  test('a smell is a caution and never an instruction', () => {
    const smell = lastOf('FeS 1g + HCl 2M 8mL').warnings.find(({ code }) => code === 'smell');
    expect(smell?.message).toMatch(/rotten eggs.*Do not smell/s);
  });
});

describe('flame colours (Vogel’s Qualitative Inorganic Analysis)', () => {
  test.each<[string, string, string, RegExp]>([
    ['lithium', 'LiCl 1M 2mL', 'red', /crimson/],
    ['strontium', 'SrCl2 1M 2mL', 'red', /crimson/],
    ['calcium', 'CaCl2 1M 2mL', 'orange', /brick red/],
    ['barium', 'BaCl2 1M 2mL', 'yellow-green', /apple green/],
    ['copper', 'CuSO4 0.5M 2mL', 'blue-green', /blue-green/],
    ['potassium', 'KCl 1M 2mL', 'pale violet', /lilac/],
    ['sodium hides potassium', 'KCl 1M 2mL + NaCl 0.1M 2mL', 'bright yellow', /hides K\^\+/],
    ['a solid in the loop', 'SrCO3 0.5g', 'red', /crimson/],
  ])('%s', (_what, contents, colour, words) => {
    expect(shown(contents, 'flame')).toMatchObject({ kind: 'flame', colour });
    expect(result(contents, 'flame')).toMatch(words);
  });

  test('ammonium chloride has none', () => {
    expect(shown('NH4Cl 1M 2mL', 'flame')).not.toHaveProperty('colour');
  });
});

describe('a magnet', () => {
  test('draws iron out of sulfur', () => {
    const mixture = 'Fe 1g + S 1g';
    expect(shown(mixture, 'magnet')).toMatchObject({ attracts: true });
    expect(result(mixture, 'magnet')).toMatch(/leaves S/);
  });

  test('on a solution is answered in words', () => {
    expect(result('FeSO4 1M 5mL', 'magnet')).toMatch(/no solid in the liquid/);
    expect(result('', 'magnet')).toMatch(/holds no solid/);
  });
});

describe('density of gases (CRC Handbook, g/L at 0 °C and 1 atm)', () => {
  test.each([
    ['H2', 0.0899],
    ['CH4', 0.717],
    ['NH3', 0.771],
    ['N2', 1.25],
    ['O2', 1.429],
    ['H2S', 1.539],
    ['HCl', 1.639],
    ['CO2', 1.977],
    ['SO2', 2.926],
    ['Cl2', 3.214],
  ])('%s: %d, within 3 %%', (formula, gPerL) => {
    expect(Math.abs(gasDensityGPerL(formula, 0) / gPerL - 1)).toBeLessThan(0.03);
  });

  test('lighter and heavier than air (common practice)', () => {
    for (const formula of ['H2', 'CH4', 'NH3', 'C2H2', 'N2', 'CO'])
      expect(densityAgainstAir(formula), formula).toBeLessThan(1);
    for (const formula of ['O2', 'CO2', 'SO2', 'Cl2', 'HCl', 'H2S', 'NO2', 'C3H8'])
      expect(densityAgainstAir(formula), formula).toBeGreaterThan(1);
  });
});

describe('the tables', () => {
  test('hold at least 25 gases and 15 flame colours, each once and with a source', () => {
    expect(gasProperties.length).toBeGreaterThanOrEqual(25);
    expect(flameColours.length).toBeGreaterThanOrEqual(15);
    for (const rows of [
      gasProperties.map(({ formula }) => formula),
      flameColours.map(({ ion }) => ion),
    ])
      expect(new Set(rows).size).toBe(rows.length);
    for (const { formula, sources } of gasProperties) {
      expect(sources.length).toBeGreaterThan(0);
      expect(molarMassOf(formula)).toBeGreaterThan(2);
    }
  });
});

describe('the outcome of a test, as people say it', () => {
  test.each([
    ['litSplint', 'pop', 'squeaky pop'],
    ['litSplint', 'burns brightly', 'burns more brightly'],
    ['litSplint', 'goes out', 'goes out'],
    ['glowingSplint', 'relights', 'relights'],
    ['glowingSplint', 'rekindled', 'relights'],
    ['limewater', 'milky', 'turns milky'],
    ['limewater', 'goes cloudy', 'turns milky'],
    ['limewater', 'milky, then clears again', 'turns milky, then clears with excess gas'],
    ['limewater', 'no change', 'stays clear'],
    ['dampRedLitmus', 'blue', 'turns blue'],
    ['dampBlueLitmus', 'bleached', 'turns red, then is bleached white'],
    ['dampBlueLitmus', 'red', 'turns red'],
    ['starchIodidePaper', 'blue-black', 'turns blue-black'],
    ['bromineWater', 'decolorised', 'is decolourised'],
    ['permanganatePaper', 'stays violet', 'stays purple'],
  ])('%s: “%s” is %s', (name, words, result) => {
    expect(readGasTest(name, words)).toBe(result);
  });
  test('is of one kind, or another', () => {
    expect(compareOutcomes('limewater', 'turns milky', 'milky, then clears again')).toBe('near');
    expect(compareOutcomes('dampRedLitmus', 'turns blue', 'stays red')).toBe('differs');
    expect(outcomeShows('limewater', 'stays clear')).toBe('nothing');
    expect(outcomeShows('dampRedLitmus', 'bleached')).toBe('reaction');
  });
});
