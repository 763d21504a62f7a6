import { describe, expect, it } from 'vitest';
import { roomConditions } from '../src/studies/electrolysis/gasVolume';
import {
  currentTries,
  firstPlan,
  gasesOf,
  plannedCoat,
  plannedTube,
  plannedTubes,
  platedBy,
  supplyOf,
  usualTimeS,
} from '../src/studies/electrolysis/typedPlan';
import type { MadeGas, TypedPlan } from '../src/studies/electrolysis/typedPlan';
import type { CellCurrent } from '../src/studies/electrolysis/predictCell';

const plan = (part: Partial<TypedPlan> = {}): TypedPlan => ({ ...firstPlan, ...part });
const hydrogen: MadeGas = { formula: 'H2', where: 'minus', share: 1 };
const oxygen: MadeGas = { formula: 'O2', where: 'plus', share: 1 };
const current = (part: Partial<CellCurrent> = {}): CellCurrent => ({
  school: 'potentials',
  conditions: { ...roomConditions, temperatureC: 25, overWater: true },
  ...part,
});
const cell = (cathode: readonly [string, number][], anode: readonly [string, number][]) => {
  const side = (made: readonly [string, number][]) =>
    ({ products: made.map(([formula, share]) => ({ formula, share })) }) as never;
  return { cathode: side(cathode), anode: side(anode) };
};

describe('the gases of a cell', () => {
  it('are those that can be caught, minus first, each with its share', () =>
    expect(
      gasesOf(
        cell(
          [['H2', 1]],
          [
            ['Cl2', 0.7],
            ['O2', 0.3],
          ],
        ),
      ),
    ).toEqual([
      { formula: 'H2', where: 'minus', share: 1 },
      { formula: 'Cl2', where: 'plus', share: 0.7 },
      { formula: 'O2', where: 'plus', share: 0.3 },
    ]));

  it('are none where metal goes over', () =>
    expect(gasesOf(cell([['Cu', 1]], [['Cu^2+', 1]]))).toEqual([]));
});

describe('a tube as it is typed', () => {
  const dry = (part: Partial<TypedPlan>) => plan({ tube: 'volume', overWater: false, ...part });

  it('of 24.5 mL of hydrogen needs a millimole: 193 C at 25 °C and 101.3 kPa (Faraday; ideal gas)', () => {
    // 8.314 J/(mol K) · 298.15 K / 101.3 kPa = 24.47 L/mol; 2 · 96 485 C/mol
    const { tubeMl, gasPlan } = plannedTube(
      dry({ tubeMl: 24.47 }),
      hydrogen,
      [hydrogen],
      current({ currentA: 0.2 }),
    );
    expect(tubeMl).toBe(24.47);
    expect(gasPlan.chargeC).toBeCloseTo(192.97, 0);
    expect(gasPlan.timeS).toBeCloseTo(964.9, -1);
  });

  it('takes a gentle current or ten minutes where none is set', () => {
    const open = dry({ tubeMl: 20 });
    expect(plannedTube(open, hydrogen, [hydrogen], current()).gasPlan.currentA).toBe(0.1);
    const asked = plannedTube({ ...open, find: 'current' }, hydrogen, [hydrogen], current());
    expect(asked.gasPlan.timeS).toBe(usualTimeS);
    expect(asked.gasPlan.currentA).toBeGreaterThan(0.1);
  });

  it('needs more time where only a part of the current makes the gas', () => {
    const of = (share: number) =>
      plannedTube(dry({}), { ...hydrogen, share }, [hydrogen], current({ currentA: 0.2 })).gasPlan
        .timeS ?? 0;
    expect(of(0.5) / of(1)).toBeCloseTo(2, 6);
  });

  it('is as large as a cylinder with half a ball at its end, by a ruler', () => {
    // r 0.7 cm, 12 cm long: π r² (12 − 0.7) + ⅔ π r³
    const { tubeMl } = plannedTube(
      plan({ tube: 'ruler', innerMm: 14, lengthMm: 120, round: true }),
      hydrogen,
      [hydrogen],
      current(),
    );
    expect(tubeMl).toBeCloseTo(Math.PI * 0.49 * 11.3 + (2 / 3) * Math.PI * 0.343, 6);
  });

  it('tells the pair only where both gases of water come', () => {
    const with2 = plannedTube(dry({}), hydrogen, [hydrogen, oxygen], current());
    expect(with2.pair?.ratio).toBeCloseTo(2, 6);
    expect(plannedTube(dry({}), hydrogen, [hydrogen], current()).pair).toBeUndefined();
  });

  it.each([
    [{ tube: 'volume', tubeMl: '' }, /volume of the tube is empty/],
    [{ tube: 'volume', tubeMl: 0 }, /volume of the tube is 0/],
    [{ tube: 'ruler', innerMm: '' }, /inside of the tube/],
    [{ tube: 'ruler', lengthMm: -1 }, /length of the tube/],
    [{ pressureKPa: '' }, /air pressure/],
  ] as const)('names what is missing: %j', (part, words) =>
    expect(() => plannedTube(plan(part), hydrogen, [hydrogen], current())).toThrow(words),
  );
});

describe('the tubes of a day', () => {
  const tube = plannedTube(
    plan({ tube: 'volume', tubeMl: 20 }),
    hydrogen,
    [hydrogen, oxygen],
    current({ currentA: 0.2 }),
  );

  it('begin with each class, so far apart as was typed', () => {
    const { lines, clashes } = plannedTubes(plan({ classes: 2, apartMin: 50 }), tube);
    expect(
      lines.filter(({ what }) => what.includes('current on')).map(({ atMin }) => atMin),
    ).toEqual([0, 50]);
    expect(clashes).toEqual([]);
  });

  it('clash where one class runs into the next', () =>
    expect(plannedTubes(plan({ classes: 2, apartMin: 5 }), tube).clashes).not.toEqual([]));

  it('say that the solution is renewed once metal shows in it', () => {
    const said = (renew?: number) =>
      plannedTubes(plan({ classes: 3 }), tube, renew).lines.some(({ what }) =>
        what.includes('taken up metal'),
      );
    expect(said()).toBe(false);
    expect(said(20)).toBe(true);
  });

  it('are none without a class, and at most a dozen', () => {
    expect(plannedTubes(plan({ classes: '' }), tube).lines).toEqual([]);
    expect(plannedTubes(plan({ classes: -2 }), tube).lines).toEqual([]);
    const most = plannedTubes(plan({ classes: 99, apartMin: 60 }), tube).lines;
    expect(Math.max(...most.map(({ classNumber }) => classNumber))).toBe(12);
  });
});

describe('a coat as it is typed', () => {
  it('of zinc at 400 A/m² on 7.5 cm × 8 cm for an hour: 2.4 A and 2.93 g (Faraday)', () => {
    const coat = plannedCoat(plan(), 1);
    expect(coat.areaCm2).toBe(60);
    expect(coat.currentA).toBeCloseTo(2.4, 6);
    // 65.38 g/mol · 8640 C / (2 · 96 485 C/mol)
    expect(coat.theoryG).toBeCloseTo(2.927, 2);
    // 2.927 g / 7.14 g/cm³ / 60 cm² (density of zinc, CRC Handbook)
    expect(coat.thicknessUm).toBeCloseTo(68, 0);
  });

  it('is twice the area with both faces', () =>
    expect(plannedCoat(plan({ faces: '2' }), 1).areaCm2).toBe(120));

  it('expects the share that makes metal', () => {
    const { theoryG, expectedG } = plannedCoat(plan(), 0.8);
    expect(expectedG / theoryG).toBeCloseTo(0.8, 9);
  });

  it.each([
    [{ widthCm: '' }, /width/],
    [{ heightCm: 0 }, /height/],
    [{ densityAPerM2: '' }, /current density/],
    [{ depositMin: '' }, /time/],
    [{ everyMin: 0 }, /interval/],
    [{ metal: 'Na' }, /Na/],
  ] as const)('names what cannot be: %j', (part, words) =>
    expect(() => plannedCoat(plan(part), 1)).toThrow(words),
  );

  it.each([
    ['Cu', 'Cu'],
    ['H2', undefined],
    ['Ag', 'Ag'],
  ])('of a cell that makes %s at minus is %s', (made, metal) =>
    expect(platedBy(cell([[made, 1]], []))).toBe(metal),
  );
});

describe('a supply as it is typed', () => {
  it('is batteries in series, each with what is inside it', () => {
    expect(supplyOf(plan({ cells: 3, eachV: 9, eachOhm: 1.5 }))).toEqual({
      cells: 3,
      eachV: 9,
      eachOhm: 1.5,
    });
    expect(supplyOf(plan({ eachOhm: '' }))).toMatchObject({ eachOhm: 2 });
    expect(supplyOf(plan({ eachOhm: -1 }))).toMatchObject({ eachOhm: 0 });
    expect(supplyOf(plan({ cells: 2.4 }))).toMatchObject({ cells: 2 });
  });

  it('is a voltage, with its limit where it has one', () => {
    expect(supplyOf(plan({ supply: 'supply', supplyV: 12, limitA: '' }))).toEqual({ supplyV: 12 });
    expect(supplyOf(plan({ supply: 'supply', supplyV: 12, limitA: 2 }))).toEqual({
      supplyV: 12,
      limitA: 2,
    });
  });

  it.each([
    { cells: '' },
    { cells: 0 },
    { cells: 21 },
    { eachV: 0 },
    { cells: 7, eachV: 9 },
    { supply: 'supply', supplyV: '' },
    { supply: 'supply', supplyV: 61 },
  ] as const)('is none that drives nothing, or that can kill: %j', (part) =>
    expect(supplyOf(plan(part))).toBeUndefined(),
  );
});

describe('what more of one thing would do', () => {
  const request = {
    electrolyte: [{ substance: 'Na2SO4', concentrationM: 0.35 }],
    cathode: 'graphite',
    anode: 'graphite',
    gapCm: 4,
  };

  it('is the cell as it is, then one change at a time', () => {
    const [base, ...others] = currentTries(request, 10, { cells: 2, eachV: 9, eachOhm: 2 });
    expect(base).toMatchObject({ name: 'as set', gapCm: 4, areaCm2: 10 });
    expect(others.map(({ name }) => name)).toEqual([
      'twice the batteries in series',
      'twice the concentration',
      'half the gap',
      'twice the area',
    ]);
    expect(others[0]?.supply).toMatchObject({ cells: 4, eachV: 9 });
    expect(others[1]?.request.electrolyte).toEqual([{ substance: 'Na2SO4', concentrationM: 0.7 }]);
    expect(others[2]?.gapCm).toBe(2);
    expect(others[3]?.areaCm2).toBe(20);
  });

  it('never goes past what is safe or can be dissolved', () => {
    const strong = { ...request, electrolyte: [{ substance: 'KOH', concentrationM: 15 }] };
    const tries = currentTries(strong, 10, { supplyV: 40, limitA: 3 });
    expect(tries[1]).toMatchObject({
      name: 'twice the voltage',
      supply: { supplyV: 60, limitA: 3 },
    });
    expect(tries[2]?.request.electrolyte).toEqual([{ substance: 'KOH', concentrationM: 20 }]);
  });

  it('takes the gap of a beaker where none is set, and leaves a melt as it is', () => {
    const melt = { ...request, electrolyte: { molten: 'PbBr2' }, gapCm: undefined };
    const tries = currentTries(melt, 10, { supplyV: 12 });
    expect(tries[0]?.gapCm).toBe(3);
    expect(tries[2]?.request).toBe(melt);
  });
});
