import { describe, expect, it } from 'vitest';
import { cellCautions } from '../src/studies/electrolysis/cellCautions';
import { changingSpecies } from '../src/studies/electrolysis/changingSpecies';
import { predictCell } from '../src/studies/electrolysis/predictCell';
import {
  brineCell,
  currentOf,
  likelyMetal,
  readyCells,
  requestOf,
} from '../src/studies/electrolysis/typedCell';
import type { TypedCell } from '../src/studies/electrolysis/typedCell';

const ready = (name: string): TypedCell => {
  const part = readyCells[name];
  if (!part) throw new Error(`No cell ${name}.`);
  return { ...brineCell, ...part };
};
const predicted = (typed: TypedCell, school: 'potentials' | 'ruleOfThumb' = 'potentials') =>
  predictCell(requestOf(typed), currentOf(typed, school));
const main = ({ products }: { readonly products: readonly { readonly formula: string }[] }) =>
  products[0]?.formula;

describe('a cell as it is typed', () => {
  it('is taken by the core, for every cell that is ready', () => {
    for (const part of Object.values(readyCells))
      expect(requestOf({ ...brineCell, ...part }).cathode).toBe({ ...brineCell, ...part }.cathode);
  });

  it('may leave out what is not known', () => {
    const request = requestOf({ ...brineCell, volumeMl: '', areaCm2: '', indicator: '' });
    expect(request.volumeMl).toBeUndefined();
    expect(request.areaCm2).toBeUndefined();
    expect(request.indicator).toBeUndefined();
  });

  it('is a melt without a temperature of its own and without an indicator', () => {
    const request = requestOf({ ...brineCell, kind: 'melt', molten: 'NaCl' });
    expect(request.electrolyte).toEqual({ molten: 'NaCl' });
    expect(request.temperatureC).toBeUndefined();
    expect(request.indicator).toBeUndefined();
  });

  it.each([
    [{ salts: [{ substance: 'NaCl', concentrationM: '' as const }] }, /concentrationM/],
    [{ salts: [{ substance: 'NaCl', concentrationM: 400 }] }, /decimal point/],
    [{ salts: [{ substance: ' ', concentrationM: 1 }] }, /Name a substance/],
    [{ gapCm: 0 }, /must not touch/],
    [{ temperatureC: -5 }, /0 °C or above/],
    [{ volumeMl: 0.01 }, /at least a drop/],
    [{ cathode: '' }, /made of/],
  ])('names the field that cannot be: %j', (part, words) =>
    expect(() => requestOf({ ...brineCell, ...part })).toThrow(words),
  );
});

describe('a current as it is typed', () => {
  it('is in amperes, its time in seconds, and its gases are caught over water', () => {
    expect(currentOf({ ...brineCell, currentA: 0.5, minutes: 2 }, 'potentials')).toMatchObject({
      currentA: 0.5,
      timeS: 120,
      school: 'potentials',
      conditions: { temperatureC: 22, overWater: true },
    });
  });

  it('may be left open', () => {
    const current = currentOf({ ...brineCell, currentA: '', minutes: '' }, 'ruleOfThumb');
    expect(current.currentA).toBeUndefined();
    expect(current.timeS).toBeUndefined();
  });

  it.each([
    [{ currentA: -0.2 }, /leads are swapped/],
    [{ currentA: 0 }, /above 0 A/],
    [{ minutes: 0 }, /above 0 min/],
    [{ minutes: -3 }, /above 0 min/],
  ])('is not below nothing: %j', (part, words) =>
    expect(() => currentOf({ ...brineCell, ...part }, 'potentials')).toThrow(words),
  );
});

// General chemistry textbooks (Zumdahl; Brown; OpenStax Chemistry 2e, 17.7), and the school tables of discharge.
describe('the cells that are ready, against textbooks', () => {
  it.each([
    ['Brine', 'H2', 'Cl2'],
    ['Copper sulfate, copper strips', 'Cu', 'Cu^2+'],
    ['Copper sulfate, graphite rods', 'Cu', 'O2'],
    ['Water for two gases', 'H2', 'O2'],
    ['Zinc on a plate', 'Zn', 'Zn^2+'],
    ['Potassium iodide', 'H2', 'I2'],
    ['One drop of brine', 'H2', 'Cl2'],
  ])('%s: %s at minus, %s at plus', (name, atCathode, atAnode) => {
    const { cathode, anode } = predicted(ready(name));
    expect(main(cathode)).toBe(atCathode);
    expect(main(anode)).toBe(atAnode);
  });

  it('a quarter of an ampere for a quarter of an hour: 0.0741 g of copper (M·I·t/zF)', () => {
    const { cathode } = predicted(ready('Copper sulfate, copper strips'));
    // 63.546 g/mol · 0.25 A · 900 s / (2 · 96 485 C/mol)
    expect(cathode.products[0]?.massG).toBeCloseTo(0.0741, 4);
  });

  it('80 mA for 20 min: 12.4 mL of hydrogen over water at 22 °C and 101.325 kPa', () => {
    const { cathode } = predicted(ready('Water for two gases'));
    // 96 C / (2 · 96 485 C/mol) = 0.4975 mmol; (101.325 − 2.64) kPa at 295.15 K: 24.87 mL/mmol
    expect(cathode.products[0]?.volumeMl).toBeCloseTo(12.37, 1);
  });
});

describe('the rule of thumb, as schools teach it', () => {
  it('has hydrogen come before zinc, and steel dissolve at plus', () => {
    expect(main(predicted(ready('Zinc on a plate'), 'ruleOfThumb').cathode)).toBe('H2');
    expect(main(predicted(ready('Water for two gases'), 'ruleOfThumb').anode)).toBe('Fe^2+');
  });
});

describe('the metal worth weighing', () => {
  const of = (anode: string, ...salts: string[]) =>
    likelyMetal({ anode, salts: salts.map((substance) => ({ substance, concentrationM: 1 })) });

  it.each([
    ['copper', ['CuSO4'], 'Cu'],
    ['graphite', ['CuSO4'], 'Cu'],
    ['zinc', ['H2SO4', 'ZnSO4'], 'Zn'],
    ['graphite', ['AgNO3'], 'Ag'],
    // What plus is made of goes before what is dissolved.
    ['nickel', ['CuSO4'], 'Ni'],
  ] as const)('of %s in %j is %s', (anode, salts, metal) =>
    expect(of(anode, ...salts)).toBe(metal),
  );

  it.each([[['NaCl']], [['H2SO4']], [['C12H22O11']], [['copper']]])('is none in %j', (salts) =>
    expect(of('graphite', ...salts)).toBeUndefined(),
  );

  it('is not read out of the middle of a formula', () =>
    expect(of('graphite', 'KAg(CN)2')).toBeUndefined());
});

describe('cautions at a cell', () => {
  const codes = (cathode: readonly string[], anode: readonly string[]) => {
    const made = (formulae: readonly string[]) =>
      ({ products: formulae.map((formula) => ({ formula })) }) as never;
    return cellCautions({ cathode: made(cathode), anode: made(anode) }).map(({ code }) => code);
  };

  it('begin with what explodes, and end with the rules of the place', () =>
    expect(codes(['H2'], ['Cl2'])).toEqual(['mixedGases', 'chlorine', 'circuit', 'rules']));

  it('warn of a mixture of hydrogen and oxygen', () =>
    expect(codes(['H2'], ['O2'])).toEqual(['mixedGases', 'circuit', 'rules']));

  it('warn of bromine', () => expect(codes(['Cu'], ['Br2'])).toContain('bromine'));

  it('are only the switch and the rules where metal goes over', () =>
    expect(codes(['Cu'], ['Cu^2+'])).toEqual(['circuit', 'rules']));
});

describe('what changes in the liquid', () => {
  it('is told largest first, and water is left out', () => {
    const course = [
      { speciesM: { 'Na^+': 1, 'Cl^-': 1, 'OH^-': 0, H2O: 55 } },
      { speciesM: { 'Na^+': 1, 'Cl^-': 0.8, 'OH^-': 0.15, H2O: 54 } },
    ];
    expect(changingSpecies(course)).toEqual(['Cl^-', 'OH^-']);
  });

  it('counts the widest change on the way, not the one at the end', () => {
    const course = [
      { speciesM: { A: 0 } },
      { speciesM: { A: 0.3, B: 0.1 } },
      { speciesM: { B: 0.2 } },
    ];
    expect(changingSpecies(course)).toEqual(['A', 'B']);
  });

  it('is at most five species, and nothing where nothing moves', () => {
    const many = Object.fromEntries(['a', 'b', 'c', 'd', 'e', 'f'].map((one, at) => [one, at + 1]));
    expect(changingSpecies([{ speciesM: {} }, { speciesM: many }])).toHaveLength(5);
    expect(changingSpecies([{ speciesM: many }, { speciesM: many }])).toEqual([]);
    expect(changingSpecies([])).toEqual([]);
  });

  it('of brine is hydroxide gained and chloride lost (Downs and chlor-alkali textbooks)', () => {
    const { run } = predicted(brineCell);
    const changing = changingSpecies(run.course);
    expect(changing).toContain('OH^-');
    expect(changing).toContain('Cl^-');
    expect(changing).not.toContain('H2O');
  });
});
